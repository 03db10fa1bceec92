import { TWENTY_FOUR_HOURS } from '../time';
import { averageOf, type Average } from '../statistic';
import { verdict, type Confounder } from './moments';
import { CONFIDENCE, confoundersOf, TELLS_FROM, type JudgedBowl } from './works';

/** One bowl of the one mask beside the nearest in time of the other. */
export interface Pair {
  readonly firstAt: string;
  readonly secondAt: string;
  /** Points by which the first came out better, −4 to 4. */
  readonly difference: number;
  readonly changes: readonly Confounder[];
}

/** This against that, on one head. */
export interface Compared {
  readonly pairs: readonly Pair[];
  /** Of the differences; absent without a pair. */
  readonly difference?: Average;
  readonly answer: 'first' | 'second' | 'too-close' | 'too-few';
  readonly confounders: readonly { readonly change: Confounder; readonly count: number }[];
}

/** Hair, weather and water of one season: bowls further apart than this are not held against each other. Ours. */
const MOST_DAYS_APART = 60;

/**
 * Pairs each bowl of one mask with one of the other, nearest in time first and each used once, and takes the mean of the
 * differences with its interval: what changed slowly (season, length, colour) falls out of a pair.
 */
export function comparedOn(bowls: readonly JudgedBowl[], firstId: string, secondId: string): Compared {
  const scored = bowls.flatMap((bowl) => {
    const score = verdict(bowl.said);
    return score === undefined ? [] : [{ ...bowl, score, time: Date.parse(bowl.at) }];
  });
  const first = scored.filter(({ maskId }) => maskId === firstId);
  const second = scored.filter(({ maskId }) => maskId === secondId);
  const near = first
    .flatMap((a, i) => second.map((b, j) => ({ a, b, i, j, apart: Math.abs(a.time - b.time) })))
    .filter(({ apart }) => apart <= MOST_DAYS_APART * TWENTY_FOUR_HOURS)
    // Where two gaps are alike the earlier pair goes first, whichever mask is named first.
    .sort((x, y) => x.apart - y.apart || earlier(x) - earlier(y));
  const [takenFirst, takenSecond] = [new Set<number>(), new Set<number>()];
  const pairs: Pair[] = [];
  for (const { a, b, i, j } of near) {
    if (takenFirst.has(i) || takenSecond.has(j)) continue;
    takenFirst.add(i);
    takenSecond.add(j);
    const changes = [...new Set([...a.changes, ...b.changes])];
    pairs.push({ firstAt: a.at, secondAt: b.at, difference: a.score - b.score, changes });
  }
  pairs.sort((a, b) => (a.firstAt < b.firstAt ? -1 : 1));
  const difference = averageOf(
    pairs.map((pair) => pair.difference),
    CONFIDENCE,
  );
  return {
    pairs,
    ...(difference ? { difference } : {}),
    answer: answerOf(difference),
    confounders: confoundersOf(pairs),
  };
}

/** Two masks that were worn near each other, and how often. */
export interface PairOffered {
  readonly firstId: string;
  readonly secondId: string;
  readonly pairs: number;
}

/**
 * Which masks can be held against each other on one head, the most pairs first; of as many, what was worn last.
 * @example
 * const inMay = { maskId: 'honey', at: '2026-05-01T09:00:00Z', said: { soft: 4 }, changes: [] };
 * pairsOffered([inMay, { ...inMay, maskId: 'oats', at: '2026-05-08T09:00:00Z' }]) // [{ firstId: 'oats', secondId: 'honey', pairs: 1 }]
 */
export function pairsOffered(bowls: readonly JudgedBowl[]): readonly PairOffered[] {
  const newestFirst = [...bowls].sort((a, b) => (a.at < b.at ? 1 : -1));
  const ids = [...new Set(newestFirst.map(({ maskId }) => maskId))];
  return ids
    .flatMap((firstId, i) =>
      ids
        .slice(i + 1)
        .map((secondId) => ({ firstId, secondId, pairs: comparedOn(bowls, firstId, secondId).pairs.length })),
    )
    .filter(({ pairs }) => pairs > 0)
    .sort((a, b) => b.pairs - a.pairs);
}

const earlier = ({ a, b }: { readonly a: { time: number }; readonly b: { time: number } }): number =>
  Math.min(a.time, b.time);

function answerOf(difference: Average | undefined): Compared['answer'] {
  if (!difference?.interval || difference.count < TELLS_FROM) return 'too-few';
  const { low, high } = difference.interval;
  if (low > 0) return 'first';
  return high < 0 ? 'second' : 'too-close';
}
