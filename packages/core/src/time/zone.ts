import { addDays, monthOf, type Day } from './day';
import { HOUR, MINUTE } from './duration';

/** An IANA time zone: "Europe/Berlin". */
export type Zone = string;

/** What the clocks of a zone show. */
export interface LocalTime {
  readonly day: Day;
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
}

const formats = new Map<Zone, Intl.DateTimeFormat>();
function formatOf(zone: Zone): Intl.DateTimeFormat {
  const known = formats.get(zone);
  if (known) return known;
  const format = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    calendar: 'iso8601',
    numberingSystem: 'latn',
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });
  formats.set(zone, format);
  return format;
}

/** True for a zone that is known here. */
export function isZone(text: string): boolean {
  try {
    formatOf(text);
    return true;
  } catch {
    return false;
  }
}

/**
 * What the clocks of a zone show at an instant (Intl, with the zone tables of the machine).
 * @param at milliseconds since 1970
 * @throws RangeError for a zone that is not known
 * @example localTime(Date.parse('2026-07-01T22:30:00Z'), 'Europe/Berlin') // { day: '2026-07-02', hour: 0, minute: 30, second: 0 }
 */
export function localTime(at: number, zone: Zone): LocalTime {
  const of: Partial<Record<Intl.DateTimeFormatPartTypes, string>> = {};
  for (const { type, value } of formatOf(zone).formatToParts(at)) of[type] = value;
  return {
    day: `${(of.year ?? '').padStart(4, '0')}-${of.month ?? ''}-${of.day ?? ''}`,
    hour: Number(of.hour),
    minute: Number(of.minute),
    second: Number(of.second),
  };
}

/** The day of the calendar at an instant. @example localDay(Date.parse('2026-11-25T23:30:00Z'), 'Asia/Tokyo') // '2026-11-26' */
export const localDay = (at: number, zone: Zone): Day => localTime(at, zone).day;

/** No zone is further from UTC than this. */
const FURTHEST = 15 * HOUR;

/** The first instant from `low` on, up to `high`, that holds; instants are found to the second. */
function firstWhere(low: number, high: number, holds: (at: number) => boolean): number {
  let [from, to] = [Math.floor(low / 1000), Math.ceil(high / 1000)];
  while (from < to) {
    const middle = Math.floor((from + to) / 2);
    if (holds(middle * 1000)) to = middle;
    else from = middle + 1;
  }
  return to * 1000;
}

const starts = new Map<string, number>();
const MOST_STARTS = 2000;

/**
 * The first instant of a local day. Its midnight where it has one; where the clocks jump over midnight, the moment they
 * jump; where they go back before midnight, the moment after the hour was gone through twice.
 * @returns milliseconds since 1970
 * @example startOfDay('2026-09-06', 'America/Santiago') // Date.parse('2026-09-06T04:00Z'): that day begins at one o'clock
 */
export function startOfDay(day: Day, zone: Zone): number {
  const key = `${zone} ${day}`;
  const known = starts.get(key);
  if (known !== undefined) return known;
  const middle = Date.parse(`${day}T00:00:00Z`);
  const found = firstWhere(middle - FURTHEST, middle + FURTHEST, (at) => localDay(at, zone) >= day);
  if (starts.size >= MOST_STARTS) starts.clear();
  starts.set(key, found);
  return found;
}

/**
 * The first instant of the local day after that of an instant: when "today" is over. @param instant ISO 8601
 * @example dayAfter('2026-03-14T09:00:00Z', 'UTC') // Date.parse('2026-03-15T00:00Z')
 */
export const dayAfter = (instant: string, zone: Zone): number =>
  startOfDay(addDays(localDay(Date.parse(instant), zone), 1), zone);

/**
 * The instant at which the clocks of a zone show a time on a day: the first of two, and where it is jumped over the
 * moment after the jump.
 * @param minutes since midnight as the clock shows it, 0 to 1,439
 * @example atLocal('2026-03-29', 150, 'Europe/Berlin') // Date.parse('2026-03-29T01:00Z'): half past two does not exist
 */
export function atLocal(day: Day, minutes: number, zone: Zone): number {
  const start = startOfDay(day, zone);
  const shown = (at: number): number => {
    const { day: shownDay, hour, minute } = localTime(at, zone);
    return shownDay > day ? Infinity : shownDay < day ? -Infinity : hour * 60 + minute;
  };
  // Clocks may go back within the day, so the way there is not monotone: quarter by quarter, then to the second.
  for (let at = start; at <= start + 26 * HOUR; at += 15 * MINUTE)
    if (shown(at) >= minutes) return firstWhere(Math.max(start, at - 15 * MINUTE), at, (one) => shown(one) >= minutes);
  return startOfDay(addDays(day, 1), zone);
}

/**
 * The same time by the clock so many local days later: "in four weeks", whatever the clocks do meanwhile.
 * @param at milliseconds since 1970
 * @example daysLater(Date.parse('2026-03-28T09:00:00Z'), 1, 'Europe/Berlin') // Date.parse('2026-03-29T08:00Z'): the clocks were put forward
 */
export function daysLater(at: number, count: number, zone: Zone): number {
  const { day, hour, minute, second } = localTime(at, zone);
  return atLocal(addDays(day, count), hour * 60 + minute, zone) + second * 1000 + (((at % 1000) + 1000) % 1000);
}

/**
 * Finds the months of many instants: clocks of a zone are asked for twice a month and not for each instant.
 * @returns from milliseconds since 1970 to the month of the zone
 * @example monthsIn('Europe/Berlin')(Date.parse('2026-03-31T22:30:00Z')) // '2026-04'
 */
export function monthsIn(zone: Zone): (at: number) => string {
  let month = '';
  let [from, to] = [Infinity, -Infinity];
  return (at) => {
    if (at >= from && at < to) return month;
    month = monthOf(localDay(at, zone));
    const next = monthOf(addDays(`${month}-01`, 31));
    [from, to] = [startOfDay(`${month}-01`, zone), startOfDay(`${next}-01`, zone)];
    return month;
  };
}
