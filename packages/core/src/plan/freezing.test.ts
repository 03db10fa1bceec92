import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  brokenRules,
  freezeOn,
  highsSolver,
  planModel,
  problemOf,
  toldWeeks,
  withBowls,
  type Choice,
  type Highs,
  type PlanProblem,
  type Solver,
} from '.';
import { CATALOGUE, frozenHoursOf, ingredientById } from '../ingredient';
import { PLAN_POINTS as POINTS, type Chosen } from './problem';
import { QuickLook } from './quick';
import { aKitchen, A_MANGO, anEvening } from './testing';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});

const DAYS = 5;
/** Five days on which Ada may wear mango, and waits for nothing; the mango is fit on the first of them. */
function ada(mango: Partial<typeof A_MANGO> = {}, grams = 200): PlanProblem {
  const one = anEvening();
  const days = Array.from({ length: DAYS }, (_, on) => ({
    day: `2026-03-0${2 + on}`,
    at: Date.parse(`2026-03-0${2 + on}T17:00:00Z`),
    minutes: 120,
    isShopDay: false,
  }));
  const each = <T>(value: T): T[] => days.map(() => value);
  return {
    ...one,
    days,
    heads: one.heads
      .filter(({ id }) => id === 'ada')
      .map((head) => ({ ...head, canOn: each(true), everyDays: 99, lastOn: -1, leastDays: 1 })),
    options: one.options
      .filter(({ maskId }) => maskId === 'mango')
      .map((option) => ({
        ...option,
        points: 0,
        canOn: each(true),
        lines: [{ ingredientId: 'mango', grams }],
      })),
    supplies: [
      { ...A_MANGO, canFreeze: true, chance: days.map((_, on) => Number(on === 0)), needsCold: each(false), ...mango },
    ],
  };
}

const on = (...days: readonly number[]): readonly Chosen[] => days.map((day) => ({ optionId: 'mango ada', on: day }));
/** The best with given bowls, held against the rules and against the quick look. */
function chosen(problem: PlanProblem, bowls: readonly Chosen[]): Choice | undefined {
  const choice = withBowls(problem, planModel(problem), bowls, solver)?.choice;
  expect(new QuickLook(problem).cost(bowls)).toBeCloseTo(choice?.cost ?? Infinity, 6);
  if (choice) expect(brokenRules(problem, choice)).toEqual([]);
  return choice;
}
const frozenOf = (choice: Choice | undefined): number =>
  choice?.freezes.reduce((sum, { grams }) => sum + grams, 0) ?? 0;

describe('what is frozen in time', () => {
  it('is there for a bowl of a later day, and nothing of it is lost', () => {
    const choice = chosen(ada(), on(3));
    expect(choice?.bowls[0]?.draws).toEqual([
      expect.objectContaining({ supplyId: 'mango', grams: expect.closeTo(200, 3) as number, isFrozen: true }),
    ]);
    expect(frozenOf(choice)).toBeCloseTo(200, 3);
    expect(choice?.lostGrams).toBeCloseTo(0, 6);
    expect(choice?.cost).toBeCloseTo(POINTS.freezing, 6);
    // What does not freeze, or is fit on no day before, is there for nobody.
    expect(chosen(ada({ canFreeze: false }), on(3))).toBeUndefined();
    expect(chosen(ada({ chance: [0, 0, 0, 0, 1] }), on(3))).toBeUndefined();
  });

  it('is drawn as much as a bowl wants: what stays in the freezer is worn by nobody yet', () => {
    const choice = chosen(ada({ openDays: 1 }, 120), on(3));
    expect(choice?.bowls[0]?.draws[0]?.grams).toBeCloseTo(120, 3);
    expect(choice?.cost).toBeCloseTo(POINTS.freezing + (POINTS.frozen * POINTS.lost * 80) / 100, 6);
  });

  it('is the rest of a piece, too, that a bowl has cut before', () => {
    const choice = chosen(ada({ openDays: 1 }, 90), on(0, 4));
    expect(choice?.bowls.map(({ draws }) => draws.map(({ isFrozen }) => isFrozen))).toEqual([[false], [true]]);
    expect(frozenOf(choice)).toBeCloseTo(110, 3);
    expect(choice?.costs.freezing).toBeCloseTo(POINTS.freezing + (POINTS.frozen * POINTS.lost * 20) / 100, 6);
  });

  it('is frozen once for several bowls, and used fresh as long as it is fit', () => {
    const fit = { chance: [1, 1, 0, 0, 0] };
    const choice = chosen(ada(fit, 60), on(1, 3, 4));
    expect(choice?.bowls.map(({ draws }) => draws.map(({ isFrozen }) => isFrozen))).toEqual([[false], [true], [true]]);
    expect(choice?.costs.freezing).toBeCloseTo(POINTS.freezing + (POINTS.frozen * POINTS.lost * 20) / 100, 6);
  });

  it('is as doubtful as on its likeliest day', () => {
    const choice = chosen(ada({ chance: [0.6, 0.8, 0, 0, 0] }), on(4));
    expect(choice?.bowls[0]?.draws[0]?.chance).toBeCloseTo(0.8, 9);
    expect(choice?.costs.risk).toBeCloseTo(POINTS.risk * 0.2 * 2, 6);
  });

  it('goes there on the last day that is as good as sure, or on the likeliest', () => {
    expect(freezeOn({ chance: [0.6, 0.9, 0.85, 0.7, 0.5] })).toBe(2);
    expect(freezeOn({ chance: [0.5, 0.7, 0.6, 0.2, 0] })).toBe(1);
    expect(freezeOn({ chance: [0.3, 0.4, 0] })).toBe(-1);
  });

  it('is left alone where it will still be good at the end', () => {
    expect(frozenOf(chosen(ada({ lostShare: 0.2, leftShare: 0.2 }), []))).toBe(0);
    expect(frozenOf(chosen(ada(), []))).toBeCloseTo(200, 3);
  });

  it('is looked up by the rules: not more than was frozen, and not before it was', () => {
    const problem = ada();
    const choice = chosen(problem, on(3)) as Choice;
    expect(brokenRules(problem, { ...choice, freezes: [] })).toContain('not-frozen mango');
    const early = { ...choice, bowls: choice.bowls.map((bowl) => ({ ...bowl, on: 0 })) };
    expect(brokenRules(problem, early)).toContain('frozen-late mango 0');
  });

  it('is told by its lane: how much of it lies in the freezer at the end of each day', () => {
    const problem = ada({}, 120);
    const planned = { ...(chosen(problem, on(3)) as Choice), bound: 0, gap: 0, isProven: true };
    const { lanes } = toldWeeks({
      posed: { problem, refused: [], leftOut: [] },
      planned: { ...planned, byDay: { lostGrams: 0, cost: 0, costs: planned.costs } },
    });
    expect(lanes[0]?.frozenGrams).toBeCloseTo(200, 3);
    expect(lanes[0]?.iceGrams.map(Math.round)).toEqual([200, 200, 200, 80, 80]);
    expect(lanes[0]?.leftGrams.map(Math.round)).toEqual([200, 200, 200, 80, 80]);
  });
});

