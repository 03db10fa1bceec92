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
 * @example lognormal(100, 0.3) // { median: 100, sigma: 0.3 }
 */
export function lognormal(median: number, sigma: number): Lognormal {
  if (!(median > 0) || !(sigma >= 0))
    throw new RangeError('A log-normal needs a median above 0 and a sigma of 0 or more.');
  return { median, sigma };
}

/** The value that is not exceeded with a probability, 0 < p < 1. @example quantile({ median: 100, sigma: 0.3 }, 0.85) // 136.5 */
export function quantile({ median, sigma }: Lognormal, probability: number): number {
  return median * Math.exp(sigma * normalQuantile(probability, 0, 1));
}
