import { differenceInCalendarDays } from 'date-fns';

/** A moment as a day that people say, in the household's time zone: today, yesterday, Tuesday, 3 March. */
export function writeDay(instant: string, now: Date, timeZone: string): string {
  const local = (date: Date) => new Date(date.toLocaleString('en-US', { timeZone }));
  const moment = new Date(instant);
  const days = differenceInCalendarDays(local(now), local(moment));
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days > 1 && days < 7) return new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone }).format(moment);
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone }).format(moment);
}

/** Hours and minutes in the household's time zone. */
export function writeTime(instant: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).format(new Date(instant));
}

/** A day of a longer story, short: "3 Mar 26". */
export function writeShortDay(instant: string | number, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: '2-digit', timeZone }).format(
    new Date(instant),
  );
}

/** A month as 2026-03: "Mar 2026". */
export function writeMonth(month: string): string {
  return new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-15T00:00:00Z`),
  );
}