describe('a lot in the freezer', () => {
  const kitchen = aKitchen(1, { heads: 1, lots: 0 });
  const frozen = (placeId: string, useUpIds: readonly string[] = []) => {
    const since = new Date(kitchen.now - 3_600_000).toISOString();
    const avocados = {
      id: 'avocados',
      ingredientId: 'avocado',
      state: 'whole' as const,
      since,
      grams: 420,
      pieceGrams: 140,
      label: '',
      stays: [{ placeId, from: since }],
      touches: [{ at: since, stage: 'ready' as const }],
    };
    return problemOf({
      ...kitchen,
      lots: [avocados],
      wishes: { ...kitchen.wishes, useUpIds },
    }).problem.supplies.find(({ id }) => id === 'avocados');
  };

  it('is no egg in its shell, which bursts, but may be its white (USDA FSIS, from memory)', () => {
    const since = new Date(kitchen.now - 3_600_000).toISOString();
    const lot = (ingredientId: string, state: 'whole' | 'cut') => ({
      id: ingredientId,
      ingredientId,
      state,
      since,
      grams: 100,
      ...(state === 'whole' ? { pieceGrams: 50 } : {}),
      label: '',
      stays: [{ placeId: 'fridge', from: since }],
      touches: [],
    });
    const horizon = { ...kitchen.wishes, horizonDays: 28 };
    const { supplies } = problemOf({
      ...kitchen,
      lots: [lot('egg-whole', 'whole'), lot('egg-white', 'cut')],
      wishes: horizon,
    }).problem;
    const canFreeze = (id: string) => supplies.find((one) => one.id === id)?.canFreeze;
    expect(canFreeze('egg-whole')).toBe(false);
    expect(canFreeze('egg-white') ?? true).toBe(true);
    expect(frozenHoursOf(ingredientById(CATALOGUE, 'egg-whole'), 'whole')).toBeUndefined();
    expect(frozenHoursOf(ingredientById(CATALOGUE, 'egg-white'), 'cut')).toBe(6 * 30 * 24);
  });

  it('is there in portions on every day, and worth to a bowl what it cost to freeze it', () => {
    expect(frozen('freezer')).toMatchObject({
      units: 1,
      unitGrams: 420,
      openDays: undefined,
      lostShare: expect.closeTo(0, 9) as number,
      leftShare: POINTS.frozen,
      canFreeze: false,
    });
    expect(Math.min(...(frozen('freezer')?.chance ?? [0]))).toBeCloseTo(1, 9);
    expect(frozen('freezer', ['avocado'])?.leftShare).toBe(1);
    expect(frozen('counter')).toMatchObject({ units: 3, unitGrams: 140, openDays: 1, canFreeze: true });
  });
});
