import { profileSchema } from '@amber-ladle/contract';
import { array, number, object, string } from 'yup';
import { anObject, finite, key, maybeMoment, moment, rowOf } from '../kernel/row';

const line = object({ ingredientId: key, grams: finite, millilitres: finite });
const wearer = object({ id: key, name: string().required(), profile: profileSchema.required() });

/** A kept bowl. Its snapshot is of the version it was made with, and is brought up to date when it is read. */
export const bowlRow = rowOf(
  object({
    id: key,
    headId: key,
    headName: string().required().max(600),
    maskId: key,
    maskName: string().required().max(80),
    madeMillilitres: number().required().moreThan(0).max(20_000),
    keptAt: moment,
    removedAt: maybeMoment,
    snapshot: object({
      head: wearer.required(),
      others: array().of(wearer.required()).optional(),
      mask: anObject,
      sized: object({
        lines: array().of(line.required()).required(),
        madeMillilitres: finite,
        needMillilitres: finite,
      }).required(),
    }).required(),
  }),
);
