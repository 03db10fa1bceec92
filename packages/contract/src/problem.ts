import type { AnyObjectSchema, ValidationError } from 'yup';

/** An error on the wire: RFC 9457, with messages by field that a person can act on. */
export interface Problem {
  /** Stable name of the kind of error. */
  type: string;
  title: string;
  status: number;
  detail?: string;
  /** Field path → what to do about it. */
  fields?: Record<string, string>;
  /** The row as it is now, when a write was stale. */
  current?: unknown;
}

export const PROBLEM_TYPES = {
  invalid: 'urn:amber-ladle:invalid',
  malformed: 'urn:amber-ladle:malformed',
  'not-found': 'urn:amber-ladle:not-found',
  stale: 'urn:amber-ladle:stale',
  'in-use': 'urn:amber-ladle:in-use',
  'not-enough': 'urn:amber-ladle:not-enough',
  'too-large': 'urn:amber-ladle:too-large',
  'wrong-origin': 'urn:amber-ladle:wrong-origin',
  'too-many': 'urn:amber-ladle:too-many',
  'wrong-type': 'urn:amber-ladle:wrong-type',
  storage: 'urn:amber-ladle:storage',
  internal: 'urn:amber-ladle:internal',
} as const;

/** Messages by field from a failed validation; the first message of a field wins. */
export function fieldMessages(error: ValidationError): Record<string, string> {
  const all = error.inner.length > 0 ? error.inner : [error];
  const fields: Record<string, string> = {};
  for (const { path, message } of all) fields[path ?? ''] ??= message;
  return fields;
}

/**
 * Checks a value against a schema, strictly: no text is taken for a number, no field is silently dropped.
 * @throws ValidationError with every fault
 */
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters -- the caller says what the schema checks
export function parse<T>(schema: Pick<AnyObjectSchema, 'validateSync'>, value: unknown): T {
  // A missing body is one in which everything is missing: it is refused field by field like any other.
  return schema.validateSync(value === undefined ? {} : value, { strict: true, abortEarly: false }) as T;
}
