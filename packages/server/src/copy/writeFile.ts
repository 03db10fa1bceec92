import { join } from 'node:path';
import type { Writable } from 'node:stream';
import { once } from 'node:events';
import type { Household } from '../kernel/household';
import { FORMAT, householdFileSchema } from './fileSchema';
import { tablesOf, toFile } from './tables';
import { inWorkshop, openRaw, versionOf } from './workshop';

/** Pictures are large; a file without them is read by anything. */
const PICTURES = 'photo_data';

/**
 * Writes the whole household as one JSON file, row by row, from a copy made at one moment, so that neither a long file
 * nor a slow reader holds anybody up.
 * @param withPhotos false leaves the pictures themselves out, not what is said of them
 */
export async function writeHousehold(household: Household, out: Writable, withPhotos: boolean): Promise<void> {
  await inWorkshop(async (folder) => {
    const file = join(folder, 'copy.sqlite');
    await household.writes.alone((source) => source.query('VACUUM INTO ?', [file]));
    const database = openRaw(file, { readonly: true });
    const say = async (text: string): Promise<void> => {
      if (!out.write(text)) await once(out, 'drain');
    };
    try {
      const head = { format: FORMAT, version: versionOf(database), written: household.clock.now() };
      await say(`${JSON.stringify(head, null, 1).slice(0, -2)},\n "tables": {\n`);
      const tables = tablesOf(database).filter(({ name }) => withPhotos || name !== PICTURES);
      for (const [i, { name, order, columns }] of tables.entries()) {
        await say(`  ${JSON.stringify(name)}: [`);
        let isFirst = true;
        for (const row of database.prepare(`SELECT * FROM ${name} ORDER BY ${order}`).iterate()) {
          const cells = columns.map((column) => [column.name, toFile((row as never)[column.name], column)]);
          await say(`${isFirst ? '' : ','}\n   ${JSON.stringify(Object.fromEntries(cells))}`);
          isFirst = false;
        }
        await say(`${isFirst ? '' : '\n  '}]${i < tables.length - 1 ? ',' : ''}\n`);
      }
      await say(' }\n}\n');
    } finally {
      database.close();
    }
  });
}

/** The published schema of the file as this version writes it. */
export function currentSchema(household: Household): ReturnType<typeof householdFileSchema> {
  const database = household.writes.raw();
  return householdFileSchema(tablesOf(database), versionOf(database));
}
