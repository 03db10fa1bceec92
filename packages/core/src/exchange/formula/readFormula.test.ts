import fc from 'fast-check';
import { cannot } from '../../message';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById, INGREDIENTS, rawRecipeOf } from '../../ingredient';
import { message } from '../../message';
import { madeFromRaw } from '../../recipe';
import { lexiconOf, MOST_PASTED, readFormula, readLine } from '.';

const names = lexiconOf(CATALOGUE);
const read = (line: string, system: 'us' | 'metric' | 'uk' = 'us') => readLine(line, CATALOGUE, system, names);
const TSP = 4.92892159375;
const TBSP = 3 * TSP;
const CUP = 16 * TBSP;
const spooned = (id: string, millilitres: number) => millilitres * gramsPerMillilitre(ingredientById(CATALOGUE, id));
const cream = (rawGrams: number, id = 'rice-cream') =>
  madeFromRaw(rawRecipeOf(ingredientById(CATALOGUE, id))!, rawGrams).madeGrams;

describe('lines in many habits', () => {
  it.each([
    // Pieces, in figures and words, with and without a size.
    ['2 yolks', 'egg-yolk', 34],
    ['two egg yolks', 'egg-yolk', 34],
    ['1 egg', 'egg-whole', 50],
    ['An egg', 'egg-whole', 50],
    ['3 medium eggs, beaten', 'egg-whole', 132],
    ['the white of an egg', 'egg-white', 33],
    ['2 small bananas', 'banana', 202],
    ['one large ripe banana', 'banana', 136],
    ['half a papaya', 'papaya', 160],
    ['½ papaya', 'papaya', 160],
    ['1/2 ripe papaya, peeled', 'papaya', 160],
    ['a quarter of a papaya', 'papaya', 80],
    ['1½ avocados', 'avocado', 204],
    ['1 1/2 avocados', 'avocado', 204],
    ['one and a half avocados', 'avocado', 204],
    ['2 and a half avocados', 'avocado', 340],
    ['1.5 avocados', 'avocado', 204],
    ['1,5 avocados', 'avocado', 204],
    ['2 avos', 'avocado', 272],
    ['a couple of pears', 'pear', 356],
    ['6 strawberries', 'strawberry', 72],
    ['half a dozen strawberries', 'strawberry', 72],
    ['a dozen strawberries', 'strawberry', 144],
    ['two dozen strawberries', 'strawberry', 288],
    ['1 leaf of aloe vera', 'aloe-gel', 230],
    ['1 large aloe leaf', 'aloe-gel', 320],
    ['1 carrot, boiled soft', 'carrot', 61],
    ['juice of 1 lemon', 'lemon-juice', 48],
    ['Juice of half a lemon', 'lemon-juice', 24],
    ['juice of 2 small onions', 'onion-juice', 80],
    ['the juice of a lemon', 'lemon-juice', 48],
    // Ranges: the middle, and it says so.
    ['2-3 bananas', 'banana', 295],
    ['2–3 tbsp honey', 'honey', spooned('honey', 2.5 * TBSP)],
    ['2 to 3 tbsp honey', 'honey', spooned('honey', 2.5 * TBSP)],
    ['2 or 3 eggs', 'egg-whole', 125],
    ['3 to 4 drops lavender oil', 'lavender-oil', spooned('lavender-oil', 3.5 / 20)],
    // Spoons and cups.
    ['3 tbsp olive oil', 'olive-oil', spooned('olive-oil', 3 * TBSP)],
    ['3 tbs. olive oil', 'olive-oil', spooned('olive-oil', 3 * TBSP)],
    ['3 T olive oil', 'olive-oil', spooned('olive-oil', 3 * TBSP)],
    ['three tablespoons of extra virgin olive oil', 'olive-oil', spooned('olive-oil', 3 * TBSP)],
    ['2 tablespoonfuls honey', 'honey', spooned('honey', 2 * TBSP)],
    ['1 heaped tablespoon honey', 'honey', spooned('honey', 1.5 * TBSP)],
    ['1 heaping tsp hibiscus powder', 'hibiscus-powder', spooned('hibiscus-powder', 1.5 * TSP)],
    ['1 level teaspoon baking soda', 'baking-soda', spooned('baking-soda', TSP)],
    ['1 dessertspoon castor oil', 'castor-oil', spooned('castor-oil', 10)],
    ['½ tsp glycerin', 'glycerine', spooned('glycerine', TSP / 2)],
    ['¾ cup plain yoghurt', 'yogurt', spooned('yogurt', 0.75 * CUP)],
    ['1 1/2 cups full-fat natural yogurt', 'yogurt', spooned('yogurt', 1.5 * CUP)],
    ['half a cup of coconut milk', 'coconut-milk', spooned('coconut-milk', CUP / 2)],
    ['1 tbsp plus 1 tsp honey', 'honey', spooned('honey', TBSP + TSP)],
    ['1 tbsp + 1 tsp jojoba', 'jojoba-oil', spooned('jojoba-oil', TBSP + TSP)],
    ['a pinch of black pepper', 'black-pepper', spooned('black-pepper', TSP / 16)],
    ['2 pinches pepper', 'black-pepper', spooned('black-pepper', TSP / 8)],
    ['5 drops of rosemary essential oil', 'rosemary-oil', spooned('rosemary-oil', 0.25)],
    // Metric, attached and apart, decimal comma.
    ['200g aloe gel', 'aloe-gel', 200],
    ['200 g aloe vera gel', 'aloe-gel', 200],
    ['0.25 kg pumpkin', 'pumpkin', 250],
    ['30 ml almond oil', 'almond-oil', spooned('almond-oil', 30)],
    ['1,5 dl milk', 'milk', spooned('milk', 150)],
    ['15 cl buttermilk', 'buttermilk', spooned('buttermilk', 150)],
    ['2 x 15 ml sesame oil', 'sesame-oil', spooned('sesame-oil', 30)],
    ['4 oz mayonnaise', 'mayonnaise', 113.398],
    ['2 fl oz cider vinegar', 'cider-vinegar', spooned('cider-vinegar', 59.147)],
    // The amount behind the name.
    ['Honey: 2 tbsp', 'honey', spooned('honey', 2 * TBSP)],
    ['honey – 2 tbsp', 'honey', spooned('honey', 2 * TBSP)],
    ['olive oil 30 ml', 'olive-oil', spooned('olive-oil', 30)],
    ['Avocado x 2', 'avocado', 272],
    // Marks, brackets and small talk.
    ['• 2 tbsp honey', 'honey', spooned('honey', 2 * TBSP)],
    ['- about 100 g strained yogurt', 'strained-yogurt', 100],
    ['1 avocado (about 180 g)', 'avocado', 180 * 0.74],
    ['1 mango (optional)', 'mango', 240],
    ['2 tablespoons raw, organic honey', 'honey', spooned('honey', 2 * TBSP)],
    ['a knob of shea butter', 'shea-butter', 15],
    // The dry thing that is cooked first.
    ['90 g dry rice', 'rice-cream', cream(90)],
    ['½ cup uncooked white rice', 'rice-cream', cream((185 / 2) * 1)],
    ['2 tbsp flaxseeds', 'flax-gel', cream(20.6, 'flax-gel')],
    ['1 tsp cornstarch', 'starch-slurry', cream((128 / 48) * 1, 'starch-slurry')],
  ] as const)('%s', (line, ingredientId, grams) => {
    const draft = read(line);
    expect(draft).toMatchObject({ ingredientId, questions: [] });
    expect(draft.grams! / grams).toBeCloseTo(1, 2);
  });

  it.each([
    ['a splash of milk', ['how-much']],
    ['honey, to taste', ['how-much']],
    ['a handful of strawberries', ['how-much']],
    ['some olive oil', ['how-much']],
    ['2 spoons of yogurt', ['how-much']],
    ['1 tbsp moonlight dew', ['which-ingredient']],
    ['2 tbsp strawberry yogurt', ['more-than-one']],
    ['3 tbsp vegan mayonnaise', ['unknown-words']],
    ['1 tbsp babassu oil', ['which-ingredient']],
    ['4 okra pods', ['no-piece-weight']],
    ['2 tbsp honey with glycerine', ['more-than-one']],
    ['2,250 ml milk', ['comma']],
  ] as const)('asks about: %s', (line, questions) => {
    expect(read(line).questions).toEqual(expect.arrayContaining([...questions]));
  });

  it('says what it took for granted', () => {
    expect(read('2-3 bananas').assumed).toContainEqual(message('read.middle', { from: 2, to: 3 }));
    expect(read('1 heaped tbsp honey').assumed).toEqual([message('read.heaped')]);
    expect(read('1 avocado (180 g)').assumed).toEqual([message('read.bracket', { grams: 180 })]);
    expect(read('90 g dry rice').assumed[0]).toMatchObject({ id: 'read.raw-makes', params: { rawGrams: 90 } });
  });

  it('takes cups and spoons of the maker’s own system', () => {
    const millilitres = (system: 'us' | 'metric' | 'uk') =>
      read('1 cup milk', system).grams! / gramsPerMillilitre(ingredientById(CATALOGUE, 'milk'));
    expect(millilitres('us')).toBeCloseTo(236.588, 2);
    expect(millilitres('metric')).toBeCloseTo(250, 9);
    expect(millilitres('uk')).toBeCloseTo(284.13, 2);
  });

  it('knows every ingredient of the catalogue by its own name', () => {
    for (const { id, name } of INGREDIENTS)
      expect(read(`100 g ${name}`)).toMatchObject({ ingredientId: id, grams: 100 });
  });
});

