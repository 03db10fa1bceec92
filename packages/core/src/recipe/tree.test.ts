import { cannot } from '../message';
import { describe, expect, it } from 'vitest';
import {
  CATALOGUE,
  catalogueOf,
  INGREDIENTS,
  ingredientById,
  type BlendYield,
  type Ingredient,
  type Recipe,
} from '../ingredient';
import { blendProperties, makingTree, strictestKeeping } from '.';

/** Ingredients put together, as a household would say it. */
const blended = (parts: BlendYield['parts'], keptBackShare: number): Recipe & { readonly yield: BlendYield } => ({
  method: 'stir-together',
  yield: { kind: 'blend', parts, keptBackShare },
  standMinutes: 5,
  how: 'Shake.',
  source: 'household',
});

/** Own things on own things: a blend of oils, petals steeped in it, a milk stirred from rice cream. */
const blend: Ingredient = {
  ...ingredientById(CATALOGUE, 'olive-oil'),
  id: 'quay-blend',
  name: 'Quay blend',
  recipe: blended(
    [
      { ingredientId: 'rose-infused-oil', share: 3 },
      { ingredientId: 'jojoba-oil', share: 1 },
    ],
    0,
  ),
};
const drink: Ingredient = {
  ...ingredientById(CATALOGUE, 'oat-milk'),
  id: 'rice-drink',
  name: 'Rice drink',
  recipe: blended(
    [
      { ingredientId: 'rice-cream', share: 0.4 },
      { ingredientId: 'water', share: 0.6 },
    ],
    0.1,
  ),
};
const blendOf = ({ recipe }: Ingredient): BlendYield => {
  if (recipe?.yield.kind !== 'blend') throw new Error('Not a blend.');
  return recipe.yield;
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

  it('wants of the water what goes in the pot, at the blender and on the way', () => {
    const tree = makingTree(catalogue, 'rice-cream', 300, { 'rice-cream': { volumes: 2 } });
    const { liquidGrams, blenderGrams, topUpGrams } = tree.making!;
    expect(Math.min(liquidGrams, blenderGrams, topUpGrams)).toBeGreaterThan(0);
    expect(tree.from).toEqual([{ ingredientId: 'water', grams: liquidGrams + blenderGrams + topUpGrams, from: [] }]);
  });

  it('refuses what is made of nothing, and what rests on more than six made things', () => {
    const named = (id: string, parts: BlendYield['parts']): Ingredient => ({
      ...drink,
      id,
      name: id,
      recipe: blended(parts, 0),
    });
    const air = named('air', [{ ingredientId: 'water', share: 0 }]);
    expect(() => makingTree(catalogueOf([...INGREDIENTS, air]), 'air', 10)).toThrow(
      cannot('made-of-nothing', { ingredient: 'air' }),
    );
    const chain = Array.from({ length: 8 }, (_, i) =>
      named(`made-${i}`, [{ ingredientId: i === 0 ? 'water' : `made-${i - 1}`, share: 1 }]),
    );
    const all = catalogueOf([...INGREDIENTS, ...chain]);
    let deepest = makingTree(all, 'made-5', 10);
    while (deepest.from[0]) [deepest] = deepest.from as [typeof deepest];
    expect(deepest).toEqual({ ingredientId: 'water', grams: 10, from: [] });
    expect(() => makingTree(all, 'made-6', 10)).toThrow(cannot('made-too-deep', { ingredient: 'Water' }));
  });

  it('refuses what is made of itself, on however long a way', () => {
    const snake: Ingredient = {
      ...drink,
      id: 'snake',
      name: 'Snake',
      recipe: blended([{ ingredientId: 'tail', share: 1 }], 0),
    };
    const tail: Ingredient = {
      ...snake,
      id: 'tail',
      recipe: blended([{ ingredientId: 'snake', share: 1 }], 0),
    };
    expect(() => makingTree(catalogueOf([...INGREDIENTS, snake, tail]), 'snake', 10)).toThrow(
      cannot('made-of-itself', { ingredient: 'Snake' }),
    );
    expect(() => makingTree(catalogue, 'moonlight', 10)).toThrow(RangeError);
  });
});

describe('blendProperties', () => {
  it('adds volumes and keeps every allergen', () => {
    const made = blendProperties(blendOf(blend), CATALOGUE);
    expect(made.density!.gramsPerMillilitre).toBeCloseTo(1 / (0.75 / 0.915 + 0.25 / 0.866), 9);
    expect(made.allergens).toEqual(['nuts']);
    expect(made.flowLog10).toBeCloseTo(0.75 * 1.9 + 0.25 * 1.6, 9);
    expect(() => blendProperties({ parts: [] }, CATALOGUE)).toThrow(RangeError);
  });

  it('keeps as its most perishable part does, figure by figure', () => {
    const { keeping } = blendProperties(blendOf(drink), CATALOGUE);
    expect(keeping.made).toMatchObject({ roomHours: 2, coldHours: 24 });
    const [long, short] = [
      { roomHours: 9, warmHours: 4, coldHours: 20, frozenHours: 700, source: 'own' },
      { roomHours: 3, warmHours: 2, coldHours: 60, source: 'uk-fsa' },
    ] as const;
    expect(strictestKeeping([long, short])).toEqual({ roomHours: 3, warmHours: 2, coldHours: 20, source: 'own' });
  });

  it('freezes as long as the part that does so shortest, and names the source of what turns first', () => {
    const one = { roomHours: 2, warmHours: 1, coldHours: 24, frozenHours: 700, source: 'usda-fsis' } as const;
    const other = { ...one, coldHours: 48, frozenHours: 300, source: 'uk-fsa' } as const;
    expect(strictestKeeping([other, one])).toEqual({ ...one, frozenHours: 300 });
    // Of two that turn at once the first is named.
    expect(strictestKeeping([other, { ...one, coldHours: 48 }]).source).toBe('uk-fsa');
  });

  it('stains and crosses with latex where one part does, and is of nothing for no amount', () => {
    const of = (...ids: string[]) =>
      blendProperties({ parts: ids.map((ingredientId) => ({ ingredientId, share: 1 })) }, CATALOGUE);
    const [stains, latex] = [
      INGREDIENTS.find((row) => row.stains && !row.crossesWithLatex)!.id,
      INGREDIENTS.find((row) => row.crossesWithLatex && !row.stains)!.id,
    ];
    expect([of('water', stains).stains, of('water', stains).crossesWithLatex]).toEqual([true, false]);
    expect([of('water', latex).stains, of('water', latex).crossesWithLatex]).toEqual([false, true]);
    expect(of('water').density?.source).toBe('own');
    const nothing = { parts: [{ ingredientId: 'water', share: 0 }] };
    expect(() => blendProperties(nothing, CATALOGUE)).toThrow(cannot('made-without-amounts'));
  });
});
