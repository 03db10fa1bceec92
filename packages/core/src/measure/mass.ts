/** Grams in one of each unit. The avoirdupois pound is 453.59237 g exactly (NIST Handbook 44, appendix C). */
export const GRAMS_PER = { gram: 1, kilogram: 1000, ounce: 453.59237 / 16, pound: 453.59237 } as const;

export type MassUnit = keyof typeof GRAMS_PER;

/** A mass in grams. @example toGrams(2, 'ounce') // 56.69904625 */
export function toGrams(quantity: number, unit: MassUnit): number {
  return quantity * GRAMS_PER[unit];
}

/** How many of `unit` make up a mass in grams. @example fromGrams(1000, 'kilogram') // 1 */
export function fromGrams(grams: number, unit: MassUnit): number {
  return grams / GRAMS_PER[unit];
}
