import { describe, expect, it } from 'vitest';
import { choicesOf, filledLines, linesOf, ratioHeld, RATIO_SLACK, toggled } from './choices';

describe('a list to choose from', () => {
  it('has a value with its words, in the order that is asked for', () => {
    expect(choicesOf({ cap: 'a cap', never: 'none' }, ['never', 'cap'])).toEqual([
      { value: 'never', title: 'none' },
      { value: 'cap', title: 'a cap' },
    ]);
  });

  it('takes a value out and puts it back at the end, and leaves the list that was', () => {
    const all = ['shine', 'slip'];
    expect(toggled(all, 'shine')).toEqual(['slip']);
    expect(toggled(toggled(all, 'shine'), 'shine')).toEqual(['slip', 'shine']);
    expect(all).toEqual(['shine', 'slip']);
  });
});

describe('steps and cautions, one a line', () => {
  it('keep a blank line while it is being typed, and lose it when they are kept', () => {
    expect(linesOf('Mash.\n\n Stir. ')).toEqual(['Mash.', '', ' Stir. ']);
    expect(filledLines(linesOf('Mash.\n\n Stir. '))).toEqual(['Mash.', 'Stir.']);
    expect(filledLines(linesOf(''))).toEqual([]);
  });
});

const PART = { role: 'body', measuredBy: 'spoon', tolerance: 0.2 } as const;
describe('a ratio that is held', () => {
  const parts = [
    { ...PART, ingredientId: 'olive-oil', share: 0.6 },
    { ...PART, ingredientId: 'honey', share: 0.2 },
    { ...PART, ingredientId: 'oats', share: 0.2 },
  ];
  const lines = [
    { ingredientId: 'olive-oil', grams: 9, millilitres: 10 },
    { ingredientId: 'honey', grams: 14, millilitres: 10 },
    { ingredientId: 'oats', grams: 0, millilitres: 0 },
  ];

  it('is by volume, as the shares are written', () => {
    // 3 : 1 by mass; oil has 10 ∕ 9 mL a gram, honey 10 ∕ 14.
    const held = ratioHeld(parts, lines, 'olive-oil', 'honey');
    expect(held).toMatchObject({ ingredientId: 'olive-oil', toIngredientId: 'honey', tolerance: RATIO_SLACK });
    expect(held?.ratio).toBeCloseTo((3 * 14) / 9, 9);
  });

  it('needs two different parts that are in the bowl', () => {
    expect(ratioHeld(parts, lines, 'honey', 'honey')).toBeUndefined();
    expect(ratioHeld(parts, lines, null, 'honey')).toBeUndefined();
    expect(ratioHeld(parts, lines, 'honey', null)).toBeUndefined();
    expect(ratioHeld(parts, lines, 'honey', 'water')).toBeUndefined();
    expect(ratioHeld(parts, lines, 'honey', 'oats')).toBeUndefined();
    expect(ratioHeld(parts, lines, 'oats', 'honey')).toBeUndefined();
  });
});
