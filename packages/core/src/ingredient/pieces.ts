import type { Ingredient, PieceSize } from './types';

/** How far single pieces lie around their size where nothing better is known, as a coefficient of variation. Assumption of this project. */
export const USUAL_PIECE_SPREAD = 0.12;

/**
 * The size of piece to reckon with.
 * @param sizeId one of the ingredient's sizes; the usual one when missing or unknown
 * @throws RangeError for an ingredient that does not come in pieces
 */
export function pieceSize(ingredient: Ingredient, sizeId?: string): PieceSize {
  const { pieces } = ingredient;
  const size =
    pieces?.sizes.find(({ id }) => id === sizeId) ??
    pieces?.sizes.find(({ id }) => id === pieces.usualSize) ??
    pieces?.sizes[0];
  if (!size) throw new RangeError(`${ingredient.name} does not come in pieces.`);
  return size;
}

/**
 * Weight of a whole piece as bought, in grams, from its usable part.
 * @param usableGrams 0 or more
 * @param refuseShare 0 or more, below 1
 * @example wholeGrams(50, 0.12) // 56.8, a large egg in its shell
 */
export function wholeGrams(usableGrams: number, refuseShare: number): number {
  return usableGrams / (1 - refuseShare);
}

/** Usable grams of a piece weighed whole. @example usableGrams(180, 0.26) // 133.2 */
export function usableGrams(whole: number, refuseShare: number): number {
  return whole * (1 - refuseShare);
}
