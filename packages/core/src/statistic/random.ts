import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Repeatable random draws: the same seed gives the same row of numbers on every machine. */
export interface Draws {
  /** Uniform, above 0 and below 1. */
  uniform(): number;
  /** Standard normal, by inversion of a uniform. */
  normal(): number;
}

/** Half of the smallest step of a 53-bit uniform: keeps draws off 0, where a normal has no value. */
const HALF_STEP = 2 ** -54;

/** @param seed a whole number; each gives its own row of draws */
export function drawsFrom(seed: number): Draws {
  const source = xoroshiro128plus(seed);
  const uniform = (): number => uniformFloat64(source) + HALF_STEP;
  return { uniform, normal: () => normalQuantile(uniform(), 0, 1) };
}
