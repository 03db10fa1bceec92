/** A pour this near its target is on target. Assumption of this project: kitchen scales show whole grams. */
export const NEAR_SHARE = 0.03;
export const NEAR_GRAMS = 1;

/** True where a pour is near enough to leave the rest of the bowl alone. Grams, 0 or more. */
export const isOnTarget = (grams: number, targetGrams: number): boolean =>
  Math.abs(grams - targetGrams) <= Math.max(NEAR_GRAMS, targetGrams * NEAR_SHARE);

/** Pours that went off by more than that, grams by ingredient: the rest is fitted around these. */
export function offTarget(
  poured: Readonly<Record<string, number>>,
  targets: Readonly<Record<string, number>>,
): Readonly<Record<string, number>> {
  return Object.fromEntries(
    Object.entries(poured).filter(([id, grams]) => grams > 0 && !isOnTarget(grams, targets[id] ?? grams)),
  );
}

/** A change of what is still to come. */
export interface Rebalanced {
  readonly ingredientId: string;
  readonly fromGrams: number;
  readonly toGrams: number;
}

/** What is still to come and changes by more than a pour can show. */
export function rebalancedLines(
  before: readonly { readonly ingredientId: string; readonly grams: number }[],
  after: readonly { readonly ingredientId: string; readonly grams: number }[],
  isIn: (ingredientId: string) => boolean,
): readonly Rebalanced[] {
  const to = new Map(after.map(({ ingredientId, grams }) => [ingredientId, grams]));
  return before.flatMap(({ ingredientId, grams }) => {
    const toGrams = to.get(ingredientId) ?? 0;
    return isIn(ingredientId) || isOnTarget(toGrams, grams) ? [] : [{ ingredientId, fromGrams: grams, toGrams }];
  });
}
