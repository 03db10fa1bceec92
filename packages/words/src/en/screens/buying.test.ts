import type { KeptBuyLine } from '@amber-ladle/contract';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { describe, expect, it } from 'vitest';
import { buyAmount, buyInstead, buyName, buyReasons, tripDay, tripMoney } from './buying';

const where = { locale: 'en-GB', timeZone: 'UTC', currency: 'EUR' };
const NOW = Date.parse('2026-03-14T09:30:00Z');
const line = (change: Partial<KeptBuyLine>): KeptBuyLine => ({
  ingredientId: 'honey',
  day: '2026-03-14',
  what: 'Honey',
  grams: 340,
  isRaw: false,
  shopGrams: 340,
  reasons: [],
  instead: [],
  ...change,
});

describe('a line of the list', () => {
  it('is counted as a shop counts it', () => {
    expect(buyAmount(line({}), CATALOGUE)).toBe('340 g');
    expect(buyAmount(line({ packs: { count: 1, grams: 340 } }), CATALOGUE)).toBe('340 g');
    expect(buyAmount(line({ packs: { count: 2, grams: 340 }, shopGrams: 680 }), CATALOGUE)).toBe('2 × 340 g');
    expect(buyAmount(line({ ingredientId: 'avocado', pieces: 1 }), CATALOGUE)).toBe('1 avocado');
    expect(buyAmount(line({ ingredientId: 'avocado', pieces: 3 }), CATALOGUE)).toBe('3 avocados');
  });

  it('names what its amount does not', () => {
    expect(buyName(line({ ingredientId: 'avocado', what: 'Avocado', pieces: 3 }), CATALOGUE)).toBe('');
    expect(buyName(line({ ingredientId: 'rice-cream', what: 'white rice, dry', isRaw: true }), CATALOGUE)).toBe(
      'white rice, dry',
    );
  });

  it('says how ripe, by when, what for, and what would do instead', () => {
    const readyBy = '2026-03-20T17:00:00.000Z';
    const avocado = line({ ingredientId: 'avocado', buy: 'unripe', readyBy, instead: ['banana', 'pear'] });
    expect(buyReasons(avocado, ['Towpath for Wren'], NOW, where)).toBe('buy hard, ready for Friday · Towpath for Wren');
    expect(buyReasons(line({ readyBy }), ['Oat'], NOW, where)).toBe('for Friday · Oat');
    expect(buyReasons(line({}), ['Oat for Wren', 'Rice for Moss', 'Egg for Wren', 'Egg for Moss'], NOW, where)).toBe(
      'Oat for Wren, Rice for Moss and 2 more',
    );
    expect(buyReasons(line({}), ['to have in the house'], NOW, where)).toBe('to have in the house');
    expect(buyInstead(avocado, CATALOGUE, where)).toBe('or banana or pear');
    expect(buyInstead(line({}), CATALOGUE, where)).toBe('');
  });
});

describe('a way to the shop', () => {
  it('has its day as a heading', () => {
    expect(
      ['2026-03-14', '2026-03-15', '2026-03-18', '2026-03-21'].map((day) => tripDay(day, '2026-03-14', where)),
    ).toEqual(['Today', 'Tomorrow', 'Wednesday', 'Saturday, 21 Mar']);
  });

  it('says what it comes to, and of how much it is not known', () => {
    expect(tripMoney([line({ money: 2.5 }), line({ money: 1 })], where)).toBe('about €3.50');
    expect(tripMoney([line({ money: 2.5 }), line({})], where)).toBe('about €2.50, 1 without a price');
    expect(tripMoney([line({})], where)).toBe('');
  });
});