describe('a pasted mask', () => {
  const text = `Lock-keeper's Sunday

Ingredients:
- 2 yolks
- 3 tbsp olive oil
- half a papaya
- 1 tbsp moonlight dew

Method
1. Mash the papaya and press it through a cloth.
2. Beat in the yolks by fork.
Leave it in for half an hour.`;

  it('finds name, measures and steps', () => {
    const draft = readFormula(text, CATALOGUE, 'us');
    expect(draft.name).toBe("Lock-keeper's Sunday");
    expect(draft.lines.map(({ ingredientId }) => ingredientId)).toEqual(['egg-yolk', 'olive-oil', 'papaya', undefined]);
    expect(draft.lines[3]!.unknownWords).toEqual(['moonlight', 'dew']);
    expect(draft.steps).toEqual([
      'Mash the papaya and press it through a cloth.',
      'Beat in the yolks by fork.',
      'Leave it in for half an hour.',
    ]);
  });

  it('takes one line with commas apart', () => {
    const { lines } = readFormula('2 yolks, 3 tbsp olive oil, half a papaya', CATALOGUE, 'us');
    expect(lines.map(({ ingredientId }) => ingredientId)).toEqual(['egg-yolk', 'olive-oil', 'papaya']);
  });

  it('knows steps without a heading', () => {
    const draft = readFormula('2 tbsp honey\n100 g yogurt\nStir the honey into 100 g of yogurt.', CATALOGUE, 'us');
    expect(draft.lines).toHaveLength(2);
    expect(draft.steps).toEqual(['Stir the honey into 100 g of yogurt.']);
  });

  it('refuses a book, kindly, and reads nothing of nothing', () => {
    expect(() => readFormula('1 egg\n'.repeat(MOST_PASTED.characters), CATALOGUE, 'us')).toThrow(
      cannot('too-long-a-text', { thousands: 120 }),
    );
    expect(() => readFormula('\n'.repeat(MOST_PASTED.lines + 1), CATALOGUE, 'us')).toThrow(cannot('too-many-lines'));
    expect(readFormula('  \n \n', CATALOGUE, 'us')).toMatchObject({ name: '', lines: [], steps: [] });
  });

  it('never falls over whatever is pasted, and never settles a line without an ingredient and an amount', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200, unit: 'grapheme' }), (anything) => {
        for (const line of readFormula(anything, CATALOGUE, 'metric').lines)
          if (line.questions.length === 0) {
            expect(line.ingredientId).toBeDefined();
            expect(line.grams).toBeGreaterThanOrEqual(0);
          }
      }),
      { numRuns: 300 },
    );
  });
});

describe('a leaf by its length', () => {
  it.each([
    ['20 cm aloe vera leaf', 130],
    ['about 10 cm of an aloe leaf', 65],
    ['4 inches of aloe', 66.04],
  ])('reads %s as %f g of gel', (text, grams) => {
    const line = readLine(text, CATALOGUE, 'metric');
    expect(line).toMatchObject({ ingredientId: 'aloe-gel', measuredBy: 'weight', questions: [] });
    expect(line.grams).toBeCloseTo(grams, 6);
    expect(line.assumed.map(({ id }) => id)).toEqual(['read.by-length']);
  });

  it('asks how much a length of anything else is', () => {
    expect(readLine('5 cm banana', CATALOGUE, 'metric').questions).not.toEqual([]);
  });
});
