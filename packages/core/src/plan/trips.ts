import type { ShopTrip } from '../shelf';
import { atLocal, localDay, localTime, startOfDay, weekdayOf, type Day } from '../time';
import { horizonFrom, type WeekWishes } from './wishes';

/** Who plans today's shop after it, goes another day. Assumption of this project. */
const LATEST_HOUR = 18;
/** When somebody is in a shop, on a day to come, minutes after midnight. Assumption of this project. */
const USUAL_MINUTES = 12 * 60;

/** True where somebody is in a shop on a day to come, or still can be today. */
export const isShopDay = (
  { shopWeekdays }: Pick<WeekWishes, 'shopWeekdays'>,
  day: Day,
  now: number,
  zone: string,
): boolean =>
  shopWeekdays.includes(weekdayOf(day)) && (localDay(now, zone) !== day || localTime(now, zone).hour < LATEST_HOUR);

/**
 * The days with a shop to come.
 * @param now milliseconds since 1970
 * @param days so many from today on are looked at
 * @example shopTrips({ shopWeekdays: [6] }, now, 'UTC', 10).map(({ day }) => day) // ['2026-03-14', '2026-03-21']
 */
export const shopTrips = (
  wishes: Pick<WeekWishes, 'shopWeekdays'>,
  now: number,
  zone: string,
  days: number,
): readonly ShopTrip[] =>
  horizonFrom(localDay(now, zone), days)
    .filter((day) => isShopDay(wishes, day, now, zone))
    .map((day) => ({ day, from: startOfDay(day, zone), at: Math.max(now, atLocal(day, USUAL_MINUTES, zone)) }));
