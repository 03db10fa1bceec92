import { bowlFromInHand, capsFor, capsOver, GROWN, type InHand } from '../batch';
import type { Mask } from '../mask';
import type { Message } from '../message';
import type { House } from './house';
import { enoughIn, maskInHouse } from './sizing';
import type { HeadInHouse } from './taught';

/** What a bowl would be on one head of the house. */
export interface ServedHead {
  readonly id: string;
  /** That it is enough, 0 to 1. */
  readonly chance: number;
  /** The limits that it breaks on this head: what suits a grown woman may be too much for a child. */
  readonly over: readonly Message[];
}

/** What is in hand makes, and whom it serves. */
export interface InHandInHouse extends InHand {
  readonly serves: readonly ServedHead[];
}

/**
 * What is in hand makes of a mask of the book, as this house makes it, within the limits of one of its heads.
 * @param gramsInHand usable grams by ingredient; what is not named is taken as plenty
 * @param within whose limits it keeps to; a grown woman's where it is left out
 * @throws RangeError when nothing of the mask is in hand, or less than nothing
 * @example inHandIn(house, [ada], towpathAvocado, { avocado: 204 }, ada).serves // [{ id: 'ada', chance: 0.99, over: [] }]
 */
export function inHandIn(
  house: House,
  heads: readonly HeadInHouse[],
  book: Mask,
  gramsInHand: Readonly<Record<string, number>>,
  within?: HeadInHouse,
): InHandInHouse {
  const mask = maskInHouse(house, book);
  const { catalogue, spoons, learning } = house;
  const textureOffset = learning.textures[mask.id]?.offset ?? 0;
  const bowl = bowlFromInHand(mask, catalogue, gramsInHand, { wearer: within ?? GROWN }, { spoons, textureOffset });
  const grams = mask.parts.map(
    (part) => bowl.lines.find((line) => line.ingredientId === part.ingredientId)?.grams ?? 0,
  );
  const serves = heads.map((head): ServedHead => ({
    id: head.id,
    chance: enoughIn(house, head, book, bowl.madeMillilitres),
    over: capsOver(capsFor(mask, catalogue, head, bowl.madeMillilitres), grams).map(({ what }) => what),
  }));
  return { ...bowl, serves };
}
