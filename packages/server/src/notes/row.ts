import { wearLogSchema, toldFactsSchema } from '@amber-ladle/contract';
import { array, number, object, string } from 'yup';
import { finite, key, moment, rowOf, version } from '../kernel/row';

/** What was reckoned of a bowl when it was worn; older files lack some of it. */
const facts = object({
  ...toldFactsSchema.fields,
  headName: string().required(),
  maskName: string().required(),
  maskId: key,
  flowLog10: finite,
  neededMillilitres: finite,
  plannedMillilitres: finite,
  gramsPerMillilitre: number().required().moreThan(0).max(30),
  sections: array().of(number().required().min(0).max(1)).required().max(40),
  minutes: number().min(0).max(100_000).optional(),
});

export const wearLogRow = rowOf(
  object({ bowlId: key, headId: key, at: moment, version, facts: facts.required(), body: wearLogSchema.required() }),
);

export const forgettingRow = rowOf(object({ headId: key, at: moment }));
