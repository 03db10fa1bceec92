import { describe, expect, it } from 'vitest';
import {
  BUILT_IN_MASKS,
  estimateTexture,
  formulaMillilitresPerGram,
  NEEDS,
  normaliseShares,
  textureBounds,
  textureClass,
} from '..';
import { reviewMask } from '../../batch';
import { CATALOGUE, FAMILIES, ingredientById } from '../../ingredient';
import { SPOON_SETS } from '../../measure';

describe.each(BUILT_IN_MASKS.map((mask) => [mask.id, mask] as const))('%s', (_, mask) => {
  it('shares out to one, every part known', () => {
    expect(mask.parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    for (const { ingredientId, measuredBy } of mask.parts)
      expect(ingredientById(CATALOGUE, ingredientId).measuredBy).toContain(measuredBy);
  });

  it('passes the review: texture, order, cool egg, limits, and amounts from the shortest to the longest head', () => {
    expect(reviewMask(mask, CATALOGUE, SPOON_SETS.us)).toEqual([]);
  });
});

describe('the book', () => {
  it('holds at least two dozen masks over the families of a kitchen', () => {
    expect(BUILT_IN_MASKS.length).toBeGreaterThanOrEqual(24);
    const families = new Set(
      BUILT_IN_MASKS.flatMap(({ parts }) => parts.map((part) => ingredientById(CATALOGUE, part.ingredientId).family)),
    );
    expect(FAMILIES.filter((family) => !families.has(family))).toEqual([]);
  });

  it('serves every need, slot and length of wear', () => {
    for (const need of NEEDS)
      expect(BUILT_IN_MASKS.filter(({ needs }) => needs.includes(need)).length).toBeGreaterThan(0);
    expect(new Set(BUILT_IN_MASKS.map(({ slot }) => slot)).size).toBeGreaterThanOrEqual(2);
    const aims = BUILT_IN_MASKS.map(({ wear }) => wear.aimMinutes);
    expect(Math.min(...aims)).toBeLessThanOrEqual(20);
    expect(Math.max(...aims)).toBeGreaterThanOrEqual(300);
  });
});

describe('texture', () => {
  const of = (...parts: [string, number][]) =>
    estimateTexture(
      parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
      CATALOGUE,
    ).flowLog10;

  // Common practice, no published source.
  it('orders everyday pairs as any cook would', () => {
    expect(of(['banana', 100])).toBeGreaterThan(of(['yogurt', 100]));
    expect(of(['yogurt', 100])).toBeGreaterThan(of(['coconut-milk', 100]));
    expect(of(['coconut-milk', 100])).toBeGreaterThan(of(['milk', 100]));
    expect(of(['yogurt', 100], ['milk', 30])).toBeLessThan(of(['yogurt', 100]));
    expect(of(['milk', 100], ['yogurt', 30])).toBeGreaterThan(of(['milk', 100]));
  });

  it('names its classes at their bounds', () => {
    expect(textureClass(1.79)).toBe('runny');
    expect(textureClass(1.8)).toBe('pourable');
    expect(textureClass(9)).toBe('stiff');
    expect(textureBounds('creamy')).toEqual([3.0, 4.2]);
    expect(() => estimateTexture([], CATALOGUE)).toThrow(RangeError);
  });
});

it('refuses a formula of nothing', () => {
  const [mask] = BUILT_IN_MASKS;
  expect(() => normaliseShares([])).toThrow(RangeError);
  expect(() => normaliseShares(mask!.parts.map((part) => ({ ...part, share: 0 })))).toThrow(RangeError);
  expect(formulaMillilitresPerGram(mask!, CATALOGUE)).toBeGreaterThan(0.8);
});
