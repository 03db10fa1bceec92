import type { FitProblem } from './problem';

/**
 * The objective of the fit, in one place. For amounts a₁ … aₙ in grams:
 *
 *   F(a) = min over s > 0 of Σ h((aᵢ / (s·shareᵢ) − 1) / toleranceᵢ)     drift from the formula at the best common scale s
 *        + Σ chargeᵢ(aᵢ)                                                 pieces left cut open, spoons to wash
 *        + P(V(a) / need)                                                running short, overshoot, far too much
 *        + Σ over caps of C(excess)                                      a cap wins over everything else
 *
 * with h(z) = z² + 20·max(0, |z| − 1)², so that leaving the tolerance costs far more than moving inside it.
 * The weights are assumptions of this project.
 */
export const OUTSIDE_TOLERANCE_WEIGHT = 20;
/** For falling short at all, so that a hundredth of a millilitre is not bought with a better fit. */
export const SHORT_COST = 20;
/** On top, per whole bowl missing. */
export const SHORT_SLOPE = 1000;
/** A bowl this full is full: below it lies more than a rounding error. In needs. */
export const FULL = 1 - 1e-9;
/** Per whole bowl too much: a tenth over weighs like an ingredient at just over half its tolerance. */
export const OVER_SLOPE = 3;
/** On top, per whole bowl beyond the limit. */
export const LIMIT_SLOPE = 20;
export const CAP_BROKEN = 3000;
export const CAP_SLOPE = 3000;

/** h: the cost of one ingredient's drift, given the drift and its tolerance. Convex and even in the drift. */
export function driftCost(drift: number, tolerance: number): number {
  const z = Math.abs(drift) / tolerance;
  const outside = Math.max(0, z - 1);
  return z * z + OUTSIDE_TOLERANCE_WEIGHT * outside * outside;
}

/** P: the cost of a bowl of `filled` needs (1 is exactly enough) with a limit of `limit` needs. */
export function volumeCost(filled: number, limit: number): number {
  return (
    (filled < FULL ? SHORT_COST : 0) +
    SHORT_SLOPE * Math.max(0, 1 - filled) +
    OVER_SLOPE * Math.max(0, filled - 1) +
    LIMIT_SLOPE * Math.max(0, filled - limit)
  );
}

/** C: the cost of a cap exceeded by a share of its norm. A rounding error is no excess. */
export function capCost(excess: number): number {
  return excess > 1e-9 ? CAP_BROKEN + CAP_SLOPE * excess : 0;
}

export interface Evaluation {
  readonly objective: number;
  /** Grams of the whole formula that the amounts stand for. */
  readonly scaleGrams: number;
  /** Relative drift of each ingredient at that scale. */
  readonly drifts: readonly number[];
  readonly millilitres: number;
  readonly brokenCaps: readonly number[];
}

/**
 * F at given amounts.
 * @param grams one amount for each part, 0 or more, not all 0
 * @param charge Σ chargeᵢ of the chosen amounts
 */
export function evaluate(problem: FitProblem, grams: readonly number[], charge: number): Evaluation {
  const { parts, needMillilitres, limitMillilitres, caps } = problem;
  const inverse = bestInverseScale(problem, grams);
  const drifts = parts.map(({ share }, i) => ((grams[i] ?? 0) / share) * inverse - 1);
  const drift = parts.reduce((sum, { tolerance }, i) => sum + driftCost(drifts[i] ?? 0, tolerance), 0);
  const millilitres = parts.reduce((sum, part, i) => sum + part.millilitresPerGram * (grams[i] ?? 0), 0);
  const excesses = caps.map(
    (cap) => (cap.coefficients.reduce((sum, c, i) => sum + c * (grams[i] ?? 0), 0) - cap.bound) / cap.norm,
  );
  return {
    objective:
      drift +
      charge +
      volumeCost(millilitres / needMillilitres, limitMillilitres / needMillilitres) +
      excesses.reduce((sum, excess) => sum + capCost(excess), 0),
    scaleGrams: inverse > 0 ? 1 / inverse : 0,
    drifts,
    millilitres,
    brokenCaps: excesses.flatMap((excess, i) => (excess > 1e-9 ? [i] : [])),
  };
}

/**
 * The u = 1/s that makes the drift least. The drift is convex and piecewise quadratic in u,
 * so Newton's method on its slope ends at the minimum; a bracket guards it against cycling.
 * Called for every answer that is tried, hence plain loops.
 */
function bestInverseScale({ parts }: FitProblem, grams: readonly number[]): number {
  let largest = 0;
  let smallest = Infinity;
  for (let i = 0; i < parts.length; i++) {
    const x = (grams[i] ?? 0) / (parts[i]?.share ?? 1);
    if (x > largest) largest = x;
    if (x > 0 && x < smallest) smallest = x;
  }
  if (largest === 0) return 0;
  let low = 1 / largest;
  let high = 1 / smallest;
  let u = Math.sqrt(low * high);
  for (let step = 0; step < 60; step++) {
    let slope = 0;
    let curvature = 0;
    for (let i = 0; i < parts.length; i++) {
      const { share = 1, tolerance = 1 } = parts[i] ?? {};
      const x = (grams[i] ?? 0) / share;
      const d = x * u - 1;
      const outside = Math.abs(d) - tolerance;
      const weight = (2 * x) / (tolerance * tolerance);
      slope += weight * d;
      curvature += weight * x;
      if (outside > 0) {
        slope += weight * OUTSIDE_TOLERANCE_WEIGHT * (d > 0 ? outside : -outside);
        curvature += weight * x * OUTSIDE_TOLERANCE_WEIGHT;
      }
    }
    if (slope > 0) high = u;
    else low = u;
    const newton = u - slope / curvature;
    const next = newton >= low && newton <= high ? newton : (low + high) / 2;
    if (Math.abs(next - u) <= 1e-13 * u) return next;
    u = next;
  }
  return u;
}
