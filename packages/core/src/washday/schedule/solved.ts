import { cannot } from '../../message';
import type { MissedLimit } from './dayPlan';
import type { DayProblem, Task } from './problem';
import type { Answer } from './search';
import { shortestDay } from './shortest';

/** A new order of steps must save at least this much before it is put to somebody in the middle of her day. Assumption of this project. */
export const WORTH_A_NEW_ORDER_MINUTES = 4;

export interface Solved {
  readonly problem: DayProblem;
  readonly answer: Answer;
  readonly missed: readonly MissedLimit[];
}

/**
 * Solves with every limit; where what is done already makes that impossible, what is overdue comes as soon as it can and
 * is named, and only then are the other limits let go.
 */
export function solved(problem: DayProblem, order: readonly string[] = []): Solved {
  const strict = kept(problem, order);
  if (strict) return { problem, answer: strict, missed: [] };
  const dueless = { ...problem, tasks: problem.tasks.map(({ notAfter: _notAfter, ...task }) => task) };
  const limitless = { ...dueless, links: problem.links.map(({ before, after }) => ({ before, after })) };
  for (const loose of [dueless, limitless]) {
    const answer = kept(loose, order);
    if (answer) return { problem: loose, answer, missed: missedIn(problem, answer) };
  }
  throw cannot('steps-in-a-circle');
}

/** The best answer, or the one in the order of before where a new order would save next to nothing. */
function kept(problem: DayProblem, order: readonly string[]): Answer | undefined {
  const best = shortestDay(problem, order);
  if (!best || order.length === 0) return best;
  const hands = new Map(problem.tasks.map((task) => [task.id, task.handsOnMinutes > 0]));
  const row = order.filter((id) => hands.get(id));
  const orders = row.slice(1).map((id, i) => [row[i] as string, id] as const);
  const asBefore = shortestDay({ ...problem, orders }, order);
  return asBefore && asBefore.endsAt < best.endsAt + WORTH_A_NEW_ORDER_MINUTES ? asBefore : best;
}

function missedIn({ tasks, links }: DayProblem, { starts }: Answer): MissedLimit[] {
  const start = new Map(tasks.map(({ id }, i) => [id, starts[i] as number]));
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const late = tasks.flatMap(({ id, notAfter }) =>
    notAfter !== undefined && (start.get(id) as number) > notAfter
      ? [{ stepId: id, afterStepId: '', withinMinutes: 0 }]
      : [],
  );
  const long = links.flatMap(({ before, after, withinMinutes }) => {
    const first = byId.get(before) as Task;
    const stood =
      (start.get(after) as number) - (start.get(before) as number) - first.handsOnMinutes - first.waitMinutes;
    return withinMinutes !== undefined && stood > withinMinutes
      ? [{ stepId: after, afterStepId: before, withinMinutes }]
      : [];
  });
  return [...late, ...long];
}
