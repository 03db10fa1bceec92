import {
  ingredientById,
  usableGrams,
  type Catalogue,
  type Ingredient,
  type LotState,
  type Prepared,
} from '../ingredient';
import type { MeasureSystem } from '../measure';
import { message, type Message } from '../message';
import { usualPlace, type Place, type Stage } from '../shelf';
import { addDays, localDay, startOfDay, weekdayOf } from '../time';
import { lexiconOf, readLine, type DraftLine, type DraftQuestion } from './formula';
import {
  KIND_WORDS,
  lineOf,
  STATE_WORDS,
  STAGE_WORDS,
  takeOf,
  takePacks,
  takePrice,
  takeWeight,
  type Line,
  type Packs,
} from './quickWords';

/** Why a line of shopping must be looked at before it counts. */
export type LotQuestion = DraftQuestion | 'each-or-together' | 'cooked-or-dry';

/** What one written line of shopping comes to. */
export interface LotDraft {
  readonly text: string;
  readonly ingredientId?: string;
  readonly candidates: readonly string[];
  readonly state: LotState;
  /** Usable grams altogether; of the raw thing, grams as it is. */
  readonly grams?: number;
  /** Usable grams of one piece. */
  readonly pieceGrams?: number;
  readonly stage?: Stage;
  readonly placeId: string;
  /** ISO 8601. */
  readonly since: string;
  /** For all of it, once it is known that it is. */
  readonly price?: number;
  /** How many pieces or packs a price was written for. */
  readonly count?: number;
  /** It comes in pieces: how many there are answers as well as how much. */
  readonly isCounted?: boolean;
  /** So many packs were named, and not how much is in them. */
  readonly packs?: number;
  readonly assumed: readonly Message[];
  readonly questions: readonly LotQuestion[];
  readonly unknownWords: readonly string[];
}

export interface ReadLotOptions {
  readonly system: MeasureSystem;
  readonly places: readonly Place[];
  readonly timeZone: string;
  /** ISO 8601. */
  readonly now: string;
}

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

/**
 * Reads "3 hard avocados 180 g today 4.20 each fridge" or "honey 340 g jar": how many, what, how ripe, what each weighs, when, for how
 * much and where, in any order. What is not understood is asked about.
 *
 * A weight in grams after a count is that of each piece, with its peel, unless it is said to be of all together; "500 g papaya" is what the
 * shop weighed, peel and all, unless it is cut, made or frozen. Money is a number with
 * a sign of money or with two decimals; of several things it is asked whether it is for each.
 *
 * @throws nothing: what cannot be read is a question
 * @example
 * const options = { system: 'us', places, timeZone: 'UTC', now: '2026-03-14T09:00:00Z' };
 * readLot('2 jars of honey 340 g', CATALOGUE, options).grams // 680
 * @example
 * const options = { system: 'us', places, timeZone: 'UTC', now: '2026-03-14T09:00:00Z' };
 * readLot('500 g papaya', CATALOGUE, options).grams // 310: without its peel and seeds
 */
