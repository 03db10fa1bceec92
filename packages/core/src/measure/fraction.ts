import Fraction from 'fraction.js';

/** The fractions a cook has marks and spoons for, with the sign that writes each. */
const SIGNS = new Map([
  ['1/8', '⅛'],
  ['1/4', '¼'],
  ['1/3', '⅓'],
  ['3/8', '⅜'],
  ['1/2', '½'],
  ['5/8', '⅝'],
  ['2/3', '⅔'],
  ['3/4', '¾'],
  ['7/8', '⅞'],
]);

const COOKS_FRACTIONS = [0, 1 / 8, 1 / 4, 1 / 3, 3 / 8, 1 / 2, 5 / 8, 2 / 3, 3 / 4, 7 / 8, 1];

/**
 * The nearest value that a cook can write: a whole number and one of ⅛ ¼ ⅓ ⅜ ½ ⅝ ⅔ ¾ ⅞.
 * @param value 0 or more
 * @example nearestCooksFraction(1.31) // 1.3333…
 */
export function nearestCooksFraction(value: number): number {
  const whole = Math.floor(value);
  const rest = value - whole;
  const nearest = COOKS_FRACTIONS.reduce((best, candidate) =>
    Math.abs(candidate - rest) < Math.abs(best - rest) ? candidate : best,
  );
  return whole + nearest;
}

/**
 * Writes a quantity as a cook would, rounded to the nearest cook's fraction.
 * @param value 0 or more
 * @example writeFraction(1.25) // '1¼'
 * @example writeFraction(0.6667) // '⅔'
 */
export function writeFraction(value: number): string {
  const rounded = nearestCooksFraction(value);
  const whole = Math.floor(rounded + 1e-9);
  const rest = rounded - whole;
  if (rest < 1e-9) return String(whole);
  const sign = SIGNS.get(new Fraction(rest).simplify(1e-6).toFraction()) ?? '';
  return whole === 0 ? sign : `${whole}${sign}`;
}

const VALUE_OF_SIGN = new Map([...SIGNS].map(([text, sign]) => [sign, new Fraction(text).valueOf()]));

/**
 * Reads a quantity as people write it: `1½`, `1 1/2`, `⅔`, `2.5`, `2,5`.
 * @returns the value, or undefined when the text is not one quantity
 * @example readFraction('1 1/2') // 1.5
 */
export function readFraction(text: string): number | undefined {
  const trimmed = text.trim().replace('⁄', '/');
  const withSign = /^(\d*)\s*([⅛¼⅓⅜½⅝⅔¾⅞])$/u.exec(trimmed);
  if (withSign) return Number(withSign[1] || 0) + (VALUE_OF_SIGN.get(withSign[2] ?? '') ?? 0);
  const mixed = /^(?:(\d+)\s+)?(\d+)\s*\/\s*([1-9]\d*)$/.exec(trimmed);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return /^\d+(?:[.,]\d+)?$/.test(trimmed) ? Number(trimmed.replace(',', '.')) : undefined;
}
