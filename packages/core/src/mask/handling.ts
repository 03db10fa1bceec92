import { ingredientById, preparationOf, type Catalogue, type Ingredient } from '../ingredient';
import type { SourceId } from '../source';
import { isRawEgg, leavesBits } from './careful';
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
  'powders-last',
  'cool-first',
  'foam-settles',
] as const;
export type HandlingId = (typeof HANDLING_IDS)[number];

/** A word for the hands while making: which ingredients it is about, and what to do. */
export interface HandlingNote {
  readonly id: HandlingId;
  readonly ingredientIds: readonly string[];
  readonly words: string;
  readonly source: SourceId;
}

/** Fruit warms when it is blended for longer than this (common practice, no published source). */
export const BLEND_LIMIT_MINUTES = 2;

interface Rule {
  readonly id: HandlingId;
  readonly about: (row: Ingredient, mask: HandledMask) => boolean;
  /** Holds for the mask as a whole, beside the ingredients. */
  readonly when?: (mask: HandledMask, rows: readonly Ingredient[]) => boolean;
  readonly words: string;
}

type HandledMask = Pick<Mask, 'parts' | 'mixing' | 'strained' | 'whisked'>;

const isCooked = ({ id }: Ingredient): boolean => (preparationOf(id)?.minutes ?? 0) > 0;
const isFresh = ({ family }: Ingredient): boolean => ['egg', 'dairy', 'aloe', 'scent'].includes(family);

const RULES: readonly Rule[] = [
  {
    id: 'fork-only',
    about: (row) => isRawEgg(row) || row.id === 'mayonnaise',
    when: (_mask, rows) => rows.some(isRawEgg),
    words: 'By fork: a blender makes egg, and mayonnaise above all, run.',
  },
  {
    id: 'blend-limit',
    about: ({ family }) => family === 'fruit' || family === 'vegetable',
    when: ({ mixing }) => mixing === 'blender',
    words: `Blend a minute, ${BLEND_LIMIT_MINUTES} at the most: longer warms it.`,
  },
  {
    id: 'aloe-pulses',
    about: ({ family }) => family === 'aloe',
    when: ({ mixing }) => mixing === 'blender',
    words: 'A few pulses only; a long blend turns the gel to water.',
  },
  {
    id: 'strain-hot',
    about: (row) => isCooked(row) && row.family !== 'starch',
    words: 'Strain while hot: cold, it will not pass the cloth.',
  },
  {
    id: 'thickens-cooling',
    about: (row) => isCooked(row) && (row.family === 'grain' || row.family === 'starch'),
    words: 'Thickens as it cools: judge it cool, and loosen it with oil or water last.',
  },
  {
    id: 'vent-lid',
    about: (row) => isCooked(row) && row.family === 'grain',
    when: ({ mixing }) => mixing === 'blender',
    words: 'Hot in a blender: lid vented, a cloth over it, never sealed.',
  },
  {
    id: 'drain-sap',
    about: ({ family }) => family === 'aloe',
    words: 'Stand the cut leaf upright until the yellow sap has drained, then rinse it.',
  },
  {
    id: 'sieve-bits',
    about: leavesBits,
    when: ({ strained }) => strained,
    words: 'Through a cloth: bits are hard to wash out.',
  },
  {
    id: 'powders-last',
    about: ({ family }) => ['powder', 'pepper', 'scent', 'soda'].includes(family),
    words: 'Last of all, sifted or counted in.',
  },
  {
    id: 'cool-first',
    about: isFresh,
    when: (_mask, rows) => rows.some(isCooked),
    words: 'Only once what was cooked is hand-warm.',
  },
  {
    id: 'foam-settles',
    about: isRawEgg,
    when: ({ whisked }) => whisked === true,
    words: 'Whisked it stands high and settles again: the amount counts settled.',
  },
];

/**
 * What to mind while making a mask, in the order of the hands. Common practice, no published source.
 * @throws RangeError for an unknown ingredient
 */
export function handlingNotes(mask: HandledMask, catalogue: Catalogue): readonly HandlingNote[] {
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  return RULES.flatMap(({ id, about, when, words }): HandlingNote[] => {
    if (when && !when(mask, rows)) return [];
    const ingredientIds = rows.filter((row) => about(row, mask)).map((row) => row.id);
    return ingredientIds.length > 0 ? [{ id, ingredientIds, words, source: 'common-practice' }] : [];
  });
}
