import type { LotState } from '../ingredient';
import type { PlaceKind, Stage } from '../shelf';

/** A line of which pieces are taken until only the thing itself is left. */
export interface Line {
  /** The first stretch that fits, taken out of the line. */
  take(pattern: RegExp): RegExpExecArray | undefined;
  /** What has not been taken. */
  rest(): string;
}
/** @param text one written line */
export function lineOf(text: string): Line {
  let rest = ` ${text} `;
  return {
    take(pattern) {
      const found = pattern.exec(rest);
      if (!found) return undefined;
      rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
      return found;
    },
    rest: () => rest.replace(/^[\s,;]+|[\s,;]+$/g, ''),
  };
}

/** How people say how ripe a fruit is. Common practice, no published source. */
export const STAGE_WORDS: readonly (readonly [RegExp, Stage])[] = [
  [/\b(?:rock[- ]?hard|hard|unripe|green|firm)\b/i, 'unripe'],
  [/\b(?:nearly ripe|nearly ready|nearly|almost ripe|almost ready|almost|giving)\b/i, 'nearly'],
  [/\b(?:overripe|very soft|very ripe|spotted|spotty|brown|black|blackened)\b/i, 'last-day'],
  [/\b(?:ripe|ready|soft|yellow)\b/i, 'ready'],
];

const IN_THE = String.raw`(?:(?:in|on|to|at)\s+)?(?:the\s+)?`;
/** Where a thing is put, by the kind of place. */
export const KIND_WORDS: readonly (readonly [RegExp, PlaceKind])[] = [
  [new RegExp(`\\b${IN_THE}(?:fridge|refrigerator)\\b`, 'i'), 'fridge'],
  [new RegExp(`\\b(?:${IN_THE}freezer|frozen)\\b`, 'i'), 'freezer'],
  [new RegExp(`\\b${IN_THE}(?:counter|shelf|bowl|box)\\b(?!\\s+of\\b)`, 'i'), 'counter'],
  [new RegExp(`\\b${IN_THE}(?:paper )?bag\\b(?!\\s+of\\b)`, 'i'), 'bag'],
  [new RegExp(`\\b${IN_THE}(?:roof|outside|balcony|porch)\\b`, 'i'), 'outside'],
];

export const STATE_WORDS: readonly (readonly [RegExp, LotState])[] = [
  [/\b(?:opened|open)\b/i, 'opened'],
  [
    /\b(?:cut|half used|leftover|left over|mashed|pur[ée]e[ds]?|pulp|flesh|peeled|pitted|stoned|sliced|chunks?|cubes?)\b/i,
    'cut',
  ],
  [/\b(?:cooked|home[- ]?made|made)\b/i, 'made'],
];

/** Whether a figure behind a count is of one or of all. */
export type Of = 'each' | 'together';
const OF_EACH = String.raw`each|apiece|a piece|per piece`;
const OF_ALL = String.raw`together|altogether|in all|for all|in total|total`;
const OF = `(?:\\s*(${OF_EACH}|${OF_ALL})\\b)?`;
const ofWord = (word: string | undefined): Of | undefined =>
  word === undefined ? undefined : new RegExp(`^(?:${OF_EACH})$`, 'i').test(word) ? 'each' : 'together';

const WITH_SIGN = new RegExp(`(?:\\b(for|at|à)\\s+)?[€$£]\\s*(\\d+(?:[.,]\\d{1,2})?)${OF}`, 'i');
const TWO_DECIMALS = new RegExp(
  `(?:\\b(for|at|à)\\s+)?\\b(\\d+[.,]\\d{2})\\s*(?:[€$£]|eur|usd|gbp)?(?=[\\s,;])(?!\\s*(?:g|kg|ml|cl|l|oz)\\b)${OF}`,
  'i',
);
/** Money in a line, and of what it is the price where the line tells: "for 4.20" is for all, "at 1.20" for one. */
export function takePrice(line: Line): { readonly price: number; readonly of?: Of } | undefined {
  const found = line.take(WITH_SIGN) ?? line.take(TWO_DECIMALS);
  if (!found) return undefined;
  const [, before, figure = '', after] = found;
  const of = ofWord(after) ?? (before === undefined ? undefined : /^for$/i.test(before) ? 'together' : 'each');
  return { price: Number(figure.replace(',', '.')), ...(of ? { of } : {}) };
}
/** A word left over that says of what the price is. */
export const takeOf = (line: Line): Of | undefined =>
  ofWord(line.take(new RegExp(`\\b(${OF_EACH}|${OF_ALL})\\b`, 'i'))?.[1]);

const WEIGHT = new RegExp(`\\b(?:of|à|at|@)?\\s*(\\d+(?:[.,]\\d+)?)\\s*(g|kg)\\b${OF}`, 'i');
/** A weight behind a count, in grams. Of one where nothing is said. */
export function takeWeight(line: Line): { readonly grams: number; readonly of: Of } | undefined {
  const found = line.take(WEIGHT);
  if (!found) return undefined;
  const [, figure = '', unit, after] = found;
  return {
    grams: Number(figure.replace(',', '.')) * (unit?.toLowerCase() === 'kg' ? 1000 : 1),
    of: ofWord(after) ?? 'each',
  };
}

const COUNTS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const countOf = (word: string): number =>
  /^an?$/i.test(word) ? 1 : COUNTS.indexOf(word.toLowerCase()) + 1 || Number(word);
const HOW_MANY = `\\d{1,2}|an?|${COUNTS.join('|')}`;
const PACKS = String.raw`jars?|bottles?|tubs?|packs?|packets?|tins?|cans?|cartons?|pots?|punnets?|sachets?|boxes|nets?|(?:box|bags?)(?=\s+of\b)`;
const SIZE = /(?<![\d.,])(\d+(?:[.,]\d+)?)\s*(g|kg|ml|cl|l|oz)\b/i;
const PACKED = new RegExp(`\\b(?:(${HOW_MANY})\\s+)?(?:${PACKS})\\b(?:\\s+of\\b)?`, 'i');
const TIMES = /(?<![\d.,])(\d{1,2})\s*[x×]\s*(?=\d)/i;
/** So many of a size: packs, or pieces where the thing comes in such and was written with a ×. */
export interface Packs {
  readonly packs: number;
  /** As it was written: "340 g"; empty where nothing was. */
  readonly size: string;
  readonly thing: string;
  readonly isTimes: boolean;
}
/**
 * "honey 340 g jar", "2 jars of honey 340 g", "2 × 340 g honey", "a box of 6 eggs": how many packs, of which size, and of what.
 */
export function takePacks(line: Line): Packs | undefined {
  const times = SIZE.test(line.rest()) ? line.take(TIMES) : undefined;
  const found = times ?? line.take(PACKED);
  if (!found) return undefined;
  const [size = ''] = line.take(SIZE) ?? [];
  return { packs: countOf(found[1] ?? '1'), size: size.trim(), thing: line.rest(), isTimes: times !== undefined };
}
