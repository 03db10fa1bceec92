import type { TextureClass } from '../hair';
import { ingredientById, type Catalogue, type Ingredient } from '../ingredient';
import { estimateTexture, gramsToReach, textureBounds, type TexturePart } from './texture';

/** More added (or held back) than this share of the bowl is another mask, not a fix. Assumption of this project. */
const MOST_OF_BOWL = 0.35;
/** No more than this part of one ingredient is held back. Assumption of this project. */
const MOST_HELD_BACK = 0.6;
/** A little inside the class, so that the fix does not end on its edge. */
const INSIDE = 0.15;
/** Dry and strong things are never the fix, nor is what only comes whole and raw. */
const isNever = ({ traits }: Ingredient): boolean => traits.keepsItsShare || traits.cooksInWarmth;

/** One way to bring a bowl to another class. */
export interface TextureFix {
  readonly does: 'add' | 'hold-back';
  readonly ingredientId: string;
  /** Grams to add to, or to leave out of, the bowl; above 0. */
  readonly grams: number;
  /** Already in the bowl. */
  readonly isInBowl: boolean;
}

/**
 * How to bring a bowl to a wanted class: how much of which thinner (or thickener) to add, and what to hold back.
 * From (F·T ± f·x) / (T ± x) = wanted, with F the flow now, T the grams now and f the ingredient's flow.
 *
 * @param parts what is in the bowl, in grams
 * @param personalOffset what earlier bowls of this mask taught, in log₁₀ mPa·s
 * @returns the smallest first; none where the bowl is there already, or where it would take another mask
 * @throws RangeError for an empty bowl or an unknown ingredient
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
  const target = isTooThick ? upper - INSIDE : lower + INSIDE;
  const total = parts.reduce((sum, { grams }) => sum + grams, 0);
  const inBowl = new Map(
    parts.filter(({ grams }) => grams > 0).map(({ ingredientId, grams }) => [ingredientId, grams]),
  );

  const fixes: TextureFix[] = [];
  const known = [...catalogue.values()].filter(({ traits }) => traits.isThinner).map(({ id }) => id);
  for (const id of new Set([...inBowl.keys(), ...(isTooThick ? known : [])])) {
    const row = ingredientById(catalogue, id);
    if (isNever(row)) continue;
    const helps = isTooThick ? row.flowLog10 < target : row.flowLog10 > target;
    if (!helps) continue;
    const grams = gramsToReach(estimate, total, row.flowLog10 + personalOffset, target);
    if (grams !== undefined && grams > 0 && grams <= MOST_OF_BOWL * total)
      fixes.push({ does: 'add', ingredientId: id, grams, isInBowl: inBowl.has(id) });
  }
  for (const [id, there] of inBowl) {
    const row = ingredientById(catalogue, id);
    if (isNever(row)) continue;
    const grams = (total * (estimate.flowLog10 - target)) / (row.flowLog10 + personalOffset - target);
    if (grams > 0 && grams <= MOST_HELD_BACK * there)
      fixes.push({ does: 'hold-back', ingredientId: id, grams, isInBowl: true });
  }
  return fixes.sort((a, b) => a.grams - b.grams || a.ingredientId.localeCompare(b.ingredientId));
}
