import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, rawRecipeOf } from '../ingredient';
import { madeFromRaw } from '../recipe';
import { habitsFrom, paidPerGram, type CameHome } from '.';
import { DAY, iso, T0 } from './testing';

const came = (ingredientId: string, day: number, change: Partial<CameHome> = {}): CameHome => ({
  ingredientId,
  state: 'whole',
  grams: 100,
  at: iso(T0 + day * DAY),
  ...change,
});

describe('habitsFrom', () => {
  it('has the price that was said last, and the most that came at once', () => {
    const all = [
      came('honey', 5, { grams: 250 }),
      came('honey', 1, { grams: 340, pricePerGram: 0.03 }),
      came('honey', 3, { grams: 250, pricePerGram: 0.02 }),
    ];
    expect(habitsFrom(all, CATALOGUE)).toEqual({ honey: { mostGrams: 340, pricePerGram: 0.02 } });
    expect(habitsFrom([came('honey', 1)], CATALOGUE)['honey']?.pricePerGram).toBeUndefined();
  });

  it('takes a rest for no pack', () => {
    expect(habitsFrom([came('honey', 1, { grams: 99.9, pricePerGram: 0.02 })], CATALOGUE)).toEqual({
      honey: { pricePerGram: 0.02 },
    });
    expect(habitsFrom([came('honey', 1, { grams: 100 })], CATALOGUE)['honey']?.mostGrams).toBe(100);
  });

  it('passes over what no shop gives so, and what nobody knows', () => {
    const all = [came('rice-cream', 1, { state: 'made' }), came('honey', 1, { state: 'opened' }), came('moonrock', 1)];
    expect(habitsFrom(all, CATALOGUE)).toEqual({});
    expect(habitsFrom([came('rice-cream', 1, { state: 'raw', grams: 1000 })], CATALOGUE)).toMatchObject({
      'rice-cream': { mostGrams: 1000 },
    });
  });
});

describe('paidPerGram', () => {
  it('is for what comes out of the pot, where dry grain is bought', () => {
    const rice = ingredientById(CATALOGUE, 'rice-cream');
    const recipe = rawRecipeOf(rice);
    const made = recipe ? madeFromRaw(recipe, 500).madeGrams : 0;
    expect((paidPerGram(rice, { 'rice-cream': { pricePerGram: 0.003 } }) ?? 0) * made).toBeCloseTo(1.5, 9);
    expect(paidPerGram(ingredientById(CATALOGUE, 'honey'), { honey: { pricePerGram: 0.02 } })).toBe(0.02);
    expect(paidPerGram(rice, {})).toBeUndefined();
  });
});
