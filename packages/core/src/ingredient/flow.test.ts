import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, mixedFlow, RUNNY_BELOW, starchFlow, starchSolids, syrupFlow, syrupSugar } from '.';

const of = (amounts: Readonly<Record<string, number>>) =>
  mixedFlow(Object.entries(amounts).map(([id, grams]) => ({ row: ingredientById(CATALOGUE, id), grams })));
const flow = (amounts: Readonly<Record<string, number>>): number => of(amounts).flowLog10;

describe('syrup', () => {
  // Viscosity of sucrose in water at 20 °C, mPa·s (Bates, Polarimetry, Saccharimetry and the Sugars, 1942; ICUMSA SPS-4), from memory.
  it.each([
    [0.2, 1.95],
    [0.3, 3.19],
    [0.4, 6.16],
    [0.5, 15.4],
    [0.6, 58.5],
    [0.65, 147],
    [0.7, 482],
  ])('of %f sugar is as thick as the tables have it: %f mPa·s', (sugar, milliPascalSeconds) => {
    expect(Math.abs(syrupFlow(sugar) - Math.log10(milliPascalSeconds))).toBeLessThan(0.1);
    expect(syrupSugar(syrupFlow(sugar))).toBeCloseTo(sugar, 12);
  });

  it('honey runs once water is in: half and half is about 6 mPa·s, and by itself about 10,000 (literature on honey, from memory)', () => {
    expect(10 ** flow({ honey: 50, water: 50 })).toBeGreaterThan(4);
    expect(10 ** flow({ honey: 50, water: 50 })).toBeLessThan(9);
    expect(10 ** flow({ honey: 100 })).toBeGreaterThan(5000);
    expect(10 ** flow({ honey: 100 })).toBeLessThan(20_000);
    // A tenth of water in it, about a quarter of water in all: some hundred times thinner than honey is not, ten times is.
    expect(flow({ honey: 100 }) - flow({ honey: 90, water: 10 })).toBeGreaterThan(0.9);
    expect(flow({ honey: 100 }) - flow({ honey: 90, water: 10 })).toBeLessThan(1.8);
  });
});

describe('cooked starch', () => {
  // Kitchen figures, no published source.
  it.each([
    [0.04, 2.5],
    [0.08, 3.6],
    [0.12, 4.4],
    [0.16, 5.0],
  ])('of %f solids lies at %f', (solids, log) => {
    expect(Math.abs(starchFlow(solids) - log)).toBeLessThan(0.07);
    expect(starchSolids(starchFlow(solids))).toBeCloseTo(solids, 12);
  });

  it.each(['rice-cream', 'oat-cream', 'barley-cream', 'starch-slurry', 'rice-starch'])(
    '%s is as thick by itself as the solids of its recipe make it',
    (id) => {
      const { recipe, flowLog10 } = ingredientById(CATALOGUE, id);
      const how = recipe?.yield;
      expect(how?.kind).toBe('solids');
      if (how?.kind === 'solids') expect(Math.abs(starchFlow(1 - how.madeLiquidShare) - flowLog10)).toBeLessThan(0.15);
      expect(flow({ [id]: 80 })).toBeCloseTo(flowLog10, 12);
    },
  );

  it('counts by its solids in all the water: a cream of 12 % with as much water is one of 6 %, milk or not', () => {
    expect(flow({ 'rice-cream': 100, water: 100 })).toBeCloseTo(starchFlow(starchSolids(4.4) / 2), 9);
    expect(Math.abs(flow({ 'rice-cream': 100, water: 100 }) - flow({ 'rice-starch': 200 }))).toBeLessThan(0.15);
    expect(flow({ 'rice-cream': 100, milk: 100 }) - flow({ 'rice-cream': 100, water: 100 })).toBeCloseTo(0.15, 9);
  });

  it('is thinned by honey too, which brings no starch and hardly any sugar to bear', () => {
    expect(flow({ 'rice-cream': 100, honey: 10 })).toBeLessThan(flow({ 'rice-cream': 100 }));
  });
});

describe('yolk and oil', () => {
  it('thicken each other where they are beaten: two yolks and as much oil are creamy (common practice, no published source)', () => {
    const { flowLog10, boundOilShare } = of({ 'egg-yolk': 34, 'olive-oil': 30 });
    expect(flowLog10).toBeGreaterThan(3.3);
    expect(flowLog10).toBeLessThan(4.2);
    expect(boundOilShare).toBeCloseTo(30 / 64, 9);
    // Without yolk the same oil thins.
    expect(flow({ yogurt: 34, 'olive-oil': 30 })).toBeLessThan(flow({ yogurt: 34 }));
    expect(of({ yogurt: 34, 'olive-oil': 30 }).boundOilShare).toBe(0);
  });

  it('come out as mayonnaise in the amounts of one', () => {
    const { flowLog10 } = of({ 'egg-yolk': 17, 'lemon-juice': 10, 'sunflower-oil': 105 });
    expect(Math.abs(flowLog10 - 4.4)).toBeLessThan(0.4);
  });

  it('bind no more than there is room and yolk for', () => {
    const much = of({ 'egg-yolk': 5, 'olive-oil': 200 });
    expect(much.boundOilShare).toBeLessThan(0.2);
    expect(much.flowLog10).toBeLessThan(2.8);
  });
});

it('says that a banana in two cups of milk runs', () => {
  expect(flow({ banana: 118, milk: 488 })).toBeLessThan(RUNNY_BELOW);
});

it('is the plain rule where nothing thickens beyond its own flow', () => {
  const plain = [...CATALOGUE.values()].filter(
    ({ traits, flowLog10 }) => traits.thickens === undefined && (traits.matter !== 'wet' || flowLog10 >= RUNNY_BELOW),
  );
  const amount = fc.tuple(fc.constantFrom(...plain), fc.double({ min: 0.1, max: 300, noNaN: true }));
  fc.assert(
    fc.property(fc.array(amount, { minLength: 1, maxLength: 6 }), (parts) => {
      const total = parts.reduce((sum, [, grams]) => sum + grams, 0);
      const mean = parts.reduce((sum, [row, grams]) => sum + row.flowLog10 * grams, 0) / total;
      expect(mixedFlow(parts.map(([row, grams]) => ({ row, grams }))).flowLog10).toBeCloseTo(mean, 9);
    }),
  );
});

it('does not mind the order or the size of a bowl, gives a thing by itself its own figure, and never leaves the scale', () => {
  const rows = [...CATALOGUE.values()];
  for (const row of rows) expect(mixedFlow([{ row, grams: 7 }]).flowLog10).toBeCloseTo(row.flowLog10, 9);
  const amount = fc.tuple(fc.constantFrom(...rows), fc.double({ min: 0.1, max: 300, noNaN: true }));
  fc.assert(
    fc.property(
      fc.array(amount, { minLength: 1, maxLength: 8 }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      (parts, times) => {
        const bowl = parts.map(([row, grams]) => ({ row, grams }));
        const is = mixedFlow(bowl).flowLog10;
        const other = bowl.map(({ row, grams }) => ({ row, grams: grams * times })).reverse();
        expect(mixedFlow(other).flowLog10).toBeCloseTo(is, 9);
        const highest = Math.max(...parts.map(([row]) => row.flowLog10));
        expect(is).toBeLessThan(highest + 2.4);
        expect(is).toBeGreaterThan(-1);
      },
    ),
  );
  expect(() => mixedFlow([])).toThrow(RangeError);
});
