import { describe, expect, it } from 'vitest';
import { CATALOGUE, INGREDIENTS } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, composed, type Mask } from '../mask';
import { anAdult, aProfile } from '../testing';
import { sizeBowl, type SizedHead } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const head: SizedHead = { profile: aProfile(), wearer: anAdult };
const us = { spoons: SPOON_SETS.us };

describe('odd wishes', () => {
  it('answers contradictory locks with the least bad, marked', () => {
    const mask = maskCalled('two-yolk-evening');
    const bowl = sizeBowl(head, mask, CATALOGUE, { ...us, lockedGrams: { 'egg-yolk': 170, yogurt: 10 } });
    const grams = Object.fromEntries(bowl.lines.map((line) => [line.ingredientId, line.grams]));
    expect(grams).toMatchObject({ 'egg-yolk': 170, yogurt: 10 });
    expect(bowl.fits).toBe(false);
    expect(bowl.outOfTolerance.length).toBeGreaterThan(0);
  });

  it('lets a cap win: the bowl grows with a locked scent, and says so where it cannot', () => {
    const mask = maskCalled('flax-slip');
    const grown = sizeBowl(head, mask, CATALOGUE, { ...us, lockedGrams: { 'lavender-oil': 5 } });
    expect(grown.brokenCaps).toEqual([]);
    expect(grown.madeMillilitres).toBeGreaterThan(500);
    const everything = Object.fromEntries(mask.parts.map(({ ingredientId }) => [ingredientId, 20]));
    const stuck = sizeBowl(head, mask, CATALOGUE, { ...us, lockedGrams: everything });
    expect(stuck.brokenCaps.map(({ id }) => id)).toEqual(['scent']);
    expect(stuck.fits).toBe(false);
  });

  it('takes a formula with next to no tolerance', () => {
    const mask = maskCalled('rice-silk');
    const strict = { ...mask, parts: mask.parts.map((part) => ({ ...part, tolerance: 1e-6 })) };
    const bowl = sizeBowl(head, strict, CATALOGUE, us);
    expect(bowl.madeMillilitres).toBeGreaterThan(0);
    expect(bowl.outOfTolerance.length).toBeGreaterThan(0);
  });

  it('sizes a mask of forty ingredients', () => {
    const forty = INGREDIENTS.filter(({ family }) => family !== 'pepper').slice(0, 40);
    const parts = composed(
      forty.map(({ id, measuredBy }) => ({ ingredientId: id, grams: measuredBy[0] === 'drop' ? 0.1 : 10 })),
      CATALOGUE,
    );
    const bowl = sizeBowl(head, { ...maskCalled('rice-silk'), parts }, CATALOGUE, us);
    expect(bowl.lines).toHaveLength(40);
    expect(bowl.gap).toBeGreaterThanOrEqual(0);
    expect(bowl.brokenCaps).toEqual([]);
  });

  it.each([
    ['no ingredient', []],
    ['shares that sum to nothing', maskCalled('rice-silk').parts.map((part) => ({ ...part, share: 0 }))],
    ['an unknown ingredient', [{ ...maskCalled('rice-silk').parts[0]!, ingredientId: 'moonlight' }]],
  ])('refuses a formula of %s in words', (_, parts) => {
    expect(() => sizeBowl(head, { ...maskCalled('rice-silk'), parts }, CATALOGUE, us)).toThrow(RangeError);
  });
});
