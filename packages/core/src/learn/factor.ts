import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { DEMAND_SIGMA, type HairAmount, type TextureClass } from '../hair';
import {
  evidenceOn,
  heavyBelief,
  likelihoodsOn,
  lognormal,
  mixtureBelow,
  mixtureMoments,
  mixtureQuantile,
  normalBelief,
  observedOn,
  type Belief,
  type LogLikelihood,
  type Lognormal,
  type Mixture,
} from '../statistic';
import { TWENTY_FOUR_HOURS } from '../time';
import { USUAL_NOISE, type Evidence } from './use';

/** Older bowls count for less: half after this many days, since hands and habits change. Assumption of this project. */
export const HALF_LIFE_DAYS = 365.25;
/** From so many bowls of one texture on, that texture is told apart from the others. Assumption of this project. */
export const TELLS_TEXTURE_FROM = 3;
/** How far a head's factor for one texture strays from that for another. Assumption of this project. */
const BETWEEN_TEXTURES = 0.12;

const GRID_STEP = 0.02;
const GRID_REACH = 2;

/**
 * What one use may differ from the next by, as standard deviations of the logarithm, with what is believed of each before any
 * bowl. Which of them it is, is learnt from how far a head's own bowls differ. Assumption of this project.
 */
export const NOISES: readonly (readonly [noise: number, weight: number])[] = [
  [0.09, 0.06],
  [0.13, 0.12],
  [0.18, 0.2],
  [0.25, 0.26],
  [0.34, 0.24],
  [0.45, 0.12],
];

/** One head in so many differs from the model far more than most. Assumption of this project. */
const FAR_OFF = { share: 0.3, times: 2.2 } as const;

export interface FactorOptions {
  /** How the hair was counted: a measured tail is believed more to begin with. */
  readonly amount: HairAmount['kind'];
  /** The present, milliseconds. */
  readonly now: number;
  /** The texture that is asked about; left out, all count alike. */
  readonly texture?: TextureClass | undefined;
}

/** What is believed of a head's personal factor k: of its logarithm, for each noise from use to use that is thinkable. */
export interface FactorBelief {
  readonly log: Mixture;
  /** How many bowls spoke. */
  readonly count: number;
  /** True where bowls of the asked texture were told apart from the others. */
  readonly isOfTexture: boolean;
}

/**
 * The spread of k before any bowl: what is left of the model's spread when the noise of a use is taken out.
 * @example priorSigma('density') // 0.26
 */
export const priorSigma = (amount: HairAmount['kind']): number =>
  Math.sqrt(DEMAND_SIGMA[amount] ** 2 - USUAL_NOISE ** 2);

/**
 * The posterior of log k and of the noise from use to use by Bayes' rule on a grid. Amounts are normal, a leftover judged by eye
 * is an interval, a bowl that ran out is a bound from below (a censored observation), older ones fade by tempering their
 * likelihood. The noise is learnt from how far the bowls with an amount differ from each other: so contradicting bowls widen
 * what is believed, and one that ran out, which only lifts k for every noise, can never lower what comes next.
 * @param evidence in any order
 */
export function learnFactor(evidence: readonly Evidence[], options: FactorOptions): FactorBelief {
  const table = tableOf(evidence, options);
  return { log: mixtureOf(table), count: evidence.length, isOfTexture: table.isOfTexture };
}

/** How likely each bowl is along the grid of log k, for each noise: what is believed after any of them is put together from it. */
interface Table {
  readonly prior: Belief;
  readonly isOfTexture: boolean;
  readonly slices: readonly Slice[];
}
interface Slice {
  readonly noise: number;
  readonly weight: number;
  readonly likelihoodsOf: (one: Evidence) => readonly number[];
  readonly bowls: readonly (readonly number[])[];
  /** All bowls together. */
  readonly all: readonly number[];
}

function tableOf(evidence: readonly Evidence[], { amount, now, texture }: FactorOptions): Table {
  // Only bowls with an amount count towards telling textures apart: a bowl that ran out must never loosen what is known.
  const own = evidence.filter((one) => one.texture === texture && one.kind !== 'at-least').length;
  const isOfTexture = own >= TELLS_TEXTURE_FROM;
  const apart = (one: Evidence): number => (isOfTexture && one.texture !== texture ? BETWEEN_TEXTURES : 0);
  const prior = priorOf(amount);
  const slices = NOISES.map(([noise, weight]): Slice => {
    const likelihoodsOf = (one: Evidence): readonly number[] =>
      likelihoodsOn(prior, [likelihoodOf(one, now, Math.hypot(noise, one.noise, apart(one)))]);
    const bowls = evidence.map(likelihoodsOf);
    const all = bowls.reduce<readonly number[]>(
      (sum, bowl) => sum.map((value, k) => value + (bowl[k] ?? 0)),
      prior.weights.map(() => 0),
    );
    return { noise, weight, likelihoodsOf, bowls, all };
  });
  return { prior, isOfTexture, slices };
}

