import { daysBetween, HOUR, localDay, localTime, type Day } from '@amber-ladle/core/time';

/** Where a household is: whose clock its days follow, and how it writes dates and numbers. */
export interface Where {
  /** IANA name. */
  readonly timeZone: string;
  /** BCP 47 name. */
  readonly locale: string;
}

/** A count in full, as the household writes numbers: "20,000". */
export const writeNumber = (value: number, { locale }: Pick<Where, 'locale'>): string =>
  new Intl.NumberFormat(locale).format(value);

/** A moment as a day that people say, in the household's time zone: today, yesterday, Tuesday, 3 March. */
export function writeDay(instant: string, now: Date, { timeZone, locale }: Where): string {
  const moment = new Date(instant);
  const days = daysBetween(localDay(moment.getTime(), timeZone), localDay(now.getTime(), timeZone));
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days > 1 && days < 7) return new Intl.DateTimeFormat(locale, { weekday: 'long', timeZone }).format(moment);
  return new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone }).format(moment);
}

/** Hours and minutes in the household's time zone. */
export function writeTime(instant: string, { timeZone, locale }: Where): string {
  return new Intl.DateTimeFormat(locale, { timeStyle: 'short', timeZone }).format(new Date(instant));
}

/** A day of a longer story, short: "3 Mar 26". */
export function writeShortDay(instant: string | number, { timeZone, locale }: Where): string {
  return new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', year: '2-digit', timeZone }).format(
    new Date(instant),
  );
}

/** A month as 2026-03: "Mar 2026". */
export function writeMonth(month: string, { locale }: Pick<Where, 'locale'>): string {
  return new Intl.DateTimeFormat(locale, { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-15T00:00:00Z`),
  );
}

/**
 * The weekday of a day of the calendar, which has no clock and so no night on which it is told twice.
 * @example weekdayWord('2026-10-25', 'short', { locale: 'en-GB' }) // 'Sun'
 */
export function weekdayWord(day: Day, length: 'short' | 'long', { locale }: Pick<Where, 'locale'>): string {
  return new Intl.DateTimeFormat(locale, { weekday: length, timeZone: 'UTC' }).format(new Date(`${day}T12:00:00Z`));
}

/** A moment to come, on a label: "Sat, 14 Mar, 18:40". */
export function writeMoment(at: number, { timeZone, locale }: Where): string {
  return new Intl.DateTimeFormat(locale, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone,
  }).format(new Date(at));
}

/** Parts of a day, by the hour that each begins with; the small hours belong to the night before. */
const PARTS = [
  { from: 17, words: 'evening' },
  { from: 12, words: 'afternoon' },
  { from: 5, words: 'morning' },
] as const;

/**
 * A moment that is only known about, as fruit ripens and spoils: to the hour today, by the part of the day tomorrow.
 * @example aboutWords(at, now, where) // 'today 18:00', 'tonight', 'tomorrow morning', 'Friday'
 */
export function aboutWords(at: number, now: number, where: Where): string {
  if (!Number.isFinite(at)) return untilWords(at, now, where);
  const { timeZone } = where;
  const days = daysBetween(localDay(now, timeZone), localDay(at, timeZone));
  // What ends within the hour or two is told as exactly as it is reckoned: later would be too late.
  if (days === 0 && at - now > 2 * HOUR) return untilWords(Math.floor(at / HOUR) * HOUR, now, where);
  if (days !== 1) return untilWords(at, now, where);
  const { hour } = localTime(at, timeZone);
  const part = PARTS.find(({ from }) => hour >= from);
  return part ? `tomorrow ${part.words}` : 'tonight';
}

/** Till when, as a whole: "till Friday", "for months". */
export function tillWords(at: number, now: number, where: Where): string {
  const words = aboutWords(at, now, where);
  return words === 'for months' ? words : `till ${words}`;
}

/** A moment to come, as people say it: "today 18:40", "tomorrow", "Friday", "3 April", "for months". */
export function untilWords(at: number, now: number, where: Where): string {
  if (!Number.isFinite(at)) return 'for months';
  const { timeZone, locale } = where;
  const days = daysBetween(localDay(now, timeZone), localDay(at, timeZone));
  const say = (options: Intl.DateTimeFormatOptions): string =>
    new Intl.DateTimeFormat(locale, { ...options, timeZone }).format(new Date(at));
  if (days < 0) return days === -1 ? 'yesterday' : say({ day: 'numeric', month: 'short' });
  if (days === 0) return `today ${say({ timeStyle: 'short' })}`;
  if (days === 1) return `tomorrow ${say({ timeStyle: 'short' })}`;
  if (days < 7) return say({ weekday: 'long' });
  if (days > 60) return 'for months';
  return say({ day: 'numeric', month: 'short' });
}

/** A day to come as it is said: today, tomorrow, Thursday; from a week on with its date. */
export function dayWord(day: Day, today: Day, where: Pick<Where, 'locale'>): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  const name = weekdayWord(day, 'long', where);
  if (days < 7) return name;
  const date = new Intl.DateTimeFormat(where.locale, { day: 'numeric', month: 'short', timeZone: 'UTC' });
  return `${name}, ${date.format(new Date(`${day}T12:00:00Z`))}`;
}
