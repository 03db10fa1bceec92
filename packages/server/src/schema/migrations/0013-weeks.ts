import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Plans of the weeks to come: the last of each day, so that it can be seen later what was promised. */
export class Weeks1700000000013 implements MigrationInterface {
  readonly name = 'Weeks1700000000013';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE TABLE week_plan (day TEXT NOT NULL PRIMARY KEY, at TEXT NOT NULL, plan TEXT NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE week_plan');
  }
}
