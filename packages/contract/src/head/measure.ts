import { number, object, string } from 'yup';
import type { Measured } from '@amber-ladle/core/learn';
import { instant } from '../wire';

export const MEASURE_KINDS = ['length', 'trim', 'regrowth'] as const;

/** A length of hair that was measured on a head, or what was cut off. The id is made on the device. */
export interface HeadMeasure extends Measured {
  readonly id: string;
  /** Where it reached or was taken: "armpit", "nape", "front left". */
  readonly where: string;
}

export const headMeasureSchema = object({
  id: string().required('A measurement needs an id.').uuid('A measurement’s id is a UUID.'),
  at: instant.required('Say when.'),
  kind: string().oneOf(MEASURE_KINDS, 'It is a length, a trim or regrowth.').required(),
  centimetres: number()
    .typeError('A length is a number of centimetres.')
    .required('Say how long.')
    .min(0.1, 'At least a millimetre.')
    .max(200, 'At most 200 cm.'),
  where: string().trim().defined().max(40, 'At most 40 letters.'),
}).noUnknown();
