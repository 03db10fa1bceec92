import { PLACE_KINDS, type Place } from '@amber-ladle/core/shelf';
import { number, object, string } from 'yup';
import { instant, seenVersion, type Of } from '../wire';

/** A place as it is written; its name in the address is its id. */
export const placeSchema = object({
  name: string().trim().required('Give the place a name.').max(40, 'A name has at most 40 letters.'),
  kind: string().oneOf(PLACE_KINDS).required(),
  celsius: number().required().min(-40, 'At least −40 °C.').max(60, 'At most 60 °C.'),
  /** 0 for a new one. */
  version: seenVersion(0),
}).noUnknown();
export type PlaceInput = Of<typeof placeSchema>;

/** A place as it is kept; its version rises with every change. */
export interface KeptPlace extends Place {
  readonly version: number;
}

export const placeIdSchema = string()
  .required()
  .matches(/^[a-z][a-z0-9-]{0,40}$/, 'An id is lower-case letters, digits and hyphens.');
export const MOST_PLACES = 20;

/** What somebody read off a thermometer. */
export const readingSchema = object({
  placeId: string().required('Say where it hangs.').max(80),
  celsius: number()
    .typeError('A temperature is a number.')
    .required('Say what it shows.')
    .min(-60, 'Colder than −60 °C is no kitchen.')
    .max(60, 'Warmer than 60 °C is no kitchen.'),
  at: instant.required('Say when.'),
}).noUnknown();
