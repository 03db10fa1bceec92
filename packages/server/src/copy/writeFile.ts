import { createReadStream } from 'node:fs';
import { join } from 'node:path';
import type { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { fileOf, type Household } from '../kernel/household';
import { beside } from './beside';
import { householdFileSchema } from './fileSchema';
import { tablesOf } from './tables';
import { inWorkshop, versionOf } from './workshop';

/**
 * Writes the whole household as one JSON file, row by row. It is written beside everybody else, as the household was at one
 * moment, and handed out only when it is whole: a disk that is full is told before the first letter of it. It ends with
 * whoever reads it, and leaves nothing behind.
 * @param withPhotos false leaves the pictures themselves out, not what is said of them
 */
export async function writeHousehold(household: Household, out: Writable, withPhotos: boolean): Promise<void> {
  await inWorkshop(async (folder) => {
    const to = join(folder, 'household.json');
    await beside(household, 'writeOut', { from: fileOf(household), to, now: household.clock.now(), withPhotos });
    try {
      await pipeline(createReadStream(to), out);
    } catch (error) {
      // Whoever wanted the file has gone.
      if ((error as { code?: string }).code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
    }
  });
}

/** The published schema of the file as this version writes it. */
export function currentSchema(household: Household): ReturnType<typeof householdFileSchema> {
  const database = household.writes.raw();
  return householdFileSchema(tablesOf(database), versionOf(database));
}
