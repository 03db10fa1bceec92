import { TWENTY_FOUR_HOURS } from '../time';
import { fitLine, slopeInterval, type Interval, type Point } from '../statistic';

/** A length that was measured, or a trim. */
export interface Measured {
  /** ISO 8601. */
  readonly at: string;
  /** `length` is the longest strand stretched; `trim` what was cut off; `regrowth` from scalp to a mark, such as old colour. */
  readonly kind: 'length' | 'trim' | 'regrowth';
  readonly centimetres: number;
}

/**
 * Growth of scalp hair in cm a day where nobody measured it: 350 µm with a spread of 80, which holds the means of
 * Loussouarn et al. 2001 and 2005 (256, 396 and 411 µm a day; from memory) within about one spread.
 */
export const GROWTH = { centimetresPerDay: 0.035, sigma: 0.008 } as const;
/** Days in a mean month. */
export const MONTH_DAYS = 30.44;
/** From about four months on, and three measurements, a slope says something. Assumption of this project. */
const LEAST_DAYS = 120;
const LEAST_MEASUREMENTS = 3;
const CONFIDENCE = 0.8;
/** Standard normal quantile of 0.9. */
const Z80 = 1.2816;

/** Length gained over time, in cm a month. */
export interface LengthKept {
  /** What was measured, trims added back: the hair as it would be without scissors, cm, the earliest first. */
  readonly points: readonly { readonly at: string; readonly centimetres: number; readonly withTrims: number }[];
  /** Trims, each at the length that was measured next; after the last one at what they must have left of it, cm. */
  readonly trims: readonly { readonly at: string; readonly centimetres: number }[];
  /** What the tips gained, trims added back, cm a month. */
  readonly kept?: { readonly perMonth: number; readonly interval: Interval };
  /** What the scalp grows: measured against a mark, or as people grow; cm a month. */
  readonly grown: { readonly perMonth: number; readonly interval: Interval; readonly isMeasured: boolean };
  /** Centimetres a month that were grown and not kept: breakage, and cuts that nobody wrote down. */
  readonly lost?: { readonly perMonth: number; readonly interval: Interval };
  readonly answer: 'keeps' | 'breaks' | 'breaks-or-slow' | 'too-early';
}

/**
 * Growth expected against length kept. The slope of length over time, trims added back, is what is kept; growth comes
 * from a mark on the hair where one was measured, otherwise from the literature with its spread. The difference has the
 * interval of both.
 *
 * Breakage is told from slow growth only where less is kept than even a slow head grows, or where growth was measured.
 * @example lengthKept([{ at: '2026-01-01T09:00:00Z', kind: 'length', centimetres: 40 }]) // { answer: 'too-early' }: one length says nothing
 */
export function lengthKept(measured: readonly Measured[]): LengthKept {
  const inOrder = [...measured].sort((a, b) => (a.at < b.at ? -1 : 1));
  let trimmed = 0;
  const points: { at: string; centimetres: number; withTrims: number }[] = [];
  for (const { at, kind, centimetres } of inOrder) {
    if (kind === 'trim') trimmed += centimetres;
    if (kind === 'length') points.push({ at, centimetres, withTrims: centimetres + trimmed });
  }
  const trims = trimsAmong(inOrder, points);
  const grown = growthOf(inOrder.filter(({ kind }) => kind === 'regrowth'));
  const slope = slopeOf(points.map(({ at, withTrims }) => [Date.parse(at) / TWENTY_FOUR_HOURS, withTrims]));
  if (!slope) return { points, trims, grown, answer: 'too-early' };
  const kept = perMonth(slope);
  const half = Math.hypot(kept.interval.high - kept.perMonth, grown.interval.high - grown.perMonth);
  const gap = grown.perMonth - kept.perMonth;
  const lost = { perMonth: gap, interval: { low: gap - half, high: gap + half } };
  const isLess = lost.interval.low > 0 && gap > LOST_LITTLE;
  // Half of all heads grow slower than the mean: only the slowest quarter or so is worth a word.
  const isSlowish = !grown.isMeasured && kept.interval.high < (grown.perMonth + grown.interval.low) / 2;
  const answer = isLess ? 'breaks' : isSlowish ? 'breaks-or-slow' : 'keeps';
  return { points, trims, kept, grown, lost, answer };
}

function trimsAmong(inOrder: readonly Measured[], points: LengthKept['points']): LengthKept['trims'] {
  let left = points.at(-1)?.centimetres;
  return inOrder
    .filter(({ kind }) => kind === 'trim')
    .flatMap(({ at, centimetres }) => {
      const next = points.find((one) => one.at > at);
      if (next) return [{ at, centimetres: next.centimetres }];
      if (left === undefined) return [];
      left = Math.max(0, left - centimetres);
      return [{ at, centimetres: left }];
    });
}

/** Less than this lost in a month is no finding, however sure it is, cm. Assumption of this project. */
const LOST_LITTLE = 0.1;

interface Slope {
  readonly slope: number;
  readonly interval: Interval;
}

const perMonth = ({ slope, interval }: Slope) => ({
  perMonth: slope * MONTH_DAYS,
  interval: { low: interval.low * MONTH_DAYS, high: interval.high * MONTH_DAYS },
});

function slopeOf(points: readonly Point[]): Slope | undefined {
  const days = (points.at(-1)?.[0] ?? 0) - (points[0]?.[0] ?? 0);
  if (points.length < LEAST_MEASUREMENTS || days < LEAST_DAYS) return undefined;
  const line = fitLine(points);
  return { slope: line.slope, interval: slopeInterval(line, CONFIDENCE) };
}

function growthOf(regrowth: readonly Measured[]): LengthKept['grown'] {
  const measured = slopeOf(regrowth.map(({ at, centimetres }) => [Date.parse(at) / TWENTY_FOUR_HOURS, centimetres]));
  if (measured) return { ...perMonth(measured), isMeasured: true };
  const { centimetresPerDay: slope, sigma } = GROWTH;
  return {
    ...perMonth({ slope, interval: { low: slope - Z80 * sigma, high: slope + Z80 * sigma } }),
    isMeasured: false,
  };
}
