import { ingredientById, mixedFlow, type Catalogue } from '../ingredient';
import type { TexturePart } from './texture';

/** Looked at on the way: fine enough that none of our mixtures turns back in between. */
const STEPS = 24;
const HALVINGS = 40;

/**
 * What is done to a bowl by the gram: one ingredient is added, held back, or gives its place to another.
 * What comes in may be in the bowl already or not.
 */
export interface Change {
  readonly inId?: string;
  readonly outId?: string;
}

/** The bowl after so many grams of a change. */
export function changed(parts: readonly TexturePart[], { inId, outId }: Change, grams: number): readonly TexturePart[] {
  const all =
    inId === undefined || parts.some(({ ingredientId }) => ingredientId === inId)
      ? parts
      : [...parts, { ingredientId: inId, grams: 0 }];
  return all.map((part) => ({
    ...part,
    grams: part.grams + (part.ingredientId === inId ? grams : 0) - (part.ingredientId === outId ? grams : 0),
  }));
}

/**
 * Grams of a change that first bring a mixture to a wanted flow. What water does to starch and syrup is no straight line, so the
 * way there is walked, and the step that crosses is halved.
 *
 * @param wanted log₁₀ mPa·s
 * @param most as far as it is looked, grams, above 0; no more than there is of what is taken out
 * @returns grams above 0, at most `most`; 0 where it is there already; nothing where this change never brings it there
 * @throws RangeError for an empty bowl or an unknown ingredient
 * @example gramsToReach([{ ingredientId: 'avocado', grams: 150 }], CATALOGUE, { inId: 'milk' }, 4, 100) // 36
 */
export function gramsToReach(
  parts: readonly TexturePart[],
  catalogue: Catalogue,
  change: Change,
  wanted: number,
  most: number,
): number | undefined {
  const above = (grams: number): number => {
    const after = changed(parts, change, grams);
    return (
      mixedFlow(after.map((part) => ({ row: ingredientById(catalogue, part.ingredientId), grams: part.grams })))
        .flowLog10 - wanted
    );
  };
  const start = above(0);
  if (start === 0) return 0;
  for (let step = 1; step <= STEPS; step++) {
    if (above((most * step) / STEPS) * start > 0) continue;
    let [from, to] = [(most * (step - 1)) / STEPS, (most * step) / STEPS];
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (from + to) / 2;
      if (above(middle) * start > 0) from = middle;
      else to = middle;
    }
    return to;
  }
  return undefined;
}
