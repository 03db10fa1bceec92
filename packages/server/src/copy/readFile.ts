import { join } from 'node:path';
import type { FileFault, HouseholdFileAnswer } from '@amber-ladle/contract';
import { openDatabase } from '../schema/database';
import type { Household } from '../kernel/household';
import { backUp } from './backups';
import { FORMAT } from './fileSchema';
import { FileOnThread } from './fileThread';
import { fill } from './fill';
import { replaceWith } from './replace';
import { tryOut, type Fault } from './trial';
import { emptyHousehold, inWorkshop } from './workshop';

/**
 * Reads a household's file: looked over first, built up and used in a copy, and only then put in the place of what is
 * here, after a backup. Files of older versions are brought up to date on the way. What is wrong is said with its line,
 * and nothing is ever half in.
 * @param bytes of the file, in UTF-8
 * @param isForReal false looks it over and changes nothing
 */
export async function readHouseholdFile(
  household: Household,
  bytes: Uint8Array,
  isForReal: boolean,
): Promise<HouseholdFileAnswer> {
  const file = new FileOnThread();
  try {
    return await inWorkshop((folder) => readIn(household, file, bytes, join(folder, 'copy.sqlite'), isForReal));
  } finally {
    await file.close();
  }
}

async function readIn(
  household: Household,
  file: FileOnThread,
  bytes: Uint8Array,
  copy: string,
  isForReal: boolean,
): Promise<HouseholdFileAnswer> {
  const refused = async (faults: readonly Fault[]): Promise<HouseholdFileAnswer> => ({
    rows: 0,
    counts: {},
    faults: await withLines(file, faults),
    isDone: false,
  });
  const opened = await file.open(bytes);
  if ('fault' in opened) {
    const { line, code } = opened.fault;
    const words = code ? `This is not JSON from here on (${code}); is the file cut off?` : 'This is not JSON.';
    return refused([{ path: [], line, words }]);
  }
  const { frame, counts } = opened;
  if (frame['format'] !== FORMAT)
    return refused([{ path: ['format'], line: 1, words: 'This is no household of Amber Ladle.' }]);
  const version = Number(frame['version']);
  if (!(await emptyHousehold(household.writes.raw(), copy, version)))
    return refused([
      { path: ['version'], line: 0, words: 'This version is not known here; it may be from a newer one.' },
    ]);
  const filled = await fill(copy, { file, version, frame, counts });
  if (filled.faults.length > 0) return refused(filled.faults);
  // Opening brings it up to date.
  const source = await openDatabase(copy);
  await source.query('PRAGMA synchronous = OFF');
  const faults = await tryOut(source, household.clock);
  await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
  await source.destroy();
  if (faults.length > 0) return refused(faults.map((one) => ({ ...one, path: ['tables', ...one.path] })));
  const rows = Object.values(filled.counts).reduce((sum, n) => sum + n, 0);
  if (!isForReal) return { rows, counts: filled.counts, faults: [], isDone: false };
  await backUp(household, 'before-reading-a-file');
  await replaceWith(household, copy);
  return { rows, counts: filled.counts, faults: [], isDone: true };
}

/** Faults with the line of the file where each is. */
async function withLines(file: FileOnThread, faults: readonly Fault[]): Promise<FileFault[]> {
  const open = faults.filter(({ line, path }) => line === 0 && path.length > 0);
  const lines = open.length === 0 ? [] : await file.lines(open.map(({ path }) => path));
  const found = new Map(open.map((fault, i) => [fault, lines[i] ?? 0]));
  return faults.map((fault) => ({ line: found.get(fault) ?? fault.line, words: fault.words }));
}
