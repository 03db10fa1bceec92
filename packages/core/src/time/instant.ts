/**
 * A moment in the one way it is kept: UTC with milliseconds, so that texts sort as their moments do.
 * @param moment ISO 8601, of any offset
 * @throws RangeError for what is no moment
 * @example canonical('2026-03-14T10:00:00+01:00') // '2026-03-14T09:00:00.000Z'
 */
export const canonical = (moment: string): string => new Date(moment).toISOString();

/** The latest of some moments, ISO 8601; nothing of none. @example latestOf(['2026-03-01T09:00:00Z', '2026-03-01T11:00:00+01:00']) // '2026-03-01T11:00:00+01:00' */
export const latestOf = (moments: readonly string[]): string | undefined =>
  moments.reduce<string | undefined>(
    (latest, one) => (latest !== undefined && Date.parse(latest) > Date.parse(one) ? latest : one),
    undefined,
  );
