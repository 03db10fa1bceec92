/** Centimetres in an inch, exact (NIST Handbook 44, appendix C). */
export const CENTIMETRES_PER_INCH = 2.54;

/** Centimetres to inches. @example centimetresToInches(50.8) // 20 */
export function centimetresToInches(centimetres: number): number {
  return centimetres / CENTIMETRES_PER_INCH;
}

/** Inches to centimetres. @example inchesToCentimetres(20) // 50.8 */
export function inchesToCentimetres(inches: number): number {
  return inches * CENTIMETRES_PER_INCH;
}
