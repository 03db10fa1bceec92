import fc from 'fast-check';
import { cannot } from '../message';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, INGREDIENTS } from '../ingredient';
import { composed, usualRole } from '.';

describe('composed', () => {
  it('turns amounts into shares that sum to one and keep their ratios', () => {
    const amount = fc.record({
      ingredientId: fc.constantFrom(...INGREDIENTS.map(({ id }) => id)),
      grams: fc.double({ min: 0.1, max: 500, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(amount, { minLength: 1, maxLength: 12, selector: (a) => a.ingredientId }),
        (amounts) => {
          const parts = composed(amounts, CATALOGUE);
          expect(parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
          const total = amounts.reduce((sum, { grams }) => sum + grams, 0);
          parts.forEach(({ share }, i) => {
            expect(share).toBeCloseTo(amounts[i]!.grams / total, 9);
          });
          for (const part of parts) expect(part.tolerance).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('adds up what is named twice and keeps what was written of the rest', () => {
    const parts = composed(
      [
        { ingredientId: 'honey', grams: 20, writtenAmount: '1 tbsp' },
        { ingredientId: 'yogurt', grams: 60, writtenAmount: '4 tbsp' },
        { ingredientId: 'honey', grams: 20, writtenAmount: '1 tbsp' },
      ],
      CATALOGUE,
    );
    expect(parts).toEqual([
      expect.objectContaining({ ingredientId: 'honey', share: 0.4 }),
      expect.objectContaining({ ingredientId: 'yogurt', share: 0.6, writtenAmount: '4 tbsp' }),
    ]);
    expect(parts[0]).not.toHaveProperty('writtenAmount');
  });

  it('gives the usual role: a little aloe is active, a bowl of it is the body', () => {
    const aloe = CATALOGUE.get('aloe-gel')!;
    expect(usualRole(aloe, 0.1)).toBe('active');
    expect(usualRole(aloe, 0.8)).toBe('body');
    expect(usualRole(CATALOGUE.get('milk')!, 0.1)).toBe('thinner');
  });

  it('refuses nothing, and nothing of something', () => {
    expect(() => composed([], CATALOGUE)).toThrow(RangeError);
    expect(() => composed([{ ingredientId: 'honey', grams: 0 }], CATALOGUE)).toThrow(cannot('part-of-nothing'));
    expect(() => composed([{ ingredientId: 'moonlight', grams: 1 }], CATALOGUE)).toThrow(RangeError);
  });
});
