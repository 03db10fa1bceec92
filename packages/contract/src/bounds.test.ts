import { expect, it } from 'vitest';
import type { SchemaDescription, SchemaFieldDescription, SchemaObjectDescription } from 'yup';
import { ENDPOINTS } from '.';

const names = ({ tests }: SchemaDescription): Set<string> =>
  new Set(tests.flatMap(({ name, params }) => [name ?? '', ...Object.keys(params ?? {})]));
const isOneOf = ({ oneOf }: SchemaDescription): boolean => oneOf.length > 0;

/** Fields without a limit, by their paths. */
function boundless(field: SchemaFieldDescription, path: string): string[] {
  const described = field as SchemaDescription;
  switch (field.type) {
    case 'object':
      return Object.entries((field as SchemaObjectDescription).fields).flatMap(([name, inner]) =>
        boundless(inner, `${path}.${name}`),
      );
    case 'array': {
      const { innerType } = field as unknown as { innerType?: SchemaFieldDescription };
      const own = names(described).has('max') || names(described).has('once') ? [] : [`${path}[]`];
      return [...own, ...(innerType ? boundless(innerType, `${path}[]`) : [`${path}[] of anything`])];
    }
    case 'string': {
      const own = names(described);
      return isOneOf(described) || ['max', 'matches', 'uuid', 'instant', 'zone'].some((name) => own.has(name))
        ? []
        : [path];
    }
    case 'number': {
      const own = names(described);
      const [least, most] = [
        ['min', 'more'],
        ['max', 'less'],
      ].map((some) => some.some((name) => own.has(name)));
      return isOneOf(described) || (least && most) ? [] : [path];
    }
    default:
      return [];
  }
}

it('gives every number, text and list that comes in its bounds', async () => {
  const found: string[] = [];
  for (const { method, path, taken, asked } of ENDPOINTS)
    for (const check of [taken?.check, asked]) {
      const schema = await check?.();
      if (schema) found.push(...boundless(schema.describe(), `${method} ${path}`));
    }
  expect(found).toEqual([]);
});
