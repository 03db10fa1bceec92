import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';

/** A positive quantity whose logarithm is normal: the shape of "about 160 mL, give or take a third". */
export interface Lognormal {
  readonly median: number;
  /** Standard deviation of the natural logarithm, 0 or more. */
  readonly sigma: number;
}

/**
 * @param median above 0
 * @param sigma 0 or more
 * @throws RangeError outside those
 */
export function lognormal(median: number, sigma: number): Lognormal {
  if (!(median > 0) || !(sigma >= 0))
    throw new RangeError('A log-normal needs a median above 0 and a sigma of 0 or more.');
  return { median, sigma };
}

/** The value that is not exceeded with a probability, 0 < p < 1. */
export function quantile({ median, sigma }: Lognormal, probability: number): number {
  return median * Math.exp(sigma * normalQuantile(probability, 0, 1));
}

/** The chance, 0 to 1, that the quantity exceeds a value. */
export function chanceAbove({ median, sigma }: Lognormal, value: number): number {
  if (value <= 0) return 1;
  if (sigma === 0) return median > value ? 1 : 0;
  return normalCdf(Math.log(median / value) / sigma, 0, 1);
}

/**
 * What is left over on average when `made` is provided: E[max(0, made − X)].
 * Closed form for a log-normal: made·Φ(d) − median·e^{σ²/2}·Φ(d − σ) with d = ln(made/median)/σ.
 */
export function expectedLeftover({ median, sigma }: Lognormal, made: number): number {
  if (made <= 0) return 0;
  if (sigma === 0) return Math.max(0, made - median);
  const d = Math.log(made / median) / sigma;
  return made * normalCdf(d, 0, 1) - median * Math.exp(sigma ** 2 / 2) * normalCdf(d - sigma, 0, 1);
}
