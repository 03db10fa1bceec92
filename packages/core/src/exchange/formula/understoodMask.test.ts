import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, newcomer, overlaid } from '../../ingredient';
import { composed } from '../../mask';
import { amountsOf, readFormula, roughMillilitres, settled, understoodMask, usualGrams, type LineAnswer } from '.';

/** A text as it is understood, with what was answered line by line. */
function understood(text: string, answers: Readonly<Record<number, LineAnswer>> = {}) {
  const draft = readFormula(text, CATALOGUE, 'us');
  const lines = draft.lines.map((line, i) => settled(line, answers[i], CATALOGUE));
  return { draft, lines, ...understoodMask(draft, composed(amountsOf(lines), CATALOGUE), CATALOGUE) };
}

describe('a pasted mask as it would be kept', () => {
  it('takes what the text says, and lets its ingredients decide where it is silent', () => {
    const { mask, silent, unsafe } = understood('Soft\n2 yolks\n3 tbsp olive oil\nUse a tint brush. Shampoo twice.');
    expect(mask).toMatchObject({
      name: 'Soft',
      applicator: 'brush',
      rinse: { shampoos: 2, temperature: 'cool-to-lukewarm' },
      heat: 'never',
      keeping: 'same-day',
    });
    expect(silent).toEqual(['heat', 'temperature']);
    expect(unsafe).toEqual([]);
  });

  it('leaves what is unsafe as it is written, and has the safe reading beside it', () => {
    const { mask, safe, unsafe } = understood('2 eggs\n1 tbsp honey\n2 hours under a hood, rinse with warm water');
    expect(unsafe).toEqual(['heat', 'wear', 'temperature']);
    expect(mask).toMatchObject({ heat: 'dryer-may-help', wear: { aimMinutes: 120 }, rinse: { temperature: 'warm' } });
    expect(safe).toMatchObject({ heat: 'never', rinse: { temperature: 'cool-to-lukewarm' } });
    expect(safe.wear.limitMinutes).toBeLessThan(mask.wear.aimMinutes);
  });

  it('stops another length of wear that its ingredients forbid, and has none of it in the safe reading', () => {
    const egg = understood('2 eggs\n1 tbsp honey\nLeave it on 20 minutes, or sleep in it.');
    expect(egg.unsafe).toEqual(['otherWears']);
    expect(egg.mask.otherWears).toHaveLength(1);
    expect(egg.safe.otherWears).toEqual([]);
    const oil = understood('3 tbsp olive oil\nLeave it on 20 minutes, or sleep in it.');
    expect(oil.unsafe).toEqual([]);
    expect(oil.safe.otherWears).toEqual(oil.mask.otherWears);
  });

  it('stops fruit overnight', () => {
    expect(understood('1 avocado\n1 tbsp olive oil\nSleep in it.').unsafe).toEqual(['wear']);
    expect(understood('3 tbsp olive oil\nSleep in it.').unsafe).toEqual([]);
  });

  it('holds written ratios, other lengths of wear, cautions, stand-ins and ranges', () => {
    const { mask } = understood(
      '2 parts olive oil, 1 part castor oil\n2 to 4 tbsp honey or agave\nWear it an hour, or sleep in it.\nDo not use it on a sore scalp.',
    );
    expect(mask.heldRatios).toEqual([
      { ingredientId: 'olive-oil', toIngredientId: 'castor-oil', ratio: 2, tolerance: 0.15 },
    ]);
    expect(mask.otherWears).toEqual([{ minimumMinutes: 360, aimMinutes: 480, limitMinutes: 540 }]);
    expect(mask.cautions).toEqual(['Do not use it on a sore scalp.']);
    const honey = mask.parts.find(({ ingredientId }) => ingredientId === 'honey');
    expect(honey).toMatchObject({ instead: ['agave-syrup'], writtenAmount: '2 to 4 tbsp honey or agave' });
    expect(honey!.tolerance).toBeCloseTo(1 / 3, 12);
  });
});

