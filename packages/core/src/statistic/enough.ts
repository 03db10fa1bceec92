import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { meanOf } from './sum';
import type { Lognormal } from './lognormal';

/** What is provided, as a log-normal by its mean: fruit, spoons and tools stray round what was measured. */
export interface Provision {
  /** 0 or more. */
  readonly mean: number;
  /** Standard deviation of the natural logarithm, 0 or more. */
  readonly sigma: number;
}

const medianOf = ({ mean, sigma }: Provision): number => mean * Math.exp(-(sigma ** 2) / 2);

/**
 * The mean that a provision must have so that it suffices with a chance. Both logarithms are normal, and so is their
 * difference.
 * @param chance above 0, below 1
 * @example provisionFor({ median: 100, sigma: 0.3 }, 0, 0.85) // 136.5
 */
export function provisionFor(wanted: Lognormal, sigma: number, chance: number): number {
  const both = Math.hypot(wanted.sigma, sigma);
  return wanted.median * Math.exp(both * normalQuantile(chance, 0, 1) + sigma ** 2 / 2);
}

/** The chance, 0 to 1, that more is wanted than there is. @example chanceShort({ median: 100, sigma: 0.3 }, { mean: 100, sigma: 0 }) // 0.5 */
export function chanceShort(wanted: Lognormal, provided: Provision): number {
  if (provided.mean <= 0) return 1;
  const both = Math.hypot(wanted.sigma, provided.sigma);
  const off = Math.log(wanted.median / medianOf(provided));
  if (both === 0) return off > 0 ? 1 : 0;
  return normalCdf(off / both, 0, 1);
}

/**
 * What is left over on average, E[max(0, Y − X)] for two independent log-normals: Margrabe's formula for the option to
 * exchange one asset for another (J. Finance 33, 1978, from memory).
 * @example expectedLeftover({ median: 100, sigma: 0 }, { mean: 120, sigma: 0 }) // 20
 */
export function expectedLeftover(wanted: Lognormal, provided: Provision): number {
  if (provided.mean <= 0) return 0;
  const both = Math.hypot(wanted.sigma, provided.sigma);
  const taken = meanOf(wanted);
  if (both === 0) return Math.max(0, provided.mean - taken);
  const d = Math.log(provided.mean / taken) / both + both / 2;
  return provided.mean * normalCdf(d, 0, 1) - taken * normalCdf(d - both, 0, 1);
}
