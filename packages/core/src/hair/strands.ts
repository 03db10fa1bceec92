import { DENSITY_PER_SQUARE_CENTIMETRE, EVENNESS_FACTOR, STRANDS_BY_EYE, type HairProfile } from './profile';

/** Part of a tied tail's cross-section that is hair and not air. Assumption of this project. */
export const PONYTAIL_PACKING = 0.75;

/**
 * Number of strands on a head.
 *
 * - ponytail of circumference C: N = φ·C²/(4π) ÷ (π·d²/4), the packed cross-section over one strand's;
 * - density class: hairs per cm² × scalp area;
 * - by eye: a count for the class, scaled to the scalp area (600 cm² is an adult's).
 *
 * @returns strands, above 0, not rounded
 * @example strandCount({ ...aProfile(), amount: { kind: 'density', density: 'medium' } }) // 102_000
 */
export function strandCount(profile: HairProfile): number {
  const { amount } = profile;
  switch (amount.kind) {
    case 'ponytail':
      return strandsInPonytail(amount.circumferenceMillimetres, profile.strandDiameterMicrometres);
    case 'density':
      return DENSITY_PER_SQUARE_CENTIMETRE[amount.density] * profile.scalpAreaSquareCentimetres;
    case 'eye':
      return (STRANDS_BY_EYE[amount.look] * profile.scalpAreaSquareCentimetres) / 600;
  }
}

/**
 * Strands in a tied tail.
 * @param circumferenceMillimetres above 0, measured round the tie
 * @param strandDiameterMicrometres above 0
 * @example strandsInPonytail(80, 70) // about 99,000
 */
export function strandsInPonytail(circumferenceMillimetres: number, strandDiameterMicrometres: number): number {
  const tail = (PONYTAIL_PACKING * circumferenceMillimetres ** 2) / (4 * Math.PI);
  const strand = (Math.PI * (strandDiameterMicrometres / 1000) ** 2) / 4;
  return tail / strand;
}

/** Grams in a cubic centimetre of dry hair (Robbins, Chemical and Physical Behavior of Human Hair, from memory). */
export const HAIR_GRAMS_PER_CUBIC_CENTIMETRE = 1.32;

/**
 * Strands in a weighed braid of one length: its mass over that of one strand.
 * @param grams above 0
 * @param centimetres above 0, stretched
 * @param strandDiameterMicrometres above 0
 * @throws RangeError for what is not above 0
 * @example strandsInBraid(120, 30, 70) // about 79,000
 */
export function strandsInBraid(grams: number, centimetres: number, strandDiameterMicrometres: number): number {
  if (!(grams > 0 && centimetres > 0 && strandDiameterMicrometres > 0))
    throw new RangeError('A braid has a weight, a length and strands.');
  const strand = (Math.PI * (strandDiameterMicrometres / 10_000) ** 2 * centimetres) / 4;
  return grams / (strand * HAIR_GRAMS_PER_CUBIC_CENTIMETRE);
}

/**
 * How thick a tail so many strands would make, mm round the tie: the way back from `strandsInPonytail`.
 * @example ponytailOf(strandsInPonytail(80, 70), 70) // 80
 */
export function ponytailOf(strands: number, strandDiameterMicrometres: number): number {
  const strand = (Math.PI * (strandDiameterMicrometres / 1000) ** 2) / 4;
  return Math.sqrt((strands * strand * 4 * Math.PI) / PONYTAIL_PACKING);
}

/**
 * Mean strand length in cm: the longest strands times the evenness of the cut.
 * @example meanStrandCentimetres(aProfile({ stretchedLengthCentimetres: 40, evenness: 'long-layers' })) // 31.2
 */
export function meanStrandCentimetres(profile: HairProfile): number {
  return profile.stretchedLengthCentimetres * EVENNESS_FACTOR[profile.evenness];
}
