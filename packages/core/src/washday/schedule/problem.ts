import { Lags } from './lags';

/** One task of a day as the search sees it, minutes from the start (or from now) on. All whole numbers. */
export interface Task {
  readonly id: string;
  /** Wants the one pair of hands from its start on, 0 or more. */
  readonly handsOnMinutes: number;
  /** Runs by itself afterwards, 0 or more. */
  readonly waitMinutes: number;
  readonly usesRing: boolean;
  readonly isFresh: boolean;
  /** It is under way: this is when it started, or when the rest of it starts. */
  readonly fixedStart?: number;
  /** Latest start, where something that is done already does not keep. */
  readonly notAfter?: number;
}

/** `after` starts when `before` has ended, and within so many minutes of that end where there is a limit. */
export interface TaskLink {
  readonly before: string;
  readonly after: string;
  readonly withinMinutes?: number;
}

export interface DayProblem {
  readonly tasks: readonly Task[];
  readonly links: readonly TaskLink[];
  /** Hands that are given an order beforehand: the first before the second. */
  readonly orders?: readonly (readonly [first: string, second: string])[];
  /** Rings of the stove, 1 or more. */
  readonly rings: number;
}

/** Row 0 of the lags is the start of the day; the last is its end; tasks lie between, in their order. */
export const START = 0;
export const rowOf = (index: number): number => index + 1;
export const endRow = (tasks: readonly Task[]): number => tasks.length + 1;
export const durationOf = ({ handsOnMinutes, waitMinutes }: Task): number => handsOnMinutes + waitMinutes;

/**
 * What holds whatever the order: precedence, limits of waiting, what is under way.
 * @returns nothing where that contradicts itself
 * @throws RangeError for a link to an unknown task, or minutes that are no whole numbers
 */
export function lagsOf({ tasks, links, orders = [] }: DayProblem): Lags | undefined {
  const end = endRow(tasks);
  const lags = Lags.none(end + 1);
  const rows = new Map(tasks.map(({ id }, i) => [id, rowOf(i)]));
  const row = (id: string): number => {
    const found = rows.get(id);
    if (found === undefined) throw new RangeError(`There is no step ${id}.`);
    return found;
  };
  if (!lags.add(START, end, 0)) return undefined;
  for (const task of tasks) {
    const { handsOnMinutes, waitMinutes, fixedStart, notAfter } = task;
    if (!isMinutes(handsOnMinutes) || !isMinutes(waitMinutes))
      throw new RangeError(`The minutes of ${task.id} are whole numbers, 0 or more.`);
    const at = row(task.id);
    if (!lags.add(START, at, fixedStart ?? 0)) return undefined;
    if (fixedStart !== undefined && !lags.add(at, START, -fixedStart)) return undefined;
    if (notAfter !== undefined && !lags.add(at, START, -Math.floor(notAfter))) return undefined;
    if (!lags.add(at, end, durationOf(task))) return undefined;
  }
  for (const { before, after, withinMinutes } of links) {
    const from = row(before);
    const lasts = durationOf(tasks[from - 1] as Task);
    if (!lags.add(from, row(after), lasts)) return undefined;
    if (withinMinutes === undefined) continue;
    if (!lags.add(row(after), from, -(lasts + Math.floor(withinMinutes)))) return undefined;
  }
  for (const [first, second] of orders) {
    const from = row(first);
    if (!lags.add(from, row(second), (tasks[from - 1] as Task).handsOnMinutes)) return undefined;
  }
  return lags;
}

const isMinutes = (value: number): boolean => Number.isInteger(value) && value >= 0;