/** What is believed after all bowls but some, and some others in their place. */
function mixtureOf({ prior, slices }: Table, left: readonly number[] = [], instead: readonly Evidence[] = []): Mixture {
  const told = slices.map(({ noise, weight, likelihoodsOf, bowls, all }) => {
    const out = left.flatMap((bowl) => (bowls[bowl] ? [bowls[bowl]] : []));
    const into = instead.map(likelihoodsOf);
    const logs = all.map(
      (sum, k) =>
        sum -
        out.reduce((part, bowl) => part + (bowl[k] ?? 0), 0) +
        into.reduce((part, bowl) => part + (bowl[k] ?? 0), 0),
    );
    return { noise, belief: observedOn(prior, logs), told: Math.log(weight) + evidenceOn(WIDE, logs) };
  });
  const top = Math.max(...told.map((slice) => slice.told));
  const total = told.reduce((sum, slice) => sum + Math.exp(slice.told - top), 0);
  return told.map((slice) => ({
    noise: slice.noise,
    belief: slice.belief,
    weight: Math.exp(slice.told - top) / total,
  }));
}

/** Bowls are compared with each other and hardly with the model where the noise is learnt: a head far off is not a noisy one. */
const WIDE = normalBelief(0, 0.8, GRID_STEP, GRID_REACH);

const priors = new Map<HairAmount['kind'], Belief>();
function priorOf(amount: HairAmount['kind']): Belief {
  const known =
    priors.get(amount) ?? heavyBelief(priorSigma(amount), FAR_OFF.share, FAR_OFF.times, GRID_STEP, GRID_REACH);
  priors.set(amount, known);
  return known;
}

function likelihoodOf(one: Evidence, now: number, sigma: number): LogLikelihood {
  const weight = fading(one.at, now);
  const below = (bound: number, log: number): number => normalCdf((bound - log) / sigma, 0, 1);
  switch (one.kind) {
    case 'at-least':
      return (log) => weight * Math.log(Math.max(1e-300, normalCdf((log - one.logRatio) / sigma, 0, 1)));
    case 'between': {
      const { logLow = -Infinity, logHigh = one.logRatio } = one;
      return (log) => weight * Math.log(Math.max(1e-300, below(logHigh, log) - below(logLow, log)));
    }
    default:
      return (log) => -weight * (0.5 * ((one.logRatio - log) / sigma) ** 2 + Math.log(sigma));
  }
}

/**
 * What a bowl still counts for, 0 to 1. @param at ISO 8601 @param now milliseconds
 * @example fading('2025-03-14T03:00:00Z', now) // 0.5: a year ago
 */
export function fading(at: string, now: number): number {
  return 0.5 ** (Math.max(0, now - Date.parse(at)) / TWENTY_FOUR_HOURS / HALF_LIFE_DAYS);
}

/** A leftover is a surprise when so much less was taken than is usual, log. */
const SURPRISE = 0.25;
/** So many bowls that ran out, the latest, are left out in every way. */
const MOST_LEFT_OUT = 5;
/** What is left over more of is looked at up to here, log. */
const LOOKED_UP_TO = 0.8;
const LOOK_STEP = 0.16;

/** What was worked out of a list of evidence: while a length is dragged it is asked for again and again. */
const known = new WeakMap<readonly Evidence[], Map<string, Lognormal>>();

/**
 * The factor of the next use as a log-normal that has the predicted quantile at the chosen chance exactly, so that the
 * bowl on the bench is the posterior's own; between the median and that it follows the normal's shape.
 *
 * The more was left of the last bowl, the smaller the next, always: where a leftover surprises so much that the doubt it
 * raises would make a larger bowl than a smaller leftover, the smaller leftover's bowl is taken.
 * @param enoughChance 0.5 to 0.99
 */
