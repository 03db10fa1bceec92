import { describe, expect, it } from 'vitest';
import { CATALOGUE, catalogueOf, INGREDIENTS, ingredientById, madeProperties, makingTree, type Ingredient } from '.';

/** Own things on own things: a blend of oils, petals steeped in it, a milk stirred from rice cream. */
const blend: Ingredient = {
  ...ingredientById(CATALOGUE, 'olive-oil'),
  id: 'quay-blend',
  name: 'Quay blend',
  madeOf: {
    parts: [
      { ingredientId: 'rose-infused-oil', share: 3 },
      { ingredientId: 'jojoba-oil', share: 1 },
    ],
    keptBackShare: 0,
    minutes: 2,
    how: 'Shake.',
  },
};
const drink: Ingredient = {
  ...ingredientById(CATALOGUE, 'oat-milk'),
  id: 'rice-drink',
  name: 'Rice drink',
  madeOf: {
    parts: [
      { ingredientId: 'rice-cream', share: 0.4 },
      { ingredientId: 'water', share: 0.6 },
    ],
    keptBackShare: 0.1,
    minutes: 5,
    how: 'Whisk and strain.',
  },
};
const catalogue = catalogueOf([...INGREDIENTS, blend, drink]);

describe('makingTree', () => {
  it('goes down to what is bought, and mass adds up on the way', () => {
    const tree = makingTree(catalogue, 'rice-drink', 90);
    expect(tree.from.map(({ ingredientId, grams }) => [ingredientId, grams])).toEqual([
      ['rice-cream', expect.closeTo(40, 9)],
      ['water', expect.closeTo(60, 9)],
    ]);
    const [cream] = tree.from;
    expect(cream!.making!.madeGrams).toBeCloseTo(40, 9);
    expect(cream!.from[0]!.ingredientId).toBe('water');
  });

  it('nests three deep: a blend of an infused oil of an oil', () => {
    const tree = makingTree(catalogue, 'quay-blend', 80);
    const infused = tree.from[0]!;
    expect(infused.grams).toBeCloseTo(60, 9);
    expect(infused.from[0]!.ingredientId).toBe('almond-oil');
    expect(infused.from[0]!.grams).toBeGreaterThan(60);
  });

  it('passes the school on to the pot', () => {
    const minutes = (soaked: boolean) =>
      makingTree(catalogue, 'rice-drink', 90, { 'rice-cream': { soaked } }).from[0]!.making!.minutes;
    expect(minutes(true)).toBeLessThan(minutes(false));
  });

  it('refuses what is made of itself, on however long a way', () => {
    const snake: Ingredient = {
      ...drink,
      id: 'snake',
      name: 'Snake',
      madeOf: { ...drink.madeOf!, parts: [{ ingredientId: 'tail', share: 1 }] },
    };
    const tail: Ingredient = {
      ...snake,
      id: 'tail',
      madeOf: { ...snake.madeOf!, parts: [{ ingredientId: 'snake', share: 1 }] },
    };
    expect(() => makingTree(catalogueOf([...INGREDIENTS, snake, tail]), 'snake', 10)).toThrow('made of itself');
    expect(() => makingTree(catalogue, 'moonlight', 10)).toThrow(RangeError);
  });
});

describe('madeProperties', () => {
  it('adds volumes and keeps every allergen', () => {
    const made = madeProperties(blend.madeOf!, CATALOGUE);
    expect(made.density!.gramsPerMillilitre).toBeCloseTo(1 / (0.75 / 0.915 + 0.25 / 0.866), 9);
    expect(made.allergens).toEqual(['nuts']);
    expect(made.flowLog10).toBeCloseTo(0.75 * 1.9 + 0.25 * 1.6, 9);
    expect(() => madeProperties({ ...blend.madeOf!, parts: [] }, CATALOGUE)).toThrow(RangeError);
  });
});
