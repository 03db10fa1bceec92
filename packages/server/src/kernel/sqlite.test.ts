import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { letGo } from './letGo';
import { Sqlite } from './sqlite';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-sqlite-'));
  file = join(folder, 'a.sqlite');
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const made = (): Sqlite =>
  new Sqlite(file).exec(
    'CREATE TABLE a (id TEXT PRIMARY KEY, n INTEGER, b BLOB); CREATE TABLE c (a TEXT REFERENCES a (id))',
  );

describe('what a driver is asked for', () => {
  it('reads and writes text, numbers, nothing, yes and no, and bytes', () => {
    const database = made();
    const put = database.prepare('INSERT INTO a VALUES (?, ?, ?)');
    expect(put.reader).toBe(false);
    expect(put.run('x', true, Buffer.from([1, 2, 3]))).toEqual({ changes: 1, lastInsertRowid: 1 });
    put.run('y', undefined, null);
    const all = database.prepare('SELECT * FROM a ORDER BY id');
    expect(all.reader).toBe(true);
    expect(all.all()).toEqual([
      { id: 'x', n: 1, b: Buffer.from([1, 2, 3]) },
      { id: 'y', n: null, b: null },
    ]);
    expect(Buffer.isBuffer(all.get()?.['b'])).toBe(true);
    expect([...all.iterate()].map(({ id }) => id)).toEqual(['x', 'y']);
    expect(database.prepare('SELECT n FROM a WHERE id = ?').pluck().get('x')).toBe(1);
    expect(database.prepare('SELECT n FROM a WHERE id = ?').pluck().get('z')).toBeUndefined();
    expect(database.pragma('page_size', { simple: true })).toBe(4096);
    expect(database.pragma('integrity_check')).toEqual([{ integrity_check: 'ok' }]);
    database.close();
  });

  it('refuses what is no value of a database, and goes on', () => {
    const database = made();
    const put = database.prepare('INSERT INTO a VALUES (?, ?, ?)');
    for (const odd of [{}, [1, 2], () => 1, Symbol('x')]) expect(() => put.run('x', odd, null)).toThrow();
    expect(put.run('x', 1, null).changes).toBe(1);
    database.close();
  });

  it('names its faults as SQLite does', () => {
    const database = made();
    const code = (work: () => unknown): unknown => {
      try {
        work();
      } catch (error) {
        return (error as { code?: unknown }).code;
      }
      return 'nothing';
    };
    database.exec("INSERT INTO a VALUES ('x', 1, NULL)");
    expect(code(() => database.exec("INSERT INTO a VALUES ('x', 1, NULL)"))).toBe('SQLITE_CONSTRAINT');
    expect(code(() => database.prepare('SELECT nothing FROM nowhere'))).toBe('SQLITE_ERROR');
    database.pragma(`max_page_count = ${String(database.pragma('page_count', { simple: true }))}`);
    expect(code(() => database.prepare('INSERT INTO a VALUES (?, 1, ?)').run('y', Buffer.alloc(100_000)))).toBe(
      'SQLITE_FULL',
    );
    const other = new Sqlite(file, { readonly: true });
    expect(code(() => other.exec('DELETE FROM a'))).toBe('SQLITE_READONLY');
    other.close();
    database.exec('BEGIN IMMEDIATE');
    const waiting = new Sqlite(file, { timeout: 0 });
    expect(code(() => waiting.exec('BEGIN IMMEDIATE'))).toBe('SQLITE_BUSY');
    waiting.close();
    database.exec('ROLLBACK').close();
    expect(code(() => new Sqlite(join(folder, 'none.sqlite'), { fileMustExist: true }))).toBe('SQLITE_CANTOPEN');
    expect(existsSync(join(folder, 'none.sqlite'))).toBe(false);
  });

  it('does all of a piece of work, or none of it', () => {
    const database = made();
    const put = database.transaction((ids: string[]) => {
      for (const id of ids) database.prepare('INSERT INTO a VALUES (?, 1, NULL)').run(id);
    });
    put(['a', 'b']);
    expect(() => {
      put(['c', 'a']);
    }).toThrow(/UNIQUE/);
    expect(database.inTransaction).toBe(false);
    expect(database.prepare('SELECT id FROM a ORDER BY id').pluck().all()).toEqual(['a', 'b']);
    database.close();
  });
});

it('puts its log into the file when it is closed, and lets go of it', async () => {
  const database = made();
  database.pragma('journal_mode = WAL');
  const put = database.prepare('INSERT INTO a VALUES (?, 1, NULL)');
  put.run('x');
  database.close();
  expect(database.open).toBe(false);
  await letGo();
  const other = new Sqlite(file, { timeout: 0 });
  // Nobody else has it: the log can be done away with.
  expect(other.pragma('journal_mode = DELETE', { simple: true })).toBe('delete');
  expect(other.prepare('SELECT count(*) FROM a').pluck().get()).toBe(1);
  other.close();
});
