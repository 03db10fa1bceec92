import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { brokenRules } from './check';
import { highsSolver, planWeeks, sizeIn, type Highs, type HouseholdOfWeeks, type PlannedWeeks, type SizeFor } from '.';
import { aKitchen } from './testing';

const solver = highsSolver((await loadHighs()) as unknown as Highs);
const household = aKitchen(3, { heads: 3, lots: 4, days: 10 });
/** Sizes so many bowls, and has no time for more. */
const sizesSo = (many: number): { size: SizeFor; asked: string[] } => {
  const asked: string[] = [];
  const size = sizeIn(household.house);
  return {
    asked,
    size: (heads, mask) => {
      asked.push(`${mask.id} ${heads.map(({ id }) => id).join('+')}`);
      return asked.length > many ? undefined : size(heads, mask);
    },
  };
};
const planned = (soon: SizeFor | undefined, change: Partial<HouseholdOfWeeks> = {}) => {
  const told: PlannedWeeks[] = [];
  const best = planWeeks(
    { ...household, ...change },
    solver,
    { seconds: 0.2, onBetter: (one) => told.push(one) },
    undefined,
    soon,
  );
  return { best, told };
};

describe('a first answer while bowls are still to be sized', () => {
  it('is made of those that are, keeps every rule, and is followed by the whole plan', () => {
    const { size } = sizesSo(12);
    const { best, told } = planned(size);
    const [first] = told;
    expect(first?.posed.problem.options).toHaveLength(12);
    expect(first?.planned.bowls.length).toBeGreaterThan(0);
    expect(first?.planned).toMatchObject({ isProven: false, gap: 1 });
    expect(brokenRules(first!.posed.problem, first!.planned)).toEqual([]);
    expect(best.posed.problem.options.length).toBeGreaterThan(40);
  });

  it('has something for every head, and what somebody wished before all', () => {
    const { size, asked } = sizesSo(7);
    const wish = { day: '2026-03-04', maskId: 'light-white', headIds: ['head-2'] };
    const { told } = planned(size, { wishes: { ...household.wishes, pins: [wish] } });
    expect(asked[0]).toBe('light-white head-2');
    const { options } = told[0]!.posed.problem;
    expect(new Set(options.flatMap(({ headIds }) => headIds))).toEqual(new Set(['head-0', 'head-1', 'head-2']));
  });

  it('is not waited for where everything is sized already, or something was planned before', () => {
    const all = sizesSo(Infinity);
    const { told } = planned(all.size);
    expect(told.every(({ posed }) => posed.problem.options.length > 40)).toBe(true);
    const none = sizesSo(0);
    const former = [{ day: '2026-03-03', maskId: 'freckled-banana', headIds: ['head-0'] }];
    planned(none.size, { former });
    expect(none.asked).toEqual([]);
  });
});
