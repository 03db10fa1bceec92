import type { Place, PlaceKind } from '../shelf';
import { addDays, atLocal, localDay } from '../time';

/** What is not clear in a written temperature. */
export type ReadingQuestion = 'which-place' | 'how-warm' | 'not-possible';

/** A temperature that somebody read off and wrote down, as far as it is clear. */
export interface WrittenReading {
  readonly placeId?: string;
  readonly celsius?: number;
  /** ISO 8601; now where nothing was said. */
  readonly at: string;
  readonly questions: readonly ReadingQuestion[];
}

export interface ReadingOptions {
  readonly places: readonly Place[];
  readonly timeZone: string;
  /** ISO 8601. */
  readonly now: string;
}

const KINDS: readonly (readonly [RegExp, PlaceKind])[] = [
  [/\b(?:fridge|refrigerator)\b/i, 'fridge'],
  [/\bfreezer\b/i, 'freezer'],
  [/\b(?:counter|room|kitchen|shelf)\b/i, 'counter'],
  [/\b(?:outside|roof|balcony|porch)\b/i, 'outside'],
  [/\bbag\b/i, 'bag'],
];
/** A kitchen is not colder or warmer than this, °C. */
const POSSIBLE = { least: -40, most: 55 } as const;

/** Degrees Celsius of degrees Fahrenheit. @example celsiusOf(41) // 5 */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/**
 * Reads "fridge 6 °C at 18:30": where, how warm, and when; Celsius unless it says Fahrenheit, now unless it says when. A
 * time of day that is still to come today was yesterday's.
 * @example readReading('fridge 41 F', { places, timeZone: 'UTC', now }).celsius // 5
 */
export function readReading(text: string, { places, timeZone, now }: ReadingOptions): WrittenReading {
  const line = text.slice(0, 120);
  const time = /\b(?:at\s+)?(\d{1,2})[:.](\d\d)\b(?!\s*°)/i.exec(line);
  const isTime =
    time !== null && Number(time[1]) < 24 && Number(time[2]) < 60 && (time[0].includes(':') || /at/i.test(time[0]));
  const rest = isTime ? line.replace(time[0], ' ') : line;
  const degrees = /([-−–]?\s?\d+(?:[.,]\d+)?)\s*(°\s*)?(c|f|celsius|fahrenheit|degrees)?\b/i.exec(rest);
  const value = degrees
    ? Number((degrees[1] ?? '').replace(/[−–]/, '-').replace(/\s/, '').replace(',', '.'))
    : undefined;
  const isFahrenheit = /^f/i.test(degrees?.[3] ?? '');
  const celsius = value === undefined ? undefined : isFahrenheit ? celsiusOf(value) : value;

  const named = [...places]
    .sort((a, b) => b.name.length - a.name.length)
    .find(({ name }) => rest.toLowerCase().includes(name.toLowerCase()));
  const kind = KINDS.find(([pattern]) => pattern.test(rest))?.[1];
  const place = named ?? places.find((one) => one.kind === kind);
  const at = isTime ? lastAt(Number(time[1]) * 60 + Number(time[2]), timeZone, Date.parse(now)) : Date.parse(now);

  const isPossible = celsius !== undefined && celsius >= POSSIBLE.least && celsius <= POSSIBLE.most;
  const questions: ReadingQuestion[] = [
    ...(place ? [] : (['which-place'] as const)),
    ...(celsius === undefined ? (['how-warm'] as const) : isPossible ? [] : (['not-possible'] as const)),
  ];
  return {
    ...(place ? { placeId: place.id } : {}),
    ...(celsius === undefined ? {} : { celsius: Math.round(celsius * 10) / 10 }),
    at: new Date(at).toISOString(),
    questions,
  };
}

/** The last time the clocks showed so many minutes since midnight: today, else yesterday. */
function lastAt(minutes: number, timeZone: string, now: number): number {
  const today = localDay(now, timeZone);
  const at = atLocal(today, minutes, timeZone);
  return at <= now ? at : atLocal(addDays(today, -1), minutes, timeZone);
}
