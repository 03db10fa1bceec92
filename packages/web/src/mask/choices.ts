import type { FormulaPart, Mask } from '@amber-ladle/core/mask';

/** Values to choose from, with their words. */
export const choicesOf = <T extends string>(words: Readonly<Record<T, string>>, values: readonly T[]) =>
  values.map((value) => ({ value, title: words[value] }));

/** A list with a value taken out where it is in it, and put to it where it is not. */
export const toggled = <T>(all: readonly T[], one: T): T[] =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];

/** A text as lines, blank ones kept while they are being typed. */
export const linesOf = (text: string): string[] => text.split('\n');

/** Lines without blank ones, trimmed: as they are kept. */
export const filledLines = (lines: readonly string[]): string[] =>
  lines.map((line) => line.trim()).filter((line) => line !== '');

/** How far a held ratio may drift: spoons rarely meet it exactly. */
export const RATIO_SLACK = 0.15;

/**
 * The ratio by volume that two parts of a mask have as they are written, to be held.
 * @param lines the mask as it is sized: where a part's density is seen
 * @returns nothing where one of them is missing, or both are the same
 * @example
 * // 3 parts of oil (0.9 g/mL) to 1 of honey (1.4 g/mL): 4.67 mL to one.
 */
export function ratioHeld(
  parts: readonly FormulaPart[],
  lines: readonly { readonly ingredientId: string; readonly grams: number; readonly millilitres: number }[],
  of: string | null,
  to: string | null,
): Mask['heldRatios'][number] | undefined {
  if (of === to) return undefined;
  const millilitres = (id: string | null): number | undefined => {
    const share = parts.find(({ ingredientId }) => ingredientId === id)?.share;
    const line = lines.find(({ ingredientId }) => ingredientId === id);
    return share !== undefined && line && line.grams > 0 ? (share * line.millilitres) / line.grams : undefined;
  };
  const [a, b] = [millilitres(of), millilitres(to)];
  if (of === null || to === null || a === undefined || b === undefined || !(b > 0)) return undefined;
  return { ingredientId: of, toIngredientId: to, ratio: a / b, tolerance: RATIO_SLACK };
}
