import { join } from 'node:path';
import type { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { copyBeside } from '../kernel/beside';
import { breaths } from '../kernel/breath';
import type { Sqlite } from '../kernel/sqlite';
import type { Household } from '../kernel/household';
import { FORMAT, householdFileSchema } from './fileSchema';
import { tablesOf, toFile } from './tables';
import { inWorkshop, openRaw, versionOf } from './workshop';

/** Pictures are large; a file without them is read by anything. */
const PICTURES = 'photo_data';

/**
 * Writes the whole household as one JSON file, row by row, from a copy made at one moment, so that neither a long file
 * nor a slow reader holds anybody up. It ends with whoever reads it, and leaves nothing behind.
 * @param withPhotos false leaves the pictures themselves out, not what is said of them
 */
export async function writeHousehold(household: Household, out: Writable, withPhotos: boolean): Promise<void> {
  await inWorkshop(async (folder) => {
    const file = join(folder, 'copy.sqlite');
    await copyBeside(String(household.source.options.database), file);
    const database = openRaw(file, { readonly: true });
    try {
      await pipeline(linesOf(database, household.clock.now(), withPhotos), out);
    } catch (error) {
      // Whoever wanted the file has gone.
      if ((error as { code?: string }).code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
    } finally {
      database.close();
    }
  });
}

async function* linesOf(database: Sqlite, now: string, withPhotos: boolean): AsyncGenerator<string> {
  const breathe = breaths();
  const head = { format: FORMAT, version: versionOf(database), written: now };
  yield `${JSON.stringify(head, null, 1).slice(0, -2)},\n "tables": {\n`;
  const tables = tablesOf(database).filter(({ name }) => withPhotos || name !== PICTURES);
  for (const [i, { name, order, columns }] of tables.entries()) {
    yield `  ${JSON.stringify(name)}: [`;
    let isFirst = true;
    for (const row of database.prepare(`SELECT * FROM ${name} ORDER BY ${order}`).iterate()) {
      const cells = columns.map((column) => [column.name, toFile(row[column.name], column)]);
      yield `${isFirst ? '' : ','}\n   ${JSON.stringify(Object.fromEntries(cells))}`;
      isFirst = false;
      await breathe();
    }
    yield `${isFirst ? '' : '\n  '}]${i < tables.length - 1 ? ',' : ''}\n`;
  }
  yield ' }\n}\n';
}

/** The published schema of the file as this version writes it. */
export function currentSchema(household: Household): ReturnType<typeof householdFileSchema> {
  const database = household.writes.raw();
  return householdFileSchema(tablesOf(database), versionOf(database));
}
