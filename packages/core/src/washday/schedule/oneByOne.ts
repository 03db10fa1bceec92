import { shortAim } from './aims';
import { search, type Answer } from './search';
import { lagsOf, rowOf, START, type DayProblem, type Task } from './problem';

/** Bowls that have nothing to do with each other, each as short as it can be, end to end; nothing where there is one, or one is under way. */
export function oneAfterTheOther(problem: DayProblem, rank: ReadonlyMap<string, number>): Answer | undefined {
  const bowls = apart(problem);
  if (bowls.length < 2 || problem.tasks.some(({ fixedStart }) => fixedStart !== undefined)) return undefined;
  const lags = lagsOf(problem);
  if (!lags) return undefined;
  let from = 0;
  let looked = 0;
  for (const bowl of bowls) {
    const isIn = new Set(bowl.map((i) => (problem.tasks[i] as Task).id));
    const part: DayProblem = {
      ...problem,
      tasks: problem.tasks.filter(({ id }) => isIn.has(id)),
      links: problem.links.filter(({ before: first }) => isIn.has(first)),
      orders: (problem.orders ?? []).filter(([first]) => isIn.has(first)),
    };
    const root = lagsOf(part);
    const answer = root && search(part, root, rank, shortAim(part.tasks));
    if (!answer) return undefined;
    for (const [k, i] of bowl.entries()) {
      const at = answer.starts[k] as number;
      // As it stands there, and nothing of it moves: the next bowl begins where this one ends.
      if (!lags.add(START, rowOf(i), from + at) || !lags.add(rowOf(i), START, -(from + at))) return undefined;
    }
    from += answer.endsAt;
    looked += answer.looked;
  }
  const starts = problem.tasks.map((_, i) => lags.at(START, rowOf(i)));
  return { starts, endsAt: from, isProven: false, looked, lags };
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
