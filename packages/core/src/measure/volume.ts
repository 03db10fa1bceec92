/**
 * Millilitres in one of each kitchen unit.
 *
 * US customary: NIST Handbook 44, appendix C (exact: 1 US gallon is 231 cubic inches).
 * Metric kitchen spoons and cup: 5, 15 and 250 mL by convention.
 * UK: the imperial fluid ounce (28.4130625 mL) and half-pint cup; spoons there are metric today.
 * Pinch and dash: 1/16 and 1/8 of a US teaspoon (common practice, no published source).
 */
export const MILLILITRES_PER = {
  millilitre: 1,
  litre: 1000,
  'us-teaspoon': 4.92892159375,
  'us-tablespoon': 14.78676478125,
  'us-fluid-ounce': 29.5735295625,
  'us-cup': 236.5882365,
  'metric-teaspoon': 5,
  'metric-tablespoon': 15,
  'metric-cup': 250,
  'uk-fluid-ounce': 28.4130625,
  'uk-cup': 284.130625,
  pinch: 4.92892159375 / 16,
  dash: 4.92892159375 / 8,
} as const;

export type VolumeUnit = keyof typeof MILLILITRES_PER;

/**
 * A volume in millilitres.
 * @param quantity how many of `unit`, any finite number
 * @example toMillilitres(2, 'us-tablespoon') // 29.5735295625
 */
export function toMillilitres(quantity: number, unit: VolumeUnit): number {
  return quantity * MILLILITRES_PER[unit];
}

/**
 * How many of `unit` make up a volume.
 * @param millilitres any finite number
 * @example fromMillilitres(250, 'metric-cup') // 1
 */
export function fromMillilitres(millilitres: number, unit: VolumeUnit): number {
  return millilitres / MILLILITRES_PER[unit];
}
