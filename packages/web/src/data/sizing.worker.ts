import {
  masksUsingUp,
  reviewMask,
  simulateShortfall,
  slips,
  type AmountOptions,
  type ReviewFinding,
  type Shortfall,
  type ShortfallOptions,
  type SizedBowl,
  type SizedHead,
  type Slip,
  type TogetherOrApart,
  type UpUse,
} from '@amber-ladle/core/batch';
import {
  bareHouse,
  headNeedIn,
  inHandIn,
  oneOrEach,
  refitted,
  sizing,
  taughtHead,
  type HeadInHouse,
  type House,
  type InHandInHouse,
  type RecordedBowl,
  type SizingWish,
} from '@amber-ladle/core/house';
import { overlaid, type SaidIngredient } from '@amber-ladle/core/ingredient';
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
import type { Lot } from '@amber-ladle/core/shelf';
import { expose } from 'comlink';

/** The household as the page last told it. */
let house: House = bareHouse([], 0);

/** A house as it can be sent: its own rows instead of the whole catalogue. */
export type SentHouse = Omit<House, 'catalogue'> & { readonly own: readonly SaidIngredient[] };

/** A head with what it wore and how it rates masks. What its bowls taught is known here. */
export type HeadOnPage = HeadInHouse & Omit<RankedHead, keyof SizedHead>;

const sizingJobs = {
  /** The household from here on; what is asked later waits behind this. */
  live: ({ own, ...rest }: SentHouse): void => void (house = { ...rest, catalogue: overlaid(own) }),
  size: (wish: SizingWish): SizedBowl => sizing(house, wish).bowl,
  refit: (record: RecordedBowl, poured: Readonly<Record<string, number>>): SizedBowl => refitted(record, poured),
  fromInHand: (
    heads: readonly HeadInHouse[],
    mask: Mask,
    gramsInHand: Readonly<Record<string, number>>,
    within?: HeadInHouse,
  ): InHandInHouse => inHandIn(house, heads, mask, gramsInHand, within),
  shortfall: (bowl: SizedBowl, mask: Mask, options: ShortfallOptions): Shortfall =>
    simulateShortfall(bowl, mask, house.catalogue, options),
  together: (wish: SizingWish): TogetherOrApart => oneOrEach(house, wish),
  usingUp: (
    masks: readonly Mask[],
    ingredientId: string,
    grams: number,
    head: HeadInHouse,
    options: AmountOptions,
  ): readonly UpUse[] => masksUsingUp(masks, house.catalogue, ingredientId, grams, taughtHead(house, head), options),
  /** What each head usually takes of a mask, mL. */
  usually: (pairs: readonly { readonly head: HeadInHouse; readonly mask: Mask }[]): readonly number[] =>
    pairs.map(({ head, mask }) => headNeedIn(house, head, mask).usualMillilitres),
  slips: (bowl: SizedBowl, mask: Mask): readonly Slip[] => slips(bowl, mask, house.catalogue),
  suggestion: (mask: Mask, head: HeadInHouse, lots: readonly Lot[], now: number): Suggestion => {
    const sized = taughtHead(house, head, { texture: mask.texture });
    return suggestionFor(mask, head.id, sized, lots, house.catalogue, house.climate, house.spoons, now);
  },
  /** Masks for each head, by head. */
  rank: (
    masks: readonly Mask[],
    heads: readonly HeadOnPage[],
    lots: readonly Lot[],
    wish: RankWish,
  ): Record<string, Ranking> => {
    const stock = stockNow(lots, house.catalogue, house.climate, wish.now);
    return Object.fromEntries(
      heads.map((head) => {
        const ranked = { ...head, ...taughtHead(house, head) };
        return [head.id, rankMasks(masks, ranked, stock, house.catalogue, wish)];
      }),
    );
  },
  review: (mask: Mask): readonly ReviewFinding[] => reviewMask(mask, house.catalogue, house.spoons),
};

export type Sizing = typeof sizingJobs;

expose(sizingJobs);
