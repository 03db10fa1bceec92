/** Milliseconds of physical time. A day of the calendar has no constant number of them: see `day` and `zone`. */
export const SECOND = 1000;
export const MINUTE = 60 * SECOND;
export const HOUR = 60 * MINUTE;

/** Twenty-four hours of physical time, for what ages and decays. Never for "tomorrow". */
export const TWENTY_FOUR_HOURS = 24 * HOUR;

/** @example minutesBetween(0, 90_000) // 1.5 */
export const minutesBetween = (from: number, to: number): number => (to - from) / MINUTE;
/** @example hoursBetween(0, 5_400_000) // 1.5 */
export const hoursBetween = (from: number, to: number): number => (to - from) / HOUR;
/** Physical days, as ageing counts them. @example elapsedDays(0, 129_600_000) // 1.5 */
export const elapsedDays = (from: number, to: number): number => (to - from) / TWENTY_FOUR_HOURS;
