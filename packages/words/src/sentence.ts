import { kitchenRound, SPOON_SETS, type Spoon } from '@amber-ladle/core/measure';
import {
  MESSAGES,
  type AmountValue,
  type Message,
  type MessageId,
  type ParamKind,
  type ParamValue,
  type TimedValue,
} from '@amber-ladle/core/message';
import { IntlMessageFormat } from 'intl-messageformat';
import { namesItself, writeAmount } from './amount';
import { ENGLISH } from './en';
import { americanised } from './enUS';
import { writeLength, writeOven, type Written } from './units';

/** How the reader wants things written. */
export interface Reader extends Pick<Written, 'locale' | 'lengthIn' | 'warmthIn'> {
  /** The owner's spoons; amounts in sentences are broken down into them. */
  readonly spoons: readonly Spoon[];
}

/** Until a household has said otherwise. */
export const USUAL_READER: Reader = { locale: 'en-GB', lengthIn: 'cm', warmthIn: '°C', spoons: SPOON_SETS.us };

/** The sentences of each language there is, by its tag; a tag with a country goes before the language alone. */
const LANGUAGES: Readonly<Record<string, Readonly<Record<MessageId, string>>>> = {
  en: ENGLISH,
  'en-US': americanised(ENGLISH),
};
/** Those of a reader; English for one whose language is not here. */
const sentencesFor = (locale: string): Readonly<Record<MessageId, string>> =>
  LANGUAGES[locale] ?? LANGUAGES[new Intl.Locale(locale).language] ?? ENGLISH;

const patterns = new Map<string, IntlMessageFormat>();
function patternOf(id: MessageId, locale: string): IntlMessageFormat {
  const key = `${locale} ${id}`;
  const known = patterns.get(key);
  if (known) return known;
  const pattern = new IntlMessageFormat(sentencesFor(locale)[id], locale, undefined, { ignoreTag: true });
  patterns.set(key, pattern);
  return pattern;
}

const lists = new Map<string, Intl.ListFormat>();
/** Words in a row: "avocado, honey and oats". */
export function listed(
  words: readonly string[],
  locale = USUAL_READER.locale,
  type: Intl.ListFormatType = 'conjunction',
): string {
  const key = `${locale} ${type}`;
  const known = lists.get(key) ?? new Intl.ListFormat(locale, { style: 'long', type });
  lists.set(key, known);
  return known.format(words);
}

/** A thing's name in the middle of a sentence; English writes it small. */
const inSentence = (name: string, locale: string): string => (locale.startsWith('en') ? name.toLowerCase() : name);

function amountWords(amount: AmountValue, { locale, spoons }: Reader): string {
  const name = namesItself(amount) && amount.measuredBy === 'piece' ? '' : inSentence(amount.name, locale);
  const beside = amount.measuredBy === 'weight' ? '' : ` (${kitchenRound(amount.grams)} g)`;
  return `${[writeAmount(amount, spoons), name].filter(Boolean).join(' ')}${beside}`;
}

const hoursWords = (hours: number): string => (hours === 1 ? '1 hour' : `${kitchenRound(hours)} hours`);

/** What a parameter comes to in a sentence, by its kind. */
const WRITERS = {
  text: (value: string) => value,
  number: (value: number) => value,
  measure: (value: number, { locale }: Reader) => new Intl.NumberFormat(locale).format(kitchenRound(value)),
  length: (value: number, reader: Reader) => writeLength(value, reader),
  oven: (value: number, reader: Reader) => writeOven(value, reader),
  name: (value: string, { locale }: Reader) => inSentence(value, locale),
  names: (value: readonly string[], { locale }: Reader) =>
    listed(
      value.map((name) => inSentence(name, locale)),
      locale,
    ),
  titles: (value: readonly string[], { locale }: Reader) =>
    listed(
      value.map((title) => `“${title}”`),
      locale,
    ),
  list: (value: readonly string[], { locale }: Reader) => listed(value, locale, 'unit'),
  amounts: (value: readonly AmountValue[], reader: Reader) => value.map((one) => amountWords(one, reader)).join('; '),
  timed: (value: readonly TimedValue[], { locale }: Reader) =>
    listed(
      value.map(({ name, hours }) => `${inSentence(name, locale)} (${hoursWords(hours)})`),
      locale,
    ),
  message: (value: Message, reader: Reader): string => sentenceOf(value, reader),
  messages: (value: readonly Message[], reader: Reader): string => {
    const all = value.map((one) => sentenceOf(one, reader));
    return all.every((one) => one.endsWith('.')) ? all.join(' ') : listed(all, reader.locale);
  },
} as const;

function written(kind: ParamKind, value: ParamValue | undefined, reader: Reader): string | number {
  if (value === undefined) return '';
  const write = WRITERS[kind] as (value: ParamValue, reader: Reader) => string | number;
  return write(value, reader);
}

const KINDS = new Map<string, Readonly<Record<string, ParamKind>>>(Object.entries(MESSAGES));

/**
 * The sentence of a message. One that this version does not know any more, as an old record may hold, is told as that.
 * @example sentenceOf(message('handling.blend-limit', { minutes: 2 })) // 'Blend a minute, 2 at the most: longer warms it.'
 */
export function sentenceOf({ id, params }: Message, reader: Reader = USUAL_READER): string {
  const kinds = KINDS.get(id);
  if (!kinds) return `(${id})`;
  const values = Object.fromEntries(
    Object.entries(kinds).map(([name, kind]) => [name, written(kind, params[name], reader)]),
  );
  const text = String(patternOf(id, reader.locale).format(values));
  // What ends in a full stop is a sentence of its own; the rest stands within one.
  return ENGLISH[id].endsWith('.') ? capital(text) : text;
}

/** Several messages, one after the other. */
export const sentencesOf = (messages: readonly Message[], reader: Reader = USUAL_READER): string =>
  messages.map((one) => sentenceOf(one, reader)).join(' ');

/** @example capital('two eggs') // 'Two eggs' */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
