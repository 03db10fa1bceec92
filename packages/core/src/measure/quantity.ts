import { readFraction } from './fraction';
import { CENTIMETRES_PER_INCH } from './length';
import { GRAMS_PER } from './mass';
import { MILLILITRES_PER } from './volume';

/**
 * The number that somebody wrote, as digits with a point or a comma before the decimals or as a cook's fraction. "1,250" may be
 * a thousand or a little over one, so it is none.
 * @returns NaN for anything else
 * @example readNumber('12,5') // 12.5
 * @example readNumber('1½') // 1.5
 */
export function readNumber(written: string): number {
  const text = written.trim().replace('−', '-');
  const isBelowZero = text.startsWith('-');
  const size = (isBelowZero ? text.slice(1) : text).trim();
  if (/^[1-9]\d{0,2},\d{3}$/.test(size)) return NaN;
  const value = /^(?:\d*[.,])?\d+$|^\d+[.,]$/.test(size) ? Number(size.replace(',', '.')) : readFraction(size);
  return value === undefined ? NaN : isBelowZero ? -value : value;
}

/** Units that stand for each other, each as so many of the smallest. */
const LENGTHS = { mm: 0.1, cm: 1, m: 100, in: CENTIMETRES_PER_INCH } as const;
const MASSES = { g: GRAMS_PER.gram, kg: GRAMS_PER.kilogram, oz: GRAMS_PER.ounce, lb: GRAMS_PER.pound } as const;
const VOLUMES = { mL: MILLILITRES_PER.millilitre, cL: 10, dL: 100, L: MILLILITRES_PER.litre } as const;
/** Of these no one is so many of the other. */
const DEGREES: readonly string[] = ['°C', '°F'];
const FAMILIES: readonly Readonly<Record<string, number>>[] = [LENGTHS, MASSES, VOLUMES];

/** How people write a unit, small and without a full stop, by the unit meant. Cups, spoons and fluid ounces are not among them: whose? */
const SPELLINGS: Readonly<Record<string, readonly string[]>> = {
  mm: ['mm', 'millimetre', 'millimeter'],
  cm: ['cm', 'centimetre', 'centimeter'],
  m: ['m', 'metre', 'meter'],
  in: ['in', 'inch', 'inche', '"', '″', '”'],
  g: ['g', 'gr', 'gram', 'gramme'],
  kg: ['kg', 'kilo', 'kilogram'],
  oz: ['oz', 'ounce'],
  lb: ['lb', 'pound'],
  mL: ['ml', 'millilitre', 'milliliter'],
  cL: ['cl', 'centilitre', 'centiliter'],
  dL: ['dl', 'decilitre', 'deciliter'],
  L: ['l', 'litre', 'liter'],
  '°C': ['°c', 'c', 'celsius'],
  '°F': ['°f', 'f', 'fahrenheit'],
};
const UNIT_OF: ReadonlyMap<string, string> = new Map(
  Object.entries(SPELLINGS).flatMap(([unit, spellings]) => spellings.map((one): [string, string] => [one, unit])),
);

/** Degrees of whichever scale is asked for. */
const OF_EITHER = ['°', 'degree', 'degrees'];

/** The unit that a word means; the word itself where none of ours is. */
function unitIn(word: string): string {
  const plain = word.toLowerCase().replace(/\.$/, '');
  return UNIT_OF.get(plain) ?? UNIT_OF.get(plain.replace(/s$/, '')) ?? word;
}

/** Units that a quantity in a unit may be written in instead, that one first. @example unitsFor('cm') // ['cm', 'mm', 'm', 'in'] */
export function unitsFor(unit: string): readonly string[] {
  const family = FAMILIES.find((one) => unit in one);
  const others = family ? Object.keys(family) : DEGREES.includes(unit) ? DEGREES : [];
  return [unit, ...others.filter((one) => one !== unit)];
}

/** Rounded, so that no digit is told that the conversion made up. */
const LAST_PLACE = 1e4;
const rounded = (value: number): number => Math.round(value * LAST_PLACE) / LAST_PLACE;

/**
 * A quantity in another unit of its kind. Inch and pound are exact (NIST Handbook 44, appendix C).
 * @param from such as `cm`, `g`, `mL`, `°C`
 * @returns NaN where the units are not of one kind
 * @example inUnit(45.72, 'cm', 'in') // 18
 * @example inUnit(20, '°C', '°F') // 68
 */
export function inUnit(value: number, from: string, into: string): number {
  if (from === into) return value;
  if (from === '°F' && into === '°C') return rounded(((value - 32) * 5) / 9);
  if (from === '°C' && into === '°F') return rounded((value * 9) / 5 + 32);
  const family = FAMILIES.find((one) => into in one);
  const [of, to] = [family?.[from], family?.[into]];
  return of === undefined || to === undefined ? NaN : rounded((value * of) / to);
}

/**
 * A quantity as somebody wrote it, in the unit that is wanted: a number alone, or with that unit, or with another that is
 * turned into it.
 * @param unit such as `cm`, `g`, `mL`, `°C`; any other takes a number alone, or with that very word
 * @param usual what a number alone is in, where that is another
 * @returns NaN for what is no number, or in a unit that does not fit
 * @example readQuantity('18 in', 'cm') // 45.72
 * @example readQuantity('18', 'cm', 'in') // 45.72
 * @example readQuantity('68 °F', '°C') // 20
 * @example readQuantity('2 oz', 'cm') // NaN
 */
export function readQuantity(written: string, unit: string, usual = unit): number {
  const [, number = '', word = ''] = /^([-−]?\s*[\d.,/⁄\s⅛¼⅓⅜½⅝⅔¾⅞]*)(.*)$/u.exec(written.trim()) ?? [];
  const value = readNumber(number);
  const said = word.trim();
  const isBare = said === '' || (DEGREES.includes(unit) && OF_EITHER.includes(said.toLowerCase()));
  if (isBare) return inUnit(value, usual, unit);
  if (said === unit) return value;
  return inUnit(value, unitIn(said), unit);
}
