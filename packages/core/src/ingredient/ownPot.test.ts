import { describe, expect, it } from 'vitest';
import { hasPot, INGREDIENTS, POT_METHODS, rawRecipeOf, recipeOfPot, type SaidPot } from '.';

const pot: SaidPot = {
  method: 'boil-and-strain',
  rawName: 'barley, dry',
  rawGramsPerMillilitre: 0.8,
  liquidId: 'water',
  minutes: 12,
  lid: 'ajar',
  madePerRaw: 7,
  solidsShare: 0.1,
  standMinutes: 5,
};

describe('a pot of one’s own', () => {
  it('gives what is strained out of it', () => {
    expect(recipeOfPot(pot)).toEqual({
      method: 'boil-and-strain',
      raw: { name: 'barley, dry', alsoCalled: [], gramsPerMillilitre: 0.8 },
      pot: { liquidId: 'water', minutes: 12, lid: 'ajar' },
      yield: { kind: 'extract', madePerRaw: 7, keptPerRaw: 1.5 },
      standMinutes: 5,
      how: '',
      source: 'household',
    });
    expect(recipeOfPot({ ...pot, method: 'steep' }).pot?.minutes).toBe(0);
  });

  it('keeps its solids, less what a cloth keeps of what is blended', () => {
    expect(recipeOfPot({ ...pot, method: 'boil-and-blend' }).yield).toEqual({
      kind: 'solids',
      rawWaterShare: 0.11,
      cookedLiquidShare: 0.85,
      madeLiquidShare: 0.9,
      clothShare: 0.1,
    });
    // A stiff one is never thinner in its pot than in the bowl.
    const stiff = recipeOfPot({ ...pot, method: 'boil-and-blend', solidsShare: 0.25 }).yield;
    expect(stiff).toMatchObject({ cookedLiquidShare: 0.75, madeLiquidShare: 0.75 });
    const stirred = recipeOfPot({ ...pot, method: 'stir-over-heat' }).yield;
    expect(stirred).toMatchObject({ cookedLiquidShare: 0.9, madeLiquidShare: 0.9, clothShare: 0 });
  });
});

describe('a pot of the book that is corrected', () => {
  const rows = INGREDIENTS.filter(hasPot).filter(({ recipe }) => POT_METHODS.some((one) => one === recipe?.method));

  it.each(rows.map((row) => [row.id, row] as const))('of %s keeps what no kitchen weighs', (_id, row) => {
    const recipe = rawRecipeOf(row);
    if (!recipe) throw new Error('no pot');
    const { raw, pot: on, yield: how } = recipe;
    const said: SaidPot = {
      method: POT_METHODS.find((one) => one === recipe.method) ?? 'steep',
      rawName: raw.name,
      rawGramsPerMillilitre: raw.gramsPerMillilitre,
      liquidId: on.liquidId,
      minutes: on.minutes + (recipe.method === 'steep' ? 0 : 3),
      lid: on.lid,
      madePerRaw: how.kind === 'extract' ? how.madePerRaw : 7,
      solidsShare: how.kind === 'solids' ? 1 - how.madeLiquidShare : 0.1,
      standMinutes: recipe.standMinutes,
    };
    const corrected = recipeOfPot(said, recipe);
    expect(corrected.raw).toEqual(raw);
    expect(corrected.how).toBe(recipe.how);
    for (const [key, value] of Object.entries(how))
      expect(corrected.yield).toHaveProperty(key, typeof value === 'number' ? expect.closeTo(value, 9) : value);
  });
});
