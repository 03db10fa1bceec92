import type { Message } from '@amber-ladle/core/message';
import { isDay } from '@amber-ladle/core/time';
import { number, string } from 'yup';
import { fault } from './fault';

/** What a row is called by; longer ones are none of ours. */
export const identifier = string().required().max(80);

const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:\d\d)$/;
/** A moment on the wire, ISO 8601 with its offset; a day that no calendar has is none. */
export const instant = string().test(
  'instant',
  fault('moment-written'),
  (text) =>
    typeof text !== 'string' || (MOMENT.test(text) && isDay(text.slice(0, 10)) && !Number.isNaN(Date.parse(text))),
);

/** The version of a row that was on the screen. @param least 0 where it may be new */
export const seenVersion = (least: 0 | 1) =>
  number().integer().min(least).max(1_000_000_000).required(fault('say-which-version'));

/** Whole minutes, up to two days. @param what they are of, as a refusal names it */
export const minutes = (what: Message) =>
  number()
    .typeError(fault('minutes-number', { what }))
    .required(fault('is-missing', { what }))
    .integer()
    .min(0, fault('minutes-least', { what }))
    .max(2880, fault('minutes-most', { what }));
