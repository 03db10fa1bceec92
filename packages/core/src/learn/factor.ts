import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { DEMAND_SIGMA, type HairAmount, type TextureClass } from '../hair';
import {
  beliefQuantile,
  lognormal,
  momentsOf,
  normalBelief,
  observed,
  type Belief,
  type LogLikelihood,
  type Lognormal,
} from '../statistic';
import { USE_NOISE, type Evidence } from './use';

/** Older bowls count for less: half after this many days, since hands and habits change. Assumption of this project. */
export const HALF_LIFE_DAYS = 365.25;
/** From so many bowls of one texture on, that texture is told apart from the others. Assumption of this project. */
export const TELLS_TEXTURE_FROM = 3;
/** How far a head's factor for one texture strays from that for another. Assumption of this project. */
const BETWEEN_TEXTURES = 0.12;

const GRID_STEP = 0.01;
const GRID_REACH = 1.8;
const DAY = 86_400_000;

export interface FactorOptions {
  /** How the hair was counted: a measured tail is believed more to begin with. */
  readonly amount: HairAmount['kind'];
  /** The present, milliseconds. */
  readonly now: number;
  /** The texture that is asked about; left out, all count alike. */
  readonly texture?: TextureClass | undefined;
}

/** What is believed of a head's personal factor k: of its logarithm, on a grid. */
export interface FactorBelief {
  readonly log: Belief;
  /** How many bowls spoke. */
  readonly count: number;
  /** True where bowls of the asked texture were told apart from the others. */
  readonly isOfTexture: boolean;
}

/**
 * The spread of k before any bowl: what is left of the model's spread when the difference from one use to the next is
 * taken out, so that the first bowl is sized exactly as without learning.
 */
export const priorSigma = (amount: HairAmount['kind']): number => Math.sqrt(DEMAND_SIGMA[amount] ** 2 - USE_NOISE ** 2);

/**
 * The posterior of log k by Bayes' rule on a grid: exact and partial uses are normal, a bowl that ran out is a bound from
 * below (a censored observation), older ones fade by tempering their likelihood.
 * @param evidence in any order
 */
export function learnFactor(evidence: readonly Evidence[], { amount, now, texture }: FactorOptions): FactorBelief {
  // Only bowls with an amount count towards telling textures apart: a bowl that ran out must never loosen what is known.
  const own = evidence.filter((one) => one.texture === texture && one.kind !== 'at-least').length;
  const isOfTexture = own >= TELLS_TEXTURE_FROM;
  const likelihoods = evidence.map((one) =>
    likelihoodOf(one, now, isOfTexture && one.texture !== texture ? BETWEEN_TEXTURES : 0),
  );
  const prior = normalBelief(0, priorSigma(amount), GRID_STEP, GRID_REACH);
  return { log: observed(prior, likelihoods), count: evidence.length, isOfTexture };
}

function likelihoodOf({ kind, at, logRatio, noise }: Evidence, now: number, apart: number): LogLikelihood {
  const weight = fading(at, now);
  const sigma = Math.hypot(noise, apart);
  return kind === 'at-least'
    ? (log) => weight * Math.log(Math.max(1e-300, normalCdf((log - logRatio) / sigma, 0, 1)))
    : (log) => -0.5 * weight * ((logRatio - log) / sigma) ** 2;
}

/** What a bowl still counts for, 0 to 1. @param at ISO 8601 @param now milliseconds */
export function fading(at: string, now: number): number {
  return 0.5 ** (Math.max(0, now - Date.parse(at)) / DAY / HALF_LIFE_DAYS);
}

/**
 * The factor of the next use as a log-normal that has the predicted quantile at the chosen chance exactly, so that the
 * bowl on the bench is the posterior's own; between the median and that it follows the normal's shape.
 * @param enoughChance 0.5 to 0.99
 */
export function nextUse({ log }: FactorBelief, enoughChance: number): Lognormal {
  const anchor = Math.max(enoughChance, 0.75);
  const middle = beliefQuantile(log, 0.5, USE_NOISE);
  const sigma = (beliefQuantile(log, anchor, USE_NOISE) - middle) / normalQuantile(anchor, 0, 1);
  return lognormal(Math.exp(middle), sigma);
}

/** The personal factor with the band in which it lies eight times in ten. */
export interface FactorBand {
  readonly median: number;
  readonly low: number;
  readonly high: number;
}

export function factorBand({ log }: FactorBelief): FactorBand {
  const at = (probability: number): number => Math.exp(beliefQuantile(log, probability, 0));
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
    return { ...factorBand(belief), sigma: momentsOf(belief.log).sigma, ...(one ? { evidence: one } : {}) };
  });
}
