import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How a head is drawn: its pattern and its tones. Empty until somebody says. */
export class Looks1700000000014 implements MigrationInterface {
  readonly name = 'Looks1700000000014';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE head ADD COLUMN look TEXT NOT NULL DEFAULT '{}'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE head DROP COLUMN look');
  }
}
