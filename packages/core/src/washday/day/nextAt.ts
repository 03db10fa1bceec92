import { cannot } from '../../message';
import { addDays, atLocal, localDay } from '../../time';

/**
 * The next moment at a time of day: today, or tomorrow where that is past.
 * @param time as a clock shows it, 00:00 to 23:59
 * @throws RangeError for what is no such time
 * @example nextAt('08:30', now, 'UTC') // Date.parse('2026-03-15T08:30Z'): today it is nine
 */
export function nextAt(time: string, now: number, timeZone: string): number {
  const found = /^(\d{1,2}):(\d\d)$/.exec(time.trim());
  const [hours, minutes] = [Number(found?.[1]), Number(found?.[2])];
  if (!found || hours > 23 || minutes > 59) throw cannot('time-of-day');
  const today = localDay(now, timeZone);
  const at = (day: string): number => atLocal(day, hours * 60 + minutes, timeZone);
  return at(today) > now ? at(today) : at(addDays(today, 1));
}
