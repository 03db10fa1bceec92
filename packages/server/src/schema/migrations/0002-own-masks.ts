import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Masks of one's own with their versions, and own or corrected ingredients. */
export class OwnMasks1700000000002 implements MigrationInterface {
  readonly name = 'OwnMasks1700000000002';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE mask (
      id TEXT PRIMARY KEY NOT NULL,
      version INTEGER NOT NULL,
      body TEXT NOT NULL,
      created_at TEXT NOT NULL,
      updated_at TEXT NOT NULL,
      removed_at TEXT
    )`);
    await runner.query(`CREATE TABLE mask_version (
      mask_id TEXT NOT NULL REFERENCES mask (id),
      version INTEGER NOT NULL,
      body TEXT NOT NULL,
      created_at TEXT NOT NULL,
      PRIMARY KEY (mask_id, version)
    )`);
    await runner.query(`CREATE TABLE ingredient (
      id TEXT PRIMARY KEY NOT NULL,
      version INTEGER NOT NULL,
      body TEXT NOT NULL,
      updated_at TEXT NOT NULL,
      removed_at TEXT
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['ingredient', 'mask_version', 'mask']) await runner.query(`DROP TABLE ${table}`);
  }
}
