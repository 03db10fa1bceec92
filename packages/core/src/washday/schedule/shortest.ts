import { lateAim, shortAim } from './aims';
import { oneAfterTheOther } from './oneByOne';
import { search, type Answer } from './search';
import { endRow, lagsOf, START, type DayProblem } from './problem';

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
    oneAfterTheOther(problem, rankOf(before)),
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

function searched(problem: DayProblem, before: readonly string[]): Answer | undefined {
  const root = lagsOf(problem);
  if (!root) return undefined;
  const { tasks } = problem;
  const end = endRow(tasks);
  const rank = rankOf(before);

  const short = search(problem, root, rank, shortAim(tasks));
  if (!short) return undefined;

  const within = root.copy();
  if (!within.add(end, START, -short.endsAt)) return short;
  const late = search(problem, within, rank, lateAim(tasks, short.endsAt));
  const answer = late ?? short;
  return {
    ...answer,
    endsAt: short.endsAt,
    isProven: short.isProven && (late?.isProven ?? false),
    looked: short.looked + (late?.looked ?? 0),
  };
}

/** As short as it can be, whatever is fresh; nothing where no schedule keeps every limit. */
export function shortestMinutes(problem: DayProblem): number | undefined {
  const root = lagsOf(problem);
  return root && search(problem, root, new Map(), shortAim(problem.tasks))?.endsAt;
}
