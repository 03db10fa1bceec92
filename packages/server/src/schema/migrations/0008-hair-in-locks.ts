import { expectedOf, flowOfRecord } from '@amber-ladle/core/house';
import type { MigrationInterface, QueryRunner } from 'typeorm';

type Facts = Record<string, unknown>;
type Snapshot = Parameters<typeof expectedOf>[0];

interface Row {
  readonly bowlId: string;
  readonly headId: string;
  readonly facts: string;
  readonly snapshot: string;
}

/**
 * What a bowl teaches is said against what the model expected. Hair is reckoned in locks now, and starch, syrup and egg thicken
 * by rules of their own, so what was expected of earlier bowls is reckoned anew; what was made, left and said stays as it was.
 */
export class HairInLocks1700000000008 implements MigrationInterface {
  readonly name = 'HairInLocks1700000000008';

  async up(runner: QueryRunner): Promise<void> {
    await rewrite(runner, (snapshot) => {
      const { texture, millilitres } = expectedOf(snapshot);
      return { texture, modelMillilitres: millilitres, flowLog10: flowOfRecord(snapshot) };
    });
  }

  async down(runner: QueryRunner): Promise<void> {
    await rewrite(runner, ({ mask, sized }) => ({
      texture: mask.texture,
      modelMillilitres: [sized.demand, ...sized.others].reduce(
        (sum, { total, reason }) => sum + total.median / reason.personalFactor,
        0,
      ),
    }));
  }
}

/** A record that holds too little to be reckoned anew keeps what it has. */
const isWhole = (snapshot: Partial<Snapshot>): snapshot is Snapshot =>
  snapshot.sized?.demand !== undefined &&
  snapshot.sized.lines.some(({ grams }) => grams > 0) &&
  snapshot.mask !== undefined &&
  snapshot.head !== undefined;

async function rewrite(runner: QueryRunner, expected: (snapshot: Snapshot) => Facts): Promise<void> {
  const rows = (await runner.query(
    `SELECT w.bowl_id AS bowlId, w.head_id AS headId, w.facts, b.snapshot FROM wear_log w JOIN bowl b ON b.id = w.bowl_id`,
  )) as Row[];
  for (const { bowlId, headId, facts, snapshot } of rows) {
    const whole = JSON.parse(snapshot) as Partial<Snapshot>;
    if (!isWhole(whole)) continue;
    const next = { ...(JSON.parse(facts) as Facts), ...expected(whole) };
    await runner.query('UPDATE wear_log SET facts = ? WHERE bowl_id = ? AND head_id = ?', [
      JSON.stringify(next),
      bowlId,
      headId,
    ]);
  }
}
