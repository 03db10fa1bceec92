import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { readLot, type LotDraft } from '.';
import { KITCHEN } from '../shelf/testing';

const NOW = '2026-03-14T09:30:00.000Z';
const read = (text: string): LotDraft =>
  readLot(text, CATALOGUE, { system: 'us', places: KITCHEN, timeZone: 'Europe/Paris', now: NOW });

describe('a line of shopping', () => {
  it.each<[string, Partial<LotDraft>]>([
    [
      '3 hard avocados 180 g today 4.20 together',
      {
        ingredientId: 'avocado',
        grams: 3 * 180 * 0.74,
        pieceGrams: 180 * 0.74,
        stage: 'unripe',
        price: 4.2,
        since: NOW,
        placeId: 'counter',
      },
    ],
    ['6 eggs fridge', { ingredientId: 'egg-whole', grams: 300, pieceGrams: 50, placeId: 'fridge' }],
    ['6 eggs', { placeId: 'fridge' }],
    ['half a papaya in the fridge', { ingredientId: 'papaya', state: 'cut', grams: 160, placeId: 'fridge' }],
    ['half a papaya', { state: 'cut', placeId: 'fridge' }],
    ['2 ripe bananas yesterday', { ingredientId: 'banana', stage: 'ready', since: '2026-03-12T23:00:00.000Z' }],
    ['4 overripe bananas', { ingredientId: 'banana', stage: 'last-day', grams: 472 }],
    ['3 spotted bananas', { stage: 'last-day' }],
    ['20 cm aloe leaf', { ingredientId: 'aloe-gel', grams: 130 }],
    ['1 large papaya on the roof', { ingredientId: 'papaya', placeId: 'roof', pieceGrams: 781 }],
    [
      '500 g plain yogurt opened 1,80',
      { ingredientId: 'yogurt', grams: 500, state: 'opened', price: 1.8, placeId: 'fridge' },
    ],
    ['250 ml olive oil €6', { ingredientId: 'olive-oil', price: 6, placeId: 'counter', state: 'whole' }],
    ['1 kg rice 2.50', { ingredientId: 'rice-cream', state: 'raw', grams: 1000, price: 2.5 }],
    ['4 pears 3 days ago', { ingredientId: 'pear', since: '2026-03-10T23:00:00.000Z', stage: 'unripe' }],
    ['2 mangoes on thursday soft', { ingredientId: 'mango', stage: 'ready', since: '2026-03-11T23:00:00.000Z' }],
    ['an aloe leaf', { ingredientId: 'aloe-gel', grams: 230 }],
    ['honey 340 g jar', { ingredientId: 'honey', grams: 340, placeId: 'counter', state: 'whole' }],
    ['2 jars of honey 340 g 8.00 together', { ingredientId: 'honey', grams: 680, price: 8 }],
    ['two jars honey, 340 g at 4.00', { ingredientId: 'honey', grams: 680, price: 8 }],
    ['2 x 500 g plain yogurt', { ingredientId: 'yogurt', grams: 1000, placeId: 'fridge' }],
    ['opened 250 ml bottle of olive oil', { ingredientId: 'olive-oil', state: 'opened' }],
    ['3 bananas, black', { ingredientId: 'banana', stage: 'last-day', grams: 354 }],
    ['black bananas 3', { ingredientId: 'banana', stage: 'last-day' }],
    ['2 bananas, yellow', { ingredientId: 'banana', stage: 'ready' }],
    ['3 avocados 1.20 each', { ingredientId: 'avocado', price: 3.6 }],
    ['3 avocados for 4.20', { price: 4.2 }],
    ['3 avocados at 1.40', { price: 4.2 }],
    ['3 avocados €1.40 a piece', { price: 4.2 }],
    ['1 papaya 2.80', { price: 2.8 }],
    ['3 x 180 g avocados', { ingredientId: 'avocado', grams: 3 * 180 * 0.74, pieceGrams: 180 * 0.74 }],
    ['3 × 180 g hard avocados 4.20 together', { stage: 'unripe', price: 4.2, grams: 3 * 180 * 0.74 }],
    ['3 avocados 600 g together', { grams: 600 * 0.74, pieceGrams: 200 * 0.74 }],
    ['100 g green clay', { ingredientId: 'green-clay', grams: 100 }],
    ['10 g black tea', { ingredientId: 'black-tea' }],
    // A dozen is twelve.
    ['a dozen eggs', { ingredientId: 'egg-whole', grams: 600, pieceGrams: 50, placeId: 'fridge' }],
    ['2 dozen eggs', { grams: 1200, pieceGrams: 50 }],
    ['eggs, half a dozen', { grams: 300, pieceGrams: 50 }],
    // A pack is neither a place nor a thing.
    ['box of 6 eggs', { ingredientId: 'egg-whole', grams: 300, pieceGrams: 50, placeId: 'fridge' }],
    ['2 boxes of 6 eggs 3.00 each', { grams: 600, pieceGrams: 50, price: 6, count: 2 }],
    ['bag of rice 1 kg', { ingredientId: 'rice-cream', state: 'raw', grams: 1000, placeId: 'counter' }],
    ['rice in the bag 1 kg', { placeId: 'bag' }],
    // What the shop weighed has its peel on; what was prepared or frozen has not.
    ['500 g papaya', { ingredientId: 'papaya', state: 'whole', grams: 310, stage: 'unripe' }],
    ['1 lb carrots', { ingredientId: 'carrot', grams: 404, placeId: 'fridge' }],
    ['2 punnets of strawberries 250 g', { ingredientId: 'strawberry', grams: 470, placeId: 'fridge' }],
    ['300 g aloe leaf', { ingredientId: 'aloe-gel', state: 'whole', grams: 165 }],
    ['500 g frozen mango', { ingredientId: 'mango', state: 'whole', grams: 500, placeId: 'freezer' }],
    ['500 g mango chunks in the freezer', { ingredientId: 'mango', state: 'cut', grams: 500, placeId: 'freezer' }],
    ['600 g mashed banana', { ingredientId: 'banana', state: 'cut', grams: 600, placeId: 'fridge' }],
    ['150 g peeled potatoes', { ingredientId: 'potato', state: 'cut', grams: 150, placeId: 'fridge' }],
    // Juice, gel and the parts of an egg have left what they came from: days, not weeks.
    ['2 lemons', { ingredientId: 'lemon-juice', state: 'whole', placeId: 'counter' }],
    ['60 ml lemon juice', { ingredientId: 'lemon-juice', state: 'made', placeId: 'fridge' }],
    ['bottle of lemon juice 200 ml', { ingredientId: 'lemon-juice', state: 'opened', placeId: 'fridge' }],
    ['2 onions', { ingredientId: 'onion-juice', state: 'whole', placeId: 'counter' }],
    ['200 ml carrot juice', { ingredientId: 'carrot-juice', state: 'made', placeId: 'fridge' }],
    ['2 egg whites', { ingredientId: 'egg-white', state: 'cut', grams: 66, placeId: 'fridge' }],
    ['120 g aloe gel', { ingredientId: 'aloe-gel', state: 'made', grams: 120, placeId: 'fridge' }],
    ['leftover coconut milk 150 ml', { ingredientId: 'coconut-milk', state: 'opened', placeId: 'fridge' }],
    ['coconut milk 400 ml tin', { ingredientId: 'coconut-milk', state: 'whole', placeId: 'counter' }],
    ['150 g rice cream cooked', { ingredientId: 'rice-cream', state: 'made', grams: 150, placeId: 'fridge' }],
  ])('%s', (text, wanted) => {
    const { grams, pieceGrams, ...rest } = wanted;
    const draft = read(text);
    expect(draft).toMatchObject({ ...rest, questions: [] });
    if (grams !== undefined) expect(draft.grams).toBeCloseTo(grams, 0);
    if (pieceGrams !== undefined) expect(draft.pieceGrams).toBeCloseTo(pieceGrams, 0);
  });

  it('knows a place by its kind where its own name was not said', () => {
    const places = [{ id: 'cold', name: '12 V box', kind: 'fridge', celsius: 5 } as const, ...KITCHEN.slice(0, 1)];
    const options = { system: 'us', places, timeZone: 'UTC', now: NOW } as const;
    expect(readLot('2 ripe mangoes in the fridge', CATALOGUE, options)).toMatchObject({
      placeId: 'cold',
      questions: [],
    });
    expect(readLot('2 mangoes 12 V box', CATALOGUE, options)).toMatchObject({ placeId: 'cold', questions: [] });
  });

  it.each(['3 moonfruit', 'some honey', 'avocados'])('asks about: %s', (text) => {
    expect(read(text).questions.length).toBeGreaterThan(0);
  });

  it.each(['1 jar honey', 'tub of yogurt', 'a punnet of strawberries', '2 tins coconut milk', 'carton of eggs'])(
    'knows that a pack says nothing of how much: %s',
    (text) => {
      const draft = read(text);
      expect([draft.questions, draft.unknownWords]).toEqual([['how-much'], []]);
      expect(draft.ingredientId).toBeDefined();
    },
  );

  it('does not take cooked rice for dry rice, which keeps for a year', () => {
    expect(read('300 g cooked rice').questions).toEqual(['cooked-or-dry']);
    expect(read('300 g rice').questions).toEqual([]);
  });

  it('says what it took for granted of a weight', () => {
    expect(read('500 g papaya').assumed).toEqual([{ id: 'read.all-whole', params: { grams: 500 } }]);
    expect(read('500 g spinach').assumed).toEqual([]);
  });

  it('asks whether a price is for each or for all, and takes either word as the answer', () => {
    const line = '3 hard avocados 180 g 4.20';
    expect(read(line)).toMatchObject({ questions: ['each-or-together'], price: 4.2, count: 3 });
    expect(read(`${line} each`)).toMatchObject({ questions: [], price: 12.6 });
    expect(read(`${line} together`)).toMatchObject({ questions: [], price: 4.2 });
    expect(read('2 jars of honey 340 g 4.00').questions).toEqual(['each-or-together']);
  });

  it('knows that of fruit the number is an answer too', () => {
    expect(read('bananas, black')).toMatchObject({ ingredientId: 'banana', questions: ['how-much'], isCounted: true });
    expect(read('some honey').isCounted).toBeUndefined();
  });

  it('never falls over, and never settles what has no weight', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120, unit: 'grapheme' }), (text) => {
        const draft = read(text);
        if (draft.questions.length === 0) expect(draft.grams).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 300 },
    );
  });
});
