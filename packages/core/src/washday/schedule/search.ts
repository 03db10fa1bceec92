import { clashIn } from './clash';
import type { Lags } from './lags';
import { oneAtATime, settleForced } from './single';
import { durationOf, endRow, START, type DayProblem, type Task } from './problem';

/** Starts of the tasks, minutes, in the order of the tasks. */
export interface Answer {
  readonly starts: readonly number[];
  readonly endsAt: number;
  /** False where the search was stopped before it could show that there is nothing better. */
  readonly isProven: boolean;
  /** How many schedules were looked at for it. */
  readonly looked: number;
  /** Everything that the answer settled, for slack and the critical path. */
  readonly lags: Lags;
}

/**
 * Stops a search that would keep a person waiting: about a sixth of a second, as what a node costs grows with the cube of the
 * tasks; a day of three rings is six such searches at the most. Days as they are met here need a few dozen nodes. A first
 * answer is waited for.
 */
const MOST_WORK = 1e7;
const MOST_NODES = 20_000;
const mostNodes = (tasks: number): number => Math.min(MOST_NODES, Math.ceil(MOST_WORK / Math.max(1, tasks) ** 3));

/** What a search is after: a schedule that its lags allow, and a number that no completion of them can undercut. */
export interface Aim {
  readonly starts: (lags: Lags) => number[];
  readonly cost: (lags: Lags) => number;
  readonly isForFresh?: boolean;
  /** Puts in what must hold for anything cheaper than what was found. @returns false where nothing can be cheaper */
  readonly tighten?: (lags: Lags, below: number) => boolean;
}

/** Depth-first, the likelier order first. */
export function search(
  problem: DayProblem,
  root: Lags,
  rank: ReadonlyMap<string, number>,
  aim: Aim,
): Answer | undefined {
  const { tasks } = problem;
  const end = endRow(tasks);
  const singles = oneAtATime(problem);
  let best: (Omit<Answer, 'isProven' | 'looked'> & { cost: number }) | undefined;
  let nodes = 0;
  const most = mostNodes(tasks.length);
  // The shortest day is always found; that its fresh tasks start late is worth no more than that.
  const isOver = (): boolean => nodes > (best || aim.isForFresh === true ? most : MOST_NODES);

  const visit = (lags: Lags): void => {
    nodes++;
    if (isOver()) return;
    if (best && aim.tighten?.(lags, best.cost) === false) return;
    if (!settleForced(lags, singles)) return;
    const cost = aim.cost(lags);
    if (best && cost >= best.cost) return;
    const starts = aim.starts(lags);
    const orders = clashIn(problem, singles, lags, starts, rank, aim.isForFresh);
    if (orders.length === 0) {
      const endsAt = starts.reduce((last, start, i) => Math.max(last, start + durationOf(tasks[i] as Task)), 0);
      best = { starts, endsAt: Math.max(endsAt, lags.at(START, end)), lags, cost };
      return;
    }
    for (const [first, second, minutes] of orders) {
      const child = lags.copy();
      if (child.add(first, second, minutes)) visit(child);
    }
  };
  visit(root.copy());
  return best && { ...best, isProven: !isOver(), looked: nodes };
}
