import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { solve as solveByYalps, equalTo, greaterEq, inRange, lessEq, type Constraint } from 'yalps';
import {
  brokenRules,
  dayByDay,
  highsSolver,
  plan,
  planModel,
  withBowls,
  withMostLost,
  type Highs,
  type PlanProblem,
} from '.';
import { stepByStep } from './stepByStep';
import { mayOn, PLAN_POINTS } from './problem';
import type { Programme, Solver } from './programme';
import { QuickLook } from './quick';
import { aKitchen, A_MANGO, aMadeUpHousehold, anEvening } from './testing';
import { problemOf } from './problemOf';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});
const EXACT = { seconds: 20, gap: 1e-9 };

/** Every set of bowls that keeps the rules, one head after the other and day by day. */
function everySet(problem: PlanProblem): (readonly { optionId: string; on: number }[])[] {
  const quick = new QuickLook(problem);
  const { heads, days, options } = problem;
  const places = options.flatMap((option) =>
    days.flatMap((_, on) => (mayOn(option, heads, days, on) ? [{ optionId: option.id, on }] : [])),
  );
  const sets: (readonly { optionId: string; on: number }[])[] = [];
  const go = (from: number, chosen: readonly { optionId: string; on: number }[]): void => {
    sets.push(chosen);
    for (let i = from; i < places.length; i++) {
      const next = [...chosen, places[i] as (typeof places)[number]];
      if (quick.keepsRules(next)) go(i + 1, next);
    }
  };
  go(0, []);
  return sets;
}

/** Without pieces, shops and sparing every draw is the next best one, so that enumeration needs no solver. */
const loose = (problem: PlanProblem): PlanProblem => ({
  ...problem,
  sparedShare: 0,
  days: problem.days.map((day) => ({ ...day, isShopDay: false })),
  supplies: problem.supplies
    .filter(({ boughtOn }) => boughtOn === undefined)
    .filter(({ ingredientId }, i, all) => all.findIndex((one) => one.ingredientId === ingredientId) === i)
    .map((supply) => ({
      ...supply,
      openDays: undefined,
      chance: supply.chance.map((chance) => (chance === 1 ? 1 : 0)),
    })),
});

describe('the best plan', () => {
  it('is the best of all that could be, on five hundred small households by exhaustive search', () => {
    for (let seed = 1; seed <= 500; seed++) {
      const problem = loose(aMadeUpHousehold(seed, { heads: 2, days: 3, masks: 2, lots: 3, isShared: seed % 2 === 0 }));
      const quick = new QuickLook(problem);
      const least = Math.min(...everySet(problem).map((set) => quick.cost(set)));
      const { cost, status } = solver(planModel(problem).programme, EXACT);
      expect(status).toBe('best');
      expect(Math.abs(cost - least), `seed ${seed}: ${cost} and ${least}`).toBeLessThan(1e-4);
    }
  });

  it('is never beaten by any set of bowls where pieces are opened and bought', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 2, days: 3, masks: 2, lots: 3 });
      const quick = new QuickLook(problem);
      const least = Math.min(...everySet(problem).map((set) => quick.cost(set)));
      expect(solver(planModel(problem).programme, EXACT).cost, `seed ${seed}`).toBeLessThan(least + 1e-4);
    }
  });

  it('costs the same for a second solver (YALPS, branch and cut by another hand)', () => {
    let compared = 0;
    for (let seed = 1; seed <= 25; seed++) {
      const { programme } = planModel(aMadeUpHousehold(seed, { heads: 2, days: 4, masks: 3, lots: 3, isShared: true }));
      const theirs = byYalps(programme);
      const ours = solver(programme, EXACT);
      if (theirs === undefined) continue;
      compared += 1;
      expect(Math.abs(ours.cost - theirs), `seed ${seed}`).toBeLessThan(1e-4);
    }
    // It may run out of time on a few.
    expect(compared).toBeGreaterThan(20);
  });
});

function byYalps({ cost, lower, upper, isWhole, rows }: Programme): number | undefined {
  const constraints: Record<string, Constraint> = {};
  const variables = cost.map((its): Record<string, number> => ({ cost: its }));
  rows.forEach((row, r) => {
    const { lower: low, upper: high } = row;
    constraints[`r${r}`] =
      low === high
        ? equalTo(low)
        : low === -Infinity
          ? lessEq(high)
          : high === Infinity
            ? greaterEq(low)
            : inRange(low, high);
    row.columns.forEach((column, i) => {
      const of = variables[column] as Record<string, number>;
      of[`r${r}`] = (of[`r${r}`] ?? 0) + (row.values[i] ?? 0);
    });
  });
  variables.forEach((of, i) => {
    const [low, high] = [lower[i] ?? 0, upper[i] ?? Infinity];
    if (high === Infinity && low === 0) return;
    of[`b${i}`] = 1;
    constraints[`b${i}`] = high === Infinity ? greaterEq(low) : inRange(low, high);
  });
  const answer = solveByYalps(
    {
      direction: 'minimize',
      objective: 'cost',
      constraints,
      variables: Object.fromEntries(variables.map((of, i) => [`x${i}`, of])),
      integers: isWhole.flatMap((is, i) => (is ? [`x${i}`] : [])),
    },
    { timeout: 4000, maxIterations: 200_000 },
  );
  return answer.status === 'optimal' ? answer.result : undefined;
}

