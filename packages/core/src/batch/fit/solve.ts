import { boundCell, type Cell, type CellBound } from './cell';
import { answer, gramsOf } from './answer';
import { firstAnswer } from './incumbent';
import { capCost, FULL, volumeCost, type Evaluation } from './objective';
import type { FitProblem } from './problem';

export interface FitAnswer extends Evaluation {
  /** Index of the choice taken for each part. */
  readonly chosen: readonly number[];
  readonly grams: readonly number[];
  /** True when every drift lies within its tolerance, no cap is broken and the bowl holds the need. */
  readonly fits: boolean;
  /** True when no other amounts have a lower objective; false where the work it would take to know was too much. */
  readonly isProven: boolean;
  /** How much lower an answer could be at the most; 0 when proven. */
  readonly gap: number;
  /** Cells and amounts looked at, for the bench. */
  readonly visited: number;
}

export interface FitOptions {
  /** Steps of the search after which the best answer so far is given, with its gap. */
  readonly mostSteps?: number;
}

/** About a quarter of a second. Bowls of up to sixteen ingredients need far less; of twenty a few do not end in it and say so. */
const MOST_STEPS = 150_000;
/** What bounding a cell weighs in steps, for each amount in it. */
const BOUND_STEPS = 2;
/** Steps in one cell before it is worth halving it. */
const STEPS_PER_CELL = 60_000;

const FIRST_CELLS = 24;
/** Answers tried in one cell before it is worth halving it. */
const ANSWERS_PER_CELL = 1500;
/** Relative width below which a cell is searched through, however many answers it holds. */
const NARROWEST = 1e-7;
/** Two answers closer than this are taken as equally good. */
const EPSILON = 1e-9;

/**
 * The amounts with the least objective: the true minimum, not a good guess.
 *
 * The range of scales is cut into cells. A cell is dropped when even its lower bound is no better than the best
 * answer so far; otherwise amounts that cannot belong to a better answer are struck out, and what remains is searched
 * depth first. A cell that still holds too many answers is halved. Where even that takes too long (dozens of
 * ingredients, contradictory wishes) the best answer found is given, with the gap to the lowest bound that is left.
 *
 * @throws RangeError for a problem without parts, or a part without choices, share or tolerance
 */
export function fit(problem: FitProblem, { mostSteps = MOST_STEPS }: FitOptions = {}): FitAnswer {
  check(problem);
  const { parts } = problem;
  const amounts = parts.reduce((sum, { choices }) => sum + choices.length, 0);
  let steps = 0;
  let visited = 0;
  let best = firstAnswer(problem);
  const toBeat = (): number => best.evaluation.objective - EPSILON;

  const tryAnswer = (chosen: readonly number[]): void => {
    visited++;
    const tried = answer(problem, chosen);
    if (tried.evaluation.objective < toBeat()) best = tried;
  };

  const cells: Cell[] = firstCells(problem);
  for (let cell = cells.pop(); cell; cell = cells.pop()) {
    visited++;
    const bounded = boundCell(problem, cell, toBeat());
    steps += amounts * BOUND_STEPS;
    if (!bounded) continue;
    const left = mostSteps - steps;
    if (left <= 0) {
      cells.push(cell);
      break;
    }
    const narrow = cell.high / cell.low - 1 < NARROWEST;
    const most = narrow ? { answers: Infinity, steps: left } : { answers: ANSWERS_PER_CELL, steps: STEPS_PER_CELL };
    const searched = search(problem, bounded, toBeat, most, tryAnswer);
    steps += searched.steps;
    if (searched.isDone) continue;
    if (narrow) {
      cells.push(cell);
      break;
    }
    const middle = Math.sqrt(cell.low * cell.high);
    cells.push({ low: cell.low, high: middle }, { low: middle, high: cell.high });
  }

  const grams = gramsOf(problem, best.chosen);
  const { evaluation } = best;
  const lowest = cells.reduce(
    (least, cell) => Math.min(least, boundCell(problem, cell, toBeat())?.bound ?? Infinity),
    evaluation.objective,
  );
  return {
    ...evaluation,
    isProven: lowest >= toBeat(),
    gap: lowest >= toBeat() ? 0 : evaluation.objective - lowest,
    chosen: best.chosen,
    grams,
    fits:
      evaluation.brokenCaps.length === 0 &&
      evaluation.millilitres >= problem.needMillilitres * FULL &&
      evaluation.drifts.every((drift, i) => Math.abs(drift) <= (parts[i]?.tolerance ?? 0) + 1e-9),
    visited,
  };
}

