import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Which of its lengths a bowl is worn is chosen for the day, and written down with what else its log comes to. */
export class LengthsOfWear1700000000012 implements MigrationInterface {
  readonly name = 'LengthsOfWear1700000000012';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE bowl_life ADD COLUMN wear_aim_minutes INTEGER');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE bowl_life DROP COLUMN wear_aim_minutes');
  }
}
