import type { Column, Table } from './tables';

/** What a file of a household calls itself. */
export const FORMAT = 'amber-ladle-household';

const text = { type: 'string' } as const;
const anObject = { type: 'object' } as const;
const aList = { type: 'array' } as const;
const some = (...required: string[]) => ({ type: 'object', required });

/** What the larger columns hold, as far as a reader can rely on it; the rest of each is kept as it is. */
const HELD: Readonly<Record<string, object>> = {
  'head.profile': some('amount', 'strandDiameterMicrometres', 'stretchedLengthCentimetres', 'evenness', 'style'),
  'head.story': anObject,
  'head.look': anObject,
  'bowl.snapshot': {
    ...some('head', 'mask', 'choices', 'spoons', 'sized'),
    properties: {
      head: some('id', 'name', 'profile'),
      others: aList,
      mask: some('id', 'name', 'parts', 'wear', 'rinse'),
      ingredients: aList,
      choices: anObject,
      spoons: aList,
      sized: some('demand', 'losses', 'lines', 'madeMillilitres', 'needMillilitres', 'texture'),
    },
  },
  'bowl_life.stays': aList,
  'bowl_life.wearing': anObject,
  'bowl_life.left_over': { type: ['object', 'null'] },
  'bowl_life.decisions': aList,
  'mask.body': some('id', 'name', 'parts', 'version'),
  'mask_version.body': some('id', 'name', 'parts', 'version'),
  'ingredient.body': some('id', 'name', 'family'),
  'lot.stays': aList,
  'lot.touches': aList,
  'photo.crop': some('x', 'y', 'zoom'),
  'week_plan.plan': some(
    'day',
    'days',
    'bowls',
    'chills',
    'freezes',
    'otherwise',
    'lostGrams',
    'byDayLostGrams',
    'isProven',
  ),
  'told_use.facts': some('texture', 'modelMillilitres', 'madeMillilitres', 'holdUpMillilitres', 'dripShare', 'heads'),
  'wash_day.bowl_ids': { ...aList, items: text },
  'wash_day.wish': some('kind', 'at'),
  'wash_day.steps': aList,
  'wash_day.step_order': aList,
  'wash_day.least_wear': anObject,
  'wash_event.body': some('kind', 'stepId'),
  'bowl_event.fact': some('kind'),
  'wear_log.facts': some('maskId', 'madeMillilitres', 'modelMillilitres', 'sections'),
  'wear_log.body': some('said', 'changes', 'words'),
};

function columnSchema(table: string, column: Column): object {
  const held = HELD[`${table}.${column.name}`];
  if (column.kind === 'json') return held ?? {};
  const type = { boolean: 'boolean', bytes: 'string', text: 'string', number: column.isWhole ? 'integer' : 'number' }[
    column.kind
  ];
  const rest = column.kind === 'bytes' ? { contentEncoding: 'base64' } : {};
  return { type: column.canBeEmpty ? [type, 'null'] : type, ...rest };
}

/**
 * The JSON schema (draft 2020-12) of a household's file: one list for each table, one object for each row, columns by
 * their names.
 * @param version of the household's tables, rising by one with each change of them
 */
export function householdFileSchema(tables: readonly Table[], version: number) {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: `urn:amber-ladle:household:${version}`,
    title: 'A household of Amber Ladle',
    type: 'object',
    required: ['format', 'version', 'tables'],
    additionalProperties: false,
    properties: {
      format: { const: FORMAT },
      version: { const: version },
      written: { ...text, description: 'When, ISO 8601' },
      tables: {
        type: 'object',
        additionalProperties: false,
        properties: Object.fromEntries(
          tables.map(({ name, columns }) => [
            name,
            {
              type: 'array',
              items: {
                type: 'object',
                additionalProperties: false,
                required: columns.filter(({ canBeEmpty }) => !canBeEmpty).map((column) => column.name),
                properties: Object.fromEntries(columns.map((column) => [column.name, columnSchema(name, column)])),
              },
            },
          ]),
        ),
      },
    },
  };
}
