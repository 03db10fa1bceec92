/** What a bowl took from a lot, and what that lot still holds; usable grams. */
export interface DrawnFrom {
  readonly lotId: string;
  readonly ingredientId: string;
  readonly drawnGrams: number;
  readonly leftGrams: number;
}

/** A draw that makes up a difference: less than 0 out of the lot, more than 0 back into it. */
export interface SettlingDraw {
  readonly lotId: string;
  readonly grams: number;
}

/** A difference this small is the scale's, not the shelf's. */
export const SETTLE_FROM_GRAMS = 1;

/**
 * Draws that bring what was taken for a bowl to what was weighed into it. What was poured beyond it comes from the lots
 * that were drawn from, as far as they hold it; what was not needed goes back to the last of them.
 * @param weighed usable grams by ingredient; what was not weighed is left as it was drawn
 */
export function settlingDraws(
  drawn: readonly DrawnFrom[],
  weighed: Readonly<Record<string, number>>,
): readonly SettlingDraw[] {
  return Object.entries(weighed).flatMap(([ingredientId, grams]) => {
    const lots = drawn.filter((lot) => lot.ingredientId === ingredientId);
    const taken = lots.reduce((sum, lot) => sum + lot.drawnGrams, 0);
    const difference = grams - taken;
    if (lots.length === 0 || Math.abs(difference) <= SETTLE_FROM_GRAMS) return [];
    return difference > 0 ? takeMore(lots, difference) : putBack(lots, -difference);
  });
}

function takeMore(lots: readonly DrawnFrom[], grams: number): SettlingDraw[] {
  let missing = grams;
  return lots.flatMap(({ lotId, leftGrams }) => {
    const more = Math.min(leftGrams, missing);
    missing -= more;
    return more > 0 ? [{ lotId, grams: -more }] : [];
  });
}

/** Never more goes back into a lot than came out of it. */
function putBack(lots: readonly DrawnFrom[], grams: number): SettlingDraw[] {
  let over = grams;
  return [...lots].reverse().flatMap(({ lotId, drawnGrams }) => {
    const back = Math.min(drawnGrams, over);
    over -= back;
    return back > 0 ? [{ lotId, grams: back }] : [];
  });
}
