import { ingredientById, mixedFlow, type Catalogue } from '../ingredient';
import { normaliseShares } from './formula';
import { textureBounds } from './texture';
import type { FormulaPart, Mask } from './types';

/** A part may shrink to a third and grow to three times while a formula is re-balanced; further is another mask. */
const MOST_CHANGE = 3;
/** A little inside the class, so that the balance does not end on its edge. */
const INSIDE = 0.15;

/** The flow is no straight line in the shares where starch and syrup are thinned: so often the line is laid on anew. */
const MOST_LINES = 12;
const CLOSE = 1e-9;
const MOST_FALL = 0.6;
/** For the slope of the flow in a share. */
const NUDGE = 1e-5;

/**
 * Shifts the shares of a formula as little as it takes to bring its texture back into the class it is meant to have.
 *
 * Least Σ ((sᵢ − aᵢ) / (tᵢ·aᵢ))² with Σ sᵢ = 1 and F(s) = target, where aᵢ is the share now, tᵢ the part's tolerance and F
 * the flow ({@link mixedFlow}). With a line in place of F these are two linear equations in two multipliers; the line is laid on anew
 * where they lead, until it fits (Newton's way for a constraint). A part that would leave its room is set on the edge of it
 * and the rest is solved again.
 *
 * @returns the formula as it was when it already lies in its class, is an oil, or has no room to move
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function rebalanced(mask: Pick<Mask, 'parts' | 'texture'>, catalogue: Catalogue): readonly FormulaPart[] {
  const parts = normaliseShares(mask.parts);
  if (mask.texture === 'oil') return parts;
  const rows = parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  const flowAt = (shares: readonly number[]): number =>
    mixedFlow(rows.map((row, i) => ({ row, grams: shares[i] ?? 0 }))).flowLog10;
  const now = flowAt(parts.map(({ share }) => share));
  const [lower, upper] = textureBounds(mask.texture);
  if (now >= lower && now < upper) return parts;
  const target = now < lower ? lower + INSIDE : upper - INSIDE;

  const free = parts.map(({ share }, i) => share > 0 && rows[i]?.traits.keepsItsShare !== true);
  const edges = parts.map(({ share }) => share);
  let shares: readonly number[] = edges;
  for (let round = 0; round < parts.length; round++) {
    const solved = solveAround(parts, flowAt, shares, edges, free, target);
    if (!solved) return round === 0 ? parts : withShares(parts, edges);
    const outside = solved.findIndex((share, i) => {
      const before = parts[i]?.share ?? 0;
      return free[i] === true && (share < before / MOST_CHANGE || share > before * MOST_CHANGE);
    });
    if (outside < 0) return withShares(parts, solved);
    const before = parts[outside]?.share ?? 0;
    edges[outside] = Math.min(before * MOST_CHANGE, Math.max(before / MOST_CHANGE, solved[outside] ?? 0));
    free[outside] = false;
    shares = solved.map((share, i) => (free[i] ? Math.max(0, share) : (edges[i] ?? 0)));
  }
  return withShares(parts, edges);
}

/** {@link solve}, with the line of the flow laid on anew where it led. */
function solveAround(
  parts: readonly FormulaPart[],
  flowAt: (shares: readonly number[]) => number,
  from: readonly number[],
  edges: readonly number[],
  free: readonly boolean[],
  target: number,
): readonly number[] | undefined {
  let at = from;
  let last: readonly number[] | undefined;
  for (let line = 0; line < MOST_LINES; line++) {
    const flow = flowAt(at);
    const flows = at.map((share, i) => {
      const nudged = at.map((other, k) => (k === i ? other + NUDGE : other));
      return free[i] === true || share > 0 ? (flowAt(nudged) - flow) / NUDGE : 0;
    });
    const lineAt = at.reduce((sum, share, i) => sum + share * (flows[i] ?? 0), 0);
    const solved = solve(parts, flows, edges, free, target - flow + lineAt);
    if (!solved) return undefined;
    if (solved.every((share) => share >= 0) && Math.abs(flowAt(solved) - target) < CLOSE) return solved;
    // The line is good near where it was laid on: no share falls to less than a part of itself in one go.
    const step = Math.min(
      1,
      ...at.map((share, i) => {
        const fall = share - (solved[i] ?? 0);
        return fall > 0 ? (MOST_FALL * share) / fall : 1;
      }),
    );
    at = at.map((share, i) => share + step * ((solved[i] ?? 0) - share));
    last = solved;
  }
  return last;
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
