import fc from 'fast-check';
import type { SchemaDescription, SchemaFieldDescription, SchemaObjectDescription } from 'yup';

/** Words that stand for something that is there, so that a body gets past the first question. */
export interface Known {
  readonly ids: readonly string[];
}

/**
 * Bodies as a schema describes them, or nearly: what a field may be is drawn from its kind, its words and its limits,
 * so that a request gets as far into a service as it can.
 * @param described what yup tells of a schema
 */
export function anyBody(described: SchemaFieldDescription, known: Known): fc.Arbitrary<unknown> {
  const field = described as SchemaDescription;
  if (Array.isArray(field.oneOf) && field.oneOf.length > 0) return fc.constantFrom(...field.oneOf);
  switch (described.type) {
    case 'object':
      return anyObject(described as SchemaObjectDescription, known);
    case 'array': {
      const { innerType } = described as { innerType?: SchemaFieldDescription };
      return fc.array(innerType ? anyBody(innerType, known) : fc.jsonValue(), { maxLength: 3 });
    }
    case 'string':
      return anyText(known);
    case 'number':
      return anyNumber(field);
    case 'boolean':
      return fc.boolean();
    default:
      return fc.oneof(fc.jsonValue({ maxDepth: 2 }), fc.dictionary(fc.constantFrom(...known.ids), fc.double()));
  }
}

function anyObject({ fields }: SchemaObjectDescription, known: Known): fc.Arbitrary<unknown> {
  const all = Object.entries(fields);
  const required = all.filter(([, field]) => !(field as SchemaDescription).optional).map(([name]) => name);
  return fc.record(Object.fromEntries(all.map(([name, field]) => [name, anyBody(field, known)])), {
    requiredKeys: required,
  });
}

const anyText = ({ ids }: Known): fc.Arbitrary<string> =>
  fc.oneof(
    { weight: 4, arbitrary: fc.constantFrom(...ids) },
    { weight: 2, arbitrary: fc.uuid() },
    {
      weight: 2,
      arbitrary: fc.constantFrom('2026-03-14T08:00:00.000Z', '2026-03-13T23:30:00+05:30', '2031-01-01T00:00Z'),
    },
    { weight: 1, arbitrary: fc.string({ maxLength: 60 }) },
  );

function anyNumber({ tests }: SchemaDescription): fc.Arbitrary<number> {
  const limit = (names: readonly string[], otherwise: number): number => {
    const found = tests.flatMap(({ params }) => names.map((name) => params?.[name])).find((one) => one !== undefined);
    return typeof found === 'number' ? found : otherwise;
  };
  const min = limit(['min', 'more'], 0);
  const max = Math.max(min, limit(['max', 'less'], 1000));
  const [least, most] = [Math.ceil(min), Math.floor(max)];
  return fc.oneof(
    fc.double({ min, max, noNaN: true }),
    fc.constantFrom(min, max),
    ...(least <= most ? [fc.integer({ min: least, max: most })] : []),
  );
}
