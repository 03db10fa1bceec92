import { writeMinutes } from './mask';

const MINUTE = 60_000;
/** Minutes before its end at which a wait is worth a word: seldom while it is far, each minute at last. */
const MARKS = [1, 2, 3, 4, 5, 10, 15, 20, 30, 45, 60, 90, 120, 180, 240, 360, 480];

/**
 * The mark that a wait has last passed on its way to its end: what is said aloud is said anew when this changes, not each second.
 * @param milliseconds to its end; below 0 once it has passed
 * @returns minutes, 0 at its end and after
 * @example markOf(12 * 60_000) // 15
 */
export function markOf(milliseconds: number): number {
  if (milliseconds <= 0) return 0;
  return MARKS.find((mark) => milliseconds <= mark * MINUTE) ?? Infinity;
}

/** How long a wait still takes, as it is said: to the minute, "a minute" at last, and at its end that it is time. */
export function leftAloud(milliseconds: number): string {
  if (milliseconds <= 0) return 'time is up';
  const minutes = Math.round(milliseconds / MINUTE);
  return minutes <= 1 ? 'about a minute left' : `${writeMinutes(minutes)} left`;
}
