import type { Keeping, Ripening } from '../ingredient';
import { HOUR, TWENTY_FOUR_HOURS } from '../time';
import { spansOf, standsAt, type Climate, type Span, type Stay } from './climate';
import { COLD_CELSIUS, FROZEN_CELSIUS } from './keeping';

export const STAGES = ['unripe', 'nearly', 'ready', 'last-day', 'past'] as const;
export type Stage = (typeof STAGES)[number];

/** Rate of ripening for ten degrees more (Kader, from memory: 2 to 3). */
export const Q10 = 2.2;
/** Below its chilling limit a hard fruit ripens this much slower still. Assumption of this project. */
const CHILLED = 0.35;
/** A closed bag with an apple or a banana speeds it up. Common practice; the figure is ours. */
const BAGGED = 1.5;
/** Spread of the rate between one fruit and another, as a standard deviation of its logarithm. Assumption of this project. */
export const RATE_SIGMA = 0.25;

/** Ripeness counts from 0 (hard, as bought) over 1 (ready) to 2 (past). What each touch means on that scale. */
export const TOUCHED: Readonly<Record<Stage, number>> = {
  unripe: 0.15,
  nearly: 0.8,
  ready: 1.15,
  'last-day': 1.7,
  past: 2.05,
};
const NEARLY_FROM = 0.6;
/** From where to where something feels so. Assumptions of this project; what is still good has some hours left. */
const FELT: Readonly<Record<Stage, { readonly from: number; readonly until: number }>> = {
  unripe: { from: 0, until: 0.58 },
  nearly: { from: NEARLY_FROM, until: 0.97 },
  ready: { from: 1, until: 1.7 },
  'last-day': { from: 1.7, until: 1.85 },
  past: { from: 2, until: Infinity },
};
const MORE_THAN_A_DAY = 1.05;
/** What comes out of the freezer is soft and ready, and has little time left. Assumption of this project. */
export const THAWED = 1.7;

/** What the maker felt at a moment. */
export interface Touch {
  readonly at: string;
  readonly stage: Stage;
}

/** Where something stands: how warm, and in what kind of place. */
export type Surroundings = Pick<Span, 'celsius' | 'kind'>;

const isFrozen = ({ celsius }: Surroundings): boolean => celsius <= FROZEN_CELSIUS;

/** How much faster than at 20 °C, for what is not frozen. */
function warmth({ celsius, kind }: Surroundings): number {
  return Q10 ** ((celsius - 20) / 10) * (kind === 'bag' ? BAGGED : 1);
}

/**
 * Share of the way from hard to ready that a day makes. Below its chilling limit a hard fruit hardly ripens.
 * @example hardRate(avocado.ripening, { celsius: 20, kind: 'counter' }) // 1 / 4.5
 */
export function hardRate({ readyDays, chillCelsius }: Ripening, at: Surroundings): number {
  if (isFrozen(at)) return 0;
  return (warmth(at) * (at.celsius < chillCelsius ? CHILLED : 1)) / readyDays;
}

/**
 * Share of the way from ready to past that a day makes. Cold slows it, but never beyond the days that the kind keeps in
 * a fridge: chilling holds back only what is not ready. Frost stops it for kinds that freeze.
 * @example readyRate(avocado.ripening, { celsius: 4, kind: 'fridge' }, true) // 1 / 4, and not 1 / 5.3
 */
export function readyRate({ spanDays, coldDays }: Ripening, at: Surroundings, freezes: boolean): number {
  if (isFrozen(at)) return freezes ? 0 : 1 / coldDays;
  return Math.max(warmth(at) / spanDays, 1 / coldDays);
}

/**
 * Ripeness after a span; linear in time at one temperature, so a span may be split anywhere.
 * @example ripened(avocado.ripening, 0, { from: now, to: now + 4.5 * 86_400_000, celsius: 20, kind: 'counter' }) // 1: ready
 */
export function ripened(ripening: Ripening, ripeness: number, span: Span, freezes = false): number {
  const days = (span.to - span.from) / TWENTY_FOUR_HOURS;
  const [before, after] = [hardRate(ripening, span), readyRate(ripening, span, freezes)];
  if (ripeness >= 1) return ripeness + days * after;
  const toReady = before > 0 ? (1 - ripeness) / before : Infinity;
  return days <= toReady ? ripeness + days * before : 1 + (days - toReady) * after;
}

/** What a touch is held against. */
export interface Expected {
  /** Ripeness at that moment by the touch before, 0 or more. */
  readonly ripeness: number;
  /** The stage of the touch before. */
  readonly stage: Stage;
  /** Share of the way from ready to past that a day makes where it stands. */
  readonly aDay: number;
}

