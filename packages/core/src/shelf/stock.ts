/** What can happen to a lot. Grams are usable grams, except for the raw thing, which is weighed as it is. */
export const MOVEMENT_KINDS = [
  'add',
  'draw',
  'cut-off',
  'cut-in',
  'open',
  'move',
  'touch',
  'correct',
  'discard',
  'use-otherwise',
  'undo',
] as const;
export type MovementKind = (typeof MOVEMENT_KINDS)[number];

/** One line of the book of stock. Nothing is ever struck out: an undo is a movement of its own. */
export interface Movement {
  readonly lotId: string;
  readonly kind: MovementKind;
  /** Signed; 0 for what changes only place, ripeness or state. */
  readonly grams: number;
}

/** Grams below this are a rounding error, not stock. */
export const CRUMB_GRAMS = 0.05;

/** The balance of each lot: the sum of its movements, always. */
export function balances(movements: readonly Movement[]): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { lotId, grams } of movements) sums.set(lotId, (sums.get(lotId) ?? 0) + grams);
  return sums;
}

/**
 * The balance after movements.
 * @throws RangeError where a lot would fall below nothing
 * @example balanceAfter(200, [{ grams: -75 }]) // 125
 */
export function balanceAfter(before: number, movements: readonly Pick<Movement, 'grams'>[]): number {
  const after = movements.reduce((sum, { grams }) => sum + grams, before);
  if (after < -CRUMB_GRAMS) throw new RangeError('There is less of it than that.');
  return Math.abs(after) < CRUMB_GRAMS ? 0 : after;
}
