import {
  ingredientById,
  isPerishable,
  keepingOf,
  usableGrams,
  type Catalogue,
  type Ingredient,
  type LotState,
} from '../ingredient';
import type { MeasureSystem } from '../measure';
import { message, type Message } from '../message';
import type { Place, PlaceKind, Stage } from '../shelf';
import { addDays, localDay, startOfDay, weekdayOf } from '../time';
import { lexiconOf, readLine, type DraftQuestion } from './formula';

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
  readonly price?: number;
  readonly assumed: readonly Message[];
  readonly questions: readonly DraftQuestion[];
  readonly unknownWords: readonly string[];
}

export interface ReadLotOptions {
  readonly system: MeasureSystem;
  readonly places: readonly Place[];
  readonly timeZone: string;
  /** ISO 8601. */
  readonly now: string;
}

const STAGE_WORDS: readonly (readonly [RegExp, Stage])[] = [
  [/\b(?:rock[- ]?hard|hard|unripe|green|firm)\b/i, 'unripe'],
  [/\b(?:nearly ripe|nearly ready|nearly|almost ripe|almost ready|almost|giving)\b/i, 'nearly'],
  [/\b(?:overripe|very soft|very ripe|spotted|brown)\b/i, 'last-day'],
  [/\b(?:ripe|ready|soft)\b/i, 'ready'],
];
const IN_THE = String.raw`(?:(?:in|on|to|at)\s+)?(?:the\s+)?`;
const KIND_WORDS: readonly (readonly [RegExp, PlaceKind])[] = [
  [new RegExp(`\\b${IN_THE}(?:fridge|refrigerator)\\b`, 'i'), 'fridge'],
  [new RegExp(`\\b${IN_THE}freezer\\b`, 'i'), 'freezer'],
  [new RegExp(`\\b${IN_THE}(?:counter|shelf|bowl|box)\\b`, 'i'), 'counter'],
  [new RegExp(`\\b${IN_THE}(?:paper )?bag\\b`, 'i'), 'bag'],
  [new RegExp(`\\b${IN_THE}(?:roof|outside|balcony|porch)\\b`, 'i'), 'outside'],
];
const STATE_WORDS: readonly (readonly [RegExp, LotState])[] = [
  [/\b(?:opened|open)\b/i, 'opened'],
  [/\b(?:cut|half used|leftover|left over)\b/i, 'cut'],
  [/\b(?:cooked|home[- ]?made|made)\b/i, 'made'],
];
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

/**
 * Where a thing is put when nobody says: in the cold once it is perishable, else where its row stands it.
 * Common practice, no published source.
 */
export function usualPlace(row: Ingredient, state: LotState, places: readonly Place[]): string {
  const isCold = state === 'whole' ? row.traits.stands === 'fridge' : isPerishable(keepingOf(row, state));
  const kind = isCold ? 'fridge' : 'counter';
  return (places.find((place) => place.kind === kind) ?? places[0])?.id ?? '';
}

/**
 * Reads "3 hard avocados 180 g today 4.20 fridge": how many, what, how ripe, what each weighs, when, for how much and
 * where, in any order. What is not understood is asked about.
 *
 * A weight in grams after a count is that of each piece, with its peel. Money is the last bare number with two decimals,
 * or one with a sign of money.
 */