export function readLot(
  text: string,
  catalogue: Catalogue,
  { system, places, timeZone, now }: ReadLotOptions,
  lexicon = lexiconOf(catalogue),
): LotDraft {
  const line = lineOf(text.slice(0, 200));
  const since = dayIn(line, timeZone, now);
  const money = takePrice(line);
  const named = [...places]
    .sort((a, b) => b.name.length - a.name.length)
    .find(({ name }) => line.take(new RegExp(`\\b(?:(?:in|on|to)\\s+(?:the\\s+)?)?${escaped(name)}\\b`, 'i')));
  const place = named ?? byKind(line, places);
  const said = STATE_WORDS.find(([pattern]) => line.take(pattern))?.[1];
  const read = (words: string): DraftLine => readLine(words, catalogue, system, lexicon);
  const sized = takePacks(line);
  const counts = sized && asPieces(sized, read);
  const packed = counts ? undefined : sized;
  // "3 avocados 180 g": a weight behind a count is that of each.
  const counted =
    !packed &&
    /^(?:an?\s|\d|half|one|two|three|four|five|six|[¼½¾⅓⅔])/i.test(line.rest()) &&
    !/^\d+(?:[.,]\d+)?\s*(?:g|kg|ml|cl|l|oz)\b/i.test(line.rest());
  const weight = counts?.weight ?? (counted ? takeWeight(line) : undefined);
  const priceOf = money?.of ?? takeOf(line);

  const { reading, stage } = counts ?? readThing(packed ? `${packed.size} ${packed.thing}`.trim() : line.rest(), read);
  const row = reading.ingredientId ? ingredientById(catalogue, reading.ingredientId) : undefined;
  const raw = rawGramsIn(reading.assumed);
  const isRaw = raw !== undefined;
  const state = isRaw ? 'raw' : row ? stateOf(row, said, text, packed !== undefined) : (said ?? 'whole');
  // "Cooked rice" is neither the dry grain nor yet the cream.
  const isUnclear = isRaw && said === 'made';
  const base = {
    text,
    candidates: reading.candidates,
    state,
    placeId: place?.id ?? (row ? usualPlace(row, state, places) : (places[0]?.id ?? '')),
    since,
    questions: isUnclear ? ([...reading.questions, 'cooked-or-dry'] as const) : reading.questions,
    unknownWords: reading.unknownWords,
  };
  if (!row) return { ...base, ...(money ? { price: money.price } : {}), assumed: [] };
  const { pieces } = row;
  const isByPiece = pieces !== undefined && reading.measuredBy === 'piece';
  const count = (packed?.packs ?? 1) * (isByPiece ? (reading.amount?.quantity ?? 1) : 1);
  /** A price is of a pack, where there are packs. */
  const priced = packed?.packs ?? count;
  const assumed: Message[] = [];
  let grams = times(raw ?? reading.grams, packed?.packs ?? 1);
  let pieceGrams: number | undefined;
  if (isByPiece && grams !== undefined && !isRaw) {
    pieceGrams = grams / Math.max(1e-9, count);
    if (weight) {
      const whole = weight.of === 'each' ? weight.grams : weight.grams / count;
      pieceGrams = usableGrams(whole, pieces.refuseShare);
      assumed.push(message('read.each-whole', { grams: whole }));
    } else assumed.push(...reading.assumed);
    grams = count * pieceGrams;
    if (!Number.isInteger(count)) pieceGrams = undefined;
  } else if (grams !== undefined && isAsBought(row, reading, state, place)) {
    assumed.push(...reading.assumed, message('read.all-whole', { grams }));
    grams = usableGrams(grams, pieces?.refuseShare ?? 0);
  } else assumed.push(...reading.assumed);
  const isPart = state === 'whole' && isByPiece && pieceGrams === undefined;
  const ripens = row.ripening !== undefined && state === 'whole' && !isPart;
  const isAsked = money !== undefined && priceOf === undefined && priced > 1;
  return {
    ...base,
    ingredientId: row.id,
    state: isPart ? 'cut' : state,
    ...(isPart && !place ? { placeId: usualPlace(row, 'cut', places) } : {}),
    ...(grams === undefined ? {} : { grams }),
    ...(pieceGrams === undefined || state !== 'whole' ? {} : { pieceGrams }),
    ...(ripens ? { stage: stage ?? 'unripe' } : {}),
    ...(money ? { price: priceOf === 'each' ? hundredths(money.price * priced) : money.price, count: priced } : {}),
    ...(isByPiece || (pieces && reading.grams === undefined) ? { isCounted: true } : {}),
    ...(packed && grams === undefined ? { packs: packed.packs } : {}),
    questions: isAsked ? [...base.questions, 'each-or-together'] : base.questions,
    assumed,
  };
}

/** What names the thing itself where a row knows of what it comes from as well: lemons and their juice, a leaf and its gel. */
const PRODUCT: Partial<Record<Prepared, RegExp>> = { press: /\bjuiced?\b/i, fillet: /\bgel\b/i, separate: /./ };

