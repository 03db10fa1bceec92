import { TWENTY_FOUR_HOURS } from '../time';
import type { Wore } from './cadence';

/** How a head has been washed with masks, as far as its bowls tell. */
export interface Between {
  /** Bowls, two or more. */
  readonly count: number;
  /** Whole days from one to the next: the one in the middle, and the least and most. */
  readonly usualDays: number;
  readonly leastDays: number;
  readonly mostDays: number;
}

/** Two bowls within so many hours are one wash day: two masks, or one kept and worn on. Assumption of this project. */
const ONE_DAY_HOURS = 12;

/**
 * Days between the bowls of a head.
 * @returns nothing where there are fewer than two wash days
 * @example betweenWashDays([{ at: '2026-03-01T09:00:00Z' }, { at: '2026-03-09T09:00:00Z' }]) // { count: 2, usualDays: 8, leastDays: 8, mostDays: 8 }
 */
export function betweenWashDays(wore: readonly Pick<Wore, 'at'>[]): Between | undefined {
  const times = wore.map(({ at }) => Date.parse(at)).sort((a, b) => a - b);
  const days = times.filter((at, i) => i === 0 || at - (times[i - 1] ?? 0) > ONE_DAY_HOURS * 3_600_000);
  const gaps = days
    .slice(1)
    .map((at, i) => Math.round((at - (days[i] ?? 0)) / TWENTY_FOUR_HOURS))
    .sort((a, b) => a - b);
  const [least] = gaps;
  if (least === undefined) return undefined;
  return {
    count: days.length,
    usualDays: gaps[Math.floor(gaps.length / 2)] ?? least,
    leastDays: least,
    mostDays: gaps.at(-1) ?? least,
  };
}
