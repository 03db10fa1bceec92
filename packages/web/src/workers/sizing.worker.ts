import {
  bowlFromInHand,
  masksUsingUp,
  reviewMask,
  simulateShortfall,
  sizeBowl,
  slips,
  togetherOrApart,
  type AmountOptions,
  type InHand,
  type ReviewFinding,
  type Shortfall,
  type ShortfallOptions,
  type SizedBowl,
  type SizedHead,
  type SizeOptions,
  type Slip,
  type TogetherOrApart,
  type UpUse,
} from '@amber-ladle/core/batch';
import { CATALOGUE, overlaid, type Ingredient } from '@amber-ladle/core/ingredient';
import {
  rankMasks,
  stockNow,
  suggestionFor,
  type RankedHead,
  type Ranking,
  type RankWish,
  type Suggestion,
} from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import type { Spoon } from '@amber-ladle/core/measure';
import type { Climate, Lot } from '@amber-ladle/core/shelf';
import { expose } from 'comlink';

let catalogue = CATALOGUE;

const sizing = {
  /** The household's own rows, laid over the built-in ones from here on. */
  learn: (own: readonly Ingredient[]): void => void (catalogue = overlaid(own)),
  size: (head: SizedHead, mask: Mask, options: SizeOptions): SizedBowl => sizeBowl(head, mask, catalogue, options),
  fromInHand: (
    mask: Mask,
    gramsInHand: Readonly<Record<string, number>>,
    head: Pick<SizedHead, 'wearer'>,
    options: AmountOptions,
  ): InHand => bowlFromInHand(mask, catalogue, gramsInHand, head, options),
  shortfall: (bowl: SizedBowl, mask: Mask, options: ShortfallOptions): Shortfall =>
    simulateShortfall(bowl, mask, catalogue, options),
  together: (
    heads: readonly [SizedHead, ...SizedHead[]],
    mask: Mask,
    options: Omit<SizeOptions, 'others'>,
  ): TogetherOrApart => togetherOrApart(heads, mask, catalogue, options),
  usingUp: (
    masks: readonly Mask[],
    ingredientId: string,
    grams: number,
    head: SizedHead,
    options: AmountOptions,
  ): readonly UpUse[] => masksUsingUp(masks, catalogue, ingredientId, grams, head, options),
  slips: (bowl: SizedBowl, mask: Mask): readonly Slip[] => slips(bowl, mask, catalogue),
  suggestion: (
    mask: Mask,
    headId: string,
    head: SizedHead,
    lots: readonly Lot[],
    climate: Climate,
    spoons: readonly Spoon[],
    now: number,
  ): Suggestion => suggestionFor(mask, headId, head, lots, catalogue, climate, spoons, now),
  /** Masks for each head, by head. */
  rank: (
    masks: readonly Mask[],
    heads: readonly RankedHead[],
    lots: readonly Lot[],
    climate: Climate,
    wish: RankWish,
  ): Record<string, Ranking> => {
    const stock = stockNow(lots, catalogue, climate, wish.now);
    return Object.fromEntries(heads.map((head) => [head.id, rankMasks(masks, head, stock, catalogue, wish)]));
  },
  review: (mask: Mask, spoons: readonly Spoon[]): readonly ReviewFinding[] => reviewMask(mask, catalogue, spoons),
};

export type Sizing = typeof sizing;

expose(sizing);