describe('an answered line', () => {
  const at = (text: string, answer?: LineAnswer) =>
    settled(readFormula(`A mask\n${text}`, CATALOGUE, 'us').lines[0]!, answer, CATALOGUE);

  it('is open until it has an ingredient and an amount', () => {
    expect(at('2 tbsp babassu oil')).toMatchObject({ isOpen: true, isOut: false });
    const chosen = at('2 tbsp babassu oil', { ingredientId: 'olive-oil' });
    expect(chosen).toMatchObject({ isOpen: false, ingredientId: 'olive-oil', measuredBy: 'spoon' });
    expect(chosen.grams).toBeCloseTo(27, 1);
    expect(at('a glug of olive oil')).toMatchObject({ isOpen: true, ingredientId: 'olive-oil' });
    expect(at('a glug of olive oil', { grams: 12 })).toMatchObject({ isOpen: false, grams: 12 });
    expect(at('2,250 ml milk', { ingredientId: 'milk' })).toMatchObject({ isOpen: true });
    expect(at('2,250 ml milk', { grams: 250 })).toMatchObject({ isOpen: false, grams: 250 });
    // Fruit yogurt stays asked about until somebody says that it is the plain one, or how much.
    expect(at('3 tbsp fruit yogurt').isOpen).toBe(true);
    expect(at('3 tbsp fruit yogurt', { ingredientId: 'yogurt' }).isOpen).toBe(false);
  });
  it('may be left out, and a pot’s water put into the bowl', () => {
    expect(at('2 tbsp babassu oil', { isLeftOut: true })).toMatchObject({ isOpen: false, isOut: true });
    const boiled = readFormula('A mask\n1/2 cup rice\n2 cups water\nBoil it.', CATALOGUE, 'us').lines;
    const water = boiled.find(({ isPots }) => isPots)!;
    expect(settled(water, undefined, CATALOGUE)).toMatchObject({ isOut: true });
    expect(settled(water, { isInBowl: true }, CATALOGUE)).toMatchObject({ isOut: false, ingredientId: 'water' });
    expect(amountsOf(boiled.map((line) => settled(line, undefined, CATALOGUE)))).toHaveLength(1);
  });
  it.each([
    ['a glug of olive oil', 13.7],
    ['a dollop of mayonnaise', 18.7],
    ['a handful of blueberries', 63],
    ['a hand of aloe leaf', 117],
  ])('has what a hand usually pours, where it says “%s”', (text, grams) => {
    const line = readFormula(`A mask\n${text}`, CATALOGUE, 'us').lines[0]!;
    expect(usualGrams(line, CATALOGUE)).toBeCloseTo(grams, 0);
    // It is offered, and never taken by itself.
    expect(settled(line, undefined, CATALOGUE).isOpen).toBe(true);
  });
  it('offers nothing usual where an amount is written, or nothing is said', () => {
    for (const text of ['2 tbsp olive oil', 'olive oil', 'a hand of banana'])
      expect(usualGrams(readFormula(`A mask\n1 egg\n${text}`, CATALOGUE, 'us').lines[1]!, CATALOGUE)).toBeUndefined();
  });
  it('is asked about by how much of the bowl depends on it', () => {
    const rough = (text: string) => roughMillilitres(readFormula(`A mask\n${text}`, CATALOGUE, 'us').lines[0]!);
    expect(rough('1 cup babassu milk')).toBeGreaterThan(rough('1 dragon fruit'));
    expect(rough('1 dragon fruit')).toBeGreaterThan(rough('a splash of dew'));
    expect(rough('a splash of dew')).toBeGreaterThan(rough('2 drops of dew'));
  });
});

describe('a thing that is not in the book', () => {
  const like = (id: string) => ingredientById(CATALOGUE, id);
  it('is as careful as what it is like, and is read by its name from then on', () => {
    const said = newcomer({ id: 'babassu-oil', name: 'Babassu oil', byDrop: false, isNut: true }, like('olive-oil'));
    const book = overlaid([said]);
    const row = ingredientById(book, 'babassu-oil');
    expect(row).toMatchObject({ allergens: ['nuts'], family: 'oil', measuredBy: ['spoon', 'weight'] });
    expect(row.traits).toEqual(like('olive-oil').traits);
    expect(row.keeping).toEqual(like('olive-oil').keeping);
    const [line] = readFormula('A mask\n2 tbsp babassu oil', book, 'us').lines;
    expect(line).toMatchObject({ ingredientId: 'babassu-oil', questions: [] });
    expect(line!.grams).toBeCloseTo(27, 1);
  });
  it('comes in drops with the limits of a scent, and with the limits of a powder', () => {
    const scent = newcomer(
      { id: 'vetiver-oil', name: 'Vetiver oil', byDrop: true, isNut: false },
      like('lavender-oil'),
    );
    const powder = newcomer(
      { id: 'kelp', name: 'Kelp powder', byDrop: false, isNut: false, gramsPerMillilitre: 0.5 },
      like('amla-powder'),
    );
    const book = overlaid([scent, powder]);
    expect(ingredientById(book, 'vetiver-oil').traits.limits).toEqual(like('lavender-oil').traits.limits);
    expect(ingredientById(book, 'vetiver-oil').measuredBy[0]).toBe('drop');
    expect(ingredientById(book, 'kelp').traits.limits).toEqual(like('amla-powder').traits.limits);
    expect(ingredientById(book, 'kelp').density).toEqual({ gramsPerMillilitre: 0.5, source: 'household' });
  });
  it('keeps no allergen of nuts that nobody said', () => {
    expect(newcomer({ id: 'a', name: 'A', byDrop: false, isNut: false }, like('almond-oil')).allergens).not.toContain(
      'nuts',
    );
  });
});
