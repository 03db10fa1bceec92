import { inARow } from '../data/inARow';
import { maskText } from '@amber-ladle/words';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';

/** Ways to leaf through the book, beside the order of one head. */
export type BookOrder = 'ripe' | 'quick';

/** Something on the shelf that may be used today. */
export interface AtHand {
  readonly ingredientId: string;
  /** When it turns. */
  readonly endsAt: number;
}
/** What of a mask would be used up before it turns, as a share of the formula. */
export interface RipeShare {
  readonly share: number;
  readonly ingredientIds: readonly string[];
}

/** How long "ripe now" looks ahead, in milliseconds: what keeps longer is no reason to choose a mask by. */
const SOON = 5 * 24 * 3_600_000;

/**
 * How much of a mask is made of what lies there ripe and turns within days.
 * @param atHand what may be used now; what is hard or past is left out by who asks
 * @returns share of the formula, 0 to 1, and of what, the largest first
 */
export function ripeShare(mask: Pick<Mask, 'parts'>, atHand: readonly AtHand[], now: number): RipeShare {
  const soon = new Set(atHand.filter(({ endsAt }) => endsAt - now < SOON).map(({ ingredientId }) => ingredientId));
  const parts = mask.parts.filter(({ ingredientId }) => soon.has(ingredientId)).sort((a, b) => b.share - a.share);
  return {
    share: parts.reduce((sum, { share }) => sum + share, 0),
    ingredientIds: parts.map(({ ingredientId }) => ingredientId),
  };
}

/** What of it is ripe, in a few words; empty where nothing is. */
export const ripeWords = ({ ingredientIds }: RipeShare, catalogue: Catalogue): string =>
  ingredientIds.length === 0
    ? ''
    : maskText.toUseUp(inARow(ingredientIds.map((id) => ingredientById(catalogue, id).name.toLowerCase())));
