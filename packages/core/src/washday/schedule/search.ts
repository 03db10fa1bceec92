import { handsBound } from './handsBound';
import { latestBound } from './latestBound';
import type { Lags } from './lags';
import { oneAtATime, settleForced, type Single } from './single';
import { durationOf, endRow, lagsOf, rowOf, START, type DayProblem, type Task } from './problem';

/** Starts of the tasks, minutes, in the order of the tasks. */
export interface Answer {
  readonly starts: readonly number[];
  readonly endsAt: number;
  /** False where the search was stopped before it could show that there is nothing better. */
  readonly isProven: boolean;
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
interface Aim {
  readonly starts: (lags: Lags) => number[];
  readonly cost: (lags: Lags) => number;
  readonly isForFresh?: boolean;
  /** Puts in what must hold for anything cheaper than what was found. @returns false where nothing can be cheaper */
  readonly tighten?: (lags: Lags, below: number) => boolean;
}

/**
 * The shortest day, and among those the one whose fresh tasks start latest (the sum of their starts is the greatest).
 * Everything else starts as early as that allows.
 *
 * Branch and bound on who goes first: the schedule that ignores hands and rings is a bound; where two tasks want the
 * hands at once, or too many the rings, either order of a pair is tried. An order that contradicts the windows is never
 * entered, and forced orders are put in at once.
 *
 * Where the search is stopped before it is done, a day for fewer rings is looked at too: what they allow, more allow as well,
 * and so another ring never makes a day longer. So is one bowl after the other, and two bowls at once never are longer.
 *
 * @param before the order of an earlier plan, tried first so that a plan only changes for a reason
 * @returns nothing where no schedule keeps every limit
 */
export function shortestDay(problem: DayProblem, before: readonly string[] = []): Answer | undefined {
  const usable = withUsableRings(problem);
  const own = searched(usable, before);
  return own?.isProven === true ? own : shorterOf(own, usable, before);
}

/** As short as it was found, with fewer rings and one bowl after the other looked at too; whatever is fresh. */
function shortFound(problem: DayProblem, before: readonly string[]): Answer | undefined {
  const root = lagsOf(problem);
  const own = root && search(problem, root, rankOf(before), shortAim(problem.tasks));
  return own?.isProven === true ? own : shorterOf(own, problem, before);
}

/** An answer that is not proven, or what is surely allowed as well where that is shorter. */
function shorterOf(own: Answer | undefined, problem: DayProblem, before: readonly string[]): Answer | undefined {
  const { rings } = problem;
  const others = [
    rings > 1 ? shortFound({ ...problem, rings: rings - 1 }, before) : undefined,
    oneAfterTheOther(problem, before),
  ];
  return others.reduce(
    (best, one) => (one && (!best || one.endsAt < best.endsAt) ? { ...one, isProven: false } : best),
    own,
  );
}

/** More rings than pots are no other kitchen. */
function withUsableRings(problem: DayProblem): DayProblem {
  const pots = problem.tasks.filter(({ usesRing }) => usesRing).length;
  return { ...problem, rings: Math.max(1, Math.min(problem.rings, pots)) };
}

const rankOf = (before: readonly string[]): ReadonlyMap<string, number> => new Map(before.map((id, i) => [id, i]));

/** Bowls that have nothing to do with each other, each as short as it can be, end to end; nothing where there is one, or one is under way. */
function oneAfterTheOther(problem: DayProblem, before: readonly string[]): Answer | undefined {
  const bowls = apart(problem);
  if (bowls.length < 2 || problem.tasks.some(({ fixedStart }) => fixedStart !== undefined)) return undefined;
  const lags = lagsOf(problem);
  if (!lags) return undefined;
  let from = 0;
  for (const bowl of bowls) {
    const isIn = new Set(bowl.map((i) => (problem.tasks[i] as Task).id));
    const part: DayProblem = {
      ...problem,
      tasks: problem.tasks.filter(({ id }) => isIn.has(id)),
      links: problem.links.filter(({ before: first }) => isIn.has(first)),
      orders: (problem.orders ?? []).filter(([first]) => isIn.has(first)),
    };
    const root = lagsOf(part);
    const answer = root && search(part, root, rankOf(before), shortAim(part.tasks));
    if (!answer) return undefined;
    for (const [k, i] of bowl.entries()) {
      const at = answer.starts[k] as number;
      // As it stands there, and nothing of it moves: the next bowl begins where this one ends.
      if (!lags.add(START, rowOf(i), from + at) || !lags.add(rowOf(i), START, -(from + at))) return undefined;
    }
    from += answer.endsAt;
  }
  const starts = problem.tasks.map((_, i) => lags.at(START, rowOf(i)));
  return { starts, endsAt: from, isProven: false, lags };
}

/** Tasks by index, together where a link or an order leads from one to the other, in the order of their first. */
function apart({ tasks, links, orders = [] }: DayProblem): readonly (readonly number[])[] {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const group = tasks.map((_, i) => i);
  const pairs = [...links.map(({ before: first, after }) => [first, after] as const), ...orders];
  for (const [first, second] of pairs) {
    const [a, b] = [group[index.get(first) ?? 0], group[index.get(second) ?? 0]];
    if (a !== b) group.forEach((one, i) => one === b && (group[i] = a as number));
  }
  return [...new Set(group)].map((one) => group.flatMap((other, i) => (other === one ? [i] : [])));
}

function searched(problem: DayProblem, before: readonly string[]): Answer | undefined {
  const root = lagsOf(problem);
  if (!root) return undefined;
  const { tasks } = problem;
  const end = endRow(tasks);
  const rank = rankOf(before);

  const short = search(problem, root, rank, shortAim(tasks));
  if (!short) return undefined;

  const within = root.copy();
  const fresh = tasks.flatMap(({ isFresh, fixedStart }, i) => (isFresh && fixedStart === undefined ? [rowOf(i)] : []));
  if (!within.add(end, START, -short.endsAt)) return short;
  const late = search(problem, within, rank, {
    isForFresh: true,
    starts: (lags) => {
      const latest = fresh.map((row) => [row, -lags.at(row, START)] as const);
      return tasks.map((_, i) =>
        latest.reduce((least, [row, at]) => Math.max(least, at + lags.at(row, rowOf(i))), lags.at(START, rowOf(i))),
      );
    },
    cost: (lags) =>
      latestBound(
        fresh.map((row) => {
          const minutes = (tasks[row - 1] as Task).handsOnMinutes;
          return { overBeforeEnd: short.endsAt + lags.at(row, START) - minutes, minutes };
        }),
      ),
    // If all others are as late as they can be, this one must at least make up the rest.
    tighten: (lags, below) => {
      const early = fresh.map((row) => short.endsAt + lags.at(row, START));
      const all = early.reduce((sum, one) => sum + one, 0);
      return fresh.every((row, k) => lags.add(START, row, short.endsAt - (below - 1 - (all - (early[k] as number)))));
    },
  });
  const answer = late ?? short;
  return { ...answer, endsAt: short.endsAt, isProven: short.isProven && (late?.isProven ?? false) };
}

/** As short as it can be, whatever is fresh; nothing where no schedule keeps every limit. */
export function shortestMinutes(problem: DayProblem): number | undefined {
  const root = lagsOf(problem);
  return root && search(problem, root, new Map(), shortAim(problem.tasks))?.endsAt;
}

function shortAim(tasks: readonly Task[]): Aim {
  const end = endRow(tasks);
  return {
    starts: (lags) => tasks.map((_, i) => lags.at(START, rowOf(i))),
    cost: (lags) => Math.max(lags.at(START, end), handsBound(jobsOf(tasks, lags, end))),
    tighten: (lags, below) => lags.add(end, START, 1 - below),
  };
}

const jobsOf = (tasks: readonly Task[], lags: Lags, end: number) =>
  tasks.map(({ handsOnMinutes }, i) => ({
    notBefore: lags.at(START, rowOf(i)),
    minutes: handsOnMinutes,
    tail: lags.at(rowOf(i), end) - handsOnMinutes,
  }));

/** Depth-first, the likelier order first. */
function search(problem: DayProblem, root: Lags, rank: ReadonlyMap<string, number>, aim: Aim): Answer | undefined {
  const { tasks } = problem;
  const end = endRow(tasks);
  const singles = oneAtATime(problem);
  let best: (Answer & { cost: number }) | undefined;
  let nodes = 0;
  const most = mostNodes(tasks.length);
  // The shortest day is always found; that its fresh tasks start late is worth half a second.
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
      best = { starts, endsAt: Math.max(endsAt, lags.at(START, end)), isProven: true, lags, cost };
      return;
    }
    for (const [first, second, minutes] of orders) {
      const child = lags.copy();
      if (child.add(first, second, minutes)) visit(child);
    }
  };
  visit(root.copy());
  return best && { ...best, isProven: !isOver() };
}

type Order = readonly [first: number, second: number, minutes: number];

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
function clashIn(
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

/** How much room two tasks have for either order; less where one order is all but ruled out. */
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
