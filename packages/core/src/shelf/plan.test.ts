import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { planDraw, stockDraftOf, type Lot, type PlannedLine } from '.';
import { offerOf } from './plan';
import { aLot, DAY, HOUR, iso, KITCHEN, STILL, T0 } from './testing';

const onTheCounter = { stays: [{ placeId: 'counter', from: iso(T0) }] };
const drawn = (ingredientId: string, grams: number, ...lots: Lot[]): PlannedLine =>
  planDraw([{ ingredientId, grams }], lots, CATALOGUE, STILL, T0)[0] as PlannedLine;
const took = ({ takes }: PlannedLine): Record<string, number> =>
  Object.fromEntries(takes.map(({ lotId, grams }) => [lotId, Math.round(grams)]));
const eggs = (id: string, count: number, change: Partial<Lot> = {}): Lot =>
  aLot(id, 'egg-whole', { grams: 50 * count, pieceGrams: 50, ...change });

describe('a lot that may be drawn from', () => {
  it('comes in pieces only while it is whole, and is a remnant only where it is cut', () => {
    const offer = (change: Partial<Lot>) => offerOf(aLot('one', 'avocado', change), CATALOGUE, STILL, T0);
    expect(offer({ pieceGrams: 50 })).toMatchObject({ pieceGrams: 50, isRemnant: false });
    expect(offer({ pieceGrams: 50, state: 'cut' })).not.toHaveProperty('pieceGrams');
    expect(offer({ state: 'cut' })).toMatchObject({ isRemnant: true });
    expect(offer({ state: 'opened' })).toMatchObject({ isRemnant: false });
    expect(offer({})).not.toHaveProperty('pieceGrams');
    expect(offerOf(aLot('one', 'moonlight'), CATALOGUE, STILL, T0)).toBeUndefined();
  });
  it('says how ripe it is, and how long it has, which is nothing once it is past', () => {
    const felt = aLot('one', 'avocado', { ...onTheCounter, touches: [{ at: iso(T0), stage: 'unripe' }] });
    expect(offerOf(felt, CATALOGUE, STILL, T0)).toMatchObject({ stage: 'unripe' });
    const milk = aLot('milk', 'milk', { state: 'opened' });
    expect(offerOf(milk, CATALOGUE, STILL, T0)!.hoursLeft).toBeGreaterThan(24);
    expect(offerOf(milk, CATALOGUE, STILL, T0 + 60 * DAY)!.hoursLeft).toBe(0);
    expect(offerOf(aLot('honey', 'honey'), CATALOGUE, STILL, T0)!.hoursLeft).toBeLessThanOrEqual(24_000);
  });
});

