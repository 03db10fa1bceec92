import { chmodSync, copyFileSync, existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataSource } from 'typeorm';
import { TABLES } from './tables';
import { Sqlite } from '../kernel/sqlite';
import { checkBeforeOpening, checkCopy } from './unsound';
import { First1700000000001 } from './migrations/0001-first';
import { OwnMasks1700000000002 } from './migrations/0002-own-masks';
import { Shelf1700000000003 } from './migrations/0003-shelf';
import { WashDays1700000000004 } from './migrations/0004-wash-days';
import { Stories1700000000005 } from './migrations/0005-stories';
import { Notes1700000000006 } from './migrations/0006-notes';
import { MessagesAndRecipes1700000000007 } from './migrations/0007-messages-and-recipes';
import { HairInLocks1700000000008 } from './migrations/0008-hair-in-locks';
import { ToldUses1700000000009 } from './migrations/0009-told-uses';
import { Purposes1700000000010 } from './migrations/0010-purposes';
import { BowlLogs1700000000011 } from './migrations/0011-bowl-logs';
import { LengthsOfWear1700000000012 } from './migrations/0012-lengths-of-wear';
import { Weeks1700000000013 } from './migrations/0013-weeks';
import { Looks1700000000014 } from './migrations/0014-looks';
import { Freezing1700000000015 } from './migrations/0015-freezing';

/** Every change of the tables, in its order. */
const MIGRATIONS = [
  First1700000000001,
  OwnMasks1700000000002,
  Shelf1700000000003,
  WashDays1700000000004,
  Stories1700000000005,
  Notes1700000000006,
  MessagesAndRecipes1700000000007,
  HairInLocks1700000000008,
  ToldUses1700000000009,
  Purposes1700000000010,
  BowlLogs1700000000011,
  LengthsOfWear1700000000012,
  Weeks1700000000013,
  Looks1700000000014,
  Freezing1700000000015,
];

const KNOWN = MIGRATIONS.map((one) => new one().name);

/** A copy that could be opened in place of a household. @throws UnsoundDatabase */
export const checkHouseholdCopy = (file: string): void => {
  checkCopy(file, KNOWN);
};

/**
 * Opens the household's database and brings it up to date.
 *
 * WAL with `synchronous = FULL`: what was acknowledged survives a kill or a power cut. Foreign keys on.
 * Before a migration of an existing file a copy is put beside it.
 * @param file path of the SQLite file; made with its folder when missing
 * @throws UnsoundDatabase for a file that must not be opened
 */
export async function openDatabase(file: string): Promise<DataSource> {
  mkdirSync(dirname(file), { recursive: true, mode: OWN_FOLDER });
  const existed = existsSync(file);
  checkBeforeOpening(file, KNOWN);
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    driver: Sqlite,
    entities: TABLES.map(({ entity }) => entity),
    migrations: MIGRATIONS,
    migrationsTransactionMode: 'all',
    synchronize: false,
    prepareDatabase: (raw: Sqlite) => {
      raw.pragma('journal_mode = WAL');
      raw.pragma('synchronous = FULL');
      raw.pragma('foreign_keys = ON');
    },
  });
  await source.initialize();
  closeToOthers(file);
  if (await source.showMigrations()) {
    if (existed) {
      await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
      copyFileSync(file, `${file}.before-migration`);
    }
    await source.runMigrations();
  }
  return source;
}

/** Hair, skin and allergies are nobody else's on this machine. */
const OWN_FOLDER = 0o700;
const OWN_FILE = 0o600;
function closeToOthers(file: string): void {
  for (const one of [file, `${file}-wal`, `${file}-shm`]) if (existsSync(one)) chmodSync(one, OWN_FILE);
}
