import { fault, instant } from '@amber-ladle/contract';
import { lazy, mixed, number, object, string, type Schema } from 'yup';

/** What columns of many tables hold, as far as a row may come in from a file or a copy. */
export const key = string().required().max(120);
export const moment = instant.required();
/** A moment that may not have come. */
export const maybeMoment = instant.nullable().defined();
export const version = number().integer().min(1).max(1_000_000_000).required();
export const finite = number()
  .required()
  .test('finite', fault('wrong'), (value) => Number.isFinite(value) && Math.abs(value) < 1e9);

/** A column that may be empty, and holds what the schema says where it is not. */
export const maybe = (schema: Schema<unknown>) =>
  lazy((value: unknown): Schema<unknown> => (value === null ? mixed().nullable() : schema));
/** One of a few words, or empty. */
export const maybeOneOf = <T extends string>(words: readonly T[]) =>
  string()
    .nullable()
    .oneOf([...words, null])
    .defined();

/** The id of something that there may not be. */
export const maybeKey = string().max(120).nullable().defined();

/** A value for each of any names. */
export const anObject = object().required();

/** Looks whether a row may come in. @throws ValidationError */
export type RowCheck = (row: unknown) => void;

/** A row is as its schema says, without a word turned into a number. */
export const rowOf =
  (schema: Pick<Schema<unknown>, 'validateSync'>): RowCheck =>
  (row) => {
    schema.validateSync(row, { strict: true });
  };
