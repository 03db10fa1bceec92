import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a head tells beside its measurements. */
export class Stories1700000000005 implements MigrationInterface {
  readonly name = 'Stories1700000000005';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE head ADD COLUMN story TEXT NOT NULL DEFAULT '{}'");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE head DROP COLUMN story');
  }
}
