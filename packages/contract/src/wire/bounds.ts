import { isDay } from '@amber-ladle/core/time';
import { number, string } from 'yup';

/** What a row is called by; longer ones are none of ours. */
export const identifier = string().required().max(80);

const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:\d\d)$/;
/** A moment on the wire, ISO 8601 with its offset; a day that no calendar has is none. */
export const instant = string().test(
  'instant',
  'A moment is written as ISO 8601, such as 2026-03-14T09:30:00Z.',
  (text) =>
    typeof text !== 'string' || (MOMENT.test(text) && isDay(text.slice(0, 10)) && !Number.isNaN(Date.parse(text))),
);

/** The version of a row that was on the screen. @param least 0 where it may be new */
export const seenVersion = (least: 0 | 1) =>
  number().integer().min(least).max(1_000_000_000).required('Say which version was changed.');

/** Whole minutes, up to two days. @param what they are of, as a refusal names it */
export const minutes = (what: string) =>
  number()
    .typeError(`${what} is a number of minutes.`)
    .required(`${what} is missing.`)
    .integer(`${what} is given in whole minutes.`)
    .min(0, `${what} is 0 minutes or more.`)
    .max(2880, `${what} is at most two days.`);
