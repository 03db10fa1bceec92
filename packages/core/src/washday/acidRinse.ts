import { cannot } from '../message';
/** Acetic acid: grams a mole, and pKa (CRC Handbook, from memory). */
const ACETIC_GRAMS_PER_MOLE = 60.052;
export const ACETIC_PKA = 4.756;

/** Weaker than this does little, stronger stings. Assumption of this project, within 1:1 to 1:15 of household vinegar. */
export const RINSE_PERCENT = { least: 0.2, most: 2.5 } as const;

export interface AcidRinse {
  readonly vinegarMillilitres: number;
  readonly waterMillilitres: number;
  /** Acid in the rinse, % w/v. */
  readonly percent: number;
  /** Estimated, for the acid alone in pure water. */
  readonly estimatedPh: number;
}

/**
 * A rinse of vinegar and water.
 *
 * @param wantedMillilitres altogether, above 0
 * @param labelPercent acid on the label, % w/v, above 0 to 25
 * @param waterParts parts of water to one of vinegar, 0 or more
 * @throws RangeError outside those
 * @example acidRinse(400, 5, 3) // { vinegarMillilitres: 100, waterMillilitres: 300, percent: 1.25, estimatedPh: 2.7 }
 */
export function acidRinse(wantedMillilitres: number, labelPercent: number, waterParts: number): AcidRinse {
  if (!(wantedMillilitres > 0)) throw cannot('rinse-of-nothing');
  if (!(labelPercent > 0 && labelPercent <= 25)) throw cannot('acid-of-label');
  if (!(waterParts >= 0)) throw cannot('parts-of-water');
  const vinegarMillilitres = wantedMillilitres / (1 + waterParts);
  const percent = labelPercent / (1 + waterParts);
  return {
    vinegarMillilitres,
    waterMillilitres: wantedMillilitres - vinegarMillilitres,
    percent,
    estimatedPh: weakAcidPh(molarity(percent)),
  };
}

/** Moles of acetic acid in a litre. @param percent w/v @example molarity(5) // 0.83 */
export const molarity = (percent: number): number => (percent * 10) / ACETIC_GRAMS_PER_MOLE;

/** The ideal pH of a weak acid: ½(pKa − log₁₀ C), good while little of it is dissociated. @example weakAcidPh(molarity(5)) // 2.42 */
export const weakAcidPh = (molesPerLitre: number, pKa = ACETIC_PKA): number => (pKa - Math.log10(molesPerLitre)) / 2;
