import { averageOf, type Average } from '../statistic';
import { momentScore, MOMENTS, verdict, type Confounder, type Moment, type Said } from './moments';

/** A bowl that somebody said something of. */
export interface JudgedBowl {
  readonly maskId: string;
  /** ISO 8601. */
  readonly at: string;
  readonly said: Said;
  readonly changes: readonly Confounder[];
}

/** What a mask came to on one head. */
export interface MaskOnHead {
  readonly maskId: string;
  /** Bowls that something was said of. */
  readonly count: number;
  readonly moments: Partial<Readonly<Record<Moment, Average>>>;
  readonly overall: Average;
  /** The mean pulled towards the mean of all masks of this head, as if it had had so many bowls of that. */
  readonly shrunk: number;
  /** What else changed on those days, and how often. */
  readonly confounders: readonly { readonly change: Confounder; readonly count: number }[];
  /** True where so few bowls were judged that nothing can be said yet. */
  readonly saysLittle: boolean;
}

/** Intervals cover this much: four in five, as a kitchen can use it. */
export const CONFIDENCE = 0.8;
/** With fewer bowls than this no mask is praised or blamed. Assumption of this project. */
export const TELLS_FROM = 3;
/** Bowls' worth of the head's own mean that is mixed into each mask's. Assumption of this project. */
const PRIOR_COUNT = 2;

/** Masks side by side, the best first by what is left of the mean after it was shrunk. */
export function whatWorks(bowls: readonly JudgedBowl[]): readonly MaskOnHead[] {
  const judged = bowls.flatMap((bowl) => {
    const score = verdict(bowl.said);
    return score === undefined ? [] : [{ ...bowl, score }];
  });
  const middle = averageOf(
    judged.map(({ score }) => score),
    CONFIDENCE,
  )?.mean;
  if (middle === undefined) return [];
  return [...new Set(judged.map(({ maskId }) => maskId))]
    .flatMap((maskId): MaskOnHead[] => {
      const own = judged.filter((bowl) => bowl.maskId === maskId);
      const overall = averageOf(
        own.map(({ score }) => score),
        CONFIDENCE,
      );
      if (!overall) return [];
      const moments = MOMENTS.flatMap((moment) => {
        const average = averageOf(
          own.flatMap(({ said }) => momentScore(said, moment) ?? []),
          CONFIDENCE,
        );
        return average ? [[moment, average] as const] : [];
      });
      const { mean, count } = overall;
      return [
        {
          maskId,
          count,
          moments: Object.fromEntries(moments),
          overall,
          shrunk: (mean * count + middle * PRIOR_COUNT) / (count + PRIOR_COUNT),
          confounders: confoundersOf(own),
          saysLittle: count < TELLS_FROM,
        },
      ];
    })
    .sort((a, b) => b.shrunk - a.shrunk || (a.maskId < b.maskId ? -1 : 1));
}

/** What else changed, the most often first. */
export function confoundersOf(bowls: readonly Pick<JudgedBowl, 'changes'>[]): MaskOnHead['confounders'] {
  const counts = new Map<Confounder, number>();
  for (const { changes } of bowls) for (const change of changes) counts.set(change, (counts.get(change) ?? 0) + 1);
  return [...counts]
    .map(([change, count]) => ({ change, count }))
    .sort((a, b) => b.count - a.count || (a.change < b.change ? -1 : 1));
}

/** Mean and count of what was said, by mask, as the ranking takes them. */
export function ratingsOf(
  bowls: readonly JudgedBowl[],
): Readonly<Record<string, { readonly mean: number; readonly count: number }>> {
  return Object.fromEntries(whatWorks(bowls).map(({ maskId, overall: { mean, count } }) => [maskId, { mean, count }]));
}
