import type { Mask, WearTime } from './types';

/** All lengths that a mask may be worn, its usual one first. */
export const wearsOf = ({ wear, otherWears = [] }: Pick<Mask, 'wear' | 'otherWears'>): readonly WearTime[] => [
  wear,
  ...otherWears,
];

/**
 * A mask with one of its other lengths of wear as the one of the day.
 * @param aimMinutes the aim of the length that was chosen; none, or one that the mask does not offer, leaves its usual one
 * @example wornFor({ ...nightOil, otherWears: [hour] }, 60).wear // hour
 */
export function wornFor(mask: Mask, aimMinutes: number | undefined): Mask {
  const chosen = wearsOf(mask).find((wear) => wear.aimMinutes === aimMinutes);
  return chosen === undefined || chosen === mask.wear ? mask : { ...mask, wear: chosen };
}
