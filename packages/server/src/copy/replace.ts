import { TOPICS } from '@amber-ladle/contract';
import type { Household } from '../kernel/household';
import { tablesOf } from './tables';

/** All that a household holds; only the clock is the machine's. */
const EVERYTHING = TOPICS.filter((topic) => topic !== 'clock');

/**
 * Puts the contents of another database, of the same version, in the place of this one's: all of it in one transaction,
 * or nothing. Nobody reads anything half.
 */
export async function replaceWith(household: Household, file: string): Promise<void> {
  await household.writes.alone(EVERYTHING, async () => {
    const database = household.writes.raw();
    database.prepare('ATTACH DATABASE ? AS fresh').run(file);
    try {
      const tables = tablesOf(database);
      database.transaction(() => {
        database.pragma('defer_foreign_keys = ON');
        for (const { name } of tables) database.prepare(`DELETE FROM main.${name}`).run();
        for (const { name, order, columns } of tables) {
          const list = columns.map((column) => `"${column.name}"`).join(', ');
          database
            .prepare(`INSERT INTO main.${name} (${list}) SELECT ${list} FROM fresh.${name} ORDER BY ${order}`)
            .run();
        }
      })();
    } finally {
      database.prepare('DETACH DATABASE fresh').run();
    }
    return Promise.resolve();
  });
}
