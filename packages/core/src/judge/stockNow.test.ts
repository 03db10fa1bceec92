import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../ingredient';
import { aLot, HOUR, iso, STILL, T0 } from '../shelf/testing';
import { windowOf, lotPast } from '../shelf';
import { stockNow, TURNS_WITHIN_HOURS, turningLots } from '.';

const at = (lots: readonly ReturnType<typeof aLot>[], now = T0) => stockNow(lots, CATALOGUE, STILL, now);
const usable = (lots: readonly ReturnType<typeof aLot>[], id: string, now = T0): number | undefined =>
  at(lots, now).usableGrams.get(id);
const cutPapaya = aLot('half', 'papaya', { state: 'cut', grams: 160 });
/** A whole avocado as it felt when it was put on the counter. */
const avocado = (stage: 'unripe' | 'nearly' | 'ready' | 'last-day') =>
  aLot('whole', 'avocado', {
    grams: 133,
    stays: [{ placeId: 'counter', from: iso(T0) }],
    touches: [{ at: iso(T0), stage }],
  });

describe('what the shelf holds at a moment', () => {
  it('is what may be used: lots of a thing added up, without what is hard, past or unheard of', () => {
    expect(usable([cutPapaya, { ...cutPapaya, id: 'other', grams: 40 }], 'papaya')).toBe(200);
    expect(usable([avocado('ready')], 'avocado')).toBe(133);
    expect(usable([avocado('last-day')], 'avocado')).toBe(133);
    expect(usable([avocado('unripe')], 'avocado')).toBeUndefined();
    expect(usable([avocado('nearly')], 'avocado')).toBeUndefined();
    expect(usable([cutPapaya], 'papaya', T0 + 30 * 24 * HOUR)).toBeUndefined();
    expect(at([aLot('strange', 'moonfruit')]).usableGrams.size).toBe(0);
  });

  it('knows when the first of what is hard will be ripe, and that it will not be in a fridge', () => {
    const late = { ...avocado('unripe'), id: 'late' };
    const soon = avocado('nearly');
    const readyAt = (lot: typeof soon): number | undefined =>
      windowOf(ingredientById(CATALOGUE, 'avocado'), lotPast(lot), STILL, T0).ripeness?.ready?.at;
    expect(readyAt(soon)).toBeLessThan(readyAt(late) ?? 0);
    expect(at([late, soon]).ripeAt.get('avocado')).toBe(readyAt(soon));
    expect(at([soon, late]).ripeAt.get('avocado')).toBe(readyAt(soon));
    expect(at([avocado('ready')]).ripeAt.size).toBe(0);
    const cold = aLot('cold', 'avocado', {
      grams: 133,
      stays: [{ placeId: 'fridge', from: iso(T0) }],
      touches: [{ at: iso(T0), stage: 'unripe' }],
    });
    expect(at([cold]).ripeAt.get('avocado')).toBe(Infinity);
  });

  it('turns from thirty hours before the end on, and not a moment earlier', () => {
    const row = ingredientById(CATALOGUE, 'papaya');
    const { endsAt } = windowOf(row, lotPast(cutPapaya), STILL, T0);
    const from = endsAt - TURNS_WITHIN_HOURS * HOUR;
    const turning = (now: number): [number | undefined, string[]] => [
      at([cutPapaya], now).turningGrams.get('papaya'),
      [...turningLots([cutPapaya], CATALOGUE, STILL, now)],
    ];
    expect(turning(from)).toEqual([160, ['half']]);
    expect(turning(from - 1)).toEqual([undefined, []]);
    expect(usable([cutPapaya], 'papaya', from - 1)).toBe(160);
    // What keeps for months never turns.
    const honey = aLot('jar', 'honey', { state: 'opened' });
    expect(turningLots([honey, cutPapaya], CATALOGUE, STILL, from)).toEqual(new Set(['half']));
  });

  it('counts dry grain as what it cooks to, whatever its age, and no price of it', () => {
    const rice = aLot('bag', 'rice-cream', { state: 'raw', grams: 100, pricePerGram: 0.002 });
    const cooked = usable([rice], 'rice-cream') ?? 0;
    // Rice takes up several times its weight of water (common practice, no published source).
    expect(cooked).toBeGreaterThan(400);
    expect(usable([{ ...rice, grams: 50 }], 'rice-cream')).toBeCloseTo(cooked / 2, 6);
    expect(usable([rice], 'rice-cream', T0 + 400 * 24 * HOUR)).toBeCloseTo(cooked, 6);
    expect(at([rice]).pricePerGram.size).toBe(0);
    expect(at([rice]).turningGrams.size).toBe(0);
    // Made already, it is what it weighs.
    expect(usable([{ ...rice, state: 'made' }], 'rice-cream')).toBe(100);
  });

  it('knows the dearest price that was said', () => {
    const oil = (id: string, pricePerGram?: number) => aLot(id, 'olive-oil', { state: 'opened', pricePerGram });
    const price = (...lots: ReturnType<typeof aLot>[]): number | undefined => at(lots).pricePerGram.get('olive-oil');
    expect(price(oil('a', 0.01), oil('b', 0.03), oil('c', 0.02))).toBe(0.03);
    expect(price(oil('a'))).toBeUndefined();
    expect(price(oil('a'), oil('b', 0.01))).toBe(0.01);
  });

  it('finds yolk and white in whole eggs, not in one that is open', () => {
    const eggs = aLot('eggs', 'egg-whole', { grams: 100 });
    const parts = [usable([eggs], 'egg-yolk') ?? 0, usable([eggs], 'egg-white') ?? 0];
    expect(parts[0]).toBeGreaterThan(25);
    expect(parts[1]).toBeGreaterThan(parts[0] ?? 0);
    expect(usable([{ ...eggs, state: 'opened' }], 'egg-yolk')).toBeUndefined();
    // Of what is no part of anything nothing else comes.
    expect([...at([cutPapaya]).usableGrams.keys()]).toEqual(['papaya']);
  });
});