/** Cells that together hold every scale an answer can have: between its smallest and its largest amount over share. */
function firstCells({ parts }: FitProblem): Cell[] {
  const xs = parts.flatMap(({ share, choices }) => choices.map(({ grams }) => grams / share)).filter((x) => x > 0);
  const low = (1 / Math.max(...xs)) * (1 - 1e-9);
  const high = (1 / Math.min(...xs)) * (1 + 1e-9);
  const ratio = (high / low) ** (1 / FIRST_CELLS);
  return Array.from({ length: FIRST_CELLS }, (_, i) => ({ low: low * ratio ** i, high: low * ratio ** (i + 1) }));
}

/**
 * Tries every combination whose costs above the bound, caps included, leave it better than the best answer.
 * @returns not done when `most` answers or steps did not suffice
 */
function search(
  problem: FitProblem,
  { candidates, bound }: CellBound,
  toBeat: () => number,
  most: { readonly answers: number; readonly steps: number },
  tryAnswer: (chosen: readonly number[]) => void,
): { readonly isDone: boolean; readonly steps: number } {
  const order = candidates.map((_, i) => i).sort((a, b) => (candidates[a]?.length ?? 0) - (candidates[b]?.length ?? 0));
  const loads = capLoads(problem, candidates, order);
  const chosen = new Array<number>(candidates.length).fill(0);
  let left = most.answers;
  let steps = 0;
  const limit = problem.limitMillilitres / problem.needMillilitres;
  const descend = (depth: number, above: number, cost: number, volume: number, used: readonly number[]): boolean => {
    const part = order[depth];
    if (++steps > most.steps) return false;
    if (part === undefined) {
      if (--left < 0) return false;
      // With everything chosen the volume is known, and its true cost tells more than its price did.
      if (cost + volumeCost(volume, limit) < toBeat()) tryAnswer(chosen);
      return true;
    }
    for (const candidate of candidates[part] ?? []) {
      const sum = above + candidate.above;
      if (sum >= toBeat()) break;
      const usedNow = problem.caps.length === 0 ? used : addLoad(problem, used, part, candidate.choice);
      if (problem.caps.length > 0 && sum + brokenCaps(problem, usedNow, loads, depth + 1) >= toBeat()) continue;
      chosen[part] = candidate.choice;
      if (!descend(depth + 1, sum, cost + candidate.cost, volume + candidate.volume, usedNow)) return false;
    }
    return true;
  };
  // The bound may hold a cap's unavoidable cost already; starting without it keeps the caps from counting twice.
  const nothing: readonly number[] = [];
  const isDone = descend(0, bound - brokenCaps(problem, nothing, loads, 0), 0, 0, nothing);
  return { isDone, steps };
}

/** The left sides of the caps once a part has taken an amount. */
function addLoad({ caps, parts }: FitProblem, used: readonly number[], part: number, choice: number): number[] {
  const grams = parts[part]?.choices[choice]?.grams ?? 0;
  return caps.map(({ coefficients }, c) => (used[c] ?? 0) + (coefficients[part] ?? 0) * grams);
}

/** What the caps cost at the least, with some parts chosen and the rest doing their best from a depth on. */
function brokenCaps(
  { caps }: FitProblem,
  used: readonly number[],
  loads: readonly (readonly number[])[],
  depth: number,
): number {
  return caps.reduce(
    (sum, { bound, norm }, c) => sum + capCost(((used[c] ?? 0) + (loads[c]?.[depth] ?? 0) - bound) / norm),
    0,
  );
}

/** Per cap: the least that the parts from each depth on must add to its left side. */
function capLoads(
  { caps, parts }: FitProblem,
  candidates: CellBound['candidates'],
  order: readonly number[],
): readonly (readonly number[])[] {
  return caps.map(({ coefficients }) => {
    const suffix = new Array<number>(order.length + 1).fill(0);
    for (let depth = order.length - 1; depth >= 0; depth--) {
      const part = order[depth] ?? 0;
      const least = Math.min(
        ...(candidates[part] ?? []).map(
          ({ choice }) => (coefficients[part] ?? 0) * (parts[part]?.choices[choice]?.grams ?? 0),
        ),
      );
      suffix[depth] = (suffix[depth + 1] ?? 0) + least;
    }
    return suffix;
  });
}

function check({ parts, needMillilitres, limitMillilitres }: FitProblem): void {
  if (parts.length === 0) throw new RangeError('A fit needs at least one ingredient.');
  if (!(needMillilitres > 0) || !(limitMillilitres >= needMillilitres))
    throw new RangeError('A bowl needs a volume above nothing and a limit no lower.');
  for (const { choices, share, tolerance } of parts)
    if (choices.length === 0 || !(share > 0) || !(tolerance > 0) || choices.some(({ grams }) => !(grams >= 0)))
      throw new RangeError('Every ingredient needs a share, a tolerance and an amount that can be measured.');
}
