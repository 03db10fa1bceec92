import {
  chanceEnough,
  DEFAULT_ENOUGH_CHANCE,
  demandFor,
  needOf,
  sizeBowl,
  togetherOrApart,
  totalDemand,
  type SizedBowl,
  type SizedHead,
  type TogetherOrApart,
} from '../batch';
import { schooled } from '../judge';
import { asItComesOut, swapped, wornFor, type Mask, type Swaps } from '../mask';
import type { MakingOptions } from '../recipe';
import type { House } from './house';
import { taughtHead, type HeadInHouse } from './taught';

/** The maker's choices beside head and mask. */
export interface SizingChoices {
  /** Chance that the bowl suffices, 0.5 to 0.99. */
  readonly enoughChance: number;
  /** Size of piece by ingredient. */
  readonly pieceSizes: Readonly<Record<string, string>>;
  /** Usable grams of a piece by ingredient, where it was weighed. */
  readonly pieceGrams: Readonly<Record<string, number>>;
  /** Amounts that the maker fixed, usable grams by ingredient. */
  readonly lockedGrams: Readonly<Record<string, number>>;
  /** The fixed ingredient that is all there is: the bowl is made around it. */
  readonly aroundId?: string | undefined;
  /** What stands in for what, by ingredient. */
  readonly swaps: Swaps;
  /** The school each made thing is cooked by, by ingredient. */
  readonly makings: Readonly<Record<string, MakingOptions>>;
  /** Which of the lengths that the mask may be worn, by its aim; unset is its usual one. */
  readonly wearAimMinutes?: number | undefined;
}

/** A bowl that is wished for: whose heads, which mask of the book, and how. */
export interface SizingWish {
  readonly heads: readonly [HeadInHouse, ...HeadInHouse[]];
  /** As it stands in the book. */
  readonly mask: Mask;
  readonly choices: SizingChoices;
}

/** What a wish comes to. */
export interface Sizing {
  /** With its swaps made, and as this household makes it. */
  readonly mask: Mask;
  readonly heads: readonly [SizedHead, ...SizedHead[]];
  readonly bowl: SizedBowl;
}

/**
 * A mask of the book as this house makes it: swaps made, schools applied, and of the texture that it comes out with here
 * rather than the one it was declared to have; worn as long as was chosen.
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function maskInHouse(
  { catalogue, schools, learning }: Pick<House, 'catalogue' | 'schools' | 'learning'>,
  book: Mask,
  { swaps = {}, wearAimMinutes }: Partial<Pick<SizingChoices, 'swaps' | 'wearAimMinutes'>> = {},
): Mask {
  const made = schooled(swapped(wornFor(book, wearAimMinutes), swaps, catalogue), schools, catalogue);
  return asItComesOut(made, catalogue, learning.textures[book.id]?.offset);
}

/** The heads of a wish with what their bowls taught for this mask. */
function headsOf(house: House, { heads, choices }: SizingWish, mask: Mask): Sizing['heads'] {
  const [first, ...others] = heads;
  const taught = (head: HeadInHouse): SizedHead =>
    taughtHead(house, head, { texture: mask.texture, enoughChance: choices.enoughChance });
  return [taught(first), ...others.map(taught)];
}

/**
 * The main job, once for page, worker, server and bench: swaps, schools, what bowls taught of heads and of the mask, then
 * the amounts in whole pieces and real spoons.
 * @throws RangeError for an empty formula, an unknown ingredient, or a chance outside 0.5 to 0.99
 * @example sizing(bareHouse(SPOON_SETS.us, 0), { heads: [ada], mask: riceSilk, choices: NO_CHOICES }).bowl.madeMillilitres // 197
 */
export function sizing(house: House, wish: SizingWish): Sizing {
  const mask = maskInHouse(house, wish.mask, wish.choices);
  const heads = headsOf(house, wish, mask);
  const [first, ...others] = heads;
  const { swaps: _swaps, makings: _makings, wearAimMinutes: _wear, ...options } = wish.choices;
  const bowl = sizeBowl(first, mask, house.catalogue, {
    spoons: house.spoons,
    ...options,
    others,
    textureOffset: house.learning.textures[mask.id]?.offset ?? 0,
  });
  return { mask, heads, bowl };
}

/** The same wish as one bowl for all heads against a bowl each. @throws RangeError as `sizing` */
export function oneOrEach(house: House, wish: SizingWish): TogetherOrApart {
  const mask = maskInHouse(house, wish.mask, wish.choices);
  const { swaps: _swaps, makings: _makings, wearAimMinutes: _wear, ...options } = wish.choices;
  const textureOffset = house.learning.textures[mask.id]?.offset ?? 0;
  return togetherOrApart(headsOf(house, wish, mask), mask, house.catalogue, {
    spoons: house.spoons,
    ...options,
    textureOffset,
  });
}

/** The choices of somebody who has not chosen anything yet. */
export const NO_CHOICES: SizingChoices = {
  enoughChance: DEFAULT_ENOUGH_CHANCE,
  pieceSizes: {},
  pieceGrams: {},
  lockedGrams: {},
  swaps: {},
  makings: {},
};

/** What heads usually take, the band in which seven of ten uses lie, and what must be made at the chosen chance; bowls, mL. */
export interface NeedInHouse {
  readonly usualMillilitres: number;
  readonly lowMillilitres: number;
  readonly highMillilitres: number;
  readonly millilitres: number;
}

/**
 * What a wish asks for before anything is fitted: at once, while a length is dragged. Wherever a need is shown it comes from
 * here, so that no page contradicts another.
 * @example needIn(house, { heads: [ada], mask: riceSilk, choices: NO_CHOICES }).millilitres // 197
 */
export function needIn(house: House, wish: SizingWish): NeedInHouse {
  const mask = maskInHouse(house, wish.mask, wish.choices);
  const total = totalDemand(headsOf(house, wish, mask).map((head) => demandFor(head, mask)));
  const { swaps: _swaps, makings: _makings, enoughChance, ...options } = wish.choices;
  const make = (chance: number): number => needOf(total, mask, house.catalogue, chance, options).millilitres;
  return {
    usualMillilitres: make(0.5),
    lowMillilitres: make(0.15),
    highMillilitres: make(0.85),
    millilitres: make(enoughChance),
  };
}

/** The same for one head and a mask of the book, with nothing chosen. */
export const headNeedIn = (house: House, head: HeadInHouse, mask: Mask, enoughChance?: number): NeedInHouse =>
  needIn(house, {
    heads: [head],
    mask,
    choices: { ...NO_CHOICES, ...(enoughChance === undefined ? {} : { enoughChance }) },
  });

/**
 * The chance, 0 to 1, that so much of a mask of the book is enough for a head of this house.
 * @example enoughIn(house, ada, riceSilk, 200) // 0.86
 */
export function enoughIn(house: House, head: HeadInHouse, book: Mask, madeMillilitres: number): number {
  const mask = maskInHouse(house, book);
  return chanceEnough(taughtHead(house, head, { texture: mask.texture }), mask, house.catalogue, madeMillilitres);
}
