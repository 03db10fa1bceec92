import { PLACE_KINDS, type Place } from '@amber-ladle/core/shelf';
import { number, object, string } from 'yup';
import { instant, seenVersion, type Of } from '../wire';
import { fault } from '../wire/fault';

/** A place as it is written; its name in the address is its id. */
export const placeSchema = object({
  name: string().trim().required(fault('place-name')).max(40),
  kind: string().oneOf(PLACE_KINDS).required(),
  celsius: number().required().min(-40, fault('least-minus-40')).max(60, fault('most-60')),
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
  .matches(/^[a-z][a-z0-9-]{0,40}$/, fault('id-letters'));
export const MOST_PLACES = 20;

/** What somebody read off a thermometer. */
export const readingSchema = object({
  placeId: string().required(fault('say-where-it-hangs')).max(80),
  celsius: number()
    .typeError(fault('temperature-number'))
    .required(fault('say-what-it-shows'))
    .min(-60, fault('too-cold'))
    .max(60, fault('too-warm')),
  at: instant.required(fault('say-when')),
}).noUnknown();
