import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a plan freezes in time. Plans from before say nothing of it: bowls drew of nothing that was frozen within them. */
export class Freezing1700000000015 implements MigrationInterface {
  readonly name = 'Freezing1700000000015';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE week_plan SET plan = json_set(plan, '$.freezes', json('[]'))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE week_plan SET plan = json_remove(plan, '$.freezes')`);
  }
}
