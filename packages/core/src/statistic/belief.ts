import normalCdf from '@stdlib/stats-base-dists-normal-cdf';

/**
 * What is believed of one number, as weights on an even grid: the posterior of a model in which every observation may
 * be of another kind. The weights sum to 1.
 */
export interface Belief {
  readonly from: number;
  readonly step: number;
  readonly weights: readonly number[];
}

/** The logarithm of how likely an observation is where the number has a value; −∞ where it cannot be. */
export type LogLikelihood = (value: number) => number;

/** A normal prior on a grid. @param reach half of the grid's width, in standard deviations at the least 5 */
export function normalBelief(mean: number, sigma: number, step: number, reach: number): Belief {
  const half = Math.ceil(reach / step);
  const weights = Array.from({ length: 2 * half + 1 }, (_, i) => Math.exp(-0.5 * (((i - half) * step) / sigma) ** 2));
  return normalised({ from: mean - half * step, step, weights });
}

/** What is believed after more observations; their order does not matter. */
export function observed(before: Belief, likelihoods: readonly LogLikelihood[]): Belief {
  if (likelihoods.length === 0) return before;
  const logs = before.weights.map((weight, i) => {
    const value = before.from + i * before.step;
    return likelihoods.reduce((sum, likelihood) => sum + likelihood(value), Math.log(weight));
  });
  const top = Math.max(...logs);
  // Observations that contradict each other utterly leave what was believed before.
  if (!Number.isFinite(top)) return before;
  return normalised({ ...before, weights: logs.map((log) => Math.exp(log - top)) });
}

function normalised(belief: Belief): Belief {
  const sum = belief.weights.reduce((all, weight) => all + weight, 0);
  return { ...belief, weights: belief.weights.map((weight) => weight / sum) };
}

/** Mean and standard deviation. */
export function momentsOf({ from, step, weights }: Belief): { readonly mean: number; readonly sigma: number } {
  const mean = weights.reduce((sum, weight, i) => sum + weight * (from + i * step), 0);
  const variance = weights.reduce((sum, weight, i) => sum + weight * (from + i * step - mean) ** 2, 0);
  return { mean, sigma: Math.sqrt(variance) };
}

/** Weights below this move nothing that anybody could see. */
const NEGLIGIBLE = 1e-11;

/** Chance and density that the number, plus normal noise of its own, has at a value. */
function distribution({ from, step, weights }: Belief, value: number, noise: number) {
  // Without noise of its own a grid point stands for its cell, so that quantiles do not jump.
  const width = Math.max(noise, step / 2);
  let below = 0;
  let density = 0;
  for (let i = 0; i < weights.length; i++) {
    const weight = weights[i] ?? 0;
    if (weight < NEGLIGIBLE) continue;
    const z = (value - from - i * step) / width;
    below += weight * normalCdf(z, 0, 1);
    density += (weight * Math.exp(-0.5 * z * z)) / (width * Math.sqrt(2 * Math.PI));
  }
  return { below, density };
}

/** The chance that the number, plus normal noise of its own, stays below a value. */
export const chanceBelow = (belief: Belief, value: number, noise: number): number =>
  distribution(belief, value, noise).below;

/**
 * The value that the number, plus normal noise of its own, does not exceed with a probability: Newton's steps, kept
 * inside a bracket that bisection narrows.
 * @param probability above 0, below 1
 * @param noise standard deviation, 0 for the number itself
 */
export function beliefQuantile(belief: Belief, probability: number, noise: number): number {
  let low = belief.from - 8 * noise;
  let high = belief.from + belief.step * (belief.weights.length - 1) + 8 * noise;
  let value = momentsOf(belief).mean;
  for (let i = 0; i < 60; i++) {
    const { below, density } = distribution(belief, value, noise);
    const miss = below - probability;
    if (Math.abs(miss) < 1e-11) break;
    if (miss < 0) low = value;
    else high = value;
    const newton = value - miss / density;
    value = newton > low && newton < high ? newton : (low + high) / 2;
    if (high - low < 1e-12) break;
  }
  return value;
}
