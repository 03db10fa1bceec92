import type { RankedMask, Ranking } from './rank';

/** Points from which a bowl is worth a suggestion. Assumption of this project. */
export const WORTH_POINTS = 0;

/** The best for a head, with the one that comes second. */
export interface Best {
  readonly headId: string;
  readonly ranked: RankedMask;
  readonly runnerUp?: RankedMask;
}

/** The best of everybody's masks; nothing where none is worth a word. Ties go to the head that is named first. */
export function bestOf(rankings: Readonly<Record<string, Ranking>>, headIds: readonly string[]): Best | undefined {
  let best: Best | undefined;
  for (const headId of headIds) {
    const [ranked, runnerUp] = rankings[headId]?.ranked ?? [];
    if (ranked && ranked.score > WORTH_POINTS && (!best || ranked.score > best.ranked.score))
      best = { headId, ranked, ...(runnerUp ? { runnerUp } : {}) };
  }
  return best;
}
