import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sqlite } from './sqlite';
import type { DataSource } from 'typeorm';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openDatabase } from '../schema/database';
import { SettingEntity } from '../household/table';
import type { Topic } from '@amber-ladle/contract';
import { Events } from './events';
import { troubleOf } from './storageFault';
import { UnitOfWork } from './unitOfWork';

let folder: string;
let source: DataSource;
let writes: UnitOfWork;
let told: Topic[];
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-unit-'));
  source = await openDatabase(join(folder, 'household.sqlite'));
  told = [];
  const events = new Events();
  events.tell = (change) => void told.push(change);
  writes = new UnitOfWork(source, events);
});
afterEach(async () => {
  await source.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const put = (key: string) =>
  writes.run(['settings'], (manager) => manager.query('INSERT INTO setting VALUES (?, ?)', [key, '1']));
/** What another connection sees: what is committed, and nothing else. */
function committed(): string[] {
  const other = new Sqlite(join(folder, 'household.sqlite'), { readonly: true });
  try {
    return (other.prepare('SELECT key FROM setting ORDER BY key').all() as { key: string }[]).map(({ key }) => key);
  } finally {
    other.close();
  }
}

it('commits each piece of work by itself, and tells of it once, after its commit', async () => {
  const seen: string[][] = [];
  const events = new Events();
  events.tell = () => void seen.push(committed());
  const unit = new UnitOfWork(source, events);
  await unit.run(['settings', 'heads'], (manager) => manager.query("INSERT INTO setting VALUES ('a', '1')"));
  expect(seen).toEqual([['a'], ['a']]);
});

it('keeps an acknowledged write when a write beside it fails, and tells only of the one', async () => {
  const failing = writes.run(['heads'], async (manager) => {
    await manager.query("INSERT INTO setting VALUES ('a', '1')");
    await new Promise((resolve) => setTimeout(resolve, 20));
    throw new Error('no');
  });
  const fine = put('b');
  await expect(failing).rejects.toThrow('no');
  await fine;
  expect(committed()).toEqual(['b']);
  expect(told).toEqual(['settings']);
});

/** A commit that fails: an orphan that is only looked at then. */
const orphan = () =>
  writes.run(['heads'], async (manager) => {
    await manager.query('PRAGMA defer_foreign_keys = ON');
    await manager.query("INSERT INTO setting VALUES ('lost', '1')");
    await manager.query("INSERT INTO bowl VALUES ('b', 'no head', '', '', '', 1, '', NULL, '{}')");
  });

describe('after a commit that fails', () => {
  it('is outside the transaction again: what is answered then is committed', async () => {
    await put('before');
    await expect(orphan()).rejects.toThrow(/FOREIGN KEY/);
    expect(writes.raw().inTransaction).toBe(false);
    for (const key of ['one', 'two', 'three']) {
      await put(key);
      expect(committed()).toContain(key);
    }
    expect(committed()).toEqual(['before', 'one', 'three', 'two']);
    expect(told).not.toContain('heads');
  });

  it('gives up a connection that cannot roll back, and goes on with a new one', async () => {
    await put('before');
    const stuck = writes.raw();
    const exec = stuck.exec.bind(stuck);
    stuck.exec = (sql) => {
      if (sql === 'COMMIT' || sql === 'ROLLBACK')
        throw Object.assign(new Error('disk I/O error'), { code: 'SQLITE_IOERR_FSYNC' });
      return exec(sql);
    };
    await expect(put('lost')).rejects.toThrow('disk I/O error');
    expect(writes.raw()).not.toBe(stuck);
    await put('after');
    expect(committed()).toEqual(['after', 'before']);
    expect(await source.query('SELECT key FROM setting ORDER BY key')).toEqual([{ key: 'after' }, { key: 'before' }]);
  });

  it('keeps what was saved with all that hangs on it in the one transaction', async () => {
    await expect(
      writes.run([], async (manager) => {
        await manager.save(SettingEntity, { key: 'saved', value: 1 });
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(committed()).toEqual([]);
  });
});

it('refuses what does not fit any more, and takes it again when there is room', async () => {
  await put('before');
  const pages = writes.raw().pragma('page_count', { simple: true }) as number;
  writes.raw().pragma(`max_page_count = ${pages}`);
  const big = () =>
    writes.run(['settings'], (manager) =>
      manager.query('INSERT INTO setting VALUES (?, ?)', ['big', 'x'.repeat(100_000)]),
    );
  const error = await big().catch((thrown: unknown) => thrown);
  expect(troubleOf(error)).toBe('full');
  expect(committed()).toEqual(['before']);
  writes.raw().pragma('max_page_count = 1000000');
  await big();
  expect(committed()).toEqual(['before', 'big']);
});

it.each([
  [{ code: 'SQLITE_FULL' }, 'full'],
  [{ driverError: { code: 'SQLITE_IOERR_WRITE' } }, 'failing'],
  [{ cause: { driverError: { code: 'SQLITE_READONLY_DBMOVED' } } }, 'read-only'],
  [{ code: 'SQLITE_CORRUPT_INDEX' }, 'broken'],
  [{ code: 'ENOSPC' }, 'full'],
  [{ code: 'SQLITE_CONSTRAINT_UNIQUE' }, undefined],
  [new Error('SQLITE_FULL'), undefined],
  [undefined, undefined],
])('tells %o by its code: %s', (error, trouble) => {
  expect(troubleOf(error)).toBe(trouble);
});
