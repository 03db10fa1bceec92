import type { Household } from '../kernel/household';
import { tablesOf } from './tables';

/**
 * Puts the contents of another database, of the same version, in the place of this one's: all of it in one transaction,
 * or nothing. Nobody reads anything half.
 */
export async function replaceWith(household: Household, file: string): Promise<void> {
  await household.writes.alone(async () => {
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
  for (const what of [
    'settings',
    'ingredients',
    'masks',
    'heads',
    'shelf',
    'climate',
    'bowls',
    'washdays',
    'notes',
  ] as const)
    household.events.tell(what);
}
