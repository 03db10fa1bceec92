import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What makers say of masks as they write them, on a head, before any bowl was sized. */
export class ToldUses1700000000009 implements MigrationInterface {
  readonly name = 'ToldUses1700000000009';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE told_use (
      mask_id TEXT NOT NULL,
      head_id TEXT NOT NULL REFERENCES head (id),
      at TEXT NOT NULL,
      outcome TEXT NOT NULL,
      mask_name TEXT NOT NULL,
      facts TEXT NOT NULL,
      PRIMARY KEY (mask_id, head_id)
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE told_use');
  }
}
