import { reach, type Schema } from 'yup';

/** What a field takes, as the schema of what it is sent in says. */
export interface Limits {
  /** Of a number, both included. @param per how many of the field's units the schema's one is: 100 for a share shown in per cent */
  readonly number: (path: string, per?: number) => { readonly min: number; readonly max: number };
  /** Of a text, in letters. */
  readonly text: (path: string) => { readonly maxlength: number };
}

/**
 * The limits of a form's fields, from the schema that its answer is checked by: a field that takes what is refused afterwards is
 * found out too late.
 * @throws RangeError where the schema has no such field, or no limit for it
 * @example limitsOf(headMeasureSchema).number('centimetres') // { min: 0.1, max: 200 }
 */
export function limitsOf(schema: Schema<unknown>): Limits {
  const limit = (path: string, name: 'min' | 'max'): number => {
    const field = reach(schema, path).describe();
    const tests = 'tests' in field ? field.tests : [];
    const found = tests.find((test) => test.name === name)?.params?.[name];
    if (typeof found !== 'number') throw new RangeError(`No ${name} is said of ${path}.`);
    return found;
  };
  return {
    number: (path, per = 1) => ({ min: limit(path, 'min') * per, max: limit(path, 'max') * per }),
    text: (path) => ({ maxlength: limit(path, 'max') }),
  };
}
