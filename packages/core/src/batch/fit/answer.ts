import { evaluate, type Evaluation } from './objective';
import type { FitProblem } from './problem';

/** One choice per part, and what it comes to. */
export interface Answer {
  readonly chosen: readonly number[];
  readonly evaluation: Evaluation;
}

/** Grams of the chosen amounts. */
export function gramsOf(problem: FitProblem, chosen: readonly number[]): number[] {
  return problem.parts.map(({ choices }, i) => choices[chosen[i] ?? 0]?.grams ?? 0);
}

/** The objective at chosen amounts. */
export function answer(problem: FitProblem, chosen: readonly number[]): Answer {
  const charge = problem.parts.reduce((sum, { choices }, i) => sum + (choices[chosen[i] ?? 0]?.charge ?? 0), 0);
  return { chosen: [...chosen], evaluation: evaluate(problem, gramsOf(problem, chosen), charge) };
}
