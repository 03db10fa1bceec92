import type { TextureClass } from '../hair';
import { ingredientById, type Catalogue, type Ingredient } from '../ingredient';
import { gramsToReach, type Change } from './gramsToReach';
import { estimateTexture, textureBounds, type TexturePart } from './texture';

/** More added (or held back) than this share of the bowl is another mask, not a fix. Assumption of this project. */
const MOST_OF_BOWL = 0.35;
/** No more than this part of one ingredient is held back. Assumption of this project. */
const MOST_HELD_BACK = 0.6;
/** A little inside the class, so that the fix does not end on its edge. */
const INSIDE = 0.15;
/** Dry and strong things are never the fix, nor is what only comes whole and raw. */
const isNever = ({ traits }: Ingredient): boolean => traits.keepsItsShare || traits.cooksInWarmth;

/** No more of a cream than this gives its place to what it is cooked in: that is a thinner pot, not another mask. */
const MOST_OF_CREAM = 0.7;

/** One way to bring a bowl to another class. */
export interface TextureFix {
  /** Cooked thinner, the bowl stays as large: so many grams of a cream give their place to what it is cooked in. */
  readonly does: 'add' | 'hold-back' | 'cook-thinner';
  readonly ingredientId: string;
  /** Grams to add to, to leave out of, or to have thinner in the bowl; above 0. */
  readonly grams: number;
  /** Already in the bowl. */
  readonly isInBowl: boolean;
  /** What a cream is cooked thinner with. */
  readonly liquidId?: string;
}

/**
 * How to bring a bowl to a wanted class: how much of which thinner (or thickener) to add, what to hold back, and which cream to
 * cook thinner.
 *
 * @param parts what is in the bowl, in grams
 * @param personalOffset what earlier bowls of this mask taught, in log₁₀ mPa·s
 * @returns the smallest first; none where the bowl is there already, or where it would take another mask
 * @throws RangeError for an empty bowl or an unknown ingredient
 * @example
 * const parts = [{ ingredientId: 'rice-cream', grams: 150 }, { ingredientId: 'coconut-milk', grams: 50 }];
 * textureFixes(parts, CATALOGUE, 'pourable')[0] // { does: 'cook-thinner' }
 */
export function textureFixes(
  parts: readonly TexturePart[],
  catalogue: Catalogue,
  wanted: Exclude<TextureClass, 'oil'>,
  personalOffset = 0,
): readonly TextureFix[] {
  const estimate = estimateTexture(parts, catalogue, personalOffset);
  if (estimate.texture === wanted) return [];
  const [lower, upper] = textureBounds(wanted);
  const isTooThick = estimate.flowLog10 >= upper;
  const target = (isTooThick ? upper - INSIDE : lower + INSIDE) - personalOffset;
  const total = parts.reduce((sum, { grams }) => sum + grams, 0);
  const reach = (change: Change, most: number): number => gramsToReach(parts, catalogue, change, target, most) ?? 0;

  const inBowl = parts
    .filter(({ grams }) => grams > 0)
    .map(({ ingredientId, grams }) => ({
      id: ingredientId,
      there: grams,
      row: ingredientById(catalogue, ingredientId),
    }))
    .filter(({ row }) => !isNever(row));
  const there = new Set(inBowl.map(({ id }) => id));
  const thinners = [...catalogue.values()].filter((row) => isTooThick && row.traits.isThinner && !isNever(row));

  const added = [...new Set([...there, ...thinners.map(({ id }) => id)])].map((ingredientId): TextureFix => {
    const grams = reach({ inId: ingredientId }, MOST_OF_BOWL * total);
    return { does: 'add', ingredientId, grams, isInBowl: there.has(ingredientId) };
  });
  const heldBack = inBowl.map(({ id, there: most }): TextureFix => {
    return { does: 'hold-back', ingredientId: id, grams: reach({ outId: id }, MOST_HELD_BACK * most), isInBowl: true };
  });
  const thinner = inBowl.flatMap(({ id, there: most, row: { traits, recipe } }): TextureFix[] => {
    const liquidId = traits.thickens === 'cooked-starch' && isTooThick ? recipe?.pot?.liquidId : undefined;
    if (liquidId === undefined) return [];
    const grams = reach({ inId: liquidId, outId: id }, MOST_OF_CREAM * most);
    return [{ does: 'cook-thinner', ingredientId: id, grams, isInBowl: true, liquidId }];
  });
  return [...added, ...heldBack, ...thinner]
    .filter(({ grams }) => grams > 0)
    .sort((a, b) => a.grams - b.grams || a.ingredientId.localeCompare(b.ingredientId));
}
