import { Clock } from '../kernel/clock';
import { message, type Message } from '@amber-ladle/core/message';
import { openDatabase } from '../schema/database';
import { FORMAT } from './fileSchema';
import { fill } from './fill';
import { HeldText } from './heldText';
import { tryOut, type Fault } from './trial';
import { emptyHousehold, openRaw } from './workshop';

interface LookOver {
  /** The household's file, in UTF-8. */
  readonly bytes: Uint8Array;
  /** The household that is open: an empty one is made after it. */
  readonly like: string;
  /** Where it is built up; nothing is there yet. */
  readonly to: string;
  /** ISO 8601. */
  readonly now: string;
}

/** Rows by table of what was built up; with faults it is of no use. */
export interface LookedOver {
  readonly counts: Record<string, number>;
  readonly faults: readonly { readonly line: number; readonly what: Message }[];
}

/** Builds a household up from its file, brings it up to date and uses it as screens would. */
export async function lookOver({ bytes, like, to, now }: LookOver): Promise<LookedOver> {
  const text = new HeldText(bytes);
  const refused = (faults: readonly Fault[]): LookedOver => ({
    counts: {},
    faults: faults.map(({ line, path, what }) => ({
      line: line === 0 && path.length > 0 ? text.lineOf(path) : line,
      what,
    })),
  });
  if (text.noJson) {
    const { line, code } = text.noJson;
    const what = code ? message('copy.no-json-from-here', { code }) : message('copy.no-json');
    return refused([{ path: [], line, what }]);
  }
  const { format, version } = (text.file ?? {}) as { readonly format?: unknown; readonly version?: unknown };
  if (format !== FORMAT) return refused([{ path: ['format'], line: 1, what: message('copy.no-household') }]);
  if (!(await emptyAfter(like, to, Number(version))))
    return refused([{ path: ['version'], line: 0, what: message('copy.unknown-version') }]);
  const filled = fill(to, text.file, Number(version));
  if (filled.faults.length > 0) return refused(filled.faults);
  // Opening brings it up to date.
  const source = await openDatabase(to);
  try {
    await source.query('PRAGMA synchronous = OFF');
    const faults = await tryOut(source, clockAt(now));
    await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
    return faults.length > 0
      ? refused(faults.map((one) => ({ ...one, path: ['tables', ...one.path] })))
      : { counts: filled.counts, faults: [] };
  } finally {
    await source.destroy();
  }
}

async function emptyAfter(like: string, to: string, version: number): Promise<boolean> {
  const open = openRaw(like, { readonly: true });
  try {
    return await emptyHousehold(open, to, version);
  } finally {
    open.close();
  }
}

/** The present of whoever asked. @param now ISO 8601 */
export function clockAt(now: string): Clock {
  const clock = new Clock();
  clock.set(now);
  return clock;
}
