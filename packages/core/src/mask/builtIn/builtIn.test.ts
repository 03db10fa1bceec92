import { describe, expect, it } from 'vitest';
import {
  BUILT_IN_MASKS,
  estimateTexture,
  formulaMillilitresPerGram,
  gramsToReach,
  normaliseShares,
  textureBounds,
  textureClass,
} from '..';
import { sizeBowl } from '../../batch';
import type { DENSITY_PER_SQUARE_CENTIMETRE } from '../../hair';
import { CATALOGUE, ingredientById } from '../../ingredient';
import { SPOON_SETS } from '../../measure';
import { anAdult, aProfile } from '../../testing';

const head = (stretchedLengthCentimetres: number, density: keyof typeof DENSITY_PER_SQUARE_CENTIMETRE) =>
  aProfile({ stretchedLengthCentimetres, amount: { kind: 'density', density } });

describe.each(BUILT_IN_MASKS.map((mask) => [mask.id, mask] as const))('%s', (_, mask) => {
  it('shares out to one, every part known', () => {
    expect(mask.parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    for (const { ingredientId, measuredBy } of mask.parts)
      expect(ingredientById(CATALOGUE, ingredientId).measuredBy).toContain(measuredBy);
  });

  it('has the texture it is meant to have', () => {
    const grams = mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share }));
    const estimate = estimateTexture(grams, CATALOGUE);
    // An oil stands apart: it is classed by how it spreads, and must at least pour.
    if (mask.texture === 'oil') expect(estimate.flowLog10).toBeLessThan(3);
    else expect(estimate.texture).toBe(mask.texture);
  });

  it('is in order: wear times rise, stains go before shampoo, egg stays cool', () => {
    const { minimumMinutes, aimMinutes, limitMinutes } = mask.wear;
    expect(minimumMinutes).toBeLessThanOrEqual(aimMinutes);
    expect(aimMinutes).toBeLessThanOrEqual(limitMinutes);
    const ingredients = mask.parts.map(({ ingredientId }) => ingredientById(CATALOGUE, ingredientId));
    if (ingredients.some(({ stains }) => stains)) expect(mask.slot).toBe('before-shampoo');
    if (ingredients.some(({ family }) => family === 'egg')) {
      expect(mask.heat).toBe('never');
      expect(mask.rinse.temperature).toBe('cool-to-lukewarm');
      expect(limitMinutes).toBeLessThanOrEqual(60);
    }
    if (ingredients.some(({ id }) => ['banana', 'strawberry', 'pear'].includes(id))) expect(mask.strained).toBe(true);
  });

  it('fits the shortest and the longest head within its tolerances and caps', () => {
    for (const profile of [head(10, 'low'), head(40, 'medium'), head(85, 'high')]) {
      const bowl = sizeBowl({ profile, wearer: anAdult }, mask, CATALOGUE, { spoons: SPOON_SETS.us });
      expect(bowl.outOfTolerance).toEqual([]);
      expect(bowl.brokenCaps).toEqual([]);
      expect(bowl.fits).toBe(true);
    }
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

  it('brings a mixture to where it was asked', () => {
    const estimate = estimateTexture([{ ingredientId: 'avocado', grams: 150 }], CATALOGUE);
    const milk = ingredientById(CATALOGUE, 'milk').flowLog10;
    const grams = gramsToReach(estimate, 150, milk, 4)!;
    expect(of(['avocado', 150], ['milk', grams])).toBeCloseTo(4, 9);
    expect(gramsToReach(estimate, 150, milk, 6)).toBeUndefined();
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
