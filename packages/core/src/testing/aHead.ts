import type { HairProfile } from '../hair';

/** A plain head for tests: medium hair of 40 cm in long layers on an adult, worn loose. */
export function aProfile(change: Partial<HairProfile> = {}): HairProfile {
  return {
    amount: { kind: 'density', density: 'medium' },
    strandDiameterMicrometres: 70,
    stretchedLengthCentimetres: 40,
    evenness: 'long-layers',
    scalpAreaSquareCentimetres: 600,
    style: 'loose',
    ...change,
  };
}

/** An adult without sensitive skin. */
export const anAdult = { ageYears: 30, sensitiveSkin: false } as const;
