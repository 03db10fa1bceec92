import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Heads, bowls and settings. */
export class First1700000000001 implements MigrationInterface {
  readonly name = 'First1700000000001';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE head (
      id TEXT PRIMARY KEY NOT NULL,
      name TEXT NOT NULL,
      note TEXT NOT NULL,
      age_years REAL NOT NULL,
      sensitive_skin BOOLEAN NOT NULL,
      profile TEXT NOT NULL,
      version INTEGER NOT NULL,
      created_at TEXT NOT NULL,
      updated_at TEXT NOT NULL,
      removed_at TEXT
    )`);
    await runner.query(`CREATE TABLE bowl (
      id TEXT PRIMARY KEY NOT NULL,
      head_id TEXT NOT NULL REFERENCES head (id),
      head_name TEXT NOT NULL,
      mask_id TEXT NOT NULL,
      mask_name TEXT NOT NULL,
      made_millilitres REAL NOT NULL,
      kept_at TEXT NOT NULL,
      removed_at TEXT,
      snapshot TEXT NOT NULL
    )`);
    await runner.query('CREATE INDEX bowl_kept_at ON bowl (kept_at)');
    await runner.query('CREATE TABLE setting (key TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['setting', 'bowl', 'head']) await runner.query(`DROP TABLE ${table}`);
  }
}
