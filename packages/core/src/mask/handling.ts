import { isCooked, isFirmFat, type Catalogue, type Ingredient } from '../ingredient';
import { message, type Message } from '../message';
import type { SourceId } from '../source';
import { rowsOf } from './careful';
import type { Mask } from './types';

export const HANDLING_IDS = [
  'fork-only',
  'blend-limit',
  'aloe-pulses',
  'strain-hot',
  'thickens-cooling',
  'vent-lid',
  'drain-sap',
  'sieve-bits',
  'warm-oil',
  'shake',
  'powders-last',
  'cool-first',
  'foam-settles',
] as const;
export type HandlingId = (typeof HANDLING_IDS)[number];

/** A word for the hands while making: which ingredients it is about, and what to do. */
export interface HandlingNote {
  readonly id: HandlingId;
  readonly ingredientIds: readonly string[];
  readonly what: Message;
  readonly source: SourceId;
}

/** Fruit warms when it is blended for longer than this (common practice, no published source). */
export const BLEND_LIMIT_MINUTES = 2;

type HandledMask = Pick<Mask, 'parts' | 'mixing' | 'strained' | 'whisked'>;

interface Rule {
  readonly id: HandlingId;
  readonly about: (row: Ingredient) => boolean;
  /** Holds for the mask as a whole, beside the ingredients. */
  readonly when?: (mask: HandledMask, rows: readonly Ingredient[]) => boolean;
  readonly what: Message;
}

const cooks = ({ traits }: Ingredient): boolean => traits.cooksInWarmth;
const isFat = ({ traits }: Ingredient): boolean => traits.matter === 'fat';

const RULES: readonly Rule[] = [
  {
    id: 'fork-only',
    about: ({ traits }) => traits.blending === 'fork-only',
    when: (_mask, rows) => rows.some(cooks),
    what: message('handling.fork-only'),
  },
  {
    id: 'blend-limit',
    about: ({ traits }) => traits.blending === 'warms',
    when: ({ mixing }) => mixing === 'blender',
    what: message('handling.blend-limit', { minutes: BLEND_LIMIT_MINUTES }),
  },
  {
    id: 'aloe-pulses',
    about: ({ traits }) => traits.blending === 'pulses',
    when: ({ mixing }) => mixing === 'blender',
    what: message('handling.aloe-pulses'),
  },
  {
    id: 'strain-hot',
    about: ({ recipe }) => recipe?.method === 'boil-and-blend' || recipe?.method === 'boil-and-strain',
    what: message('handling.strain-hot'),
  },
  {
    id: 'thickens-cooling',
    about: (row) => isCooked(row) && row.traits.thickens === 'cooked-starch',
    what: message('handling.thickens-cooling'),
  },
  {
    id: 'vent-lid',
    about: ({ recipe }) => recipe?.method === 'boil-and-blend',
    when: ({ mixing }) => mixing === 'blender',
    what: message('handling.vent-lid'),
  },
  {
    id: 'drain-sap',
    about: ({ traits }) => traits.hazards.includes('yellow-sap'),
    what: message('handling.drain-sap'),
  },
  {
    id: 'sieve-bits',
    about: ({ traits }) => traits.leavesBits,
    when: ({ strained }) => strained,
    what: message('handling.sieve-bits'),
  },
  {
    id: 'warm-oil',
    about: isFirmFat,
    when: (_mask, rows) => rows.some(cooks),
    what: message('handling.warm-oil'),
  },
  {
    id: 'shake',
    about: ({ traits }) => traits.partsFromOil,
    when: (_mask, rows) => rows.some(isFat) && !rows.some(({ traits }) => traits.thickens === 'emulsion'),
    what: message('handling.shake'),
  },
  {
    id: 'powders-last',
    about: ({ traits }) => traits.prepared === 'last',
    what: message('handling.powders-last'),
  },
  {
    id: 'cool-first',
    about: ({ traits }) => traits.goesInCool,
    when: (_mask, rows) => rows.some(isCooked),
    what: message('handling.cool-first'),
  },
  {
    id: 'foam-settles',
    about: ({ traits }) => traits.foams !== undefined,
    when: ({ whisked }) => whisked === true,
    what: message('handling.foam-settles'),
  },
];

/**
 * What to mind while making a mask, in the order of the hands. Common practice, no published source.
 * @throws RangeError for an unknown ingredient
 */
export function handlingNotes(mask: HandledMask, catalogue: Catalogue): readonly HandlingNote[] {
  const rows = rowsOf(mask, catalogue);
  return RULES.flatMap(({ id, about, when, what }): HandlingNote[] => {
    if (when && !when(mask, rows)) return [];
    const ingredientIds = rows.filter(about).map((row) => row.id);
    return ingredientIds.length > 0 ? [{ id, ingredientIds, what, source: 'common-practice' }] : [];
  });
}
