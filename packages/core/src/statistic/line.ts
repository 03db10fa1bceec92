import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { linearRegression, linearRegressionLine } from 'simple-statistics';

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/** A straight line through points, by least squares, with how sure its slope is. */
export interface FittedLine {
  readonly slope: number;
  readonly intercept: number;
  /** Standard errors; infinite for two points, which any line fits. */
  readonly slopeError: number;
  readonly interceptError: number;
  /** Standard deviation of the residuals, with n − 2 degrees of freedom. */
  readonly residual: number;
  readonly count: number;
}

export type Point = readonly [x: number, y: number];

/**
 * Ordinary least squares: the line by `simple-statistics`, the standard errors by the textbook formulae
 * (Draper and Smith, Applied Regression Analysis, chapter 1, from memory).
 * @param points at least two with different x
 * @throws RangeError for fewer, or for points that all stand at one x
 * @example fitLine([[0, 1], [1, 3], [2, 5]]).slope // 2
 */
export function fitLine(points: readonly Point[]): FittedLine {
  const count = points.length;
  const meanX = points.reduce((sum, [x]) => sum + x, 0) / count;
  const spreadX = points.reduce((sum, [x]) => sum + (x - meanX) ** 2, 0);
  if (count < 2 || !(spreadX > 0)) throw new RangeError('A line needs points at two different moments.');
  // About their middle, since moments in days are large numbers close together.
  const { m: slope, b } = linearRegression(points.map(([x, y]) => [x - meanX, y]));
  const at = linearRegressionLine({ m: slope, b });
  const squares = points.reduce((sum, [x, y]) => sum + (y - at(x - meanX)) ** 2, 0);
  const residual = count > 2 ? Math.sqrt(squares / (count - 2)) : Infinity;
  return {
    slope,
    intercept: b - slope * meanX,
    slopeError: residual / Math.sqrt(spreadX),
    interceptError: residual * Math.sqrt(1 / count + meanX ** 2 / spreadX),
    residual,
    count,
  };
}

/**
 * Where the slope lies with a confidence, by Student's t with n − 2 degrees of freedom.
 * @param confidence 0 to 1, such as 0.8
 * @example slopeInterval(fitLine([[0, 1], [1, 3], [2, 4]]), 0.8) // { low: 0.61, high: 2.39 }
 */
export function slopeInterval({ slope, slopeError, count }: FittedLine, confidence: number): Interval {
  if (!Number.isFinite(slopeError)) return { low: -Infinity, high: Infinity };
  const half = tQuantile((1 + confidence) / 2, count - 2) * slopeError;
  return { low: slope - half, high: slope + half };
}
