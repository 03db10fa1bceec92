import { placeIdSchema, placeSchema, readingSchema } from '@amber-ladle/contract';
import { number, object } from 'yup';
import { rowOf } from '../kernel/row';

export const placeRow = rowOf(
  object({ ...placeSchema.fields, id: placeIdSchema, sort: number().required().integer().min(-1e6).max(1e6) }),
);

export const readingRow = rowOf(readingSchema);
