import { chmodSync, existsSync } from 'node:fs';
import { DataSource, type MigrationInterface, type QueryRunner } from 'typeorm';
import { Sqlite } from '../kernel/sqlite';
import { DeedEntity, DeviceEntity, DoorEntity } from './table';

class Door1700000000001 implements MigrationInterface {
  readonly name = 'Door1700000000001';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE device (id TEXT PRIMARY KEY NOT NULL, name TEXT NOT NULL, keyHash TEXT NOT NULL UNIQUE, joinedAt TEXT NOT NULL, lastSeenAt TEXT NOT NULL)',
    );
    await runner.query(
      'CREATE TABLE deed (id INTEGER PRIMARY KEY AUTOINCREMENT, deviceId TEXT NOT NULL, at TEXT NOT NULL, method TEXT NOT NULL, path TEXT NOT NULL)',
    );
    await runner.query('CREATE INDEX deed_of_device ON deed (deviceId, id)');
    await runner.query('CREATE TABLE door (key TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['door', 'deed', 'device']) await runner.query(`DROP TABLE ${table}`);
  }
}

/**
 * Keys and devices in a file of their own beside the household's: they belong to this machine. A copy or a file of the household never
 * carries them away, and one that is brought back never lets in again who was put out.
 */
export async function openDoorDatabase(file: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    driver: Sqlite,
    entities: [DeviceEntity, DeedEntity, DoorEntity],
    migrations: [Door1700000000001],
    migrationsTransactionMode: 'all',
    synchronize: false,
    prepareDatabase: (raw: Sqlite) => {
      raw.pragma('journal_mode = WAL');
      raw.pragma('synchronous = FULL');
    },
  });
  await source.initialize();
  for (const one of [file, `${file}-wal`, `${file}-shm`]) if (existsSync(one)) chmodSync(one, 0o600);
  await source.runMigrations();
  return source;
}
