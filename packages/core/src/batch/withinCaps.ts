import { bowlMillilitresPerGram, type FormulaPart, type Mask } from '../mask';
import type { Catalogue } from '../ingredient';
import type { NamedCap } from './caps';

/** A formula that keeps to its caps, and which of its parts they push. */
export interface CappedFormula {
  readonly parts: readonly FormulaPart[];
  /** The cap that holds a part down, by ingredient. */
  readonly heldBy: ReadonlyMap<string, NamedCap>;
}

/** Rounds of pushing down and filling up; each comes nearer by far. */
const ROUNDS = 40;
/** A part that is pushed by less than this share is not worth a word. */
const TOLD_FROM = 0.02;

/**
 * A formula brought under its caps at a volume: what a cap holds down shrinks, and the rest fills up to the volume again in
 * its own proportions. So a limit never makes a bowl grow, and a mask that was written over one comes out at it.
 *
 * @param millilitres of the bowl, above 0
 * @param lockedGrams amounts that are not up for it, by ingredient
 */
export function withinCaps(
  mask: Mask,
  catalogue: Catalogue,
  caps: readonly NamedCap[],
  millilitres: number,
  lockedGrams: Readonly<Record<string, number>> = {},
): CappedFormula {
  const { parts } = mask;
  const volumes = parts.map(({ ingredientId }) => bowlMillilitresPerGram(mask, catalogue, ingredientId));
  const isLocked = parts.map(({ ingredientId }) => lockedGrams[ingredientId] !== undefined);
  const perGram = parts.reduce((sum, { share }, i) => sum + share * (volumes[i] ?? 0), 0);
  const grams = parts.map(({ ingredientId, share }) => lockedGrams[ingredientId] ?? (share * millilitres) / perGram);
  const ideal = [...grams];
  const heldBy = new Map<string, NamedCap>();

  const sum = (from: readonly number[], of: (i: number) => boolean): number =>
    from.reduce((total, value, i) => total + (of(i) ? value * (grams[i] ?? 0) : 0), 0);
  for (let round = 0; round < ROUNDS; round++) {
    let isMoved = false;
    for (const cap of caps) {
      const { coefficients, bound } = cap;
      const pushes = (i: number): boolean => (coefficients[i] ?? 0) > 0 && isLocked[i] !== true;
      const pushing = sum(coefficients, pushes);
      const rest = sum(coefficients, (i) => !pushes(i));
      if (pushing + rest <= bound + 1e-9 || pushing <= 0) continue;
      const share = Math.max(0, bound - rest) / pushing;
      parts.forEach(({ ingredientId }, i) => {
        if (!pushes(i)) return;
        grams[i] = (grams[i] ?? 0) * share;
        heldBy.set(ingredientId, cap);
      });
      isMoved = true;
    }
    if (!isMoved) break;
    const free = (i: number): boolean => !heldBy.has(parts[i]?.ingredientId ?? '') && isLocked[i] !== true;
    const filled = sum(volumes, free);
    const missing = millilitres - sum(volumes, (i) => !free(i));
    if (filled > 0 && missing > 0)
      parts.forEach((_, i) => {
        if (free(i)) grams[i] = ((grams[i] ?? 0) * missing) / filled;
      });
  }
  if (heldBy.size === 0) return { parts, heldBy };
  for (const [i, { ingredientId }] of parts.entries())
    if ((grams[i] ?? 0) > (1 - TOLD_FROM) * (ideal[i] ?? 0)) heldBy.delete(ingredientId);
  // What is locked keeps its place in the formula; its amount is not for a limit to change.
  const shares = parts.map(({ share }, i) =>
    isLocked[i] === true ? (share * millilitres) / perGram : (grams[i] ?? 0),
  );
  const total = shares.reduce((all, share) => all + share, 0);
  return { parts: parts.map((part, i) => ({ ...part, share: (shares[i] ?? 0) / total })), heldBy };
}
