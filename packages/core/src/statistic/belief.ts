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

/**
 * A prior with heavy tails on a grid: most are near, and a share of them several times as far off.
 * @param share of those far off, 0 to 1
 * @param times how much wider their spread is
 */
export function heavyBelief(sigma: number, share: number, times: number, step: number, reach: number): Belief {
  const [near, far] = [normalBelief(0, sigma, step, reach), normalBelief(0, sigma * times, step, reach)];
  return { ...near, weights: near.weights.map((weight, i) => (1 - share) * weight + share * (far.weights[i] ?? 0)) };
}

/** How likely observations are at every point of a belief's grid, as logarithms; their order does not matter. */
export const likelihoodsOn = (
  { from, step, weights }: Belief,
  likelihoods: readonly LogLikelihood[],
): readonly number[] =>
  weights.map((_, i) => likelihoods.reduce((sum, likelihood) => sum + likelihood(from + i * step), 0));

/** The logarithms of a belief's weights: the same priors are asked again and again. */
const logWeights = new WeakMap<Belief, readonly number[]>();
function logsOf(belief: Belief): readonly number[] {
  const known = logWeights.get(belief) ?? belief.weights.map(Math.log);
  logWeights.set(belief, known);
  return known;
}

/** Belief and observations together, as logarithms, and the greatest of them. Called for every answer, hence a plain loop. */
function jointly(before: Belief, logs: readonly number[]): { readonly joint: readonly number[]; readonly top: number } {
  const weights = logsOf(before);
  const joint = new Array<number>(weights.length);
  let top = -Infinity;
  for (let i = 0; i < weights.length; i++) {
    const log = (weights[i] ?? 0) + (logs[i] ?? 0);
    joint[i] = log;
    if (log > top) top = log;
  }
  return { joint, top };
}

/**
 * The logarithm of how likely observations are under a belief, whatever the number's value.
 * @example evidenceOn(normalBelief(0, 1, 0.1, 3), Array.from({ length: 61 }, () => -2)) // -2: alike wherever it lies
 */
export function evidenceOn(before: Belief, logs: readonly number[]): number {
  const { joint, top } = jointly(before, logs);
  let sum = 0;
  for (const log of joint) sum += Math.exp(log - top);
  return top + Math.log(sum);
}

/** What is believed after observations of so much likelihood on the grid. */
export function observedOn(before: Belief, logs: readonly number[]): Belief {
  const { joint, top } = jointly(before, logs);
  // Observations that contradict each other utterly leave what was believed before.
  if (!Number.isFinite(top)) return before;
  return normalised({ ...before, weights: joint.map((log) => Math.exp(log - top)) });
}

/** What is believed after more observations; their order does not matter. */
export const observed = (before: Belief, likelihoods: readonly LogLikelihood[]): Belief =>
  likelihoods.length === 0 ? before : observedOn(before, likelihoodsOn(before, likelihoods));

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

/** What is believed of a number and of the noise with which it shows: a belief for each noise, with its weight; they sum to 1. */
export type Mixture = readonly { readonly noise: number; readonly weight: number; readonly belief: Belief }[];

/** Mean and standard deviation of the number itself. */
export function mixtureMoments(mixture: Mixture): { readonly mean: number; readonly sigma: number } {
  const parts = mixture.map(({ weight, belief }) => ({ weight, ...momentsOf(belief) }));
  const mean = parts.reduce((sum, part) => sum + part.weight * part.mean, 0);
  const variance = parts.reduce((sum, part) => sum + part.weight * (part.sigma ** 2 + (part.mean - mean) ** 2), 0);
  return { mean, sigma: Math.sqrt(variance) };
}

/** Chance and density that the number, plus normal noise of its own, has at a value. */
function distribution(mixture: Mixture, value: number) {
  let below = 0;
  let density = 0;
  for (const { noise, weight: share, belief } of mixture) {
    const { from, step, weights } = belief;
    // Without noise of its own a grid point stands for its cell, so that quantiles do not jump.
    const width = Math.max(noise, step / 2);
    for (let i = 0; i < weights.length; i++) {
      const weight = share * (weights[i] ?? 0);
      if (weight < NEGLIGIBLE) continue;
      const z = (value - from - i * step) / width;
      if (z > 8) below += weight;
      else if (z > -8) {
        below += weight * normalCdf(z, 0, 1);
        density += (weight * Math.exp(-0.5 * z * z)) / (width * Math.sqrt(2 * Math.PI));
      }
    }
  }
  return { below, density };
}

/**
 * The chance that the number, plus its noise, stays below a value.
 * @example mixtureBelow([{ weight: 1, belief: normalBelief(0, 1, 0.05, 5), noise: 0.1 }], 0) // 0.5
 */
export const mixtureBelow = (mixture: Mixture, value: number): number => distribution(mixture, value).below;

/**
 * The value that the number, plus its noise, does not exceed with a probability: Newton's steps, kept inside a bracket that
 * bisection narrows.
 * @param probability above 0, below 1
 * @example mixtureQuantile([{ weight: 1, belief: normalBelief(0, 1, 0.05, 5), noise: 0.1 }], 0.85) // 1.04
 */
export function mixtureQuantile(mixture: Mixture, probability: number): number {
  const noise = Math.max(...mixture.map((slice) => slice.noise));
  const ends = mixture.map(
    ({ belief: { from, step, weights } }) => [from, from + step * (weights.length - 1)] as const,
  );
  let low = Math.min(...ends.map(([from]) => from)) - 8 * noise;
  let high = Math.max(...ends.map(([, to]) => to)) + 8 * noise;
  let value = mixtureMoments(mixture).mean;
  for (let i = 0; i < 60; i++) {
    const { below, density } = distribution(mixture, value);
    const miss = below - probability;
    if (Math.abs(miss) < 1e-9) break;
    if (miss < 0) low = value;
    else high = value;
    const newton = value - miss / density;
    value = newton > low && newton < high ? newton : (low + high) / 2;
    if (high - low < 1e-12) break;
  }
  return value;
}
