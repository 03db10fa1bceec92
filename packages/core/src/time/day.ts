/** A day of the calendar, as 2026-11-25. Days know no hours, so nothing here depends on a time zone. */
export type Day = string;

const utc = (day: Day): number => Date.parse(`${day}T00:00:00Z`);
const UTC_DAY = 86_400_000;
const dayOfUtc = (at: number): Day => new Date(at).toISOString().slice(0, 10);

/** True for a day that the calendar has. @example isDay('2026-02-29') // false */
export function isDay(text: string): text is Day {
  if (!/^\d{4}-\d\d-\d\d$/.test(text)) return false;
  const at = utc(text);
  return !Number.isNaN(at) && dayOfUtc(at) === text;
}

/** The day so many days later; less than 0 for earlier. @example addDays('2026-02-28', 1) // '2026-03-01' */
export const addDays = (day: Day, count: number): Day => dayOfUtc(utc(day) + count * UTC_DAY);

/** Days from one to another. @example daysBetween('2026-10-24', '2026-10-26') // 2 */
export const daysBetween = (from: Day, to: Day): number => Math.round((utc(to) - utc(from)) / UTC_DAY);

/** 0 for Sunday to 6. @example weekdayOf('2026-11-25') // 3 */
export const weekdayOf = (day: Day): number => new Date(utc(day)).getUTCDay();

/** @example monthOf('2026-11-25') // '2026-11' */
export const monthOf = (day: Day): string => day.slice(0, 7);
