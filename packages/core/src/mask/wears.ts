import type { Ingredient } from '../ingredient';
import { mostWearMinutes } from './careful';
import type { Mask, WearTime } from './types';

/** All lengths that a mask may be worn, its usual one first. */
export const wearsOf = ({ wear, otherWears = [] }: Pick<Mask, 'wear' | 'otherWears'>): readonly WearTime[] => [
  wear,
  ...otherWears,
];

/**
 * A mask with one of its other lengths of wear as the one of the day.
 * @param aimMinutes the aim of the length that was chosen; none, or one that the mask does not offer, leaves its usual one
 * @example wornFor(towpathAvocado, 30).wear.aimMinutes // 30
 */
export function wornFor(mask: Mask, aimMinutes: number | undefined): Mask {
  const chosen = wearsOf(mask).find((wear) => wear.aimMinutes === aimMinutes);
  if (chosen === undefined || chosen === mask.wear) return mask;
  return { ...mask, wear: chosen, otherWears: wearsOf(mask).filter((wear) => wear !== chosen) };
}

/**
 * Lengths of wear that a bowl may not have, each with what in it does not last on a head so long.
 * @param rows what is in the bowl
 * @example stoppedWears([{ minimumMinutes: 360, aimMinutes: 480, limitMinutes: 600 }], [avocado])[0].names // ['Avocado']
 */
export const stoppedWears = (
  wears: readonly WearTime[],
  rows: readonly Ingredient[],
): readonly { readonly wear: WearTime; readonly names: readonly string[] }[] =>
  wears.flatMap((wear) => {
    const names = rows.filter((row) => mostWearMinutes([row]) < wear.limitMinutes).map(({ name }) => name);
    return names.length > 0 ? [{ wear, names }] : [];
  });
