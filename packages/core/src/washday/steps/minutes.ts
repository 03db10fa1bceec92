import type { HairProfile } from '../../hair';

/**
 * How long hands and pots take. Assumptions of this project, set so that a bowl for medium hair takes about the twenty
 * minutes of work that makers speak of; what is boiled, cooled and worn follows practice (common practice, no published
 * source). A maker's own minutes go before all of these.
 */
export const MINUTES = {
  rinseGrain: 2,
  soak: 60,
  setPot: 2,
  /** A pot comes to the boil: millilitres of water that one minute heats on a middling ring. */
  millilitresHeatedPerMinute: 120,
  stirGel: 2,
  /** Cooked things are hand-warm after so long, by how much there is. */
  cool: { least: 10, most: 25, perGram: 0.03 },
  coolStarch: 5,
  drainSap: 10,
  paste: { base: 2, perGram: 1 / 90 },
} as const;

const whole = (minutes: number): number => Math.max(1, Math.round(minutes));

export const heatUp = (millilitres: number): number => whole(millilitres / MINUTES.millilitresHeatedPerMinute);
/** Cooling by how much stands there, grams: a quarter of an hour for a usual bowl. @example coolMinutes(200) // 16 */
export const coolMinutes = (grams: number): number =>
  Math.round(
    Math.min(MINUTES.cool.most, Math.max(MINUTES.cool.least, MINUTES.cool.least + grams * MINUTES.cool.perGram)),
  );
/** Blending and pressing through a cloth. @example pasteMinutes(180) // 4 */
export const pasteMinutes = (grams: number): number => whole(MINUTES.paste.base + grams * MINUTES.paste.perGram);
/** So many pieces, with something to set up. */
export const piecesMinutes = (pieces: number, base: number, each: number): number => whole(base + pieces * each);

/** Long or dense hair takes longer: relative to shoulder-length hair. */
const byLength = ({ stretchedLengthCentimetres }: HairProfile, base: number, perCentimetre: number): number =>
  whole(base + stretchedLengthCentimetres * perCentimetre);

export const detangleMinutes = (profile: HairProfile): number => byLength(profile, 2, 0.15);
export const washMinutes = (profile: HairProfile): number => byLength(profile, 6, 0.08);
export const rinseMinutes = (profile: HairProfile): number => byLength(profile, 4, 0.08);
export const sectionMinutes = (sections: number): number => whole(sections * 0.6);
export const wetMinutes = (sections: number): number => whole(1 + sections * 0.4);
/** From the first section to the last twist, by what goes on and in how many sections. @example applyMinutes(132, 6) // 11 */
export const applyMinutes = (millilitres: number, sections: number): number => whole(sections * 0.8 + millilitres / 22);
