import { dictionary } from '@amber-ladle/contract';
import { array, number, object, string } from 'yup';
import { anObject, key, maybeMoment, moment, rowOf } from '../kernel/row';

const minutes = number().required().integer().min(0).max(3000);
const step = object({
  id: key,
  kind: string().required().max(40),
  title: anObject,
  words: array().of(anObject).required(),
  tools: array().of(string().required()).required(),
  cautions: array().of(anObject).required(),
  handsOnMinutes: minutes,
  waitMinutes: minutes,
  after: array().of(anObject).required(),
  ingredientIds: array().of(key).required(),
});

export const washDayRow = rowOf(
  object({
    id: key,
    bowlIds: array().of(key).required().min(1).max(2),
    wish: object({
      kind: string()
        .oneOf(['start-at', 'rinsed-by'] as const)
        .required(),
      at: moment,
    }).required(),
    rings: number().required().integer().min(1).max(6),
    steps: array().of(step.required()).required().min(1).max(200),
    order: array().of(key).required().max(200),
    leastWear: dictionary(minutes, 20, true),
    startedAt: moment,
    endedAt: maybeMoment,
  }),
);
