import type { Lags } from './lags';
import type { Single } from './single';
import { durationOf, rowOf, START, type DayProblem, type Task } from './problem';

/** That one row comes so many minutes after another. */
export type Order = readonly [first: number, second: number, minutes: number];

/** A schedule as the search for clashes reads it. */
interface Sight {
  readonly problem: DayProblem;
  readonly lags: Lags;
  readonly starts: readonly number[];
  /** Tasks by their starts. */
  readonly byStart: readonly number[];
  /** Where an order is given from before, or one is likelier, which of two goes first. */
  readonly isFirst: (i: number, j: number) => boolean;
}

/**
 * A clash of a schedule, as the orders that would end it; empty where there is none.
 * @param isForFresh from the end of the day on: that decides how late fresh tasks can be
 */
export function clashIn(
  problem: DayProblem,
  singles: readonly Single[],
  lags: Lags,
  starts: readonly number[],
  rank: ReadonlyMap<string, number>,
  isForFresh = false,
): readonly Order[] {
  const { tasks } = problem;
  const byStart = tasks.map((_, i) => i).sort((a, b) => (starts[a] as number) - (starts[b] as number));
  const isFirst = (i: number, j: number): boolean => {
    const [one, other] = [tasks[i] as Task, tasks[j] as Task];
    const [a, b] = [rank.get(one.id), rank.get(other.id)];
    if (a !== undefined && b !== undefined) return a < b;
    if (isForFresh && one.isFresh !== other.isFresh) return other.isFresh;
    const [s, t] = [starts[i] as number, starts[j] as number];
    return s < t || (s === t && one.waitMinutes >= other.waitMinutes);
  };
  const sight = { problem, lags, starts, byStart, isFirst };
  for (const single of singles) {
    const clash = singleClash(sight, single, isForFresh);
    if (clash) return clash;
  }
  return ringClash(sight) ?? [];
}

/** Either of two tasks before the other. */
function bothWays({ isFirst }: Sight, i: number, j: number, minutesOf: Single['minutesOf']): readonly Order[] {
  const ways: Order[] = [
    [rowOf(i), rowOf(j), minutesOf(i)],
    [rowOf(j), rowOf(i), minutesOf(j)],
  ];
  return isFirst(i, j) ? ways : ways.reverse();
}

/**
 * How much room two tasks have for either order; more where the one has far more of it than the other, as such a pair soon
 * decides itself. Least where both orders are as tight: that is the choice that matters (Smith & Cheng 1993, "Slack-based
 * heuristics for constraint satisfaction scheduling", from memory).
 */
function leewayOf({ lags }: Sight, minutesOf: Single['minutesOf'], i: number, j: number): number {
  const room = (first: number, second: number): number =>
    Math.max(0, -lags.at(rowOf(second), START) - lags.at(START, rowOf(first)) - minutesOf(first));
  const [one, other] = [room(i, j), room(j, i)];
  const less = Math.min(one, other);
  return less / Math.sqrt((less + 1) / (Math.max(one, other) + 1));
}

/** Two tasks that want the same single thing at once: the pair with the least room, of equal ones the first of the day, or the last. */
function singleClash(sight: Sight, { rows, minutesOf }: Single, fromEnd: boolean): readonly Order[] | undefined {
  const wants = new Set(rows);
  const users = sight.byStart.filter((i) => wants.has(i));
  const turned = <T>(list: readonly T[]): readonly T[] => (fromEnd ? [...list].reverse() : list);
  let tightest: readonly [i: number, j: number, leeway: number] | undefined;
  for (const [k, i] of turned([...users.entries()]))
    for (const j of turned(users.slice(0, k))) {
      if ((sight.starts[j] as number) + minutesOf(j) <= (sight.starts[i] as number)) continue;
      const leeway = leewayOf(sight, minutesOf, i, j);
      if (!tightest || leeway < tightest[2]) tightest = [j, i, leeway];
    }
  return tightest && bothWays(sight, tightest[0], tightest[1], minutesOf);
}

/** More pots at once than rings: among one more than there are rings, some pair must follow one another. */
function ringClash(sight: Sight): readonly Order[] | undefined {
  const { tasks, rings } = sight.problem;
  const pots = sight.byStart.filter((i) => (tasks[i] as Task).usesRing && durationOf(tasks[i] as Task) > 0);
  for (const [k, i] of pots.entries()) {
    const on = pots
      .slice(0, k)
      .filter((j) => (sight.starts[j] as number) + durationOf(tasks[j] as Task) > (sight.starts[i] as number));
    if (on.length < rings) continue;
    const crowd = [...on.slice(0, rings), i];
    const minutesOf = (a: number): number => durationOf(tasks[a] as Task);
    return crowd.flatMap((a, x) => crowd.slice(x + 1).flatMap((b) => bothWays(sight, a, b, minutesOf)));
  }
  return undefined;
}
