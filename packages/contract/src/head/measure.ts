import { number, object, string } from 'yup';
import type { Measured } from '@amber-ladle/core/learn';
import { instant } from '../wire';
import { fault } from '../wire/fault';

export const MEASURE_KINDS = ['length', 'trim', 'regrowth'] as const;

/** A length of hair that was measured on a head, or what was cut off. The id is made on the device. */
export interface HeadMeasure extends Measured {
  readonly id: string;
  /** Where it reached or was taken: "armpit", "nape", "front left". */
  readonly where: string;
}

export const headMeasureSchema = object({
  id: string().required().uuid(),
  at: instant.required(fault('say-when')),
  kind: string().oneOf(MEASURE_KINDS).required(),
  centimetres: number()
    .typeError(fault('length-number'))
    .required(fault('say-how-long'))
    .min(0.1, fault('a-millimetre'))
    .max(200, fault('200-cm')),
  where: string().trim().defined().max(40),
}).noUnknown();
