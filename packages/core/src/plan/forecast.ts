import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import { keepingOf, type Ingredient } from '../ingredient';
import {
  lotPast,
  RATE_SIGMA,
  windowIfMoved,
  windowOf,
  type Climate,
  type Lot,
  type LotWindow,
  type Place,
} from '../shelf';
import { TWENTY_FOUR_HOURS } from '../time';

/** What is expected of a lot on the days to come. */
export interface LotForecast {
  /** The chance, 0 to 1, that it is ripe enough and not past, at each moment. */
  readonly chance: readonly number[];
  /** True where that holds only if it goes into the cold once it is ready. */
  readonly needsCold: readonly boolean[];
  /** The chance that it is past at the end. */
  readonly lostShare: number;
}

/** An end in the book is not a matter of luck, but a fridge is not a laboratory. Assumption of this project. */
const KEEPING_SIGMA = 0.08;

/**
 * The chance that something may be used at a moment: fruit of one kind ripens faster or slower, so the way that is still to
 * go, to ready and to past, is stretched by one log-normal factor (σ as in the shelf's own band).
 *
 *   P(ready ≤ t < past) = Φ(ln(t ∕ ready) ∕ σ) − Φ(ln(t ∕ past) ∕ σ)
 *
 * @param hours from now, 0 or more
 * @param readyHours 0 for what is ready
 * @example chanceAt(96, 96, 200) // about 0.5: as likely before its day as after
 */
export function chanceAt(hours: number, readyHours: number, pastHours: number, sigma = RATE_SIGMA): number {
  if (hours >= pastHours && sigma === 0) return 0;
  const by = (end: number): number => {
    if (end <= 0) return 1;
    if (hours <= 0 || !Number.isFinite(end)) return 0;
    return normalCdf(Math.log(hours / end) / sigma, 0, 1);
  };
  return Math.max(0, by(readyHours) - by(pastHours));
}

/** From hours to ready and past, the chance at each moment. */
function chances(window: LotWindow, now: number, moments: readonly number[]): { at: readonly number[]; end: number } {
  const toHours = (at: number): number => (at - now) / (TWENTY_FOUR_HOURS / 24);
  const { ripeness, endsAt, isPast } = window;
  const isNeverReady = ripeness !== undefined && ripeness.ripeness < 1 && !ripeness.ready;
  const isFit = !isPast && !isNeverReady && ripeness?.stage !== 'past';
  const ready = ripeness?.ready ? toHours(ripeness.ready.at) : 0;
  const past = toHours(endsAt);
  const sigma = ripeness ? RATE_SIGMA : KEEPING_SIGMA;
  const end = Number.isFinite(past) ? 1 - chanceAt(toHours(moments.at(-1) ?? now), 0, past, sigma) : 0;
  return { at: moments.map((at) => (isFit ? chanceAt(toHours(at), ready, past, sigma) : 0)), end: isPast ? 1 : end };
}

/**
 * What may be expected of a lot on days to come: where it stands, or in the cold once it is ready, whichever lasts.
 * @param moments when a bowl would be made, the horizon's end last; milliseconds, rising
 */
export function lotForecast(
  row: Ingredient,
  lot: Lot,
  climate: Climate,
  now: number,
  moments: readonly number[],
): LotForecast {
  const past = lotPast(lot);
  const stays = windowOf(row, past, climate, now);
  const plain = chances(stays, now, moments);
  const cold = inTheColdOnceReady(row, lot, climate, now, stays);
  const chilled = cold && chances(cold, now, moments);
  const isBetter = (on: number): boolean => (chilled?.at[on] ?? 0) > (plain.at[on] ?? 0) + 0.05;
  return {
    chance: moments.map((_, on) => (isBetter(on) ? (chilled?.at[on] ?? 0) : (plain.at[on] ?? 0))),
    needsCold: moments.map((_, on) => isBetter(on)),
    lostShare: chilled ? Math.min(plain.end, chilled.end) : plain.end,
  };
}

/** The window of fruit that is put in the fridge on the day it is ready; undefined where there is none, or nothing to gain. */
function inTheColdOnceReady(
  row: Ingredient,
  lot: Lot,
  climate: Climate,
  now: number,
  stays: LotWindow,
): LotWindow | undefined {
  const fridge: Place | undefined = climate.places.find(({ kind }) => kind === 'fridge');
  if (!fridge || lot.state !== 'whole' || !stays.ripeness || stays.isPast) return undefined;
  const { ready } = stays.ripeness;
  if (stays.ripeness.ripeness < 1 && !ready) return undefined;
  const from = ready?.at ?? now;
  const moved = windowIfMoved(row, lotPast(lot), climate, from, fridge);
  if (moved.endsAt <= stays.endsAt) return undefined;
  return ready && moved.ripeness ? { ...moved, ripeness: { ...moved.ripeness, ripeness: 0.99, ready } } : moved;
}

/** A lot as it will have stood, if it is put in the fridge on the day it is ready; as it is where there is no fridge. */
export function coldOnceReady(row: Ingredient, lot: Lot, climate: Climate, now: number): Lot {
  const fridge = climate.places.find(({ kind }) => kind === 'fridge');
  const readyAt = windowOf(row, lotPast(lot), climate, now).ripeness?.ready?.at ?? now;
  if (!fridge) return lot;
  return { ...lot, stays: [...lot.stays, { placeId: fridge.id, from: new Date(readyAt).toISOString() }] };
}

/** A lot as it will have stood, if it goes into the freezer at a moment, milliseconds; as it is where there is no freezer. */
export function frozenAt(lot: Lot, climate: Climate, at: number): Lot {
  const freezer = climate.places.find(({ kind }) => kind === 'freezer');
  if (!freezer) return lot;
  return { ...lot, stays: [...lot.stays, { placeId: freezer.id, from: new Date(at).toISOString() }] };
}

/** Whole days that something may still be used once it is cut or opened and stands in the cold. @example daysOpen(yogurt, true) // 5 */
export const daysOpen = (row: Ingredient, isPacked: boolean): number =>
  Math.floor(keepingOf(row, isPacked ? 'opened' : 'cut').coldHours / 24);
