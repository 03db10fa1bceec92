import { capCost, driftCost, FULL, LIMIT_SLOPE, OVER_SLOPE, SHORT_COST, SHORT_SLOPE } from './objective';
import type { FitProblem } from './problem';

/** A range of u = 1/scale. */
export interface Cell {
  readonly low: number;
  readonly high: number;
}

/** One amount that may still be part of a better answer. */
export interface Candidate {
  readonly choice: number;
  /** What it costs above the cell's bound, its share of the volume's price included. */
  readonly above: number;
  /** Its drift and charge alone, at the kindest scale of the cell. */
  readonly cost: number;
  /** Its volume in needs. */
  readonly volume: number;
}

export interface CellBound {
  /** No answer whose best scale lies in the cell has a lower objective. */
  readonly bound: number;
  /** Per part, cheapest first. */
  readonly candidates: readonly (readonly Candidate[])[];
}

/** Costs and volumes (in needs) of every amount in a cell, and which of them are still in play. */
interface Table {
  readonly costs: readonly (readonly number[])[];
  readonly volumes: readonly (readonly number[])[];
  readonly inPlay: number[][];
  readonly limit: number;
}

/**
 * A lower bound on the objective within a cell of scales, and the amounts that can still belong to a better answer.
 *
 * At a known scale the ingredients only meet in the volume and the caps. So the volume gets a price λ, which every
 * amount pays for itself; the cost of each part is then least on its own. In a cell each amount may pick its kindest
 * scale. P is convex, so for −SHORT ≤ λ ≤ OVER the line λ·(v − 1) lies below it, and above that the line through the
 * limit. The bound is concave in λ: the best price is where the cheapest amounts fill the bowl. What falling short costs at
 * all is added where even the largest amounts in play do not fill it.
 * Caps strike out amounts that would break them whatever the others do; then the bound is taken again.
 *
 * @returns undefined when nothing in the cell is better than `best`
 */
export function boundCell(problem: FitProblem, cell: Cell, best: number): CellBound | undefined {
  const { parts, needMillilitres, limitMillilitres } = problem;
  const table: Table = {
    costs: parts.map((part) =>
      part.choices.map(({ grams, charge }) => kindestCost(grams / part.share, part.tolerance, cell) + charge),
    ),
    volumes: parts.map((part) => part.choices.map(({ grams }) => (grams * part.millilitresPerGram) / needMillilitres)),
    inPlay: parts.map(({ choices }) => choices.map((_, j) => j)),
    limit: limitMillilitres / needMillilitres,
  };

  // Most cells are far from any good scale: without a price for the volume they fall already.
  if (priced(table, 0).value >= best) return undefined;
  for (;;) {
    const loads = leastLoads(problem, table.inPlay);
    const capBound = unavoidableCapCost(problem, loads);
    const price = bestPrice(table);
    const shortBound = canFill(table) ? 0 : SHORT_COST;
    const bound = priced(table, price).value + capBound + shortBound;
    if (bound >= best) return undefined;

    const candidates = table.inPlay.map((inPlay, i) => candidatesOf(table, i, inPlay, price));
    const kept = candidates.map((list) => list.filter(({ above }) => bound + above < best));
    const capped = kept.map((list, i) =>
      list.filter(({ choice, above }) => bound - capBound + above + capCostWith(problem, loads, i, choice) < best),
    );
    if (capped.some((list) => list.length === 0)) return undefined;
    const struck = capped.some((list, i) => list.length < (table.inPlay[i]?.length ?? 0));
    if (!struck) return { bound, candidates: capped };
    capped.forEach((list, i) => (table.inPlay[i] = list.map(({ choice }) => choice)));
  }
}

/** True when the largest amounts in play hold the need. */
const canFill = ({ volumes, inPlay }: Table): boolean =>
  inPlay.reduce((sum, list, i) => sum + Math.max(...list.map((j) => volumes[i]?.[j] ?? 0)), 0) >= FULL;

