import { fault } from './fault';
import { lazy, object, type InferType, type Lazy, type Schema } from 'yup';

/** A small dictionary from names to values of one kind; left out where it is not `isRequired`. */
export function dictionary<S extends Schema>(
  value: S,
  most: number,
  isRequired: true,
): Lazy<Record<string, InferType<S>>>;
export function dictionary<S extends Schema>(value: S, most: number): Lazy<Record<string, InferType<S>> | undefined>;
export function dictionary(value: Schema, most: number, isRequired = false): Lazy<unknown> {
  return lazy((given: unknown) => {
    const keys = given !== null && typeof given === 'object' ? Object.keys(given).slice(0, most + 1) : [];
    const row = object(Object.fromEntries(keys.map((key) => [key, value]))).test(
      'few',
      fault('too-many', { most }),
      () => keys.length <= most,
    );
    return isRequired ? row.required() : row.default(undefined).optional();
  });
}