export function nextUse(evidence: readonly Evidence[], options: FactorOptions, enoughChance: number): Lognormal {
  const key = `${options.amount} ${options.now} ${options.texture ?? ''} ${enoughChance}`;
  const before = known.get(evidence) ?? new Map<string, Lognormal>();
  known.set(evidence, before);
  const found = before.get(key) ?? worked(evidence, options, enoughChance);
  before.set(key, found);
  return found;
}

function worked(evidence: readonly Evidence[], options: FactorOptions, enoughChance: number): Lognormal {
  const anchor = Math.max(enoughChance, 0.75);
  const table = tableOf(evidence, options);
  const log = mixtureOf(table);
  const middle = mixtureQuantile(log, 0.5);
  const quantiles = [mixtureQuantile(log, anchor)];
  const last = evidence.reduce<number | undefined>((latest, one, i) => {
    const isLater = latest === undefined || one.at >= (evidence[latest]?.at ?? '');
    return one.kind !== 'at-least' && isLater ? i : latest;
  }, undefined);
  const lastOne = last === undefined ? undefined : evidence[last];
  if (last !== undefined && lastOne && lastOne.logRatio < middle - SURPRISE)
    for (let to = Math.ceil(lastOne.logRatio / LOOK_STEP + 1e-9) * LOOK_STEP; to <= LOOKED_UP_TO; to += LOOK_STEP)
      quantiles.push(mixtureQuantile(mixtureOf(table, [last], [moved(lastOne, to)]), anchor));
  let least = Math.min(...quantiles);
  for (const left of withoutSomeThatRanOut(evidence)) {
    const others = mixtureOf(table, left);
    if (mixtureBelow(others, least) < anchor) least = mixtureQuantile(others, anchor);
  }
  const sigma = (least - middle) / normalQuantile(anchor, 0, 1);
  return lognormal(Math.exp(middle), Math.max(0.02, sigma));
}

/**
 * A bowl that ran out never makes the next one smaller, not even by what it tells of the noise: so what would be made without
 * some of them is the least that is made. Every choice of them is looked at, since leaving out one more may lift again.
 */
function withoutSomeThatRanOut(evidence: readonly Evidence[]): readonly (readonly number[])[] {
  const latest = evidence
    .map((one, bowl) => ({ one, bowl }))
    .filter(({ one }) => one.kind === 'at-least')
    .sort((a, b) => (a.one.at < b.one.at ? 1 : -1))
    .slice(0, MOST_LEFT_OUT);
  return Array.from({ length: 2 ** latest.length - 1 }, (_, choice) =>
    latest.flatMap(({ bowl }, i) => (((choice + 1) >> i) & 1 ? [bowl] : [])),
  );
}

/** The same bowl, had it been used up to another logarithm. */
function moved(one: Evidence, logRatio: number): Evidence {
  const by = logRatio - one.logRatio;
  return {
    ...one,
    logRatio,
    ...(one.logLow === undefined ? {} : { logLow: one.logLow + by }),
    ...(one.logHigh === undefined ? {} : { logHigh: one.logHigh + by }),
  };
}

/** The personal factor with the band in which it lies eight times in ten. */
export interface FactorBand {
  readonly median: number;
  readonly low: number;
  readonly high: number;
}

export function factorBand({ log }: FactorBelief): FactorBand {
  const still = log.map((slice) => ({ ...slice, noise: 0 }));
  const at = (probability: number): number => Math.exp(mixtureQuantile(still, probability));
  return { median: at(0.5), low: at(0.1), high: at(0.9) };
}

/** How the band narrowed: what was known before any bowl, then after each, the earliest first. */
export interface FactorStep extends FactorBand {
  /** The bowl that taught it; none for the start. */
  readonly evidence?: Evidence;
  /** Standard deviation of log k. */
  readonly sigma: number;
}

/** @param evidence in any order; each step is seen from its own moment, the last from now */
export function factorSteps(evidence: readonly Evidence[], options: FactorOptions): readonly FactorStep[] {
  const inOrder = [...evidence].sort((a, b) => (a.at < b.at ? -1 : 1));
  return [undefined, ...inOrder].map((one, i) => {
    const now = i === inOrder.length ? options.now : Date.parse(one?.at ?? inOrder[0]?.at ?? '');
    const belief = learnFactor(inOrder.slice(0, i), { ...options, now });
    return { ...factorBand(belief), sigma: mixtureMoments(belief.log).sigma, ...(one ? { evidence: one } : {}) };
  });
}
