import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sqlite, type SqliteOptions } from '../kernel/sqlite';
import { openDatabase } from '../schema/database';

/** Does something in a folder of its own that is gone afterwards, whatever happened. */
export async function inWorkshop<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'amber-ladle-copy-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Opens a file as it is, without bringing it up to date. */
export const openRaw = (file: string, options: SqliteOptions = {}): Sqlite => new Sqlite(file, options);

/** How many changes of the tables a database has seen. */
export const versionOf = (database: Sqlite): number =>
  database.prepare('SELECT count(*) FROM migrations').pluck<number>().get() ?? 0;

/**
 * An empty household whose tables are as they were at a version.
 * @returns false for a version that is not known here
 */
export async function emptyHousehold(file: string, version: number): Promise<boolean> {
  const source = await openDatabase(file);
  const all = source.migrations.length;
  const isKnown = Number.isInteger(version) && version >= 1 && version <= all;
  for (let undo = isKnown ? all - version : 0; undo > 0; undo--) await source.undoLastMigration();
  await source.destroy();
  return isKnown;
}
