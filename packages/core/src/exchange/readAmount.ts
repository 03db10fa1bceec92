import { parseIngredient } from 'parse-ingredient';
import {
  CENTIMETRES_PER_INCH,
  DROPS_PER_MILLILITRE,
  GRAMS_PER,
  MILLILITRES_PER,
  type MeasureSystem,
  type VolumeUnit,
} from '../measure';

/** An amount as it was written, in a unit that can be reckoned with. */
export interface WrittenAmount {
  readonly quantity: number;
  /** The upper end of a range: "2–3 tbsp". */
  readonly upTo?: number;
  readonly unit: AmountUnit;
  readonly isHeaped: boolean;
  /** Grams in brackets beside it: "1 avocado (180 g)". */
  readonly bracketGrams?: number;
  /** What is left of the line: the name and its adjectives. */
  readonly description: string;
}

export type AmountUnit =
  | { readonly kind: 'piece' }
  | { readonly kind: 'volume'; readonly millilitres: number; readonly name: string }
  | { readonly kind: 'mass'; readonly grams: number; readonly name: string }
  /** So long a piece of it: a leaf is cut by the length. */
  | { readonly kind: 'length'; readonly centimetres: number; readonly name: string }
  /** A measure that says too little to reckon with: a handful, a splash. */
  | { readonly kind: 'vague'; readonly name: string };

/** A heaped spoon holds about half as much again (common practice, no published source). */
export const HEAPED = 1.5;

/** A knob of butter in grams (common practice, no published source). */
export const KNOB_GRAMS = 15;

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  twelve: '12',
};
const numberWord = Object.keys(NUMBER_WORDS).join('|');

const VAGUE =
  'handful|hand|splash|dash of love|glug|drizzle|dollop|bunch|glass|bowl|mug|teacup|ladle|scoop|squeeze|sprinkle|spoonful|spoon|little bit|bit|few|some|little';

/** Spells out what people write in words, so that numbers and units stand where a reader of recipes looks for them. */
function spelledOut(line: string): string {
  return line
    .replace(/^[\s•*·–—\-▢☐]+/u, '')
    .replace(/[×✕]/g, 'x')
    .replace(/(\d)\s*[–—]\s*(\d)/g, '$1-$2')
    .replace(/\b0,(\d+)\b/g, '0.$1')
    .replace(/\b(\d+),(\d{1,2})\b(?!\d)/g, '$1.$2')
    .replace(/\bbetween\s+(\S+)\s+and\s+(\S+)/gi, '$1 to $2')
    .replace(/^(?:the|plus|and|also)\s+/i, '')
    .replace(/\bhalf a dozen\b/gi, '6')
    .replace(/\b(?:an?|one)\s+dozen\b/gi, '12')
    .replace(/\bhalf(?:\s+of)?\s+(?:an|a|one)\b/gi, '1/2')
    .replace(/\b(?:a|one)\s+half\b(?:\s+of)?(?:\s+(?:a|an)\b)?/gi, '1/2')
    .replace(/\b(?:a|one)\s+quarter\b(?:\s+of)?(?:\s+(?:a|an)\b)?|\bquarter(?:\s+of)?\s+(?:a|an)\b/gi, '1/4')
    .replace(/\b(?:three\s+quarters)\b(?:\s+of)?(?:\s+(?:a|an)\b)?/gi, '3/4')
    .replace(/\b(?:two\s+thirds)\b(?:\s+of)?(?:\s+(?:a|an)\b)?/gi, '2/3')
    .replace(/\b(?:a|one)\s+third\b(?:\s+of)?(?:\s+(?:a|an)\b)?/gi, '1/3')
    .replace(/\bhalf\b(?=\s+[a-z])/gi, '1/2')
    .replace(
      new RegExp(`\\b(${numberWord})\\s+and\\s+1/2\\b`, 'gi'),
      (_, word: string) => `${NUMBER_WORDS[word.toLowerCase()]} 1/2`,
    )
    .replace(/\b(\d+)\s+and\s+(?:a\s+)?(1\/[234])\b/gi, '$1 $2')
    .replace(new RegExp(`\\b(${numberWord})\\b`, 'gi'), (word) => NUMBER_WORDS[word.toLowerCase()] ?? word)
    .replace(/(\d)\s+(?:or|to)\s+(\d)/gi, '$1-$2')
    .replace(/\b(?:a )?couple(?: of)?\b/gi, '2')
    .replace(/\b(\d+)\s+dozen\b/gi, (_, n: string) => `${Number(n) * 12}`)
    .replace(/\bdozen\b/gi, '12')
    .replace(/^(?:about|approx\.?|approximately|roughly|around|ca\.?(?=[\s\d])|circa|~)\s*/i, '')
    .replace(/^(?:a|an)\s+/i, '1 ')
    .replace(/\b(juice|flesh|pulp|gel|yolks?|whites?)\s+(?:of|from)\s+(?:a|an)\s+/gi, '$1 of 1 ')
    .replace(/\b(?:tbs|tblsp|tbls|tbl|table\s?spoons?)\b\.?/gi, 'tbsp')
    .replace(/\b(?:tsps|tea\s?spoons?)\b\.?/gi, 'tsp')
    .replace(/(\d|[½¼¾⅓⅔])\s*T\b/g, '$1 tbsp')
    .replace(/(\d|[½¼¾⅓⅔])\s*t\b/g, '$1 tsp')
    .replace(/(\d|[½¼¾⅓⅔])\s*c\b\.?(?=\s)/g, '$1 cup')
    .replace(/\btablespoonfuls?\b/gi, 'tbsp')
    .replace(/\bteaspoonfuls?\b/gi, 'tsp')
    .replace(/\bcupfuls?\b/gi, 'cup')
    .replace(/\bc(?:enti)?l\b/g, 'cl')
    .replace(/\b(\d+(?:\.\d+)?)\s*cl\b/gi, (_, n: string) => `${Number(n) * 10} ml`)
    .replace(
      /\b(\d+)\s*x\s*(\d+(?:\.\d+)?)\s*(ml|g)\b/gi,
      (_, n: string, each: string, unit: string) => `${Number(n) * Number(each)} ${unit}`,
    )
    .replace(/\s+/g, ' ')
    .trim();
}

