import { lazy, object, type Schema } from 'yup';

/** A small dictionary from names to values of one kind; left out where it is not `isRequired`. */
export const dictionary = (value: Schema, most: number, tooMany: string, isRequired = false) =>
  lazy((given: unknown) => {
    const keys = given !== null && typeof given === 'object' ? Object.keys(given).slice(0, most + 1) : [];
    const row = object(Object.fromEntries(keys.map((key) => [key, value]))).test(
      'few',
      tooMany,
      () => keys.length <= most,
    );
    return isRequired ? row.required() : row.default(undefined).optional();
  });
