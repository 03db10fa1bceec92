import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Wash days with everything told of them; what is worn and rinsed by head; what was left in a bowl. */
export class WashDays1700000000004 implements MigrationInterface {
  readonly name = 'WashDays1700000000004';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE wash_day (
      id TEXT PRIMARY KEY NOT NULL,
      bowl_ids TEXT NOT NULL,
      wish TEXT NOT NULL,
      rings INTEGER NOT NULL,
      steps TEXT NOT NULL,
      step_order TEXT NOT NULL,
      least_wear TEXT NOT NULL,
      started_at TEXT NOT NULL,
      ended_at TEXT
    )`);
    // One pair of hands: one day at a time, whatever two devices ask for at once.
    await runner.query('CREATE UNIQUE INDEX wash_day_running ON wash_day ((ended_at IS NULL)) WHERE ended_at IS NULL');
    await runner.query(`CREATE TABLE wash_event (
      id TEXT PRIMARY KEY NOT NULL,
      day_id TEXT NOT NULL REFERENCES wash_day (id),
      press_id TEXT NOT NULL,
      at TEXT NOT NULL,
      sort INTEGER NOT NULL,
      body TEXT NOT NULL
    )`);
    await runner.query('CREATE UNIQUE INDEX wash_event_of_day ON wash_event (day_id, sort)');

    await runner.query("ALTER TABLE bowl_life ADD COLUMN wearing TEXT NOT NULL DEFAULT '{}'");
    await runner.query('ALTER TABLE bowl_life ADD COLUMN left_over TEXT');
    // A merge patch drops what is null.
    await runner.query(`UPDATE bowl_life SET wearing = json_patch('{}', json_object(
        (SELECT head_id FROM bowl WHERE bowl.id = bowl_id),
        json_object(
          'sectionsDone', json(sections_done),
          'wornFrom', worn_from,
          'rinsedAt', CASE WHEN ended_how = 'worn' THEN ended_at END
        )))
      WHERE sections_done <> '[]' OR worn_from IS NOT NULL OR ended_how = 'worn'`);
    await runner.query('ALTER TABLE bowl_life DROP COLUMN sections_done');
    await runner.query('ALTER TABLE bowl_life DROP COLUMN worn_from');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE bowl_life ADD COLUMN sections_done TEXT NOT NULL DEFAULT '[]'");
    await runner.query('ALTER TABLE bowl_life ADD COLUMN worn_from TEXT');
    await runner.query(`UPDATE bowl_life SET
      sections_done = COALESCE((SELECT json_extract(value, '$.sectionsDone') FROM json_each(wearing) LIMIT 1), '[]'),
      worn_from = (SELECT json_extract(value, '$.wornFrom') FROM json_each(wearing) LIMIT 1)`);
    await runner.query('ALTER TABLE bowl_life DROP COLUMN left_over');
    await runner.query('ALTER TABLE bowl_life DROP COLUMN wearing');
    await runner.query('DROP TABLE wash_event');
    await runner.query('DROP TABLE wash_day');
  }
}