const HEAPED_WORD = /\b(heaped|heaping|rounded|generous|overflowing|big)\s+(?=(?:tbsp|tsp|cup|spoon|dessert))/i;
const LEVEL_WORD = /\b(level|scant|flat|small)\s+(?=(?:tbsp|tsp|cup|spoon|dessert))/i;

/**
 * Reads the amount at the start (or after the name) of a line. Numbers, ranges and units are read by parse-ingredient;
 * this spells out the words around them and turns units into grams and millilitres.
 *
 * @param system whose cups and spoons are meant where the line does not say
 * @returns undefined when the line names no amount
 */
export function readAmount(line: string, system: MeasureSystem): WrittenAmount | undefined {
  let text = spelledOut(line);
  const summed = readSum(text, system);
  if (summed) return summed;
  const isHeaped = HEAPED_WORD.test(text);
  text = text.replace(HEAPED_WORD, '').replace(LEVEL_WORD, '');

  const bracket = /\(\s*(?:about|approx\.?|ca\.?|~)?\s*(\d+(?:\.\d+)?)\s*(g|grams?|kg|ml|oz)\b[^)]*\)/i.exec(text);
  text = text
    .replace(/\([^)]*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const measured = bracket ? inBrackets(Number(bracket[1]), (bracket[2] ?? '').toLowerCase()) : {};

  // "juice of 1 lemon": the amount moves to the front, the words stay a name.
  text = text.replace(
    /^(juice|flesh|pulp|gel|yolks?|whites?|zest)\s+(?:of|from)\s+(\d[\d\s./-]*(?:(?:cm|g|ml|in(?:ch(?:es)?)?)\b)?)\s*/i,
    '$2 $1 of ',
  );
  // "Honey: 2 tbsp", "olive oil 30 ml", "avocado x 2".
  if (!/^[\d¼½¾⅓⅔⅛⅜⅝⅞.]/u.test(text)) {
    const behind = /^(.*?[a-z])\s*(?:[:–=-]|\bx)?\s*([\d¼½¾⅓⅔⅛⅜⅝⅞].*)$/iu.exec(text);
    if (behind) text = `${behind[2] ?? ''} ${behind[1] ?? ''}`;
  }
  const vague = new RegExp(`^(?:1 )?(?:good |small |big )?(${VAGUE})s?\\b(?: of)?\\s*`, 'i').exec(text);
  if (vague && !/^\d+\s*(?:tbsp|tsp)/.test(text))
    return {
      quantity: 1,
      unit: { kind: 'vague', name: (vague[1] ?? '').toLowerCase() },
      isHeaped,
      ...measured,
      description: text.slice(vague[0].length),
    };

  if (!/[\d¼½¾⅓⅔⅛⅜⅝⅞]/u.test(text)) return undefined;
  const [read] = parseIngredient(text, {
    normalizeUOM: true,
    additionalUOMs: OWN_UNITS,
    ignoreUOMs: PIECE_WORDS,
  });
  if (!read || read.quantity === null) return undefined;
  const unit = unitOf(read.unitOfMeasureID, system);
  const description = read.description.replace(/^of\s+/i, '');
  const several = new RegExp(`^(${VAGUE})s?\\b(?: of)?\\s*`, 'i').exec(description);
  if (unit.kind === 'piece' && several)
    return {
      quantity: read.quantity,
      unit: { kind: 'vague', name: (several[1] ?? '').toLowerCase() },
      isHeaped,
      ...measured,
      description: description.slice(several[0].length),
    };
  return {
    quantity: read.quantity,
    ...(read.quantity2 === null ? {} : { upTo: read.quantity2 }),
    unit,
    isHeaped,
    ...measured,
    description,
  };
}

/** Stands for the name where only an amount was written. */
const PLACEHOLDER = 'zz';