export function readLot(
  text: string,
  catalogue: Catalogue,
  { system, places, timeZone, now }: ReadLotOptions,
  lexicon = lexiconOf(catalogue),
): LotDraft {
  let rest = ` ${text.slice(0, 200)} `;
  const take = (pattern: RegExp): RegExpExecArray | undefined => {
    const found = pattern.exec(rest);
    if (!found) return undefined;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  const since = dayIn(take, timeZone, now);
  const money =
    take(/[€$£]\s*(\d+(?:[.,]\d{1,2})?)/) ??
    take(/\b(\d+[.,]\d{2})\s*(?:[€$£]|eur|usd|gbp)?(?=\s)(?!\s*(?:g|kg|ml|l|oz)\b)/i);
  const named = [...places]
    .sort((a, b) => b.name.length - a.name.length)
    .find(({ name }) => take(new RegExp(`\\b(?:(?:in|on|to)\\s+(?:the\\s+)?)?${escaped(name)}\\b`, 'i')));
  const place = named ?? byKind(take, places);
  const stage = STAGE_WORDS.find(([pattern]) => take(pattern))?.[1];
  const said = STATE_WORDS.find(([pattern]) => take(pattern))?.[1];
  // "3 avocados 180 g": a weight behind a count is that of each.
  const counted =
    /^\s*(?:an?\s|\d|half|one|two|three|four|five|six|[¼½¾⅓⅔])/i.test(rest) &&
    !/^\s*\d+(?:[.,]\d+)?\s*(?:g|kg|ml|l)\b/i.test(rest);
  const each = counted ? take(/\b(?:of|à|at|@)?\s*(\d+(?:[.,]\d+)?)\s*(g|kg)\b(?:\s*each)?/i) : undefined;

  const reading = readLine(rest.trim(), catalogue, system, lexicon);
  const row = reading.ingredientId ? ingredientById(catalogue, reading.ingredientId) : undefined;
  const price = money ? Number((money[1] ?? '').replace(',', '.')) : undefined;
  const raw = rawGramsIn(reading.assumed);
  const isRaw = raw !== undefined;
  const state: LotState = isRaw ? 'raw' : (said ?? 'whole');
  const base = {
    text,
    candidates: reading.candidates,
    state,
    placeId: place?.id ?? (row ? usualPlace(row, state, places) : (places[0]?.id ?? '')),
    since,
    ...(price !== undefined && Number.isFinite(price) ? { price } : {}),
    questions: reading.questions,
    unknownWords: reading.unknownWords,
  };
  if (!row) return { ...base, assumed: [] };
  const assumed: Message[] = [];
  let grams = raw ?? reading.grams;
  let pieceGrams: number | undefined;
  const { pieces } = row;
  if (pieces && reading.measuredBy === 'piece' && grams !== undefined && !isRaw) {
    const count = reading.amount?.quantity ?? 1;
    pieceGrams = grams / Math.max(1e-9, count);
    if (each) {
      const whole = Number((each[1] ?? '').replace(',', '.')) * (each[2]?.toLowerCase() === 'kg' ? 1000 : 1);
      pieceGrams = usableGrams(whole, pieces.refuseShare);
      assumed.push(message('read.each-whole', { grams: whole }));
    } else assumed.push(...reading.assumed);
    grams = count * pieceGrams;
    if (!Number.isInteger(count)) pieceGrams = undefined;
  } else assumed.push(...reading.assumed);
  const isPart =
    state === 'whole' && pieces !== undefined && reading.measuredBy === 'piece' && pieceGrams === undefined;
  const ripens = row.ripening !== undefined && state === 'whole' && !isPart;
  return {
    ...base,
    ingredientId: row.id,
    state: isPart ? 'cut' : state,
    ...(isPart && !place ? { placeId: usualPlace(row, 'cut', places) } : {}),
    ...(grams === undefined ? {} : { grams }),
    ...(pieceGrams === undefined || state !== 'whole' ? {} : { pieceGrams }),
    ...(ripens ? { stage: stage ?? 'unripe' } : {}),
    assumed,
  };
}

/** A kind of place, where the owner's own name for it was not said: "fridge" for the 12 V fridge. */
function byKind(take: (pattern: RegExp) => RegExpExecArray | undefined, places: readonly Place[]): Place | undefined {
  for (const [pattern, kind] of KIND_WORDS) {
    const found = places.find((place) => place.kind === kind);
    if (found && take(pattern)) return found;
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
function dayIn(take: (pattern: RegExp) => RegExpExecArray | undefined, timeZone: string, now: string): string {
  const today = localDay(Date.parse(now), timeZone);
  const startOf = (day: string): string => new Date(startOfDay(day, timeZone)).toISOString();
  if (take(/\b(?:bought\s+)?(?:today|now|just now)\b/i)) return now;
  if (take(/\byesterday\b/i)) return startOf(addDays(today, -1));
  const ago = take(/\b(\d{1,3})\s+days?\s+ago\b/i);
  if (ago) return startOf(addDays(today, -Number(ago[1])));
  const weekday = take(new RegExp(`\\b(?:last\\s+|on\\s+)?(${WEEKDAYS.join('|')})\\b`, 'i'));
  if (weekday) {
    const back = (weekdayOf(today) - WEEKDAYS.indexOf((weekday[1] ?? '').toLowerCase()) + 6) % 7;
    return startOf(addDays(today, -back - 1));
  }
  return now;
}
