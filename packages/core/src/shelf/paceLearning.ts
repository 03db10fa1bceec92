import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import type { Catalogue, Ripening } from '../ingredient';
import { spansOf, type Climate, type Span, type Stay } from './climate';
import { FROZEN_CELSIUS } from './keeping';
import { paced, type Pace, type Paces } from './pace';
import { RATE_SIGMA, ripened, TOUCHED, type Stage } from './ripeness';

/** What was seen of a lot: how it felt, or that it went into a bowl and so was fit for one. */
export interface Sight {
  readonly at: string;
  readonly stage: Stage | 'used';
}
/** A whole lot of something that ripens, as it was watched; the first sight is how it was bought. */
export interface WatchedLot {
  readonly ingredientId: string;
  readonly stays: readonly Stay[];
  readonly seen: readonly Sight[];
}

/** Between which ripenesses something feels so; 0 hard, 1 ready, 2 past. Assumptions of this project, around what a touch means. */
const FELT: Readonly<Record<Sight['stage'], readonly [number, number]>> = {
  unripe: [-Infinity, 0.6],
  nearly: [0.6, 1],
  ready: [1, 1.5],
  'last-day': [1.5, 2],
  past: [2, Infinity],
  used: [0.8, 2],
};
/** A thumb is no instrument: spread of what is felt, in ripeness. Assumption of this project. */
const THUMB_SIGMA = 0.25;
/** So often a tap was a slip, or the wrong lot: what no pace explains moves nothing. Assumption of this project. */
const SLIP = 0.01;
/** Spread between one kitchen and another, as a standard deviation of the logarithm of the factor. Assumption of this project. */
const KITCHEN_SIGMA = 0.2;
/** Two fruits are an accident. Assumption of this project. */
const LEAST_LOTS = 3;
/** What lies further back was another kitchen; and more teaches little. Assumption of this project. */
const MOST_LOTS = 12;
/** Four of five lie within this many standard deviations. */
const BAND = 1.2816;

/** Logarithms of factors that are tried: from two fifths to two and a half. */
const GRID = Array.from({ length: 37 }, (_, i) => (i - 18) * 0.05);
const normal = (x: number, mean: number, sigma: number): number => Math.exp(-0.5 * ((x - mean) / sigma) ** 2);

/** Where a lot stood from one sight to the next, and what was seen then; where it was in the freezer it begins anew. */
interface Stretch {
  readonly spans: readonly Span[];
  readonly seen: Sight['stage'];
  readonly isFrozen: boolean;
}

/** What was past already tells nothing more. */
function stretchesOf({ stays, seen }: WatchedLot, climate: Climate): readonly Stretch[] {
  const end = seen.findIndex(({ stage }) => stage === 'past');
  const looks = end < 0 ? seen : seen.slice(0, end + 1);
  return looks.slice(1).map(({ at, stage }, i) => {
    const spans = spansOf(stays, climate, Date.parse(looks[i]?.at ?? at), Date.parse(at));
    return { spans, seen: stage, isFrozen: spans.some(({ celsius }) => celsius <= FROZEN_CELSIUS) };
  });
}

const between = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));

/** How likely what was seen of a lot is at each factor of the grid. */
const likelihoodOf = (ripening: Ripening, first: Stage, stretches: readonly Stretch[]): readonly number[] =>
  GRID.map((log) => {
    const own = paced(ripening, { factor: Math.exp(log), low: 1, high: 1, lots: 1 });
    let ripeness = TOUCHED[first];
    let product = 1;
    for (const { spans, seen, isFrozen } of stretches) {
      const [low, high] = FELT[seen];
      if (isFrozen) {
        if (seen !== 'used') ripeness = TOUCHED[seen];
        continue;
      }
      const reckoned = spans.reduce((so, span) => ripened(own, so, span), ripeness);
      const by = (bound: number): number => normalCdf((bound - reckoned) / THUMB_SIGMA, 0, 1);
      product *= SLIP + (1 - SLIP) * (by(high) - by(low));
      // A thumb says more of how ripe it is than days do, and no more than it can tell.
      ripeness = between(reckoned, [low, high]);
    }
    return product;
  });

/**
 * How a kind ripens in this kitchen, from lots that were felt, used and thrown away. Each lot has a rate of its own, log-normal
 * about the kitchen's (σ as the shelf's own band), and the kitchen's lies about the row's; the mean of what remains likely is
 * taken. With few lots, or such as tell little, it stays near 1. A normal hierarchical model on a grid; Gelman et al., "Bayesian
 * Data Analysis" (3rd ed., 2013), chapter 5, from memory.
 * @param lots the latest last
 * @returns undefined for fewer than three lots that tell anything
 * @example
 * const lot = (day) => ({
 *   ingredientId: 'avocado',
 *   stays: [{ placeId: 'counter', from: `2026-03-${day}T09:00:00Z` }],
 *   seen: [{ stage: 'unripe', at: `2026-03-${day}T09:00:00Z` }, { stage: 'ready', at: `2026-03-${day + 3}T09:00:00Z` }],
 * });
 * paceOf(avocado.ripening, [10, 14, 18, 22, 26].map(lot), { places, readings: [] }).factor // 1.16: ready in three days instead of four and a half
 */
export function paceOf(ripening: Ripening, lots: readonly WatchedLot[], climate: Climate): Pace | undefined {
  const told = lots
    .flatMap((lot) => {
      const first = lot.seen[0]?.stage;
      const stretches = stretchesOf(lot, climate);
      const tells = stretches.some(({ spans, isFrozen }) => spans.length > 0 && !isFrozen);
      return tells && first !== undefined && first !== 'used' ? [{ first, stretches }] : [];
    })
    .slice(-MOST_LOTS);
  if (told.length < LEAST_LOTS) return undefined;
  const likelihoods = told.map(({ first, stretches }) => likelihoodOf(ripening, first, stretches));
  const weights = GRID.map((kitchen) => {
    const prior = normal(kitchen, 0, KITCHEN_SIGMA);
    return likelihoods.reduce((product, of) => {
      const mean = GRID.reduce((sum, own, i) => sum + (of[i] ?? 0) * normal(own, kitchen, RATE_SIGMA), 0);
      return product * mean;
    }, prior);
  });
  const sum = weights.reduce((all, weight) => all + weight, 0);
  const mean = GRID.reduce((all, log, i) => all + log * (weights[i] ?? 0), 0) / sum;
  const sigma = Math.sqrt(GRID.reduce((all, log, i) => all + (log - mean) ** 2 * (weights[i] ?? 0), 0) / sum);
  return {
    factor: Math.exp(mean),
    low: Math.exp(mean - BAND * sigma),
    high: Math.exp(mean + BAND * sigma),
    lots: told.length,
  };
}

/** The pace of every kind that was watched often enough. @param lots the latest last */
export function pacesOf(lots: readonly WatchedLot[], catalogue: Catalogue, climate: Climate): Paces {
  const kinds = new Map<string, WatchedLot[]>();
  for (const lot of lots) kinds.set(lot.ingredientId, [...(kinds.get(lot.ingredientId) ?? []), lot]);
  return Object.fromEntries(
    [...kinds].flatMap(([id, own]) => {
      const ripening = catalogue.get(id)?.ripening;
      const pace = ripening && paceOf(ripening, own, climate);
      return pace ? [[id, pace]] : [];
    }),
  );
}
