import { join } from 'node:path';
import type { HouseholdFileAnswer } from '@amber-ladle/contract';
import { fileOf, type Household } from '../kernel/household';
import { readerIn } from '../household';
import { inWords } from '../kernel/fileFaults';
import { backUp } from './backups';
import { beside } from './beside';
import { replaceWith } from './replace';
import { inWorkshop } from './workshop';

/**
 * Reads a household's file: looked over first, built up and used in a copy, and only then put in the place of what is
 * here, after a backup. Files of older versions are brought up to date on the way. What is wrong is said with its line,
 * and nothing is ever half in.
 * @param bytes of the file, in UTF-8; they are handed over where they are nobody else's
 * @param isForReal false looks it over and changes nothing
 */
export async function readHouseholdFile(
  household: Household,
  bytes: Uint8Array,
  isForReal: boolean,
): Promise<HouseholdFileAnswer> {
  // A small body shares its memory with others.
  const own = bytes.byteLength === bytes.buffer.byteLength ? bytes : bytes.slice();
  return inWorkshop(async (folder) => {
    const to = join(folder, 'copy.sqlite');
    const given = { bytes: own, like: fileOf(household), to, now: household.clock.now() };
    const { counts, faults } = await beside(household, 'lookOver', given, [own.buffer as ArrayBuffer]);
    const rows = Object.values(counts).reduce((sum, n) => sum + n, 0);
    if (faults.length > 0 || !isForReal)
      return { rows, counts, faults: inWords(faults, await readerIn(household)), isDone: false };
    await backUp(household, 'before-reading-a-file');
    await replaceWith(household, to);
    return { rows, counts, faults: [], isDone: true };
  });
}
