import type { MigrationInterface, QueryRunner } from 'typeorm';

interface Life {
  bowl_id: string;
  made_at: string;
  planned_for: string | null;
  is_drawn: number;
  start_share: number;
  stays: string;
  wearing: string;
  left_over: string | null;
  ended_at: string | null;
  ended_how: string | null;
  decisions: string;
}
interface Told {
  id: string;
  day_id: string;
  press_id: string;
  at: string;
  body: string;
}

/**
 * What happened to a bowl is one log. What was told of steps moves into the logs of the bowls whose steps they are; what
 * was known of each bowl beside it is taken over as it stood, as one line behind them, so that nothing of it is guessed.
 */
export class BowlLogs1700000000011 implements MigrationInterface {
  readonly name = 'BowlLogs1700000000011';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE bowl_event (
      sort INTEGER PRIMARY KEY NOT NULL,
      id TEXT NOT NULL UNIQUE,
      bowl_id TEXT NOT NULL REFERENCES bowl (id),
      press_id TEXT NOT NULL,
      at TEXT NOT NULL,
      told_at TEXT NOT NULL,
      day_id TEXT REFERENCES wash_day (id),
      place_id TEXT,
      fact TEXT NOT NULL
    )`);
    await runner.query('CREATE INDEX bowl_event_of_bowl ON bowl_event (bowl_id, sort)');
    await runner.query('CREATE INDEX bowl_event_of_press ON bowl_event (press_id)');
    await this.moveSteps(runner);
    await this.takeOver(runner);
    await runner.query('DROP TABLE wash_event');
  }

  private async moveSteps(runner: QueryRunner): Promise<void> {
    const days = (await runner.query('SELECT id, bowl_ids, steps FROM wash_day ORDER BY started_at')) as {
      id: string;
      bowl_ids: string;
      steps: string;
    }[];
    for (const { id, bowl_ids, steps } of days) {
      const [first] = JSON.parse(bowl_ids) as string[];
      const owners = new Map(
        (JSON.parse(steps) as { id: string; bowlId?: string }[]).map((step) => [step.id, step.bowlId ?? first]),
      );
      const events = (await runner.query('SELECT * FROM wash_event WHERE day_id = ? ORDER BY sort', [id])) as Told[];
      /** By press the bowls that it told of, with how many things: a press is taken back in each. */
      const told = new Map<string, Map<string, number>>();
      for (const event of events) {
        const { kind, undoes, stepId, ...rest } = JSON.parse(event.body) as {
          kind: string;
          undoes?: string;
          stepId: string;
        };
        const bowls = kind === 'undo' ? [...(told.get(undoes ?? '')?.keys() ?? [])] : [owners.get(stepId) ?? first];
        const fact = kind === 'undo' ? { kind, undoes, stepId } : { kind, stepId, ...rest };
        for (const bowl of bowls) {
          if (!bowl) continue;
          const ofPress = told.get(event.press_id) ?? new Map<string, number>();
          const count = ofPress.get(bowl) ?? 0;
          told.set(event.press_id, ofPress.set(bowl, count + 1));
          await runner.query(
            `INSERT INTO bowl_event (id, bowl_id, press_id, at, told_at, day_id, fact) VALUES (?, ?, ?, ?, ?, ?, ?)`,
            [`${event.press_id}.${bowl}.${count}`, bowl, event.press_id, event.at, event.at, id, JSON.stringify(fact)],
          );
        }
      }
    }
  }

  private async takeOver(runner: QueryRunner): Promise<void> {
    const lives = (await runner.query(
      'SELECT l.*, b.kept_at FROM bowl_life l JOIN bowl b ON b.id = l.bowl_id ORDER BY b.kept_at, b.id',
    )) as (Life & { kept_at: string })[];
    for (const life of lives) {
      const some = (name: string, value: unknown) => (value === null ? {} : { [name]: value });
      const fact = {
        kind: 'taken-over',
        life: {
          madeAt: life.made_at,
          isDrawn: life.is_drawn === 1,
          startShare: life.start_share,
          stays: JSON.parse(life.stays) as unknown,
          wearing: JSON.parse(life.wearing) as unknown,
          decisions: JSON.parse(life.decisions) as unknown,
          ...some('plannedFor', life.planned_for),
          ...some('leftOver', JSON.parse(life.left_over ?? 'null')),
          ...some('endedAt', life.ended_at),
          ...some('endedHow', life.ended_how),
        },
      };
      const id = `taken-over-${life.bowl_id}`;
      // As late as anything that was told before it, so that it stands behind them.
      await runner.query(
        `INSERT INTO bowl_event (id, bowl_id, press_id, at, told_at, fact)
         VALUES (?, ?, ?, ?, ?, ?)`,
        [id, life.bowl_id, id, life.kept_at, life.kept_at, JSON.stringify(fact)],
      );
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE wash_event (
      id TEXT PRIMARY KEY NOT NULL,
      day_id TEXT NOT NULL REFERENCES wash_day (id),
      press_id TEXT NOT NULL,
      at TEXT NOT NULL,
      sort INTEGER NOT NULL,
      body TEXT NOT NULL
    )`);
    await runner.query('CREATE UNIQUE INDEX wash_event_of_day ON wash_event (day_id, sort)');
    await runner.query(`INSERT INTO wash_event (id, day_id, press_id, at, sort, body)
      SELECT press_id || '.' || sort, day_id, press_id, at, row_number() OVER (PARTITION BY day_id ORDER BY sort) - 1, fact
        FROM bowl_event WHERE day_id IS NOT NULL`);
    await runner.query('DROP TABLE bowl_event');
  }
}
