import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, changed, estimateTexture, gramsToReach, textureFixes, type Change } from '.';

const CLASSES = ['runny', 'pourable', 'creamy', 'thick'] as const;
const bowlOf = (id: string, grams = 200) =>
  BUILT_IN_MASKS.find((mask) => mask.id === id)!.parts.map(({ ingredientId, share }) => ({
    ingredientId,
    grams: share * grams,
  }));

describe('textureFixes', () => {
  it('every fix it offers does what it says', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_IN_MASKS), fc.constantFrom(...CLASSES), (mask, wanted) => {
        const bowl = bowlOf(mask.id);
        for (const { does, ingredientId, grams, liquidId } of textureFixes(bowl, CATALOGUE, wanted)) {
          expect(grams).toBeGreaterThan(0);
          const change = {
            add: { inId: ingredientId },
            'hold-back': { outId: ingredientId },
            'cook-thinner': { inId: liquidId, outId: ingredientId },
          }[does];
          const after = changed(bowl, change as Change, grams);
          expect(after.every((part) => part.grams > 0)).toBe(true);
          expect(estimateTexture(after, CATALOGUE).texture).toBe(wanted);
        }
      }),
    );
  });

  it('thins with what is thin, and says what to hold back (common practice, no published source)', () => {
    const fixes = textureFixes(bowlOf('galley-egg'), CATALOGUE, 'pourable');
    expect(fixes.some(({ does, ingredientId }) => does === 'add' && ingredientId === 'water')).toBe(true);
    const stiff = [
      { ingredientId: 'banana', grams: 160 },
      { ingredientId: 'yogurt', grams: 40 },
    ];
    expect(textureFixes(stiff, CATALOGUE, 'creamy')).toContainEqual(
      expect.objectContaining({ does: 'hold-back', ingredientId: 'banana' }),
    );
  });

  it('makes a cream of grain pourable by a thinner pot, in a bowl of the same size (common practice, no published source)', () => {
    for (const [mask, cream] of [
      ['rice-silk', 'rice-cream'],
      ['rose-rice', 'rice-cream'],
      ['oat-ease', 'oat-cream'],
    ] as const) {
      const fixes = textureFixes(bowlOf(mask), CATALOGUE, 'pourable');
      expect(fixes).toContainEqual(
        expect.objectContaining({ does: 'cook-thinner', ingredientId: cream, liquidId: 'water' }),
      );
    }
  });

  it('finds the grams that bring a bowl to a flow, and says where there are none', () => {
    const bowl = [{ ingredientId: 'avocado', grams: 150 }];
    const grams = gramsToReach(bowl, CATALOGUE, { inId: 'milk' }, 4, 100)!;
    expect(grams).toBeCloseTo((150 * (4.9 - 4)) / (4 - 0.3), 6);
    expect(gramsToReach(bowl, CATALOGUE, { inId: 'milk' }, 6, 100)).toBeUndefined();
    expect(gramsToReach(bowl, CATALOGUE, { inId: 'milk' }, 4.9, 100)).toBe(0);
  });

  it('offers nothing where the bowl is there already', () => {
    const now = estimateTexture(bowlOf('rice-silk'), CATALOGUE).texture;
    expect(textureFixes(bowlOf('rice-silk'), CATALOGUE, now)).toEqual([]);
  });

  it('never fixes with pepper, scent or egg', () => {
    for (const mask of BUILT_IN_MASKS)
      for (const wanted of CLASSES)
        for (const { ingredientId } of textureFixes(bowlOf(mask.id), CATALOGUE, wanted))
          expect(['scent', 'pepper', 'powder', 'egg', 'acid']).not.toContain(CATALOGUE.get(ingredientId)!.family);
  });
});
