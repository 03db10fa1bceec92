import { faultOf, named, type fault } from './fault';
import { mixed, ValidationError, type Schema } from 'yup';

/**
 * One of several kinds of a thing, each with fields of its own.
 * @param kinds what each kind must hold
 * @param otherwise what is said of a value that is none of them
 */
export const byKind = <T extends { readonly kind: string }>(
  kinds: Readonly<Record<T['kind'], Schema>>,
  otherwise: ReturnType<typeof fault>,
) =>
  mixed<T>().test('kind', otherwise, function (value) {
    if (value === undefined) return true;
    const kind = (value as { kind?: unknown } | null)?.kind;
    const found = new Map<unknown, Schema>(Object.entries(kinds)).get(kind);
    if (!found) return false;
    try {
      found.validateSync(value, { strict: true });
      return true;
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error;
      return this.createError({ message: { ...named(error.path ?? '', faultOf(error)) } });
    }
  });
