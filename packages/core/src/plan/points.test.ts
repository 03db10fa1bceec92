import loadHighs from 'highs';
import { beforeAll, expect, it } from 'vitest';
import { highsSolver, plan, planModel, withBowls, withMostLost, type Highs, type PlanProblem, type Solver } from '.';
import type { CostKind } from './model';
import type { Chosen, Option } from './problem';
import { QuickLook } from './quick';
import { problemOf } from './problemOf';
import { A_MANGO, aKitchen, anEvening } from './testing';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});

/** What bowls cost and for what, nothing left out; the quick look has to come to the same. */
function costsOf(problem: PlanProblem, bowls: readonly Chosen[]): Partial<Record<CostKind, number>> {
  const choice = withBowls(problem, planModel(problem), bowls, solver)?.choice;
  expect(new QuickLook(problem).cost(bowls)).toBeCloseTo(choice?.cost ?? NaN, 6);
  const paid = Object.entries(choice?.costs ?? {}).filter(([, points]) => Math.abs(points) > 1e-9);
  return Object.fromEntries(paid.map(([kind, points]) => [kind, Math.round(points * 1e6) / 1e6]));
}

const MANGO_FOR_ADA = { optionId: 'mango ada', on: 0 };
/** The evening without oats, and with heads that wait for nothing. */
const alone = (change: Partial<PlanProblem> = {}): PlanProblem => {
  const evening = anEvening();
  return {
    ...evening,
    options: evening.options.filter(({ maskId }) => maskId === 'mango').map((option) => ({ ...option, points: 0 })),
    heads: evening.heads.map((head) => ({ ...head, everyDays: 99, lastOn: -1, leastDays: 1 })),
    ...change,
  };
};
const wanting = (ingredientId: string, grams: number): Option[] =>
  alone().options.map((option) => ({ ...option, lines: [{ ingredientId, grams }] }));

// What everything weighs is decided by this project; a figure changed by hand is to be seen.
it('weighs a fruit that turns, one that is frozen, and one planned on with an even chance', () => {
  expect(costsOf(alone(), [])).toEqual({ lost: 16 });
  expect(costsOf(alone({ supplies: [{ ...A_MANGO, canFreeze: true }] }), [])).toEqual({ freezing: 12.3 });
  expect(costsOf(alone({ supplies: [{ ...A_MANGO, chance: [0.5] }] }), [MANGO_FOR_ADA])).toEqual({ risk: 2 });
});

it('weighs what a bowl goes without, spared or missing', () => {
  const small = [{ ...A_MANGO, unitGrams: 190 }];
  expect(costsOf(alone({ supplies: small, sparedShare: 0.1 }), [MANGO_FOR_ADA])).toEqual({ lost: 0.02 });
  const half = alone({ supplies: [{ ...A_MANGO, unitGrams: 100 }], pins: [MANGO_FOR_ADA] });
  expect(costsOf(half, [MANGO_FOR_ADA])).toEqual({ missing: 20 });
});

it('weighs what is lost beyond going by the day twice as much again', () => {
  const problem = alone();
  expect(withBowls(problem, withMostLost(planModel(problem), 50), [], solver)?.choice.cost).toBeCloseTo(16 + 24, 6);
});

it('weighs a way, a thing on the list, a pack and money', () => {
  const bought = { ...A_MANGO, lotId: undefined, boughtOn: 0, unitWorth: 4, unitPrice: 4 };
  expect(costsOf(alone({ supplies: [bought] }), [MANGO_FOR_ADA])).toEqual({ shopping: 0.8 + 0.5 + 4 * 4 });
  const good = { ingredientId: 'oats', grams: 0, pricePerGram: 0.01, worthPerGram: 0.01, packGrams: 100 };
  const oats = alone({ options: wanting('oats', 50), goods: [good], supplies: [] });
  // Half of a pack that keeps is paid for this bowl.
  expect(costsOf(oats, [MANGO_FOR_ADA])).toEqual({ shopping: 3.32 });
});

it('weighs a head that waits, what it is time for, the same once more, and what was planned before', () => {
  const waiting = { ...anEvening(), supplies: [] };
  expect(costsOf(waiting, [])).toEqual({ late: 3 * 2 });
  const due = alone({
    supplies: [],
    options: wanting('tap', 0).map((option) => ({ ...option, rhythms: ['protein'] as const })),
    heads: alone().heads.map((head) => ({ ...head, due: [{ rhythm: 'protein' as const, from: 0 }] })),
  });
  expect(costsOf(due, [])).toEqual({ due: 1.5 });
  expect(costsOf(alone({ supplies: [], options: wanting('tap', 0), former: [MANGO_FOR_ADA] }), [])).toEqual({
    changed: 1,
  });
  const [day] = alone().days;
  const twice = alone({
    supplies: [],
    days: day ? [day, { ...day, day: '2026-03-03' }] : [],
    options: wanting('tap', 0).map((option) => ({ ...option, canOn: [true, true] })),
    heads: alone().heads.map((head) => ({ ...head, canOn: [true, true] })),
  });
  expect(costsOf(twice, [MANGO_FOR_ADA, { ...MANGO_FOR_ADA, on: 1 }])).toEqual({ again: 0.8 });
});

it('buys what saves a fruit while that costs less than the fruit is worth', () => {
  const bowlsAt = (unitWorth: number): number => {
    const tub = {
      ...A_MANGO,
      id: 'tub',
      ingredientId: 'yogurt',
      lotId: undefined,
      boughtOn: 0,
      unitGrams: 100,
      unitWorth,
    };
    const options = alone().options.map((option) => ({
      ...option,
      lines: [...option.lines, { ingredientId: 'yogurt', grams: 100 }],
    }));
    return plan(alone({ options, supplies: [A_MANGO, tub] }), solver, { seconds: 0.5 }).bowls.length;
  };
  // 16 points for the mango; 1.3 for the way and the thing leave 14.7, which is 3.68 in money.
  expect(bowlsAt(3.6)).toBe(1);
  expect(bowlsAt(3.8)).toBe(0);
});

it('weighs half a point for an hour from knife to rinse, beside what a mask suits less than the best', () => {
  const { problem } = problemOf(aKitchen(1, { heads: 2, lots: 6 }));
  for (const { id } of problem.heads) {
    const own = problem.options.filter(({ headIds }) => headIds.length === 1 && headIds[0] === id);
    const regrets = own.map(({ points, handsOnMinutes, wearMinutes }) => points - (handsOnMinutes + wearMinutes) / 120);
    expect(regrets.length).toBeGreaterThan(5);
    expect(Math.min(...regrets)).toBeCloseTo(0, 6);
  }
});
