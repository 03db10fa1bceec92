import type { SourceId } from '../source';
import { spansOf, type Climate, type Span, type Stay } from './climate';

export const STAGES = ['unripe', 'nearly', 'ready', 'last-day', 'past'] as const;
export type Stage = (typeof STAGES)[number];

/** How a kind ripens. */
export interface Ripening {
  /** Days from hard, as bought, to ready, at 20 °C. */
  readonly readyDays: number;
  /** Days from ready to past, at 20 °C. */
  readonly spanDays: number;
  /** Below this many °C it hardly ripens any more. */
  readonly chillCelsius: number;
  readonly source: SourceId;
}

/**
 * Days to ready and from ready on (USDA FoodKeeper and common practice, from memory), chilling limits (Kader,
 * Postharvest Technology of Horticultural Crops, from memory).
 */
export const RIPENING: Readonly<Record<string, Ripening>> = {
  avocado: { readyDays: 4.5, spanDays: 1.5, chillCelsius: 6, source: 'foodkeeper' },
  banana: { readyDays: 3, spanDays: 3.5, chillCelsius: 13, source: 'foodkeeper' },
  papaya: { readyDays: 4, spanDays: 2.5, chillCelsius: 8, source: 'foodkeeper' },
  mango: { readyDays: 4, spanDays: 2.5, chillCelsius: 11, source: 'foodkeeper' },
  pear: { readyDays: 4, spanDays: 2.5, chillCelsius: 1, source: 'foodkeeper' },
};

/** Rate of ripening for ten degrees more (Kader, from memory: 2 to 3). */
export const Q10 = 2.2;
/** Below the chilling limit an unripe fruit ripens this much slower still. Assumption of this project. */
const CHILLED = 0.35;
/** A closed bag with an apple or a banana speeds it up. Common practice; the figure is ours. */
const BAGGED = 1.5;
/** Spread of the rate between one fruit and another, as a standard deviation of its logarithm. Assumption of this project. */
export const RATE_SIGMA = 0.25;
/** Frozen fruit does not ripen. */
const FROZEN_CELSIUS = -1;

/** Ripeness counts from 0 (hard, as bought) over 1 (ready) to 2 (past). What each touch means on that scale. */
export const TOUCHED: Readonly<Record<Stage, number>> = {
  unripe: 0.15,
  nearly: 0.8,
  ready: 1.15,
  'last-day': 1.7,
  past: 2.05,
};
const NEARLY_FROM = 0.6;

const DAY = 86_400_000;

/** What the maker felt at a moment. */
export interface Touch {
  readonly at: string;
  readonly stage: Stage;
}

/** Speed at a temperature, as a multiple of that at 20 °C. @throws nothing; never below 0 */
export function ripeningRate({ chillCelsius }: Ripening, { celsius, kind }: Pick<Span, 'celsius' | 'kind'>): number {
  if (celsius <= FROZEN_CELSIUS) return 0;
  const warmth = Q10 ** ((celsius - 20) / 10);
  return warmth * (kind === 'bag' ? BAGGED : 1) * (celsius < chillCelsius ? CHILLED : 1);
}

/** Ripeness after a span; linear in time at one temperature, so a span may be split anywhere. */
export function ripened(ripening: Ripening, ripeness: number, span: Span): number {
  const { readyDays, spanDays } = ripening;
  const days = (ripeningRate(ripening, span) * (span.to - span.from)) / DAY;
  if (ripeness >= 1) return ripeness + days / spanDays;
  const toReady = (1 - ripeness) * readyDays;
  return days <= toReady ? ripeness + days / readyDays : 1 + (days - toReady) / spanDays;
}

/**
 * Ripeness now: forward from the last touch through wherever it stood since.
 * @param touches by rising instant, at least one: the first is how it was bought
 */
export function ripenessAt(
  ripening: Ripening,
  touches: readonly Touch[],
  stays: readonly Stay[],
  climate: Climate,
  now: number,
): number {
  const last = touches.filter(({ at }) => Date.parse(at) <= now).at(-1) ?? touches[0];
  if (!last) throw new RangeError('Ripeness starts from how it was bought.');
  return spansOf(stays, climate, Date.parse(last.at), now).reduce(
    (ripeness, span) => ripened(ripening, ripeness, span),
    TOUCHED[last.stage],
  );
}

export interface RipenessForecast {
  readonly ripeness: number;
  readonly stage: Stage;
  /** When it becomes ready if it stays where it is, with the band in which four of five do; absent when it is or never will be. */
  readonly ready?: { readonly at: number; readonly early: number; readonly late: number };
  /** When it is past if it stays; Infinity where it is frozen. */
  readonly pastAt: number;
}

/** Four of five lie within this many standard deviations. */
const BAND = 1.2816;

/** How ripe it is, and what becomes of it if it stays in a climate of one temperature. */
export function forecast(
  ripening: Ripening,
  ripeness: number,
  now: number,
  stay: Pick<Span, 'celsius' | 'kind'>,
): RipenessForecast {
  const rate = ripeningRate(ripening, stay);
  const { readyDays, spanDays } = ripening;
  const daysTo = (target: number): number => {
    if (ripeness >= target) return 0;
    const before = Math.max(0, Math.min(1, target) - ripeness) * readyDays;
    const after = Math.max(0, target - Math.max(1, ripeness)) * spanDays;
    return rate > 0 ? (before + after) / rate : Infinity;
  };
  const readyIn = daysTo(1) * DAY;
  const pastAt = now + daysTo(2) * DAY;
  return {
    ripeness,
    stage: stageOf(ripeness, pastAt - now),
    ...(ripeness < 1 && Number.isFinite(readyIn)
      ? {
          ready: {
            at: now + readyIn,
            early: now + readyIn * Math.exp(-BAND * RATE_SIGMA),
            late: now + readyIn * Math.exp(BAND * RATE_SIGMA),
          },
        }
      : {}),
    pastAt,
  };
}

function stageOf(ripeness: number, leftMilliseconds: number): Stage {
  if (ripeness >= 2) return 'past';
  if (ripeness < NEARLY_FROM) return 'unripe';
  if (ripeness < 1) return 'nearly';
  return leftMilliseconds <= DAY ? 'last-day' : 'ready';
}
