import { ingredientById, type Catalogue } from '../ingredient';
import { normaliseShares } from './formula';
import { textureBounds } from './texture';
import type { FormulaPart, Mask } from './types';

/** A part may shrink to a third and grow to three times while a formula is re-balanced; further is another mask. */
const MOST_CHANGE = 3;
/** A little inside the class, so that the balance does not end on its edge. */
const INSIDE = 0.15;

/**
 * Shifts the shares of a formula as little as it takes to bring its texture back into the class it is meant to have.
 *
 * Least Σ ((sᵢ − aᵢ) / (tᵢ·aᵢ))² with Σ sᵢ = 1 and Σ sᵢ·fᵢ = F, where aᵢ is the share now, tᵢ the part's tolerance and
 * fᵢ its flow: two linear equations in two multipliers. A part that would leave its room is set on the edge of it
 * and the rest is solved again.
 *
 * @returns the formula as it was when it already lies in its class, is an oil, or has no room to move
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function rebalanced(mask: Pick<Mask, 'parts' | 'texture'>, catalogue: Catalogue): readonly FormulaPart[] {
  const parts = normaliseShares(mask.parts);
  if (mask.texture === 'oil') return parts;
  const flows = parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId).flowLog10);
  const now = parts.reduce((sum, { share }, i) => sum + share * (flows[i] ?? 0), 0);
  const [lower, upper] = textureBounds(mask.texture);
  if (now >= lower && now < upper) return parts;
  const target = now < lower ? lower + INSIDE : upper - INSIDE;

  const free = parts.map(
    ({ ingredientId, share }) => share > 0 && !ingredientById(catalogue, ingredientId).traits.keepsItsShare,
  );
  const shares = parts.map(({ share }) => share);
  for (let round = 0; round < parts.length; round++) {
    const solved = solve(parts, flows, shares, free, target);
    if (!solved) return round === 0 ? parts : withShares(parts, shares);
    const outside = solved.findIndex((share, i) => {
      const before = parts[i]?.share ?? 0;
      return free[i] === true && (share < before / MOST_CHANGE || share > before * MOST_CHANGE);
    });
    if (outside < 0) return withShares(parts, solved);
    const before = parts[outside]?.share ?? 0;
    shares[outside] = Math.min(before * MOST_CHANGE, Math.max(before / MOST_CHANGE, solved[outside] ?? 0));
    free[outside] = false;
  }
  return withShares(parts, shares);
}

/** The free shares at the minimum, the fixed ones as they are; undefined when the two equations do not determine them. */
function solve(
  parts: readonly FormulaPart[],
  flows: readonly number[],
  shares: readonly number[],
  free: readonly boolean[],
  target: number,
): number[] | undefined {
  let w0 = 0;
  let w1 = 0;
  let w2 = 0;
  let missing = 1;
  let missingFlow = target;
  parts.forEach(({ share, tolerance }, i) => {
    const f = flows[i] ?? 0;
    const current = free[i] ? share : (shares[i] ?? 0);
    missing -= current;
    missingFlow -= current * f;
    if (!free[i]) return;
    const weight = (tolerance * share) ** 2;
    w0 += weight;
    w1 += weight * f;
    w2 += weight * f * f;
  });
  const determinant = w0 * w2 - w1 * w1;
  if (!(determinant > 1e-12 * Math.max(1e-9, w0 * w2))) return undefined;
  const a = (missing * w2 - missingFlow * w1) / determinant;
  const b = (missingFlow * w0 - missing * w1) / determinant;
  return parts.map(({ share, tolerance }, i) =>
    free[i] ? share + (tolerance * share) ** 2 * (a + b * (flows[i] ?? 0)) : (shares[i] ?? 0),
  );
}

const withShares = (parts: readonly FormulaPart[], shares: readonly number[]): readonly FormulaPart[] =>
  normaliseShares(parts.map((part, i) => ({ ...part, share: Math.max(0, shares[i] ?? part.share) })));
