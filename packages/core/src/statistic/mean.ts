import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { mean as meanOfAll, sampleStandardDeviation } from 'simple-statistics';
import type { Interval } from './line';

/** A mean with how sure it is. */
export interface Average {
  readonly mean: number;
  readonly count: number;
  /** Absent for a single value, which says nothing of its spread. */
  readonly interval?: Interval;
}

/**
 * The mean of some values and its interval by Student's t with n − 1 degrees of freedom.
 * @param confidence 0 to 1, such as 0.8
 * @returns nothing for no values
 * @example averageOf([3, 4, 5], 0.8) // { mean: 4, interval: { low: 2.91, high: 5.09 } }
 */
export function averageOf(values: readonly number[], confidence: number): Average | undefined {
  const count = values.length;
  if (count === 0) return undefined;
  const mean = meanOfAll([...values]);
  if (count === 1) return { mean, count };
  const half = (tQuantile((1 + confidence) / 2, count - 1) * sampleStandardDeviation([...values])) / Math.sqrt(count);
  return { mean, count, interval: { low: mean - half, high: mean + half } };
}