describe('a plan', () => {
  it('keeps every rule, looked up by somebody who knows no programme', () => {
    for (let seed = 1; seed <= 150; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 2, days: 8, masks: 5, lots: 5, isShared: seed % 2 === 0 });
      const held = withBowls(problem, planModel(problem), dayByDay(problem), solver);
      expect(held && brokenRules(problem, held.choice), `seed ${seed}`).toEqual([]);
    }
  });

  it('keeps every rule once it is searched for, loses no more than going by the day, and costs what the quick look says at the most', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 2, days: 7, masks: 6, lots: 5, isShared: true });
      const found = plan(problem, solver, { seconds: 0.5 });
      expect(brokenRules(problem, found), `seed ${seed}`).toEqual([]);
      expect(found.lostGrams, `seed ${seed}`).toBeLessThan(found.byDay.lostGrams + 0.1);
      expect(found.cost).toBeLessThan(found.byDay.cost + 1e-6);
      expect(found.bound).toBeLessThan(found.cost + 1e-6);
      expect(found.cost).toBeLessThan(new QuickLook(problem).cost(found.bowls) + 0.01);
    }
  });

  it('is never looked at too kindly by the quick look, in kitchens with shops, pieces and a freezer', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const { problem } = problemOf(aKitchen(seed, { heads: 3, lots: 12 }));
      const model = planModel(problem);
      const quick = new QuickLook(problem);
      const step = stepByStep(quick);
      for (const set of [dayByDay(problem), ...[0, 1, 2].map((way) => step([[]], { looks: 300, seed: way }))]) {
        const exact = withBowls(problem, model, set, solver)?.choice.cost ?? Infinity;
        expect(quick.cost(set), `seed ${seed}`).toBeGreaterThan(exact - 0.02 - 1e-4 * exact);
      }
    }
  });

  it('is told as soon as there is one, and each time there is a better one', () => {
    const { problem } = problemOf(aKitchen(2, { heads: 2, lots: 6 }));
    const told: number[] = [];
    const best = plan(problem, solver, { seconds: 2, onBetter: ({ cost }) => told.push(cost) });
    expect(told.length).toBeGreaterThan(1);
    told.forEach((cost, i) => {
      if (i > 0) expect(cost).toBeLessThan(told[i - 1] ?? 0);
    });
    expect(best.cost).toBeLessThanOrEqual(told.at(-1) ?? 0);
    expect(best.bound).toBeLessThanOrEqual(best.cost);
  });

  it('claims nothing of the best where the search was broken off before it knew anything', () => {
    const { problem } = problemOf(aKitchen(2, { heads: 2, lots: 6 }));
    const small = 600;
    const brokenOff: Solver = (programme, options) =>
      programme.cost.length < small && programme.isWhole.some(Boolean)
        ? solver(programme, options)
        : { status: 'impossible', cost: Infinity, bound: Infinity, values: [], seconds: 9 };
    const found = plan(problem, brokenOff, { seconds: 1 });
    expect(found.gap).toBe(1);
    expect(found.bound).toBe(0);
    expect(found.isProven).toBe(false);
    expect(found.bowls.length).toBeGreaterThan(0);
  });

  it('changes nothing where nothing has changed', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 2, days: 7, masks: 6, lots: 5 });
      const first = plan(problem, solver, { seconds: 0.5 });
      const former = first.bowls.map(({ optionId, on }) => ({ optionId, on }));
      const again = plan({ ...problem, former }, solver, { seconds: 0.5 });
      expect(again.bowls.map(({ optionId, on }) => `${optionId} ${on}`)).toEqual(
        former.map(({ optionId, on }) => `${optionId} ${on}`),
      );
      expect(again.costs.changed).toBe(0);
    }
  });

  it('keeps what is pinned, and says what a pin lacks', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 2, days: 7, masks: 6, lots: 5 });
      const option = problem.options[seed % problem.options.length];
      const pin = { optionId: option?.id ?? '', on: seed % 7 };
      const pinnedProblem = { ...problem, pins: [pin] };
      const found = plan(pinnedProblem, solver, { seconds: 0.5 });
      expect(found.bowls).toContainEqual(expect.objectContaining({ ...pin, isPinned: true }));
      expect(brokenRules(pinnedProblem, found), `seed ${seed}`).toEqual([]);
    }
  });

  it('spends no more than is to be spent', () => {
    let spenders = 0;
    for (let seed = 1; seed <= 6; seed++) {
      const problem = aMadeUpHousehold(seed, { heads: 3, days: 10, masks: 8, lots: 2 });
      const spentOf = (budget?: number): number =>
        plan({ ...problem, budget }, solver, { seconds: 0.5 }).purchases.reduce((sum, { money = 0 }) => sum + money, 0);
      const free = spentOf();
      if (free < 0.3) continue;
      spenders += 1;
      expect(spentOf(free / 3), `seed ${seed}`).toBeLessThanOrEqual(free / 3 + 0.01);
    }
    expect(spenders).toBeGreaterThan(1);
  });
});