/**
 * How ripe it is by a touch, beside what was expected. A touch that says what was expected says nothing new: who feels every morning that it
 * is ready has not a fresh one every morning. What is riper than expected starts from there; what is greener ripens slower than its
 * kind, and is as ripe as that touch allows: a ready one has more than a day. What is greener than it was felt before was felt wrongly then.
 * @param expected undefined for how it was bought
 * @example felt('ready', { ripeness: 1.4, stage: 'ready', aDay: 0.25 }) // 1.4: as expected
 * @example felt('ready', { ripeness: 0.8, stage: 'nearly', aDay: 0.25 }) // 1.15: riper
 * @example felt('ready', { ripeness: 1.9, stage: 'ready', aDay: 0.25 }) // 1.7: as far on as a ready one can be
 * @example felt('ready', { ripeness: 2.05, stage: 'past', aDay: 0.25 }) // 1.15: past it never was
 */
export function felt(stage: Stage, expected?: Expected): number {
  const plain = TOUCHED[stage];
  if (!expected || STAGES.indexOf(stage) < STAGES.indexOf(expected.stage)) return plain;
  const { from, until } = FELT[stage];
  if (expected.ripeness < from) return plain;
  const most = stage === 'ready' ? Math.max(plain, Math.min(until, 2 - MORE_THAN_A_DAY * expected.aDay)) : until;
  return Math.min(expected.ripeness, most);
}

/**
 * Ripeness now: from how it was bought through wherever it stood, and through every touch since. What comes out of the freezer is ready.
 * @param touches by rising instant, at least one: the first is how it was bought
 * @param freezes true for a kind that may be frozen
 * @throws RangeError where it was never touched
 * @example ripenessAt(avocado.ripening, [{ at: '2026-03-14T09:00:00Z', stage: 'ready' }], [], { places, readings: [] }, now) // 1.15: between ready and its last day
 */
export function ripenessAt(
  ripening: Ripening,
  touches: readonly Touch[],
  stays: readonly Stay[],
  climate: Climate,
  now: number,
  freezes = false,
): number {
  const [bought, ...later] = touches;
  if (!bought) throw new RangeError('Ripeness starts from how it was bought.');
  let wasFrozen = false;
  const through = (start: number, from: string, to: number): number =>
    spansOf(stays, climate, Date.parse(from), to).reduce((ripeness, span) => {
      const thawed = wasFrozen && !isFrozen(span) ? Math.max(ripeness, THAWED) : ripeness;
      wasFrozen = isFrozen(span);
      return ripened(ripening, thawed, span, freezes);
    }, start);
  let last = { ...bought, ripeness: felt(bought.stage) };
  for (const { at, stage } of later) {
    const moment = Date.parse(at);
    if (moment > now) break;
    const ripeness = through(last.ripeness, last.at, moment);
    const aDay = readyRate(ripening, standsAt(stays, climate, moment), freezes);
    last = { at, stage, ripeness: felt(stage, { ripeness, stage: last.stage, aDay }) };
  }
  return through(last.ripeness, last.at, now);
}

export interface RipenessForecast {
  readonly ripeness: number;
  readonly stage: Stage;
  /** When it becomes ready if it stays where it is, with the band in which four of five do; absent when it is or never will be. */
  readonly ready?: { readonly at: number; readonly early: number; readonly late: number };
  /** When it is past if it stays. */
  readonly pastAt: number;
}

/** Four of five lie within this many standard deviations. */
const BAND = 1.2816;

/**
 * How ripe it is, and what becomes of it if it stays in a climate of one temperature. A hard one in the fridge waits for
 * the days its kind can, not for ever; a frozen one keeps as its kind does in a freezer.
 * @param frozen how long it keeps frozen, where the kind freezes
 * @example forecast(avocado.ripening, 0.5, now, { celsius: 20, kind: 'counter' }) // { stage: 'unripe', ready: { at: now + 2.25 * 86_400_000 } }
 */
export function forecast(
  ripening: Ripening,
  ripeness: number,
  now: number,
  stay: Surroundings,
  frozen?: Pick<Keeping, 'frozenHours'>,
): RipenessForecast {
  const freezes = frozen?.frozenHours !== undefined;
  if (isFrozen(stay) && freezes)
    return {
      ripeness,
      // In the freezer it waits soft: what comes out of it is ready.
      stage: ripeness >= 2 ? 'past' : 'ready',
      pastAt: ripeness >= 2 ? now : now + (frozen.frozenHours ?? 0) * HOUR,
    };
  const before = hardRate(ripening, stay);
  const after = readyRate(ripening, stay, freezes);
  const daysToReady = ripeness >= 1 ? 0 : before > 0 ? (1 - ripeness) / before : Infinity;
  const daysReadyToPast = Math.max(0, 2 - Math.max(1, ripeness)) / after;
  const isCold = stay.celsius <= COLD_CELSIUS;
  const waits = isCold ? ripening.hardColdDays : Infinity;
  const pastAt = now + (Math.min(daysToReady, waits) + daysReadyToPast) * TWENTY_FOUR_HOURS;
  const readyIn = daysToReady * TWENTY_FOUR_HOURS;
  const becomesReady = ripeness < 1 && daysToReady <= waits && Number.isFinite(readyIn);
  return {
    ripeness,
    stage: stageOf(ripeness, pastAt - now),
    ...(becomesReady
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
  return leftMilliseconds <= TWENTY_FOUR_HOURS ? 'last-day' : 'ready';
}
