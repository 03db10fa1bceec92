import { gramsPerMillilitre, ingredientById, type Catalogue } from '../ingredient';

/** Something poured by eye, and what was measured of it afterwards. */
export type Pour =
  /** The bottle or the bowl on the scale before and after, whatever it weighs itself. */
  | {
      readonly ingredientId: string;
      readonly kind: 'weighed';
      readonly beforeGrams: number;
      readonly afterGrams: number;
    }
  /** Held beside a spoon that is known: about so many of it. */
  | {
      readonly ingredientId: string;
      readonly kind: 'spoons';
      readonly spoons: number;
      readonly spoonMillilitres: number;
    };

/**
 * What a pour was, grams. Bottle or bowl: what the one lost or the other gained is the same, so the difference counts.
 * @throws RangeError for a difference or a spoon of nothing, or an unknown ingredient
 * @example gramsOf({ ingredientId: 'honey', kind: 'weighed', beforeGrams: 480, afterGrams: 459 }, CATALOGUE) // 21
 */
export function gramsOf(pour: Pour, catalogue: Catalogue): number {
  const row = ingredientById(catalogue, pour.ingredientId);
  const grams =
    pour.kind === 'weighed'
      ? Math.abs(pour.beforeGrams - pour.afterGrams)
      : pour.spoons * pour.spoonMillilitres * gramsPerMillilitre(row);
  if (!(grams > 0)) throw new RangeError(`${row.name}: before and after weigh the same, so nothing was poured.`);
  return grams;
}

/**
 * Pours as amounts that can be repeated, grams by ingredient in the order they were poured; poured twice, it is added up.
 * @throws RangeError as {@link gramsOf}
 */
export function amountsOf(
  pours: readonly Pour[],
  catalogue: Catalogue,
): readonly { readonly ingredientId: string; readonly grams: number }[] {
  const grams = new Map<string, number>();
  for (const pour of pours)
    grams.set(pour.ingredientId, (grams.get(pour.ingredientId) ?? 0) + gramsOf(pour, catalogue));
  return [...grams].map(([ingredientId, weight]) => ({ ingredientId, grams: weight }));
}
