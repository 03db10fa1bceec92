import type { Catalogue, Ingredient } from '../ingredient';
import { swapCandidates, type SwapOptions } from './swap';
import type { Mask } from './types';

/**
 * What would do instead of an ingredient in every one of some masks, the nearest first: for whoever stands in a shop that is
 * out of it.
 * @param masks those without the ingredient are passed over; of none nothing would do
 * @example standInsFor([pearSoftener], 'pear', CATALOGUE)[0].id // 'apple'
 */
export function standInsFor(
  masks: readonly Pick<Mask, 'parts'>[],
  ingredientId: string,
  catalogue: Catalogue,
  options: SwapOptions = {},
): readonly Ingredient[] {
  const wanting = masks.filter(({ parts }) => parts.some((part) => part.ingredientId === ingredientId));
  const [first, ...others] = wanting.map((mask) => swapCandidates(mask, ingredientId, catalogue, options));
  return (first ?? []).filter((row) => others.every((rows) => rows.includes(row)));
}
