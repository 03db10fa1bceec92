import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  differenceOf,
  highsSolver,
  ifMoved,
  insteadOf,
  otherwise,
  plan,
  PLAN_POINTS,
  toldWeeks,
  withoutBowl,
  type Highs,
} from '.';
import { brokenRules } from './check';
import { planModel } from './model';
import type { Option, PlanProblem, Supply } from './problem';
import type { Solver } from './programme';
import { withBowls, type Planned } from './solve';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});

const DAYS = 8;
const all = <T>(value: T): T[] => Array.from({ length: DAYS }, () => value);
const option = (maskId: string, points: number, fruit = 0): Option => ({
  id: `${maskId} ada`,
  maskId,
  headIds: ['ada'],
  handsOnMinutes: 10,
  wearMinutes: 30,
  madeMillilitres: 150,
  lines: fruit > 0 ? [{ ingredientId: 'avocado', grams: fruit }] : [{ ingredientId: 'oats', grams: 50 }],
  rhythms: ['deep'],
  repeatDays: undefined,
  points,
  terms: {},
  canOn: all(true),
});
const avocado = (chance: readonly number[]): Supply => ({
  id: 'lot',
  ingredientId: 'avocado',
  lotId: 'lot',
  boughtOn: undefined,
  units: 1,
  unitGrams: 140,
  openDays: 1,
  chance,
  needsCold: all(false),
  lostShare: 1,
  leftShare: 1,
  weight: 1,
  canFreeze: false,
  unitPrice: undefined,
  unitWorth: 0,
});
/** One head who is due on the third day, an avocado that is about ready then, and oats in plenty. */
const aProblem = (chance: readonly number[], change: Partial<PlanProblem> = {}): PlanProblem => ({
  days: all(0).map((_, on) => ({ day: `2026-03-0${on + 2}`, at: on, minutes: 120, isShopDay: false })),
  heads: [{ id: 'ada', everyDays: 8, leastDays: 2, canOn: all(true), lastOn: -6, due: [], strictDays: {} }],
  options: [option('green', 1, 140), option('oaten', 0.5)],
  supplies: [avocado(chance)],
  goods: [{ ingredientId: 'oats', grams: 1000, pricePerGram: undefined, worthPerGram: 0.01, packGrams: 500 }],
  pins: [],
  budget: undefined,
  sparedShare: 0.12,
  former: [],
  ...change,
});
const ABOUT_THE_THIRD = [0, 0.2, 0.7, 0.6, 0.5, 0.3, 0.1, 0];
const RIPE = [1, 1, 1, 0.2, 0, 0, 0, 0];
const planned = (problem: PlanProblem): Planned => plan(problem, solver, { seconds: 5 });

describe('a bowl of the plan', () => {
  it('uses the fruit on the surest day, and is told with what it draws', () => {
    const problem = aProblem(RIPE);
    const found = planned(problem);
    expect(found.bowls.map(({ maskId }) => maskId)).toEqual(['green']);
    const weeks = toldWeeks({ posed: { problem, refused: [], leftOut: [] }, planned: found });
    expect(weeks.bowls[0]).toMatchObject({ maskId: 'green', minutes: 40, madeMillilitres: 150, isPinned: false });
    const on = weeks.bowls[0]?.on ?? 0;
    expect(weeks.lanes[0]).toMatchObject({ lotId: 'lot', grams: 140, lostGrams: 0 });
    expect(weeks.lanes[0]?.leftGrams.map((grams) => Math.round(grams))).toEqual(
      all(0).map((_, day) => (day < on ? 140 : 0)),
    );
    expect(weeks.late).toEqual([{ headId: 'ada', days: 0 }]);
  });

  it('says what would turn without it', () => {
    const problem = aProblem(RIPE);
    const found = planned(problem);
    const than = withoutBowl(problem, found, found.bowls[0] ?? { optionId: '', on: 0 }, solver);
    expect(than?.lost).toEqual([{ ingredientId: 'avocado', grams: 140 }]);
    expect(than?.points).toBeGreaterThan(3);
  });

  it('has others that would do in its place, each with what it would change', () => {
    const problem = aProblem(RIPE);
    const found = planned(problem);
    const bowl = found.bowls[0] ?? { optionId: '', on: 0 };
    const others = insteadOf(problem, found, bowl, solver);
    expect(others.map(({ maskId }) => maskId)).toEqual(['oaten']);
    expect(others[0]?.difference).toMatchObject({ lostGrams: 140, buys: [], missing: [] });
    // 140 g at their points for a hundred, less the half point by which oats suit better.
    expect(others[0]?.difference.points).toBeCloseTo(1.4 * PLAN_POINTS.lost - 0.5, 6);
  });

  it('can be tried on another day: what turns then, what gives way, and where it is forbidden', () => {
    const problem = aProblem(RIPE);
    const found = planned(problem);
    const bowl = found.bowls[0] ?? { optionId: '', on: 0 };
    const same = ifMoved(problem, found, bowl, bowl, solver);
    expect(same?.difference.points).toBeCloseTo(0, 6);
    const late = ifMoved(problem, found, bowl, { ...bowl, on: 5 }, solver);
    expect(late?.difference.missing).toEqual([{ ingredientId: 'avocado', grams: expect.closeTo(123.2, 0) as number }]);
    expect(late?.difference.lostGrams).toBeCloseTo(140, 3);
    const two = withBowls(problem, planModel(problem), [bowl, { optionId: 'oaten ada', on: 6 }], solver);
    if (!two) throw new Error('Both can be.');
    expect(ifMoved(problem, two.choice, bowl, { ...bowl, on: 5 }, solver)?.gone).toEqual([
      { optionId: 'oaten ada', on: 6 },
    ]);
    const forbidden = {
      ...problem,
      options: problem.options.map((one) => ({ ...one, canOn: one.canOn.map((_, on) => on !== 5) })),
    };
    expect(ifMoved(forbidden, found, bowl, { ...bowl, on: 5 }, solver)).toBeUndefined();
  });

  it('costs nothing against itself', () => {
    const found = planned(aProblem(RIPE));
    expect(differenceOf(found, found)).toEqual({ points: 0, lost: [], lostGrams: 0, buys: [], money: 0, missing: [] });
  });
});

describe('fruit that may be late', () => {
  it('has another plan: oats on its day, and the avocado two days later', () => {
    // Due on the third day: waiting costs more than oats do.
    const problem = aProblem(ABOUT_THE_THIRD);
    const found = planned(problem);
    expect(found.bowls.map(({ maskId, on }) => [maskId, on])).toEqual([['green', 2]]);
    expect(brokenRules(problem, found)).toEqual([]);
    expect(otherwise(problem, found)).toEqual([
      {
        lotId: 'lot',
        ingredientId: 'avocado',
        on: 2,
        headIds: ['ada'],
        maskId: 'green',
        chance: expect.closeTo(0.3, 6) as number,
        insteadMaskId: 'oaten',
        laterOn: 4,
      },
    ]);
  });

  it('needs none where it is as good as sure, or where the doubt is that it is past', () => {
    const sure = aProblem([0, 0.5, 0.97, 0.97, 0.9, 0, 0, 0]);
    expect(otherwise(sure, planned(sure))).toEqual([]);
    const ending = aProblem([0.9, 0.8, 0.7, 0, 0, 0, 0, 0], { pins: [{ optionId: 'green ada', on: 2 }] });
    expect(otherwise(ending, planned(ending))).toEqual([]);
  });
});
