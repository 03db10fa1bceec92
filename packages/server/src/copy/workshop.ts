import { mkdtempSync, readdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sqlite, type SqliteOptions } from '../kernel/sqlite';
import { openDatabase } from '../schema/database';

/** What a workshop is called, before the process that it belongs to. */
const WORKSHOP = 'amber-ladle-copy-';

/** Clears away the workshops of programs that were killed: there is a household in each. */
export async function clearWorkshops(): Promise<void> {
  for (const name of readdirSync(tmpdir())) {
    const [, id] = /^amber-ladle-copy-(\d+)-/.exec(name) ?? [];
    if (id === undefined || isRunning(Number(id))) continue;
    // One of another account's is left to its own.
    await rm(join(tmpdir(), name), { recursive: true, force: true }).catch(() => undefined);
  }
}

/** Signal 0 only asks; a process of another account refuses, and so is there. */
function isRunning(id: number): boolean {
  try {
    return process.kill(id, 0);
  } catch (error) {
    return (error as { code?: string }).code === 'EPERM';
  }
}

/** Does something in a folder of its own that is gone afterwards, whatever happened. */
export async function inWorkshop<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), `${WORKSHOP}${process.pid}-`));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** Opens a file as it is, without bringing it up to date. */
export const openRaw = (file: string, options: SqliteOptions = {}): Sqlite => new Sqlite(file, options);

/** How many changes of the tables a database has seen. */
export const versionOf = (database: Sqlite): number =>
  database.prepare('SELECT count(*) FROM migrations').pluck<number>().get() ?? 0;

/**
 * An empty household whose tables are as they were at a version.
 * @param like the household that is open: one of its own version is made after it, without going through all changes again
 * @returns false for a version that is not known here
 */
export async function emptyHousehold(like: Sqlite, file: string, version: number): Promise<boolean> {
  if (version === versionOf(like)) {
    makeLike(like, file);
    return true;
  }
  const source = await openDatabase(file);
  const all = source.migrations.length;
  const isKnown = Number.isInteger(version) && version >= 1 && version <= all;
  for (let undo = isKnown ? all - version : 0; undo > 0; undo--) await source.undoLastMigration();
  await source.destroy();
  return isKnown;
}

function makeLike(like: Sqlite, file: string): void {
  const made = like
    .prepare(
      `SELECT sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%'
        ORDER BY type = 'index', rowid`,
    )
    .pluck<string>()
    .all();
  const seen = like.prepare('SELECT id, timestamp, name FROM migrations ORDER BY id').all();
  const database = openRaw(file);
  try {
    database.transaction(() => {
      for (const sql of made) database.exec(sql);
      const insert = database.prepare('INSERT INTO migrations (id, timestamp, name) VALUES (?, ?, ?)');
      for (const { id, timestamp, name } of seen) insert.run(id, timestamp, name);
    })();
  } finally {
    database.close();
  }
}
