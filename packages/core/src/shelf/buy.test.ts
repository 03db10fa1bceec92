import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, rawRecipeOf } from '../ingredient';
import { message } from '../message';
import { makingFor } from '../recipe';
import { buyList, wasteByMonth, worthOf, type ValuedMovement } from '.';
import { aLot as lot, DAY, iso, STILL, T0 } from './testing';

const bowl = (name: string, days: number, ...lines: [string, number][]) => ({
  name,
  at: iso(T0 + days * DAY),
  lines: lines.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});

describe('buyList', () => {
  it('asks for what is missing in shop units, hard where there is time', () => {
    const list = buyList([bowl('Towpath', 6, ['avocado', 300])], [], [], CATALOGUE, STILL, T0);
    expect(list).toEqual([
      expect.objectContaining({
        what: 'Avocado',
        pieces: 3,
        buy: 'unripe',
        readyBy: iso(T0 + 6 * DAY),
        reasons: [message('buy.for-bowl', { name: 'Towpath' })],
      }),
    ]);
    expect(list[0]!.shopGrams).toBeCloseTo((3 * 136) / 0.74, 0);
    expect(buyList([bowl('Towpath', 0.5, ['avocado', 300])], [], [], CATALOGUE, STILL, T0)[0]!.buy).toBe('ready');
    expect(buyList([bowl('Towpath', 2, ['avocado', 300])], [], [], CATALOGUE, STILL, T0)[0]!.buy).toBe('nearly');
  });

  it('subtracts what will still be good then, once', () => {
    const tub = lot('tub', 'yogurt', { state: 'opened', grams: 200 });
    const two = [bowl('First', 1, ['yogurt', 150]), bowl('Second', 2, ['yogurt', 150])];
    expect(buyList(two, [], [tub], CATALOGUE, STILL, T0)).toEqual([
      expect.objectContaining({ grams: 100, reasons: [message('buy.for-bowl', { name: 'Second' })] }),
    ]);
    // In ten days the open tub is past.
    expect(buyList([bowl('Late', 10, ['yogurt', 150])], [], [tub], CATALOGUE, STILL, T0)[0]!.grams).toBe(150);
  });

  it('names the raw thing where something is cooked, and fills up to a level', () => {
    const rice = buyList([bowl('Rice', 1, ['rice-cream', 400])], [], [], CATALOGUE, STILL, T0)[0]!;
    expect(rice).toMatchObject({ what: 'white rice, dry', isRaw: true });
    expect(rice.grams).toBeCloseTo(makingFor(rawRecipeOf(ingredientById(CATALOGUE, 'rice-cream'))!, 400).rawGrams, 6);
    const oil = lot('oil', 'olive-oil', { grams: 120 });
    const levels = [{ ingredientId: 'olive-oil', grams: 250 }];
    expect(buyList([], levels, [oil], CATALOGUE, STILL, T0)[0]).toMatchObject({
      grams: 130,
      reasons: [message('buy.in-the-house')],
    });
  });

  it('wants no water', () => {
    expect(buyList([bowl('Thin', 1, ['water', 100])], [], [], CATALOGUE, STILL, T0)).toEqual([]);
  });
});

describe('worth', () => {
  const out = (kind: ValuedMovement['kind'], grams: number, at: string, pricePerGram?: number): ValuedMovement => ({
    kind,
    grams: -grams,
    at,
    reason: 'past',
    ...(pricePerGram === undefined ? {} : { pricePerGram }),
  });

  it('sums what was taken, and says for how much nobody said a price', () => {
    expect(worthOf([out('draw', 100, iso(T0), 0.02), out('draw', 50, iso(T0))])).toEqual({
      money: 2,
      grams: 150,
      unpricedGrams: 50,
    });
  });

  it('puts waste in the months of the household, not of UTC', () => {
    const months = wasteByMonth(
      [
        // 23:30 UTC on the last of March is April in Paris.
        out('discard', 40, '2026-03-31T22:30:00Z', 0.01),
        out('discard', 60, '2026-03-10T12:00:00Z', 0.01),
        out('draw', 500, '2026-03-10T12:00:00Z', 0.01),
      ],
      'Europe/Paris',
    );
    expect(months.map(({ month, grams, byReason }) => [month, grams, byReason])).toEqual([
      ['2026-03', 60, { past: 60 }],
      ['2026-04', 40, { past: 40 }],
    ]);
    expect(months[0]!.money).toBeCloseTo(0.6, 12);
  });
});
