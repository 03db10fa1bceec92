import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { copyFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { readerIn } from '../household';
import { inWords } from '../kernel/fileFaults';
import type { Backup, HouseholdFileAnswer } from '@amber-ladle/contract';
import { checkHouseholdCopy } from '../schema/database';
import { looksLikeCopy } from '../schema/unsound';
import { notFound } from '../kernel/refusal';
import { fileOf, type Household } from '../kernel/household';
import { backupsToKeep } from './backupPlan';
import { beside } from './beside';
import { replaceWith } from './replace';
import { inWorkshop } from './workshop';

/** What a backup was made for. */
type Why = 'daily' | 'by-hand' | 'before-reading-a-file' | 'before-a-restore';
const NAME = /^(\d{4}-\d\d-\d\dT\d\d-\d\d-\d\dZ)-([a-z-]+)\.sqlite$/;

export const backupFolder = (household: Pick<Household, 'source'>): string =>
  join(dirname(fileOf(household)), 'backups');

/** Backups, newest first. Files that are not named as a backup are passed over. */
export function listBackups(household: Pick<Household, 'source'>): Backup[] {
  const folder = backupFolder(household);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name): Backup[] => {
      const found = NAME.exec(name);
      const at = found?.[1]?.replace(/T(\d\d)-(\d\d)-(\d\d)Z/, 'T$1:$2:$3.000Z');
      const isCopy = at !== undefined && looksLikeCopy(join(folder, name));
      return isCopy ? [{ name, at, why: found?.[2] ?? '', bytes: statSync(join(folder, name)).size }] : [];
    })
    .sort((a, b) => (a.at < b.at ? 1 : -1));
}

/** A copy that is not whole yet; a kill leaves it, and nobody takes it for one. */
const PART = '.part';

/**
 * Copies everything at one moment into a dated file, and prunes what is older than is kept. It gets its name when it is whole, checked
 * and on disk, and not before.
 * @throws what the disk says; Error for a copy that is not sound: then none is made, and no other one goes
 */
export async function backUp(household: Household, why: Why): Promise<Backup[]> {
  const folder = backupFolder(household);
  mkdirSync(folder, { recursive: true });
  const stamp = household.clock
    .now()
    .replace(/\.\d+Z$/, 'Z')
    .replaceAll(':', '-');
  const file = join(folder, `${stamp}-${why}.sqlite`);
  // One after the other: a second one at the same moment finds the first one's.
  await household.copies.next(async () => {
    for (const name of readdirSync(folder)) if (name.endsWith(PART)) rmSync(join(folder, name), { force: true });
    // Twice within a second is once.
    if (existsSync(file)) return;
    const part = file + PART;
    try {
      await beside(household, 'copy', { from: fileOf(household), to: part });
      checkHouseholdCopy(part);
      await beside(household, 'checkSound', { file: part });
      onDisk(part);
      renameSync(part, file);
      onDisk(folder);
    } catch (error) {
      rmSync(part, { force: true });
      throw error;
    }
  });
  const all = listBackups(household);
  const kept = new Set(backupsToKeep(all, household.clock.now()));
  for (const { name } of all) if (!kept.has(name)) rmSync(join(folder, name), { force: true });
  return listBackups(household);
}

/** A backup for today, where there is none yet. */
export async function backUpDaily(household: Household): Promise<void> {
  const [last] = listBackups(household).filter(({ why }) => why === 'daily');
  const now = Date.parse(household.clock.now());
  if (!last || now - Date.parse(last.at) >= TWENTY_FOUR_HOURS || Date.parse(last.at) > now)
    await backUp(household, 'daily');
}

/**
 * Puts a backup in the place of what is here. It is copied, brought up to date and used first, as screens would; what is
 * here is backed up before.
 * @param isForReal false tries it out and changes nothing
 * @throws Refusal 404 for a name that is no backup's
 */
export async function restoreBackup(
  household: Household,
  name: string,
  isForReal: boolean,
): Promise<HouseholdFileAnswer> {
  if (!listBackups(household).some((backup) => backup.name === name)) throw notFound('backup');
  return inWorkshop(async (folder) => {
    const copy = join(folder, 'copy.sqlite');
    await copyFile(join(backupFolder(household), name), copy);
    const tried = await beside(household, 'tryBackup', { file: copy, now: household.clock.now() });
    if ('fault' in tried) {
      const faults = inWords([{ line: 0, what: tried.fault }], await readerIn(household));
      return { rows: 0, counts: {}, faults, isDone: false };
    }
    const { counts } = tried;
    const rows = Object.values(counts).reduce((sum, n) => sum + n, 0);
    if (!isForReal) return { rows, counts, faults: [], isDone: false };
    await backUp(household, 'before-a-restore');
    await replaceWith(household, copy);
    return { rows, counts, faults: [], isDone: true };
  });
}

/** Waits until a file, or the names in a folder, are on disk. */
function onDisk(path: string): void {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } catch (error) {
    // Some systems keep folders by themselves and refuse to be asked.
    if (!statSync(path).isDirectory()) throw error;
  } finally {
    closeSync(handle);
  }
}