/** What each amount of a part costs above the part's cheapest, at a price, cheapest first. */
function candidatesOf({ costs, volumes }: Table, part: number, inPlay: readonly number[], price: number): Candidate[] {
  const listed = inPlay.map((choice) => {
    const cost = costs[part]?.[choice] ?? 0;
    const volume = volumes[part]?.[choice] ?? 0;
    return { choice, cost, volume, above: cost + price * volume };
  });
  listed.sort((a, b) => a.above - b.above);
  const least = listed[0]?.above ?? 0;
  for (const candidate of listed) candidate.above -= least;
  return listed;
}

/** The bound at a price, and how full the cheapest amounts make the bowl. */
function priced({ costs, volumes, inPlay, limit }: Table, price: number): { value: number; filled: number } {
  let value = price <= OVER_SLOPE ? -price : OVER_SLOPE * (limit - 1) - price * limit;
  let filled = 0;
  for (let i = 0; i < costs.length; i++) {
    const cost = costs[i] ?? [];
    const volume = volumes[i] ?? [];
    let least = Infinity;
    let fill = 0;
    for (const j of inPlay[i] ?? []) {
      const paid = (cost[j] ?? 0) + price * (volume[j] ?? 0);
      if (paid < least) {
        least = paid;
        fill = volume[j] ?? 0;
      }
    }
    value += least;
    filled += fill;
  }
  return { value, filled };
}

/** The price at which the cheapest amounts just fill the bowl (or its limit): where the bound is highest. */
function bestPrice(table: Table): number {
  const fallsShort = (price: number) => priced(table, price).filled < (price <= OVER_SLOPE ? 1 : table.limit);
  let high = OVER_SLOPE;
  let low = OVER_SLOPE;
  if (fallsShort(OVER_SLOPE)) {
    for (let step = 1; fallsShort(low) && low > -SHORT_SLOPE; step *= 4) {
      high = low;
      low = Math.max(-SHORT_SLOPE, OVER_SLOPE - step);
    }
  } else if (!fallsShort(OVER_SLOPE + 1e-9)) {
    high = OVER_SLOPE + LIMIT_SLOPE;
  }
  for (let i = 0; i < 14 && high - low > 1e-3; i++) {
    const middle = (low + high) / 2;
    if (fallsShort(middle)) high = middle;
    else low = middle;
  }
  return priced(table, low).value >= priced(table, high).value ? low : high;
}

/** What a part's amount adds to the left side of a cap. */
function load(problem: FitProblem, cap: number, part: number, choice: number): number {
  return (problem.caps[cap]?.coefficients[part] ?? 0) * (problem.parts[part]?.choices[choice]?.grams ?? 0);
}

/** Per cap: the least that each part must add to its left side, and the sum of them. */
interface LeastLoads {
  readonly parts: readonly (readonly number[])[];
  readonly totals: readonly number[];
}

function leastLoads(problem: FitProblem, inPlay: readonly (readonly number[])[]): LeastLoads {
  const parts = problem.caps.map((_, c) =>
    inPlay.map((choices, i) => Math.min(...choices.map((j) => load(problem, c, i, j)))),
  );
  return { parts, totals: parts.map((loads) => loads.reduce((sum, least) => sum + least, 0)) };
}

/** The cost of the caps when every part does its best for each cap alone: no answer pays less. */
function unavoidableCapCost({ caps }: FitProblem, { totals }: LeastLoads): number {
  return caps.reduce((sum, { bound, norm }, c) => sum + capCost(((totals[c] ?? 0) - bound) / norm), 0);
}

/** The same once a part has taken an amount. */
function capCostWith(problem: FitProblem, { parts, totals }: LeastLoads, part: number, choice: number): number {
  return problem.caps.reduce((sum, { bound, norm }, c) => {
    const least = (totals[c] ?? 0) - (parts[c]?.[part] ?? 0) + load(problem, c, part, choice);
    return sum + capCost((least - bound) / norm);
  }, 0);
}

/** The least drift cost that an amount of x formula-grams can have at any scale in the cell. */
function kindestCost(x: number, tolerance: number, { low, high }: Cell): number {
  const least = x * low - 1;
  const most = x * high - 1;
  const drift = least > 0 ? least : most < 0 ? most : 0;
  return driftCost(drift, tolerance);
}
