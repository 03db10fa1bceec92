import { api, type LoggedBowl, type WearLog } from '@amber-ladle/contract';
import { ApiError, call } from './client';

/** A page of the log as it was written here, on its way to the server. */
export interface NoteHeld {
  readonly kind: 'note';
  readonly pressId: string;
  readonly pressedAt: number;
  readonly bowlId: string;
  readonly headId: string;
  /** Of the page that was written on. */
  readonly version: number;
  /** The whole page. */
  readonly log: WearLog;
  /** What of it was changed. */
  readonly part: Partial<WearLog>;
}

/** What was changed, said again on a page that somebody else turned meanwhile. */
const saidAgain = (log: WearLog, part: Partial<WearLog>): WearLog => ({
  ...log,
  ...part,
  said: { ...log.said, ...part.said },
});

/** Tells a page; where another device turned it meanwhile, theirs stays and what was changed here is said again on it. */
export async function tellNote({ bowlId, headId, version, log, part }: NoteHeld): Promise<LoggedBowl> {
  const params = { id: bowlId, headId };
  try {
    return await call(api.notes.write, { params, body: { version, log } });
  } catch (error) {
    const current = error instanceof ApiError && error.problem.status === 409 ? error.problem.current : undefined;
    if (!current) throw error;
    const theirs = current as LoggedBowl;
    const body = { version: theirs.version, log: saidAgain(theirs.log, part) };
    return call(api.notes.write, { params, body });
  }
}

/** A page that waits behind one that was just told: it goes on from the answer. */
export function after(waiting: NoteHeld, told: NoteHeld, answer: LoggedBowl): NoteHeld {
  if (waiting.bowlId !== told.bowlId || waiting.headId !== told.headId) return waiting;
  // Where nobody else wrote, the page stands as it was left here; what was unsaid stays unsaid.
  const isOurs = answer.version === told.version + 1;
  return { ...waiting, version: answer.version, log: isOurs ? waiting.log : saidAgain(answer.log, waiting.part) };
}
