import { string } from 'yup';

/** What a row is called by; longer ones are none of ours. */
export const identifier = string().required().max(80);

/** A moment on the wire, ISO 8601. */
export const instant = string().test(
  'instant',
  'A moment is written as ISO 8601, such as 2026-03-14T09:30:00Z.',
  (text) => typeof text !== 'string' || (/^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(text) && !Number.isNaN(Date.parse(text))),
);