/**
 * The state of a thing as it was written. What is left of a pack is opened, not cut; juice, gel and the parts of an egg are no longer in
 * what they came from and keep for days, not weeks. A bottle of juice is an opened one, to be careful.
 */
function stateOf({ traits, keeping }: Ingredient, said: LotState | undefined, text: string, isPack: boolean): LotState {
  if (said !== undefined) return said === 'cut' && traits.isPacked ? 'opened' : said;
  if (!PRODUCT[traits.prepared]?.test(text)) return 'whole';
  return isPack && keeping.opened ? 'opened' : traits.inBowl;
}

/** True for a weight as the shop has it, with peel, stone or shell; what comes out of a freezer is without. */
const isAsBought = (
  { pieces }: Ingredient,
  { amount }: DraftLine,
  state: LotState,
  place: Place | undefined,
): boolean => pieces !== undefined && state === 'whole' && place?.kind !== 'freezer' && amount?.unit.kind === 'mass';

/** "3 × 180 g avocados" are three pieces of that weight, peel and all; of what does not come in pieces nothing. */
function asPieces({ packs, size, thing, isTimes }: Packs, read: (words: string) => DraftLine) {
  const weight = isTimes ? takeWeight(lineOf(size)) : undefined;
  if (!weight) return undefined;
  const named = readThing(`${packs} ${thing}`, read);
  return named.reading.measuredBy === 'piece' ? { ...named, weight } : undefined;
}

/**
 * What a line names, and how ripe it is said to be. "Green" is a stage of a banana and the name of a tea: of what does not ripen it is
 * part of the name.
 */
function readThing(words: string, read: (words: string) => DraftLine): { reading: DraftLine; stage?: Stage } {
  const asWritten = read(words);
  const line = lineOf(words);
  const stage = STAGE_WORDS.find(([pattern]) => line.take(pattern))?.[1];
  const isName = asWritten.ingredientId !== undefined && asWritten.unknownWords.length === 0;
  if (stage === undefined || isName) return { reading: asWritten, ...(stage ? { stage } : {}) };
  return { reading: read(line.rest()), stage };
}

/** Money, without what adding up in twos leaves behind. */
const hundredths = (money: number): number => Math.round(money * 100) / 100;
const times = (grams: number | undefined, packs: number): number | undefined =>
  grams === undefined ? undefined : grams * packs;

/** A kind of place, where the owner's own name for it was not said: "fridge" for the 12 V fridge. */
function byKind(line: Line, places: readonly Place[]): Place | undefined {
  for (const [pattern, kind] of KIND_WORDS) {
    const found = places.find((place) => place.kind === kind);
    if (found && line.take(pattern)) return found;
  }
  return undefined;
}

const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/\s+/g, '\\s+');

/** The raw grams that a reading took for granted: "90 g white rice, dry" that makes so much cream. */
function rawGramsIn(assumed: readonly Message[]): number | undefined {
  const grams = assumed.find(({ id }) => id === 'read.raw-makes')?.params['rawGrams'];
  return typeof grams === 'number' ? Math.round(grams) : undefined;
}

/** Today now, an earlier day at its beginning, in the household's time zone. */
function dayIn(line: Line, timeZone: string, now: string): string {
  const today = localDay(Date.parse(now), timeZone);
  const startOf = (day: string): string => new Date(startOfDay(day, timeZone)).toISOString();
  if (line.take(/\b(?:bought\s+)?(?:today|now|just now)\b/i)) return now;
  if (line.take(/\byesterday\b/i)) return startOf(addDays(today, -1));
  const ago = line.take(/\b(\d{1,3})\s+days?\s+ago\b/i);
  if (ago) return startOf(addDays(today, -Number(ago[1])));
  const weekday = line.take(new RegExp(`\\b(?:last\\s+|on\\s+)?(${WEEKDAYS.join('|')})\\b`, 'i'));
  if (weekday) {
    const back = (weekdayOf(today) - WEEKDAYS.indexOf((weekday[1] ?? '').toLowerCase()) + 6) % 7;
    return startOf(addDays(today, -back - 1));
  }
  return now;
}
