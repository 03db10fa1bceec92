import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, rawRecipeOf } from '../ingredient';
import { message } from '../message';
import { makingFor } from '../recipe';
import { addDays } from '../time';
import { buyList, type BuyLine, type Buying, type ShopTrip } from '.';
import { aLot as lot, DAY, HOUR, iso, STILL, T0 } from './testing';

/** T0 is a Saturday morning. */
const TODAY = '2026-03-14';
const bowl = (name: string, days: number, ...lines: [string, number][]) => ({
  name,
  at: iso(T0 + days * DAY),
  lines: lines.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});
const shopIn = (days: number): ShopTrip => ({
  day: addDays(TODAY, days),
  from: T0 + days * DAY - 8 * HOUR,
  at: T0 + days * DAY + 4 * HOUR,
});
const list = (bowls: Parameters<typeof buyList>[0], change: Partial<Buying> = {}): readonly BuyLine[] =>
  buyList(bowls, {
    levels: [],
    lots: [],
    catalogue: CATALOGUE,
    climate: STILL,
    now: T0,
    today: TODAY,
    trips: [],
    habits: {},
    ...change,
  });

describe('buyList', () => {
  it('asks for what is missing in shop units, hard where there is time', () => {
    const [line, ...others] = list([bowl('Towpath', 6, ['avocado', 300])]);
    expect(others).toEqual([]);
    expect(line).toMatchObject({
      what: 'Avocado',
      pieces: 3,
      grams: 3 * 136,
      buy: 'unripe',
      day: TODAY,
      readyBy: iso(T0 + 6 * DAY),
      reasons: [message('buy.for-bowl', { name: 'Towpath' })],
    });
    expect(line?.shopGrams).toBeCloseTo((3 * 136) / 0.74, 0);
    expect(list([bowl('Towpath', 0.5, ['avocado', 300])])[0]?.buy).toBe('ready');
    expect(list([bowl('Towpath', 2, ['avocado', 300])])[0]?.buy).toBe('nearly');
  });

  it('subtracts what will still be good then, once', () => {
    const tub = lot('tub', 'yogurt', { state: 'opened', grams: 200 });
    const two = [bowl('First', 1, ['yogurt', 150]), bowl('Second', 2, ['yogurt', 150])];
    expect(list(two, { lots: [tub] })).toEqual([
      expect.objectContaining({ grams: 100, reasons: [message('buy.for-bowl', { name: 'Second' })] }),
    ]);
    // In ten days the open tub is past.
    expect(list([bowl('Late', 10, ['yogurt', 150])], { lots: [tub] })[0]?.grams).toBe(150);
  });

  it('names the raw thing where something is cooked, and fills up to a level', () => {
    const rice = list([bowl('Rice', 1, ['rice-cream', 400])])[0];
    expect(rice).toMatchObject({ what: 'white rice, dry', isRaw: true });
    const recipe = rawRecipeOf(ingredientById(CATALOGUE, 'rice-cream'));
    expect(rice?.grams).toBeCloseTo(recipe ? makingFor(recipe, 400).rawGrams : 0, 6);
    const levels = [{ ingredientId: 'olive-oil', grams: 250 }];
    expect(list([], { levels, lots: [lot('oil', 'olive-oil', { grams: 120 })] })[0]).toMatchObject({
      grams: 130,
      reasons: [message('buy.in-the-house')],
    });
    expect(list([], { levels: [{ ingredientId: 'rice-cream', grams: 500 }] })[0]).toMatchObject({
      grams: 500,
      isRaw: true,
    });
  });

  it('adds dry to dry where a bowl wants rice cooked and the house wants a bag of it', () => {
    const levels = [{ ingredientId: 'rice-cream', grams: 500 }];
    const recipe = rawRecipeOf(ingredientById(CATALOGUE, 'rice-cream'));
    const dry = recipe ? makingFor(recipe, 400).rawGrams : 0;
    const cooked = lot('pot', 'rice-cream', { state: 'made', grams: 120, since: iso(T0 - DAY) });
    const [line, ...others] = list([bowl('Rice', 3, ['rice-cream', 400])], { levels, lots: [cooked] });
    expect(others).toEqual([]);
    // The pot of yesterday is past by then, and is no bag of rice.
    expect(line?.grams).toBeCloseTo(dry + 500, 6);
    expect(line?.reasons).toHaveLength(2);
  });

  it('wants no water', () => {
    expect(list([bowl('Thin', 1, ['water', 100])])).toEqual([]);
  });
});

