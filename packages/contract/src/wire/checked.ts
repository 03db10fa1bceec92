import type { InferType, Schema } from 'yup';

/** As it travels: JSON has nothing that is undefined, a field is there or it is not. */
export type Sent<T> = T extends Uint8Array
  ? T
  : T extends object
    ? { [Name in keyof T]: Sent<Exclude<T[Name], undefined>> }
    : T;

/** As somebody says it: a list may be anybody's, a field that is left out may be there without a value. */
export type Said<T> = T extends Uint8Array
  ? T
  : T extends readonly unknown[]
    ? { readonly [Place in keyof T]: Said<T[Place]> }
    : T extends object
      ? { [Name in keyof T]: Said<T[Name]> }
      : T;

/** What a schema describes, for whoever says it. */
export type Of<S extends Schema> = Said<InferType<S>>;

/**
 * Checks a value against a schema, strictly: no text is taken for a number, no field is silently dropped.
 * @returns the value as the schema describes it
 * @throws ValidationError with every fault
 */
export function checked<S extends Schema<unknown>>(schema: S, value: unknown): Sent<InferType<S>> {
  // A missing body is one in which everything is missing: it is refused field by field like any other.
  return schema.validateSync(value === undefined ? {} : value, { strict: true, abortEarly: false }) as Sent<
    InferType<S>
  >;
}

/**
 * Reads a query, where everything is text: numbers and words are made of it, and then held to the schema.
 * @throws ValidationError with every fault
 */
export function checkedQuery<S extends Schema<unknown>>(schema: S, query: unknown): Sent<InferType<S>> {
  return schema.validateSync(query, { abortEarly: false }) as Sent<InferType<S>>;
}
