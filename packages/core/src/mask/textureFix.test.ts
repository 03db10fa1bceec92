import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, estimateTexture, textureFixes } from '.';

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
        for (const { does, ingredientId, grams } of textureFixes(bowl, CATALOGUE, wanted)) {
          expect(grams).toBeGreaterThan(0);
          const sign = does === 'add' ? 1 : -1;
          const after = bowl.map((part) =>
            part.ingredientId === ingredientId ? { ...part, grams: part.grams + sign * grams } : part,
          );
          if (!bowl.some((part) => part.ingredientId === ingredientId)) after.push({ ingredientId, grams });
          expect(after.every((part) => part.grams > 0)).toBe(true);
          expect(estimateTexture(after, CATALOGUE).texture).toBe(wanted);
        }
      }),
    );
  });

  it('thins with what is thin, and says what to hold back (common practice, no published source)', () => {
    const fixes = textureFixes(bowlOf('galley-egg'), CATALOGUE, 'pourable');
    expect(fixes.some(({ does, ingredientId }) => does === 'add' && ingredientId === 'water')).toBe(true);
    expect(fixes.some(({ does, ingredientId }) => does === 'hold-back' && ingredientId === 'mayonnaise')).toBe(true);
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
