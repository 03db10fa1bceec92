import { describe, expect, it } from 'vitest';
import { aDay, aDrawnDay, aLink, aTask } from '../../testing';
import { lateAim, shortAim } from './aims';
import { asProblem } from './left';
import { lagsOf, type DayProblem } from './problem';
import { search } from './search';
import { shortestDay } from './shortest';

/** Schedules looked at for some drawn days. */
const lookedAt = (count: number, rings: number, seeds: readonly number[]): readonly (number | undefined)[] =>
  seeds.map((seed) => shortestDay(aDrawnDay(seed, count, rings))?.looked);

/**
 * What a search looks at is no fact about hair, and any better choice of what to try first may change it. But what a search
 * finds does not tell whether it tries the likelier order first, whether its bounds bite and forced orders are put in: only
 * how long it takes does, and this counts it.
 */
describe('what the search looks at', () => {
  it('is little for days as they are met', () => {
    const options = { kitchen: { rings: 2 }, wish: { kind: 'start-at', at: 0 }, now: 0 } as const;
    for (const mask of ['rice-silk', 'flax-slip', 'galley-egg']) {
      const steps = aDay(mask);
      const answer = shortestDay(asProblem(steps, steps, options))!;
      expect(answer.isProven).toBe(true);
      expect(answer.looked).toBeLessThan(60);
    }
  });

  it('is so much for drawn days of ten tasks on one ring, and on two', () => {
    expect(lookedAt(10, 1, [1, 2, 3, 4, 5, 6, 7, 8])).toEqual([56, 62, 56, 108, 81, 43, 121, 207]);
    expect(lookedAt(8, 2, [1, 2, 4, 5, 7, 8])).toEqual([69, 80, 45, 54, 120, 100]);
    expect(lookedAt(10, 2, [1, 8])).toEqual([146, 179]);
  });

  it('is less where an order of before is a good one', () => {
    const problem = aDrawnDay(8, 10, 1);
    const first = shortestDay(problem)!;
    const order = problem.tasks.map(({ id }, i) => [first.starts[i]!, id] as const).sort(([a], [b]) => a - b);
    const again = shortestDay(
      problem,
      order.map(([, id]) => id),
    )!;
    expect(again.endsAt).toBe(first.endsAt);
    expect(again.looked).toBeLessThan(first.looked);
  });

  it('ends somewhere: beyond its measure for so many tasks the answer is what was found, and not proven', () => {
    const problem = aDrawnDay(4, 14, 2);
    const own = search(problem, lagsOf(problem)!, new Map(), shortAim(problem.tasks))!;
    expect(own.isProven).toBe(false);
    // 10⁷ for tasks to the third.
    expect(own.looked).toBeGreaterThan(Math.ceil(1e7 / 14 ** 3));
    expect(own.endsAt).toBeLessThan(120);
  });
});

describe('what a search is after', () => {
  it('is the end of the day first, and then that fresh tasks come late within it', () => {
    const problem: DayProblem = {
      tasks: [aTask('cut', 4, 0, { isFresh: true }), aTask('soak', 1, 30), aTask('mix', 5)],
      links: [aLink('cut', 'mix'), aLink('soak', 'mix')],
      rings: 1,
    };
    const short = search(problem, lagsOf(problem)!, new Map(), shortAim(problem.tasks))!;
    expect([short.endsAt, short.starts[0]]).toEqual([36, 1]);
    const lags = lagsOf(problem)!;
    lags.add(4, 0, -36);
    const late = search(problem, lags, new Map(), lateAim(problem.tasks, 36))!;
    expect([late.endsAt, late.starts]).toEqual([36, [27, 0, 31]]);
  });

  it('does not move what is under way, fresh or not', () => {
    const tasks = [aTask('cut', 4, 0, { isFresh: true, fixedStart: 0 }), aTask('soak', 1, 30)];
    const lags = lagsOf({ tasks, links: [], rings: 1 })!;
    const { starts, cost } = lateAim(tasks, 40);
    expect(starts(lags)).toEqual([0, 0]);
    expect(cost(lags)).toBe(0);
  });
});
