import { evaluate, type FitProblem } from '@amber-ladle/core/batch';

/** The least objective over every combination there is. */
export function exhaustive(problem: FitProblem): number {
  let best = Infinity;
  const grams: number[] = [];
  const walk = (part: number, charge: number): void => {
    const choices = problem.parts[part]?.choices;
    if (!choices) {
      best = Math.min(best, evaluate(problem, grams, charge).objective);
      return;
    }
    for (const choice of choices) {
      grams[part] = choice.grams;
      walk(part + 1, charge + choice.charge);
    }
  };
  walk(0, 0);
  return best;
}
