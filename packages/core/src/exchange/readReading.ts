import { inUnit } from '../measure';
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
  /** What degrees are where the line does not say. */
  readonly usual?: '°C' | '°F';
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

/**
 * Reads "fridge 6 °C at 18:30": where, how warm, and when; Celsius unless it says Fahrenheit or the
 * household reads it so, now unless it says when. A time of day that is still to come today was yesterday's.
 * @example readReading('fridge 41 F', { places, timeZone: 'UTC', now: '2026-03-14T09:00:00Z' }).celsius // 5
 */
export function readReading(text: string, { places, timeZone, now, usual = '°C' }: ReadingOptions): WrittenReading {
  const line = text.slice(0, 120);
  const time = timeIn(line);
  const rest = time ? line.replace(time.written, ' ') : line;
  const degrees = /([-−–]?\s?\d+(?:[.,]\d+)?)\s*(°\s*)?(c|f|celsius|fahrenheit|degrees)?\b/i.exec(rest);
  const value = degrees
    ? Number((degrees[1] ?? '').replace(/[−–]/, '-').replace(/\s/, '').replace(',', '.'))
    : undefined;
  const said = degrees?.[3] ?? '';
  const unit = /^f/i.test(said) ? '°F' : /^c/i.test(said) ? '°C' : usual;
  const celsius = value === undefined ? undefined : inUnit(value, unit, '°C');

  const named = [...places]
    .sort((a, b) => b.name.length - a.name.length)
    .find(({ name }) => rest.toLowerCase().includes(name.toLowerCase()));
  const kind = KINDS.find(([pattern]) => pattern.test(rest))?.[1];
  const place = named ?? places.find((one) => one.kind === kind);
  const at = time ? lastAt(time.minutes, timeZone, Date.parse(now)) : Date.parse(now);

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

/** A time of day in a line, by either clock: "at 18:30", "6:30 pm", "at 7 am". */
function timeIn(line: string): { readonly written: string; readonly minutes: number } | undefined {
  const half = /\b(?:at\s+)?(\d{1,2})(?:[:.](\d\d))?\s*([ap])\.?m\b\.?/i.exec(line);
  if (half) {
    const [written, hour, minute = '0', day = ''] = half;
    if (Number(hour) < 1 || Number(hour) > 12 || Number(minute) > 59) return undefined;
    return { written, minutes: ((Number(hour) % 12) + (/p/i.test(day) ? 12 : 0)) * 60 + Number(minute) };
  }
  const whole = /\b(?:at\s+)?(\d{1,2})[:.](\d\d)\b(?!\s*°)/i.exec(line);
  if (!whole) return undefined;
  const [written, hour, minute] = whole;
  const isTime = Number(hour) < 24 && Number(minute) < 60 && (written.includes(':') || /at/i.test(written));
  return isTime ? { written, minutes: Number(hour) * 60 + Number(minute) } : undefined;
}

/** The last time the clocks showed so many minutes since midnight: today, else yesterday. */
function lastAt(minutes: number, timeZone: string, now: number): number {
  const today = localDay(now, timeZone);
  const at = atLocal(today, minutes, timeZone);
  return at <= now ? at : atLocal(addDays(today, -1), minutes, timeZone);
}
