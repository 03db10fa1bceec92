import { demandFor, lossesOf } from '../batch';
import type { BowlOnHead } from '../learn';
import { formulaMillilitresPerGram, type Mask } from '../mask';
import type { House } from './house';
import { maskInHouse } from './sizing';
import type { HeadInHouse } from './taught';

/**
 * What the maker's own amounts make, mL in the bowl.
 * @returns nothing for a mask that was never written in amounts
 * @throws RangeError for an unknown ingredient
 * @example writtenMillilitres({ ...towpathAvocado, writtenGrams: 240 }, { catalogue: CATALOGUE }) // 230
 */
export const writtenMillilitres = (mask: Mask, { catalogue }: Pick<House, 'catalogue'>): number | undefined =>
  mask.writtenGrams === undefined ? undefined : mask.writtenGrams * formulaMillilitresPerGram(mask, catalogue);

/**
 * A mask as its maker writes it, on a head: what it makes and what the model expects that head to take of it with nothing
 * learnt, so that "it was enough" can teach.
 * @returns nothing for a mask that was never written in amounts
 * @throws RangeError for an unknown ingredient
 */
export function asWrittenOn(
  house: Pick<House, 'catalogue' | 'schools' | 'learning'>,
  head: HeadInHouse,
  book: Mask,
): Omit<BowlOnHead, 'at'> | undefined {
  const mask = maskInHouse(house, book);
  const made = writtenMillilitres(mask, house);
  if (made === undefined) return undefined;
  const { holdUpMillilitres, dripShare } = lossesOf(mask, made);
  return {
    texture: mask.texture,
    modelMillilitres: demandFor({ profile: head.profile, wearer: head }, mask).total.median,
    madeMillilitres: made,
    holdUpMillilitres,
    dripShare,
    heads: 1,
  };
}
