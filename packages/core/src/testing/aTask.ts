import type { DayProblem, Task, TaskLink } from '../washday/schedule/problem';
import { drawsFrom } from '../statistic';

/** One task of a day: minutes of hands, minutes by itself. */
export const aTask = (id: string, handsOnMinutes: number, waitMinutes = 0, rest: Partial<Task> = {}): Task => ({
  id,
  handsOnMinutes,
  waitMinutes,
  usesRing: false,
  isFresh: false,
  ...rest,
});

/** That one comes after another, within some minutes where they are given. */
export const aLink = (before: string, after: string, withinMinutes?: number): TaskLink =>
  withinMinutes === undefined ? { before, after } : { before, after, withinMinutes };

/** A day as nobody has it, drawn by a seed: every third task waits on the stove, every fourth is fresh, some keep only so long. */
export function aDrawnDay(seed: number, count: number, rings: number): DayProblem {
  const draws = drawsFrom(seed);
  const some = (): number => Math.abs(draws.normal());
  const tasks = Array.from({ length: count }, (_, i) => {
    const isPot = i % 3 === 0;
    return aTask(String(i), Math.round(1 + 5 * some()), isPot ? Math.round(20 * some()) : 0, {
      usesRing: isPot,
      isFresh: i % 4 === 0,
    });
  });
  const links = tasks.flatMap((_, i) =>
    i > 2 && i % 2 === 0 ? [aLink(String(i - 2), String(i), i % 4 === 0 ? 15 : undefined)] : [],
  );
  return { tasks, links, rings };
}
