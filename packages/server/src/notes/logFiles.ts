import { message, type Message } from '@amber-ladle/core/message';
import { faultsOf, checked, wearLogSchema, type FileAnswer } from '@amber-ladle/contract';
import { ValidationError } from 'yup';
import { logFromCsv, logToCsv, type FiledLog, type RowFault } from '@amber-ladle/core/exchange';
import { WearLogEntity } from './table';
import { Refusal } from '../kernel/refusal';
import { inWords } from '../kernel/fileFaults';
import { readerIn } from '../household';
import type { Household } from '../kernel/household';
import { checkLasted, logsOfBowl, READ_LOGS, toLogged } from './logs';

/** The whole log as a table, the oldest first. */
export async function exportLog({ source }: Household): Promise<string> {
  const rows = await source.query<Parameters<typeof toLogged>[0][]>(`${READ_LOGS} ORDER BY w.at, w.bowl_id, w.head_id`);
  return logToCsv(
    rows.map(toLogged).map(({ bowlId, headId, at, facts, log }) => ({
      bowlId,
      headId,
      at,
      log,
      headName: facts.headName,
      maskName: facts.maskName,
      madeMillilitres: facts.madeMillilitres,
    })),
  );
}

/**
 * Reads a table of the log over what is written: looked over first, then all of it or nothing. Bowls themselves do not
 * come in this way, since a line of a table does not hold what one was made from.
 * @param isForReal false looks it over and changes nothing
 */
export async function importLog(household: Household, text: string, isForReal: boolean): Promise<FileAnswer> {
  const { rows, faults } = logFromCsv(text);
  const answer = { kind: 'bowls' as const, rows: rows.length };
  const pages = new Map<string, Awaited<ReturnType<typeof logsOfBowl>>>();
  const found = inWords(
    faults.length > 0 ? faults : await rowFaults(household, rows, pages),
    await readerIn(household),
  );
  if (found.length > 0 || rows.length === 0 || !isForReal) return { ...answer, faults: found, isDone: false };
  await household.writes.run(['notes'], async (manager) => {
    for (const { bowlId, headId, log } of rows) {
      const page = pages.get(bowlId)?.find((one) => one.headId === headId);
      if (!page) continue;
      const before = await manager.findOneBy(WearLogEntity, { bowlId, headId });
      const version = (before?.version ?? 0) + 1;
      const { at, facts } = before ?? page;
      await manager.save(WearLogEntity, { bowlId, headId, at, facts, version, body: log });
    }
  });
  return { ...answer, faults: [], isDone: true };
}

async function rowFaults(
  household: Household,
  rows: readonly FiledLog[],
  pages: Map<string, Awaited<ReturnType<typeof logsOfBowl>>>,
): Promise<RowFault[]> {
  const faults: RowFault[] = [];
  const seen = new Set<string>();
  for (const [i, { bowlId, headId, log }] of rows.entries()) {
    const line = i + 2;
    const fault = (column: string, what: Message): unknown => faults.push({ line, column, what });
    if (seen.has(`${bowlId} ${headId}`)) fault('bowl_id', message('refusal.stands-twice'));
    seen.add(`${bowlId} ${headId}`);
    // The same as on the screen: what could not be said there would make a log that no copy brings back.
    for (const [path, what] of againstTheScreen(log)) fault(columnOf(path), what);
    try {
      if (!pages.has(bowlId)) pages.set(bowlId, await logsOfBowl(household, bowlId));
      const page = pages.get(bowlId)?.find((one) => one.headId === headId);
      if (page) checkLasted(log, page);
      else fault('head_id', message('refusal.was-not-for-this-head'));
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      if (error.kind === 'not-found') fault('bowl_id', message('refusal.no-such-bowl-here'));
      else fault('left_ml', error.what);
    }
  }
  return faults;
}

function againstTheScreen(log: FiledLog['log']): readonly [string, Message][] {
  try {
    checked(wearLogSchema, log);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Object.entries(faultsOf(error));
  }
}

/** Columns by what they say of a log, where they are not called alike. */
const COLUMNS: Readonly<Record<string, string>> = {
  textureWas: 'texture_was',
  plateCentimetres: 'plate_cm',
  lasted: 'left_ml',
  shedCount: 'shed_count',
  toChange: 'to_change',
};
function columnOf(path: string): string {
  const [, quality] = /^said\.(.+)$/.exec(path) ?? [];
  return quality ?? COLUMNS[path] ?? path.replace(/\[.*$/, '');
}
