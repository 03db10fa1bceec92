import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { openDatabase } from './database';
import { Writes } from './writes';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-db-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

it('opens with WAL, full synchronisation and foreign keys', async () => {
  const source = await openDatabase(join(folder, 'deep', 'household.sqlite'));
  expect(await source.query('PRAGMA journal_mode')).toEqual([{ journal_mode: 'wal' }]);
  expect(await source.query('PRAGMA synchronous')).toEqual([{ synchronous: 2 }]);
  expect(await source.query('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  await expect(source.query("INSERT INTO bowl VALUES ('b', 'no head', '', '', '', 1, '', NULL, '{}')")).rejects.toThrow(
    /FOREIGN KEY/,
  );
  await source.destroy();
});

it('brings a file made by the version before up to date, copies it first, and loses nothing', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await first.undoLastMigration();
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL, '{}')");
  await first.query("INSERT INTO bowl VALUES ('b', 'h', 'Wren', 'm', 'Mask', 100, '2026-01-01', NULL, '{}')");
  await first.destroy();
  expect(existsSync(`${file}.before-migration`)).toBe(false);
  const again = await openDatabase(file);
  expect(existsSync(`${file}.before-migration`)).toBe(true);
  expect(await again.query('SELECT name FROM head')).toEqual([{ name: 'Wren' }]);
  expect(await again.query('SELECT made_millilitres AS made FROM bowl')).toEqual([{ made: 100 }]);
  for (const table of ['wear_log', 'head_measure', 'photo', 'photo_data', 'forgetting'])
    expect(await again.query(`SELECT count(*) AS n FROM ${table}`)).toEqual([{ n: 0 }]);
  await again.destroy();
});

it('keeps what was worn before heads of one bowl were told apart', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  // Back to before wash days.
  for (let i = 0; i < 3; i++) await first.undoLastMigration();
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL)");
  for (const id of ['worn', 'fresh'])
    await first.query(`INSERT INTO bowl VALUES ('${id}', 'h', 'Wren', 'm', 'Mask', 100, '2026-01-01', NULL, '{}')`);
  const life =
    'bowl_id, made_at, is_drawn, start_share, stays, decisions, sections_done, worn_from, ended_at, ended_how';
  await first.query(`INSERT INTO bowl_life (${life})
    VALUES ('worn', 'a', 1, 0, '[]', '[]', '["nape-left"]', 'b', 'c', 'worn'),
           ('fresh', 'a', 0, 0, '[]', '[]', '[]', NULL, NULL, NULL)`);
  await first.destroy();
  const again = await openDatabase(file);
  const rows = await again.query('SELECT bowl_id AS id, wearing FROM bowl_life ORDER BY bowl_id');
  expect((rows as { wearing: string }[]).map(({ wearing }) => JSON.parse(wearing) as unknown)).toEqual([
    {},
    { h: { sectionsDone: ['nape-left'], wornFrom: 'b', rinsedAt: 'c' } },
  ]);
  await again.destroy();
});

it('opens an up-to-date file without migrating it, and every migration can be undone', async () => {
  const file = join(folder, 'household.sqlite');
  await (await openDatabase(file)).destroy();
  const source = await openDatabase(file);
  expect(existsSync(`${file}.before-migration`)).toBe(false);
  for (const _ of source.migrations) await source.undoLastMigration();
  expect(await source.query("SELECT name FROM sqlite_master WHERE name = 'head'")).toEqual([]);
  await source.destroy();
});

it('keeps an acknowledged write when a write beside it fails', async () => {
  const source = await openDatabase(join(folder, 'household.sqlite'));
  const writes = new Writes(source);
  const failing = writes.run(async (manager) => {
    await manager.query("INSERT INTO setting VALUES ('a', '1')");
    await new Promise((resolve) => setTimeout(resolve, 20));
    throw new Error('no');
  });
  const fine = writes.run((manager) => manager.query("INSERT INTO setting VALUES ('b', '2')"));
  await expect(failing).rejects.toThrow('no');
  await fine;
  expect(await source.query('SELECT key FROM setting')).toEqual([{ key: 'b' }]);
  await source.destroy();
});
