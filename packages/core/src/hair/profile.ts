/** How a head of hair is described: the figures that every later quantity comes from. */
export interface HairProfile {
  /** How the amount of hair was judged, most trusted first: ponytail, density, eye. */
  readonly amount: HairAmount;
  readonly strandDiameterMicrometres: number;
  /** Length of the longest strands held straight: coils shrink to half or less. */
  readonly stretchedLengthCentimetres: number;
  readonly evenness: Evenness;
  readonly scalpAreaSquareCentimetres: number;
  readonly style: HairStyle;
}

export type HairAmount =
  | { readonly kind: 'ponytail'; readonly circumferenceMillimetres: number }
  | { readonly kind: 'density'; readonly density: DensityClass }
  | { readonly kind: 'eye'; readonly look: EyeClass };

export type DensityClass = 'low' | 'medium' | 'high';
export type EyeClass = 'sparse' | 'middling' | 'plenty';
export type Evenness = 'blunt' | 'long-layers' | 'short-layers';
/** How hair is worn while the mask is on. */
export const HAIR_STYLES = ['loose', 'twists', 'braids', 'cornrows'] as const;
export type HairStyle = (typeof HAIR_STYLES)[number];
export const STRAND_CLASSES = ['fine', 'medium', 'coarse'] as const;
export type StrandClass = (typeof STRAND_CLASSES)[number];

/** Hairs per cm² of scalp: within the range of Loussouarn et al. 2001, 2005 (from memory). */
export const DENSITY_PER_SQUARE_CENTIMETRE: Readonly<Record<DensityClass, number>> = {
  low: 120,
  medium: 170,
  high: 220,
};

/** Hairs on an adult head judged by eye: the same hair as the density classes on 600 cm² of scalp. */
export const STRANDS_BY_EYE: Readonly<Record<EyeClass, number>> = {
  sparse: 72_000,
  middling: 102_000,
  plenty: 132_000,
};

/** Strand diameter in micrometres; Robbins gives 50 to 120 (from memory), the classes are ours. */
export const STRAND_DIAMETER_MICROMETRES: Readonly<Record<StrandClass, number>> = {
  fine: 55,
  medium: 70,
  coarse: 90,
};

/** Mean strand length as a part of the longest, by cut. Assumption of this project. */
export const EVENNESS_FACTOR: Readonly<Record<Evenness, number>> = {
  blunt: 0.9,
  'long-layers': 0.78,
  'short-layers': 0.62,
};

/** What a style takes against loose hair (common practice, no published source). */
export const STYLE_FACTOR: Readonly<Record<HairStyle, number>> = {
  loose: 1,
  twists: 0.7,
  braids: 0.55,
  cornrows: 0.55,
};

/** True where a mask goes into the partings, one after the other, and not down the lengths (common practice, no published source). */
export const isParted = (style: HairStyle): boolean => style === 'braids' || style === 'cornrows';

/** Scalp area in cm²: adult from Robbins (500 to 700, from memory), child of eight an assumption of this project. */
export const SCALP_AREA_SQUARE_CENTIMETRES = { adult: 600, child: 450 } as const;

/**
 * A scalp area by age, in cm²: the child's figure up to 8 years, the adult's from 16, a straight line between.
 * @param ageYears 0 or more
 * @example scalpAreaAtAge(12) // 525
 */
export function scalpAreaAtAge(ageYears: number): number {
  const { adult, child } = SCALP_AREA_SQUARE_CENTIMETRES;
  const share = Math.min(1, Math.max(0, (ageYears - 8) / (16 - 8)));
  return child + share * (adult - child);
}

/** What a profile may hold. Outside these the model has nothing to say. Assumption of this project. */
export const PROFILE_LIMITS = {
  stretchedLengthCentimetres: { min: 1, max: 200 },
  strandDiameterMicrometres: { min: 40, max: 130 },
  circumferenceMillimetres: { min: 15, max: 220 },
  scalpAreaSquareCentimetres: { min: 250, max: 900 },
} as const;
