import { answer, type Answer } from './answer';
import { driftCost } from './objective';
import type { FitProblem } from './problem';

/** Scales tried for a first answer, as multiples of the one that just fills the need. */
const TRIED_SCALES = [0.9, 1, 1.05, 1.12, 1.25, 1.45, 1.8];

/** How many of those are worth moving about. */
const MOVED_STARTS = 2;

/**
 * A good answer to start from: the nearest amounts at a few scales, the best of them moved one or two ingredients
 * at a time for as long as that helps. It need not be the best; the better it is, the more cells fall at once.
 */
export function firstAnswer(problem: FitProblem): Answer {
  const { parts, needMillilitres } = problem;
  const shares = parts.reduce((sum, { share }) => sum + share, 0);
  const perGram = parts.reduce((sum, { share, millilitresPerGram }) => sum + (share / shares) * millilitresPerGram, 0);
  const scale = needMillilitres / Math.max(perGram, 1e-9) / shares;
  const byObjective = (a: Answer, b: Answer): number => a.evaluation.objective - b.evaluation.objective;
  const starts = TRIED_SCALES.map((factor) => answer(problem, nearest(problem, scale * factor))).sort(byObjective);
  const moved = starts.slice(0, MOVED_STARTS).map((start) => descend(problem, start));
  return [...moved, ...starts].sort(byObjective)[0] ?? answer(problem, nearest(problem, scale));
}

/** For each ingredient the amount with the least drift and charge at one scale. */
function nearest({ parts }: FitProblem, scale: number): number[] {
  return parts.map(
    ({ choices, share, tolerance }) =>
      choices.reduce(
        (best, { grams, charge }, j) => {
          const cost = driftCost(grams / (scale * share) - 1, tolerance) + charge;
          return cost < best.cost ? { cost, j } : best;
        },
        { cost: Infinity, j: 0 },
      ).j,
  );
}

/** Moves one amount a step or two, or two amounts a step each, while the objective falls. */
function descend(problem: FitProblem, start: Answer): Answer {
  let best = start;
  const tried = moves(problem.parts.length);
  for (let improved = true; improved;) {
    improved = false;
    for (const move of tried) {
      const chosen = [...best.chosen];
      for (const [part, step] of move) chosen[part] = (chosen[part] ?? 0) + step;
      if (move.some(([part]) => !problem.parts[part]?.choices[chosen[part] ?? 0])) continue;
      const tried = answer(problem, chosen);
      if (tried.evaluation.objective < best.evaluation.objective - 1e-12) {
        best = tried;
        improved = true;
      }
    }
  }
  return best;
}

type Move = readonly (readonly [part: number, step: number])[];

function moves(parts: number): Move[] {
  const single = [1, -1, 2, -2].flatMap((step) => Array.from({ length: parts }, (_, i): Move => [[i, step]]));
  const pairs: Move[] = [];
  for (let i = 0; i < parts; i++)
    for (let j = 0; j < parts; j++)
      if (i !== j)
        pairs.push([
          [i, 1],
          [j, -1],
        ]);
  return [...single, ...pairs];
}
