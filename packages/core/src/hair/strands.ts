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

/** Mean strand length in cm: the longest strands times the evenness of the cut. */
export function meanStrandCentimetres(profile: HairProfile): number {
  return profile.stretchedLengthCentimetres * EVENNESS_FACTOR[profile.evenness];
}
