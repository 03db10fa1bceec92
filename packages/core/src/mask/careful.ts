import { ingredientById, type Catalogue, type Ingredient } from '../ingredient';
import type { Mask } from './types';

/** Fruit whose fibre, grit or seeds stay in the hair unless a cloth holds them back (common practice, no published source). */
const THROUGH_A_CLOTH: ReadonlySet<string> = new Set(['avocado', 'banana', 'strawberry', 'pear', 'mango']);

/** Raw egg stays in an hour at the very most (common practice, no published source). */
export const EGG_LIMIT_MINUTES = 60;

export const isRawEgg = ({ family }: Pick<Ingredient, 'family'>): boolean => family === 'egg';
export const leavesBits = ({ id }: Pick<Ingredient, 'id'>): boolean => THROUGH_A_CLOTH.has(id);

/**
 * A mask with the rules of its ingredients applied to it: raw egg means cool water, no heat and no long wear; what
 * stains goes on before the shampoo; bits go through a cloth. It only ever tightens.
 * @throws RangeError for an unknown ingredient
 */
export function tightened<M extends Pick<Mask, 'parts' | 'heat' | 'rinse' | 'wear' | 'slot' | 'strained' | 'keeping'>>(
  mask: M,
  catalogue: Catalogue,
): M {
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  const egg = rows.some(isRawEgg);
  const limitMinutes = egg ? Math.min(mask.wear.limitMinutes, EGG_LIMIT_MINUTES) : mask.wear.limitMinutes;
  const aimMinutes = Math.min(mask.wear.aimMinutes, limitMinutes);
  return {
    ...mask,
    heat: egg ? 'never' : mask.heat,
    rinse: egg ? { ...mask.rinse, temperature: 'cool-to-lukewarm' } : mask.rinse,
    wear: { minimumMinutes: Math.min(mask.wear.minimumMinutes, aimMinutes), aimMinutes, limitMinutes },
    keeping: egg ? 'same-day' : mask.keeping,
    slot: rows.some(({ stains }) => stains) ? 'before-shampoo' : mask.slot,
    strained: mask.strained || rows.some(leavesBits),
  };
}