describe('what a bowl is drawn from', () => {
  it('separates eggs where a part is wanted, what turns first first, and keeps the other part', () => {
    const old = eggs('old', 1, { since: iso(T0 - 20 * DAY), stays: [{ placeId: 'fridge', from: iso(T0 - 20 * DAY) }] });
    const line = drawn('egg-yolk', 16, eggs('new', 2), old);
    expect(took(line)).toEqual({ old: 50 });
    expect(line.shortGrams).toBe(0);
    expect(line.takes[0]!.leaves).toEqual([{ ingredientId: 'egg-white', grams: expect.closeTo(33, 6) as number }]);
    expect(took(drawn('egg-yolk', 36, eggs('new', 6)))).toEqual({ new: 150 });
  });
  it('takes no cracked egg for a whole one, and says what it is short of in yolks', () => {
    expect(took(drawn('egg-yolk', 16, eggs('beaten', 2, { state: 'opened', pieceGrams: undefined })))).toEqual({});
    const short = drawn('egg-yolk', 50, eggs('one', 1));
    expect(took(short)).toEqual({ one: 50 });
    expect(short.shortGrams).toBeGreaterThan(30);
    expect(short.shortGrams).toBeLessThan(36);
  });
  it('says nothing of less than half a gram', () => {
    expect(drawn('honey', 100.4, aLot('jar', 'honey')).shortGrams).toBe(0);
    expect(drawn('honey', 100.6, aLot('jar', 'honey')).shortGrams).toBeCloseTo(0.6, 6);
  });
  it('opens nothing new for less than a spoonful that is less than a seventh of it', () => {
    const open = aLot('open', 'yogurt', { state: 'opened', grams: 95 });
    const closed = aLot('closed', 'yogurt', { grams: 400, pieceGrams: 400 });
    const line = drawn('yogurt', 100, open, closed);
    expect(took(line)).toEqual({ open: 95 });
    expect(line).toMatchObject({ sparedGrams: 5, shortGrams: 0 });
    // A spoonful and more, or as much as a seventh, is not gone without.
    expect(drawn('yogurt', 120, open, closed).sparedGrams).toBe(0);
    expect(drawn('yogurt', 20, { ...open, grams: 16 }, closed).sparedGrams).toBe(0);
    // What is past is nothing that is open.
    const long = iso(T0 - 40 * DAY);
    const past = { ...open, since: long, stays: [{ placeId: 'roof', from: long }] };
    expect(drawn('yogurt', 100, past, closed)).toMatchObject({ sparedGrams: 0 });
  });
  it('cooks the raw thing for what is missing, and takes it for nothing else', () => {
    const raw = aLot('rice', 'rice-cream', { state: 'raw', grams: 500, ...onTheCounter });
    const line = drawn('rice-cream', 150, raw);
    expect(line.shortGrams).toBe(0);
    expect(line.takes).toEqual([
      { lotId: 'rice', grams: expect.closeTo(22, 0) as number, leaves: [], isUnripe: false },
    ]);
    const half = drawn('rice-cream', 150, { ...raw, grams: line.takes[0]!.grams / 2 });
    expect(half.shortGrams).toBeCloseTo(75, 0);
    expect(took(drawn('rice-cream', 100, raw, aLot('made', 'rice-cream', { state: 'made' })))).toEqual({ made: 100 });
  });
  it('promises nothing twice', () => {
    const lines = [
      { ingredientId: 'avocado', grams: 70 },
      { ingredientId: 'avocado', grams: 80 },
    ];
    const lot = aLot('pair', 'avocado', { grams: 200, pieceGrams: 100, ...onTheCounter });
    const [first, second] = planDraw(lines, [lot], CATALOGUE, STILL, T0);
    expect(took(first!)).toEqual({ pair: 70 });
    // What is left of the first piece is a lot of its own from then on.
    expect(took(second!)).toEqual({ pair: 80 });
    expect(planDraw([...lines, lines[0]!], [lot], CATALOGUE, STILL, T0)[2]).toMatchObject({
      takes: [],
      shortGrams: 70,
    });
  });
});

it('puts what is left of a piece into the cold, opens what is packed, and passes over what is gone', () => {
  const pair = aLot('pair', 'avocado', { grams: 200, pieceGrams: 100, pricePerGram: 0.02, ...onTheCounter });
  const tin = aLot('tin', 'coconut-milk', { grams: 400, pieceGrams: 400, ...onTheCounter });
  const take = (lotId: string, grams: number, leaves: PlannedLine['takes'][number]['leaves'] = []) => ({
    ingredientId: 'avocado',
    wantedGrams: grams,
    shortGrams: 0,
    sparedGrams: 0,
    takes: [{ lotId, grams, leaves, isUnripe: false }],
  });
  const at = iso(T0 + HOUR);
  const lines = [take('pair', 70, [{ ingredientId: 'avocado', grams: 30 }]), take('tin', 60), take('gone', 5)];
  expect(stockDraftOf(lines, [pair, tin], CATALOGUE, at, () => 'rest', KITCHEN)).toEqual({
    lots: [{ id: 'rest', ingredientId: 'avocado', state: 'cut', since: at, pricePerGram: 0.02, label: '' }],
    movements: [
      { lotId: 'pair', kind: 'draw', grams: -70 },
      { lotId: 'pair', kind: 'cut-off', grams: -30 },
      { lotId: 'rest', kind: 'cut-in', grams: 30, placeId: 'fridge' },
      { lotId: 'tin', kind: 'draw', grams: -60 },
      expect.objectContaining({ lotId: 'tin', placeId: 'fridge' }),
    ],
  });
});
