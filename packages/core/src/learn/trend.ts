import { TWENTY_FOUR_HOURS } from '../time';
import { fitLine, slopeInterval, type Interval } from '../statistic';
import { MONTH_DAYS } from './length';
import { verdict } from './moments';
import { CONFIDENCE, type JudgedBowl } from './works';

/** How verdicts moved, in points a month. */
export interface Trend {
  readonly perMonth: number;
  readonly interval: Interval;
  readonly count: number;
  readonly answer: 'better' | 'worse' | 'even';
}

/** Fewer bowls than this make no trend. Assumption of this project. */
export const TREND_FROM = 5;

/**
 * The slope of the verdicts over time.
 * @returns nothing for fewer than five judged bowls, or where all lie within one day
 */
export function trendOf(bowls: readonly Pick<JudgedBowl, 'at' | 'said'>[]): Trend | undefined {
  const points = bowls.flatMap(({ at, said }): [number, number][] => {
    const score = verdict(said);
    return score === undefined ? [] : [[Date.parse(at) / TWENTY_FOUR_HOURS, score]];
  });
  const days = points.map(([day]) => day);
  if (points.length < TREND_FROM || Math.max(...days) - Math.min(...days) < 1) return undefined;
  const line = fitLine(points);
  const { low, high } = slopeInterval(line, CONFIDENCE);
  return {
    perMonth: line.slope * MONTH_DAYS,
    interval: { low: low * MONTH_DAYS, high: high * MONTH_DAYS },
    count: points.length,
    answer: low > 0 ? 'better' : high < 0 ? 'worse' : 'even',
  };
}
