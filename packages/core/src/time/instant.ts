/**
 * A moment in the one way it is kept: UTC with milliseconds, so that texts sort as their moments do.
 * @param moment ISO 8601, of any offset
 * @throws RangeError for what is no moment
 * @example canonical('2026-03-14T10:00:00+01:00') // '2026-03-14T09:00:00.000Z'
 */
export const canonical = (moment: string): string => new Date(moment).toISOString();