/** "1 tbsp plus 1 tsp honey": two volumes or two weights are one amount. */
function readSum(spelled: string, system: MeasureSystem): WrittenAmount | undefined {
  const sides = /^(.*?\d.*?)\s+(?:plus|\+|and)\s+(\d.*)$/i.exec(spelled);
  if (!sides) return undefined;
  const first = readAmount(`${sides[1] ?? ''} ${PLACEHOLDER}`, system);
  const second = readAmount(sides[2] ?? '', system);
  if (!first || !second || first.description.trim() !== PLACEHOLDER) return undefined;
  const { unit } = first;
  if (unit.kind === 'volume' && second.unit.kind === 'volume')
    return {
      ...second,
      quantity: 1,
      unit: {
        kind: 'volume',
        millilitres: first.quantity * unit.millilitres + second.quantity * second.unit.millilitres,
        name: `${first.quantity} ${unit.name} + ${second.quantity} ${second.unit.name}`,
      },
    };
  if (unit.kind === 'mass' && second.unit.kind === 'mass')
    return {
      ...second,
      quantity: 1,
      unit: { kind: 'mass', grams: first.quantity * unit.grams + second.quantity * second.unit.grams, name: 'g' },
    };
  return undefined;
}

function inBrackets(quantity: number, unit: string): { bracketGrams?: number } {
  if (unit === 'kg') return { bracketGrams: quantity * 1000 };
  if (unit === 'oz') return { bracketGrams: quantity * GRAMS_PER.ounce };
  return unit === 'ml' ? {} : { bracketGrams: quantity };
}

/** Words that others take for units and that belong to a piece here. */
const PIECE_WORDS = ['small', 'medium', 'large', 'whole', 'piece', 'leaf', 'pod', 'stem', 'head', 'sprig'];

const own = (short: string, plural: string, alternates: string[] = []) => ({ short, plural, alternates });
/** Units of a kitchen that a general reader of recipes may not know. */
const OWN_UNITS = {
  dessertspoon: own('dsp', 'dessertspoons', ['dessert spoon', 'dessert spoons', 'dstspn']),
  drop: own('drop', 'drops', ['gtt']),
  pinch: own('pinch', 'pinches'),
  dash: own('dash', 'dashes'),
  knob: own('knob', 'knobs'),
};

/** A liquid pint, mL: NIST Handbook 44, Appendix C, and the Weights and Measures Act 1985, Schedule 1. */
const US_PINT = 473.176473;
const UK_PINT = 568.26125;
/** A dessertspoon: 10 mL (common practice, no published source). */
const DESSERTSPOON_MILLILITRES = 10;

function unitOf(id: string | null, system: MeasureSystem): AmountUnit {
  const volume = (unit: VolumeUnit, name: string): AmountUnit => ({
    kind: 'volume',
    millilitres: MILLILITRES_PER[unit],
    name,
  });
  const spoons = system === 'us' ? 'us' : 'metric';
  switch (id) {
    case null:
      return { kind: 'piece' };
    case 'teaspoon':
      return volume(`${spoons}-teaspoon`, 'tsp');
    case 'tablespoon':
      return volume(`${spoons}-tablespoon`, 'tbsp');
    case 'dessertspoon':
      return { kind: 'volume', millilitres: DESSERTSPOON_MILLILITRES, name: 'dessertspoon' };
    case 'cup':
      return volume(system === 'us' ? 'us-cup' : system === 'uk' ? 'uk-cup' : 'metric-cup', 'cup');
    case 'fluid ounce':
      return volume(system === 'us' ? 'us-fluid-ounce' : 'uk-fluid-ounce', 'fl oz');
    case 'milliliter':
      return volume('millilitre', 'mL');
    case 'deciliter':
      return { kind: 'volume', millilitres: 100, name: 'dL' };
    case 'liter':
      return volume('litre', 'L');
    case 'pint':
      return { kind: 'volume', millilitres: system === 'us' ? US_PINT : UK_PINT, name: 'pint' };
    case 'pinch':
      return volume('pinch', 'pinch');
    case 'dash':
      return volume('dash', 'dash');
    case 'drop':
      return { kind: 'volume', millilitres: 1 / DROPS_PER_MILLILITRE, name: 'drops' };
    case 'gram':
      return { kind: 'mass', grams: 1, name: 'g' };
    case 'kilogram':
      return { kind: 'mass', grams: GRAMS_PER.kilogram, name: 'kg' };
    case 'ounce':
      return { kind: 'mass', grams: GRAMS_PER.ounce, name: 'oz' };
    case 'pound':
      return { kind: 'mass', grams: GRAMS_PER.pound, name: 'lb' };
    case 'centimeter':
      return { kind: 'length', centimetres: 1, name: 'cm' };
    case 'inch':
      return { kind: 'length', centimetres: CENTIMETRES_PER_INCH, name: 'in' };
    case 'knob':
      return { kind: 'mass', grams: KNOB_GRAMS, name: 'knob' };
    default:
      return { kind: 'vague', name: id };
  }
}