describe('what is lost', () => {
  it('is all that is left of a fruit, and a tenth of what is left of a pack that was bought', () => {
    const lostOf = (weight: number): number => {
      const pack = { ...A_MANGO, lotId: undefined, boughtOn: 0, unitGrams: 400, weight };
      const problem = anEvening({ supplies: [pack], pins: [{ optionId: 'mango ada', on: 0 }] });
      const found = plan(problem, solver, { seconds: 0.5 });
      expect(brokenRules(problem, found)).toEqual([]);
      expect(found.lost.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(found.lostGrams, 6);
      return found.lostGrams;
    };
    expect(lostOf(1)).toBeCloseTo(200, 3);
    expect(lostOf(0.1)).toBeCloseTo(20, 3);
    // What is to be used up weighs more and is lost once.
    const wished = anEvening({ supplies: [{ ...A_MANGO, weight: 3 }], options: [] });
    expect(withBowls(wished, planModel(wished), [], solver)?.choice.lostGrams).toBeCloseTo(200, 3);
  });

  it('is all of a fruit that nobody wants: none is cut so that its rest looks half saved', () => {
    const cut = { ...A_MANGO, openDays: 3 };
    for (const options of [[], anEvening().options.slice(0, 2)]) {
      const problem = anEvening({ supplies: [cut], options });
      expect(withBowls(problem, planModel(problem), [], solver)?.choice.lostGrams).toBeCloseTo(200, 3);
    }
    // Where a bowl takes of it, no more of them are opened than the bowl wants.
    const two = { ...cut, units: 3, unitGrams: 80 };
    const wanted = anEvening({ supplies: [two], pins: [{ optionId: 'mango ada', on: 0 }] });
    const option = {
      ...(wanted.options[2] as PlanProblem['options'][number]),
      lines: [{ ingredientId: 'mango', grams: 70 }],
    };
    const problem = { ...wanted, options: [option] };
    // One is cut, and of what is left of it half counts; the two others are lost whole.
    expect(withBowls(problem, planModel(problem), problem.pins, solver)?.choice.costs.lost).toBeCloseTo(
      (PLAN_POINTS.lost * (160 + 0.5 * 10)) / 100,
      4,
    );
  });

  it('is frozen only where there is a day on which it is ready', () => {
    const frozen = (chance: number): number => {
      const problem = anEvening({ supplies: [{ ...A_MANGO, canFreeze: true, chance: [chance] }], options: [] });
      const held = withBowls(problem, planModel(problem), [], solver)?.choice;
      expect(new QuickLook(problem).cost([])).toBeCloseTo(held?.cost ?? 0, 6);
      return held?.freezes.reduce((sum, { grams }) => sum + grams, 0) ?? 0;
    };
    expect(frozen(1)).toBeCloseTo(200, 3);
    expect(frozen(0.3)).toBe(0);
  });

  it('costs dear beyond what going by the day loses, in the quick look as in the programme', () => {
    const problem = anEvening();
    const dear = (PLAN_POINTS.lostMore * 150) / 100;
    expect(new QuickLook(problem, 50).cost([]) - new QuickLook(problem).cost([])).toBeCloseTo(dear, 6);
    const costOf = (most: number) => withBowls(problem, withMostLost(planModel(problem), most), [], solver)?.choice;
    const [free, tight] = [costOf(Infinity), costOf(50)];
    expect((tight?.cost ?? 0) - (free?.cost ?? 0)).toBeCloseTo(dear, 6);
  });
});

describe('the search step by step', () => {
  it('never ends worse than it began, and keeps the rules', () => {
    for (let seed = 1; seed <= 4; seed++) {
      const { problem } = problemOf(aKitchen(seed, { heads: 2, lots: 6 }));
      const quick = new QuickLook(problem);
      const began = dayByDay(problem);
      const ended = stepByStep(quick)([began]);
      expect(quick.keepsRules(ended)).toBe(true);
      expect(quick.cost(ended)).toBeLessThanOrEqual(quick.cost(began));
    }
  });

  it('lets the others keep a bowl when one of those who share it has another', () => {
    const problem = anEvening();
    // A single step from the bowl for all: with too few looks for anything else.
    const ended = stepByStep(new QuickLook(problem))([[{ optionId: 'oats ada+bo+cy', on: 0 }]], { looks: 12 });
    expect(ended.map(({ optionId }) => optionId).sort()).toEqual(['mango ada', 'oats bo+cy']);
  });
});
