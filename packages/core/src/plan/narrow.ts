import type { PlanModel } from './model';
import type { Programme, Solved } from './programme';
import type { Chosen } from './problem';

/** Less than this of a bowl is none. */
const TRACE = 1e-6;

/**
 * The columns of a kernel held open: every bowl is shut but those that searches have found good, and those that the programme would
 * take parts of if bowls could be parted. What is best among these few is nearly always close to what is best of all (kernel search;
 * Angelelli, Mansini and Speranza 2010, from memory).
 * @param sets sets of bowls that were found
 * @param relaxed the solution without anything whole
 * @returns the shut columns, to be held at nothing
 */
export function outsideKernel(
  { bowls, programme }: PlanModel,
  sets: readonly (readonly Chosen[])[],
  relaxed: Solved,
): ReadonlyMap<number, number> {
  const found = new Set(sets.flat().map(({ optionId, on }) => `${optionId} ${on}`));
  return new Map(
    bowls
      .filter(
        ({ column, option, on }) =>
          programme.lower[column] === 0 && (relaxed.values[column] ?? 0) < TRACE && !found.has(`${option.id} ${on}`),
      )
      .map(({ column }) => [column, 0]),
  );
}

/**
 * Whole columns that have to stay at the bound where the relaxed programme has them in every solution that costs less than the best
 * that is known: one step away, they alone would cost more than that (reduced-cost fixing; Wolsey 2020, from memory).
 * @param known what the best known solution costs
 */
export function settledBy(programme: Programme, relaxed: Solved, known: number): ReadonlyMap<number, number> {
  const room = known - relaxed.cost + TRACE;
  const settled = new Map<number, number>();
  relaxed.reducedCosts?.forEach((cost, column) => {
    if (!programme.isWhole[column]) return;
    const [value, low, high] = [relaxed.values[column], programme.lower[column], programme.upper[column]];
    if (value === undefined || low === undefined || high === undefined) return;
    if (cost > room && value < low + TRACE) settled.set(column, low);
    if (cost < -room && value > high - TRACE) settled.set(column, high);
  });
  return settled;
}
