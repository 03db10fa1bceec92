import { letGo } from '../kernel/letGo';
import { Sqlite } from '../kernel/sqlite';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { checkHouseholdCopy, openDatabase } from './database';
import { looksLikeCopy } from './unsound';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-unsound-'));
  file = join(folder, 'household.sqlite');
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const made = async (): Promise<void> => {
  const source = await openDatabase(file);
  await source.query("INSERT INTO setting (key, value) VALUES ('a', '1')");
  await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
  await source.destroy();
};
/** A copy beside it, as a day makes one. */
const copied = (): void => {
  mkdirSync(join(folder, 'backups'));
  writeFileSync(join(folder, 'backups', '2026-03-13T09-00-00Z-daily.sqlite'), readFileSync(file));
};

describe('a household that must not be opened', () => {
  it('is one that was emptied: the copies are named, and nothing is made in its place', async () => {
    await made();
    copied();
    await letGo();
    writeFileSync(file, '');
    await expect(openDatabase(file)).rejects.toThrow(/is empty.*latest of 1 copies is .*-daily\.sqlite/);
    expect(statSync(file).size).toBe(0);
    // A database without a table says as little.
    new Sqlite(file).exec('PRAGMA user_version = 1').close();
    await expect(openDatabase(file)).rejects.toThrow(/latest of 1 copies/);
  });

  it('is a database of something else', async () => {
    new Sqlite(file).exec('CREATE TABLE recipes (name TEXT)').close();
    const before = readFileSync(file);
    await expect(openDatabase(file)).rejects.toThrow(/holds no household.*Move it away/);
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  it('is one of a newer program, left byte for byte as it is', async () => {
    await made();
    new Sqlite(file)
      .exec("INSERT INTO migrations (timestamp, name) VALUES (1800000000000, 'Later1800000000000')")
      .close();
    const before = readFileSync(file);
    await expect(openDatabase(file)).rejects.toThrow(/written by a newer Amber Ladle/);
    expect(readFileSync(file).equals(before)).toBe(true);
    expect(() => {
      checkHouseholdCopy(file);
    }).toThrow(/newer/);
  });
});

it('begins anew where a first start was cut off before anything was in it', async () => {
  writeFileSync(file, '');
  await made();
  expect(existsSync(file)).toBe(true);
});

it('is for its owner alone', async () => {
  const deep = join(folder, 'own', 'household.sqlite');
  const source = await openDatabase(deep);
  await source.destroy();
  expect(statSync(deep).mode & 0o777).toBe(0o600);
  expect(statSync(join(folder, 'own')).mode & 0o777).toBe(0o700);
});

it('takes for a copy only what begins as one', async () => {
  await made();
  expect(looksLikeCopy(file)).toBe(true);
  for (const body of ['', 'SQLite format 3\u0000', 'a shopping list'.repeat(600)]) {
    writeFileSync(join(folder, 'other'), body);
    expect(looksLikeCopy(join(folder, 'other'))).toBe(false);
  }
});
