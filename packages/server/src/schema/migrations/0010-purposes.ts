import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a change of stock was for stands on it, and no longer in its id; places have versions; which bowls are here lies ready. */
export class Purposes1700000000010 implements MigrationInterface {
  readonly name = 'Purposes1700000000010';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE stock_change ADD COLUMN purpose TEXT NOT NULL DEFAULT 'change'");
    await runner.query("UPDATE stock_change SET purpose = 'settlement' WHERE id LIKE 'settle-%'");
    await runner.query("UPDATE stock_change SET purpose = 'undo' WHERE id LIKE 'undo-%'");
    await runner.query('ALTER TABLE place ADD COLUMN version INTEGER NOT NULL DEFAULT 1');
    await runner.query('CREATE INDEX bowl_here ON bowl (id) WHERE removed_at IS NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX bowl_here');
    await runner.query('ALTER TABLE place DROP COLUMN version');
    await runner.query('ALTER TABLE stock_change DROP COLUMN purpose');
  }
}
