import { BOWL_ENDS, dictionary, FATES, RINSE_REASONS } from '@amber-ladle/contract';
import { array, boolean, number, object, string } from 'yup';
import { anObject, key, maybe, maybeMoment, maybeOneOf, moment, rowOf } from '../kernel/row';

const stay = object({ placeId: key, from: moment });
const worn = object({
  sectionsDone: array().of(string().required().max(40)).required().max(40),
  wornFrom: moment.optional(),
  rinsedAt: moment.optional(),
  rinsedWhy: string().oneOf(RINSE_REASONS).optional(),
}).noUnknown();

export const bowlLifeRow = rowOf(
  object({
    bowlId: key,
    madeAt: moment,
    plannedFor: maybeMoment,
    isDrawn: boolean().required(),
    startShare: number().required().min(0).max(1000),
    stays: array().of(stay.required()).required().max(500),
    wearing: dictionary(worn.required(), 20, 'A bowl serves at most 20 heads.', true),
    leftOver: maybe(
      object({
        at: moment,
        millilitres: number().required().min(0).max(5000),
        how: string()
          .oneOf(['measured', 'judged'] as const)
          .required(),
        fate: string().oneOf(FATES).required(),
      }),
    ),
    endedAt: maybeMoment,
    endedHow: maybeOneOf(BOWL_ENDS),
    decisions: array()
      .of(object({ at: moment, what: anObject }).required())
      .required()
      .max(200),
  }),
);