describe('on which day with a shop', () => {
  const trips = [shopIn(4), shopIn(7), shopIn(11)];
  const days = (bowls: Parameters<typeof buyList>[0], change: Partial<Buying> = {}) =>
    list(bowls, { trips, ...change }).map(({ day, pieces, grams }) => [day, pieces ?? Math.round(grams)]);

  it('is the last one before the bowl, its own day counted in, and today where there is none', () => {
    expect(days([bowl('Sat', 7.4, ['banana', 110])])).toEqual([[addDays(TODAY, 7), 1]]);
    expect(days([bowl('Fri', 6.4, ['banana', 110])])).toEqual([[addDays(TODAY, 4), 1]]);
    expect(days([bowl('Mon', 2.4, ['banana', 110])])).toEqual([[TODAY, 1]]);
  });

  it('is one for two bowls only where what the first buys still does for the second', () => {
    // A tub that is opened on the fifth day is past on the eleventh.
    const tubs = [bowl('Thu', 5, ['yogurt', 150]), bowl('Wed', 11.4, ['yogurt', 150])];
    expect(days(tubs)).toEqual([
      [addDays(TODAY, 4), 150],
      [addDays(TODAY, 11), 150],
    ]);
    expect(days([bowl('Thu', 5, ['yogurt', 150]), bowl('Sat', 7.4, ['yogurt', 150])])).toEqual([
      [addDays(TODAY, 4), 300],
    ]);
    // Eggs are opened one by one.
    expect(days([bowl('Thu', 5, ['egg-whole', 50]), bowl('Wed', 11.4, ['egg-whole', 50])])).toEqual([
      [addDays(TODAY, 4), 2],
    ]);
    // A mango chosen to be ready for the first is past by the second.
    expect(days([bowl('Thu', 5, ['mango', 200]), bowl('Thu', 12.4, ['mango', 200])])).toHaveLength(2);
    // Honey keeps, and so does dry rice.
    const jars = [
      bowl('Thu', 5, ['honey', 30], ['rice-cream', 300]),
      bowl('Wed', 11, ['honey', 30], ['rice-cream', 300]),
    ];
    expect(list(jars, { trips }).map(({ day }) => day)).toEqual([addDays(TODAY, 4), addDays(TODAY, 4)]);
  });

  it('is the first for what only fills up, on one line with what a bowl wants', () => {
    const levels = [{ ingredientId: 'honey', grams: 200 }];
    expect(days([], { levels })).toEqual([[addDays(TODAY, 4), 200]]);
    expect(days([bowl('Fri', 13, ['honey', 30])], { levels })).toEqual([[addDays(TODAY, 11), 230]]);
  });

  it('chooses how ripe by the days that are left from the shop on', () => {
    const stage = (from: ShopTrip[], days: number) =>
      list([bowl('x', days, ['avocado', 130])], { trips: from })[0]?.buy;
    expect(stage([shopIn(1)], 6.5)).toBe('unripe');
    expect(stage([shopIn(6)], 6.5)).toBe('ready');
  });
});

describe('how it is sold', () => {
  it('is in packs as they were bought before, at the price that was paid last', () => {
    const habits = { honey: { mostGrams: 340, pricePerGram: 0.02 }, avocado: { mostGrams: 300, pricePerGram: 0.01 } };
    const [honey, avocado] = list([bowl('Two', 1, ['honey', 400], ['avocado', 200])], { habits });
    expect(honey).toMatchObject({ grams: 680, packs: { count: 2, grams: 340 }, shopGrams: 680 });
    expect(honey?.money).toBeCloseTo(13.6, 9);
    expect(avocado).toMatchObject({ pieces: 2, grams: 272 });
    expect(avocado?.packs).toBeUndefined();
    expect(avocado?.money).toBeCloseTo(2.72, 9);
    // A crumb over buys no other jar; and of what nobody said a price, there is none.
    const crumb = list([bowl('One', 1, ['honey', 360])], { habits: { honey: { mostGrams: 340 } } })[0];
    expect(crumb).toMatchObject({ packs: { count: 1, grams: 340 } });
    expect(crumb?.money).toBeUndefined();
  });
});
