import { tellUseSchema, toldFactsSchema } from '@amber-ladle/contract';
import { object, string } from 'yup';
import { key, moment, rowOf } from '../kernel/row';

export const toldUseRow = rowOf(
  object({
    ...tellUseSchema.fields,
    maskId: key,
    headId: key,
    at: moment,
    maskName: string().required().max(80),
    facts: toldFactsSchema.required(),
  }),
);
