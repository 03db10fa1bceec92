import { tablesOf } from './tables';
import { openRaw } from './workshop';

/**
 * Puts the contents of another database, of the same version, in the place of a household's: all of it in one transaction,
 * or nothing. Whoever reads meanwhile reads what was; whoever would write has to be kept waiting.
 */
export function putInPlace({ fresh, household }: { readonly fresh: string; readonly household: string }): void {
  const database = openRaw(household, { fileMustExist: true });
  try {
    // As the household itself is kept: what was told to be done is on disk.
    database.pragma('synchronous = FULL');
    database.pragma('foreign_keys = ON');
    database.prepare('ATTACH DATABASE ? AS fresh').run(fresh);
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
    database.close();
  }
}
