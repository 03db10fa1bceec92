import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../ingredient';
import { forecast, RATE_SIGMA, type Lot } from '../shelf';
import { aLot, DAY, HOUR, iso, KITCHEN, STILL, T0 } from '../shelf/testing';
import { drawsFrom } from '../statistic';
import { chanceAt, daysOpen, lotForecast } from './forecast';

const row = (id: string) => ingredientById(CATALOGUE, id);
const onCounter = (id: string, stage: 'unripe' | 'nearly' | 'ready', change: Partial<Lot> = {}): Lot =>
  aLot(id, id, {
    grams: 150,
    pieceGrams: 150,
    stays: [{ placeId: 'counter', from: iso(T0) }],
    touches: [{ at: iso(T0), stage }],
    ...change,
  });
const days = Array.from({ length: 14 }, (_, on) => T0 + on * DAY);
/** Without a fridge nothing can be kept by moving it. */
const noFridge = { ...STILL, places: KITCHEN.filter(({ kind }) => kind !== 'fridge') };

describe('the chance that something is fit', () => {
  it('is what counting ten thousand fruit says that ripen faster and slower', () => {
    const draws = drawsFrom(11);
    const factors = Array.from({ length: 10_000 }, () => Math.exp(RATE_SIGMA * draws.normal()));
    for (const hours of [24, 60, 96, 120, 160, 220]) {
      const fit = factors.filter((factor) => hours >= 96 * factor && hours < 170 * factor).length;
      expect(chanceAt(hours, 96, 170)).toBeCloseTo(fit / factors.length, 1.7);
    }
  });

  it('is even on the day that is reckoned, and four of five lie within the band that the shelf shows', () => {
    const avocado = row('avocado').ripening;
    if (!avocado) throw new Error('An avocado ripens.');
    const found = forecast(avocado, 0.15, T0, { celsius: 20, kind: 'counter' }).ready;
    const hours = (at = 0): number => (at - T0) / HOUR;
    const at = (then = 0): number => chanceAt(hours(then), hours(found?.at), Infinity);
    expect(at(found?.at)).toBeCloseTo(0.5, 6);
    expect(at(found?.late) - at(found?.early)).toBeCloseTo(0.8, 3);
  });

  it('is certain of what is ready now, and nothing of what is past', () => {
    expect(chanceAt(0, 0, 48)).toBe(1);
    expect(chanceAt(48, 0, 48)).toBeCloseTo(0.5, 6);
    expect(chanceAt(480, 0, 48)).toBeCloseTo(0, 6);
  });
});

describe('the days of a lot', () => {
  it('begin when hard fruit softens, and end when it is past', () => {
    const { chance, lostShare } = lotForecast(row('avocado'), onCounter('avocado', 'unripe'), noFridge, T0, days);
    expect(chance[0]).toBe(0);
    const best = chance.indexOf(Math.max(...chance));
    expect(best).toBeGreaterThanOrEqual(4);
    expect(best).toBeLessThanOrEqual(6);
    expect(chance[13]).toBeLessThan(0.02);
    expect(lostShare).toBeGreaterThan(0.98);
  });

  it('last longer in the cold once it is ready, and say that they need it', () => {
    const still = lotForecast(row('papaya'), onCounter('papaya', 'ready'), noFridge, T0, days);
    const cold = lotForecast(row('papaya'), onCounter('papaya', 'ready'), STILL, T0, days);
    expect(cold.chance[4]).toBeGreaterThan((still.chance[4] ?? 0) + 0.2);
    expect(cold.needsCold[4]).toBe(true);
    expect(still.needsCold.some(Boolean)).toBe(false);
    // On the first day it is fit wherever it stands.
    expect(cold.needsCold[0]).toBe(false);
  });

  it('never count what is past, or can never ripen where it lies', () => {
    const past = onCounter('banana', 'ready', { touches: [{ at: iso(T0 - 9 * DAY), stage: 'ready' }] });
    const of = lotForecast(row('banana'), past, STILL, T0, days);
    expect(of.chance.every((chance) => chance === 0)).toBe(true);
    expect(of.lostShare).toBe(1);
    const cold = onCounter('avocado', 'unripe', { stays: [{ placeId: 'fridge', from: iso(T0) }] });
    expect(Math.max(...lotForecast(row('avocado'), cold, STILL, T0, days).chance)).toBeLessThan(0.5);
  });

  it('of an opened tub end when its days in the cold are over', () => {
    const tub = aLot('tub', 'yogurt', { state: 'opened' });
    const { chance } = lotForecast(row('yogurt'), tub, STILL, T0, days);
    const last = chance.reduce((day, one, on) => (one >= 0.5 ? on : day), -1);
    expect(last).toBe(daysOpen(row('yogurt'), true));
  });
});
