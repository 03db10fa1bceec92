import { CENTIMETRES_PER_INCH, inUnit } from '@amber-ladle/core/measure';

/** What a household measures in, and how it writes numbers. */
export interface Written {
  /** BCP 47 name. */
  readonly locale: string;
  /** What hair is measured in. */
  readonly lengthIn: 'cm' | 'in';
  /** What thermometers show. */
  readonly warmthIn: '°C' | '°F';
  /** ISO 4217 name; empty where prices are numbers alone. */
  readonly currency: string;
}

const number = (value: number, digits: number, locale: string): string =>
  new Intl.NumberFormat(locale, { maximumFractionDigits: digits, signDisplay: 'negative' })
    .format(value)
    .replace('-', '−');

/** As near as hair is measured, cm: a whole centimetre, half an inch. */
const NEAREST = { cm: 1, in: CENTIMETRES_PER_INCH / 2 } as const;

/**
 * A length of so many steps, each as near as hair is measured, from another on; without steps the nearest there is.
 * @param centimetres of which it goes on
 * @example stepLength(33, 'cm', 1) // 34
 * @example stepLength(33, 'in', 1) // 34.29, 13½ inches
 */
export const stepLength = (centimetres: number, lengthIn: Written['lengthIn'], steps = 0): number =>
  Math.round((Math.round(centimetres / NEAREST[lengthIn]) + steps) * NEAREST[lengthIn] * 1e4) / 1e4;

/**
 * A length of hair: whole centimetres as they are, inches to the half.
 * @example writeLength(33, { locale: 'en-US', lengthIn: 'in' }) // '13 in'
 * @example writeLength(33, { locale: 'en-GB', lengthIn: 'cm' }) // '33 cm'
 */
export function writeLength(centimetres: number, { locale, lengthIn }: Pick<Written, 'locale' | 'lengthIn'>): string {
  return `${number(lengthShown(centimetres, lengthIn), 1, locale)} ${lengthIn}`;
}
const lengthShown = (centimetres: number, lengthIn: Written['lengthIn']): number =>
  lengthIn === 'cm' ? centimetres : inUnit(stepLength(centimetres, lengthIn), 'cm', lengthIn);

/** The same as it is said aloud. @example lengthAloud(33, { locale: 'en-US', lengthIn: 'in' }) // '13 inches' */
export const lengthAloud = (centimetres: number, { locale, lengthIn }: Pick<Written, 'locale' | 'lengthIn'>): string =>
  new Intl.NumberFormat(locale, {
    style: 'unit',
    unit: lengthIn === 'cm' ? 'centimeter' : 'inch',
    unitDisplay: 'long',
    maximumFractionDigits: 1,
  }).format(lengthShown(centimetres, lengthIn));

/** A small length to the hundredth: what grows in a month, a trim, a ruler on a plate. Half an inch would be none of it or all. @example writeSmallLength(1.25, …) // '1.25 cm' */
export const writeSmallLength = (
  centimetres: number,
  { locale, lengthIn }: Pick<Written, 'locale' | 'lengthIn'>,
): string => `${number(inUnit(centimetres, 'cm', lengthIn), 2, locale)} ${lengthIn}`;

/**
 * How warm it is: to a tenth of a degree Celsius as thermometers show it, to a whole one of Fahrenheit.
 * @example writeWarmth(-18, { locale: 'en-GB', warmthIn: '°C' }) // '−18 °C'
 * @example writeWarmth(5, { locale: 'en-US', warmthIn: '°F' }) // '41 °F'
 */
export const writeWarmth = (celsius: number, { locale, warmthIn }: Pick<Written, 'locale' | 'warmthIn'>): string =>
  `${number(inUnit(celsius, '°C', warmthIn), warmthIn === '°C' ? 1 : 0, locale)} ${warmthIn}`;

/** What an oven can be set to, in degrees of its own dial. */
const DIAL = { '°C': 10, '°F': 25 } as const;

/**
 * How hot an oven is set: to the mark of its dial that is nearest.
 * @example writeOven(200, { locale: 'en-US', warmthIn: '°F' }) // '400 °F'
 */
export function writeOven(celsius: number, { locale, warmthIn }: Pick<Written, 'locale' | 'warmthIn'>): string {
  const mark = DIAL[warmthIn];
  return `${number(Math.round(inUnit(celsius, '°C', warmthIn) / mark) * mark, 0, locale)} ${warmthIn}`;
}

/**
 * An amount of money in the household's currency; a number alone where it named none.
 * @example writeMoney(3.5, { locale: 'en-GB', currency: 'GBP' }) // '£3.50'
 */
export const writeMoney = (amount: number, { locale, currency }: Pick<Written, 'locale' | 'currency'>): string =>
  new Intl.NumberFormat(
    locale,
    currency === ''
      ? { minimumFractionDigits: 2, maximumFractionDigits: 2 }
      : { style: 'currency', currency, currencyDisplay: 'narrowSymbol' },
  ).format(amount);
