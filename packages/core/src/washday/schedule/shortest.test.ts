import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawsFrom } from '../../statistic';
import { aLink as link, aTask as task } from '../../testing';
import { handsBound } from './handsBound';
import { durationOf, type DayProblem, type Task } from './problem';
import { shortestDay } from './shortest';

/** What a schedule breaks, in words; empty for a good one. */
function faultsOf({ tasks, links, rings }: DayProblem, starts: readonly number[]): string[] {
  const faults: string[] = [];
  const at = new Map(tasks.map((one, i) => [one.id, starts[i] as number]));
  tasks.forEach((one, i) => {
    const start = starts[i] as number;
    if (start < 0) faults.push(`${one.id} before the start`);
    if (one.fixedStart !== undefined && start !== one.fixedStart) faults.push(`${one.id} moved`);
    if (one.notAfter !== undefined && start > one.notAfter) faults.push(`${one.id} too late`);
    tasks.slice(i + 1).forEach((other, k) => {
      const [s, t] = [start, starts[i + 1 + k] as number];
      const both = one.handsOnMinutes > 0 && other.handsOnMinutes > 0;
      if (both && s < t + other.handsOnMinutes && t < s + one.handsOnMinutes) faults.push(`${one.id} × ${other.id}`);
    });
    const onRings = tasks.filter(
      (other) =>
        other.usesRing &&
        durationOf(other) > 0 &&
        (at.get(other.id) as number) <= start &&
        (at.get(other.id) as number) + durationOf(other) > start,
    );
    if (one.usesRing && durationOf(one) > 0 && onRings.length > rings) faults.push(`${one.id}: no ring`);
  });
  for (const { before, after, withinMinutes = Infinity } of links) {
    const end = (at.get(before) as number) + durationOf(tasks.find(({ id }) => id === before) as Task);
    const gap = (at.get(after) as number) - end;
    if (gap < 0) faults.push(`${after} before ${before} is over`);
    if (gap > withinMinutes) faults.push(`${after} too long after ${before}`);
  }
  return faults;
}

/**
 * The best end and then the greatest sum of fresh starts, by trying every row of whole minutes. One task after the other is
 * a day that is long enough: a start beyond that is never needed.
 */
function byTrying(problem: DayProblem): { endsAt: number; freshness: number } | undefined {
  const { tasks } = problem;
  const upTo = tasks.reduce((sum, one) => sum + durationOf(one), 0);
  let best: { endsAt: number; freshness: number } | undefined;
  const starts: number[] = [];
  const place = (i: number): void => {
    if (i === tasks.length) {
      const endsAt = Math.max(0, ...tasks.map((one, k) => (starts[k] as number) + durationOf(one)));
      const freshness = tasks.reduce((sum, one, k) => sum + (one.isFresh ? (starts[k] as number) : 0), 0);
      const isBetter = !best || endsAt < best.endsAt || (endsAt === best.endsAt && freshness > best.freshness);
      if (isBetter && faultsOf(problem, starts).length === 0) best = { endsAt, freshness };
      return;
    }
    for (let at = 0; at <= upTo; at++) {
      starts[i] = at;
      place(i + 1);
    }
  };
  place(0);
  return best;
}

const smallDay = fc
  .record({
    tasks: fc.array(
      fc.record({
        handsOnMinutes: fc.integer({ min: 0, max: 2 }),
        waitMinutes: fc.integer({ min: 0, max: 2 }),
        usesRing: fc.boolean(),
        isFresh: fc.boolean(),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    links: fc.array(fc.tuple(fc.nat(3), fc.nat(3), fc.option(fc.nat(1), { nil: undefined })), { maxLength: 4 }),
    rings: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ tasks, links, rings }): DayProblem => {
    const named = tasks.map((one, i) => ({ id: String(i), ...one }));
    return {
      tasks: named,
      links: links.flatMap(([a, b, within]) => (a < b && b < named.length ? [link(String(a), String(b), within)] : [])),
      rings,
    };
  });

describe('the shortest day', () => {
  it('is the one that trying everything finds, its fresh tasks as late, and nothing is broken', () => {
    fc.assert(
      fc.property(smallDay, (problem) => {
        const tried = byTrying(problem);
        const answer = shortestDay(problem);
        expect(answer?.endsAt).toBe(tried?.endsAt);
        if (!answer || !tried) return;
        expect(answer.isProven).toBe(true);
        expect(faultsOf(problem, answer.starts)).toEqual([]);
        const freshness = problem.tasks.reduce(
          (sum, one, i) => sum + (one.isFresh ? (answer.starts[i] as number) : 0),
          0,
        );
        expect(freshness).toBe(tried.freshness);
      }),
      { numRuns: 140 },
    );
  }, 60_000);

  it('boils before it washes, so that the pot works while the hands do', () => {
    const { starts, endsAt } = shortestDay({
      tasks: [task('wash', 12), task('boil', 2, 25, { usesRing: true }), task('mix', 5)],
      links: [link('boil', 'mix'), link('wash', 'mix')],
      rings: 1,
    }) as NonNullable<ReturnType<typeof shortestDay>>;
    expect(starts).toEqual([2, 0, 27]);
    expect(endsAt).toBe(32);
  });

  it('delays what does not keep, although the hands would be free for it', () => {
    const answer = shortestDay({
      tasks: [task('cook', 5, 10), task('long', 1, 60), task('mix', 5)],
      links: [link('cook', 'mix', 10), link('long', 'mix')],
      rings: 1,
    });
    expect(answer?.endsAt).toBe(66);
    expect(answer?.starts[0]).toBeGreaterThanOrEqual(36);
  });

  it('puts one pot after the other on a single ring, side by side on two', () => {
    const tasks = [task('a', 1, 20, { usesRing: true }), task('b', 1, 20, { usesRing: true })];
    expect(shortestDay({ tasks, links: [], rings: 1 })?.endsAt).toBe(42);
    expect(shortestDay({ tasks, links: [], rings: 2 })?.endsAt).toBe(22);
  });

  it('knows when limits cannot be kept, and when a day is empty', () => {
    const tasks = [task('a', 5), task('b', 5), task('c', 5)];
    expect(shortestDay({ tasks, links: [link('a', 'b', 0), link('a', 'c', 0)], rings: 1 })).toBeUndefined();
    expect(shortestDay({ tasks: [], links: [], rings: 1 })?.endsAt).toBe(0);
    expect(() => shortestDay({ tasks: [task('a', 1.5)], links: [], rings: 1 })).toThrow(RangeError);
    expect(() => shortestDay({ tasks: [], links: [link('a', 'b')], rings: 1 })).toThrow(RangeError);
  });

  it('is never longer with another ring, beyond what can be proven too, and keeps every limit', () => {
    // Far more than a wash day: thirty-six steps, every fourth of them on the stove.
    const draws = drawsFrom(5);
    const some = (): number => Math.abs(draws.normal());
    const tasks = Array.from({ length: 36 }, (_, i) =>
      task(String(i), Math.round(1 + 5 * some()), i % 3 === 0 ? Math.round(20 * some()) : 0, {
        usesRing: i % 4 === 0,
        isFresh: i % 5 === 0,
      }),
    );
    const links = tasks.flatMap((_, i) => (i > 2 && i % 2 === 0 ? [link(String(i - 2), String(i))] : []));
    const answers = [1, 2, 3].map((rings) => {
      const answer = shortestDay({ tasks, links, rings })!;
      expect(faultsOf({ tasks, links, rings }, answer.starts)).toEqual([]);
      return answer;
    });
    expect(answers.some(({ isProven }) => !isProven)).toBe(true);
    const ends = answers.map(({ endsAt }) => endsAt);
    expect([...ends].sort((a, b) => b - a)).toEqual(ends);
  }, 60_000);

  it('is never longer than one bowl after the other, beyond what can be proven too', () => {
    for (const seed of [1, 7]) {
      const draws = drawsFrom(seed);
      const some = (): number => Math.abs(draws.normal());
      const bowl = (name: string): DayProblem => {
        const tasks = Array.from({ length: 18 }, (_, i) =>
          task(`${name}${i}`, Math.round(1 + 4 * some()), i % 3 === 0 ? Math.round(15 * some()) : 0, {
            usesRing: i % 5 === 0,
            isFresh: i % 6 === 0,
          }),
        );
        const links = tasks.slice(1).map(({ id }, i) => link(tasks[i >> 1]!.id, id, 120));
        return { tasks, links, rings: 1 };
      };
      const [one, other] = [bowl('a'), bowl('b')];
      for (const rings of [1, 2]) {
        const alone = [one, other].map((each) => shortestDay({ ...each, rings })!.endsAt);
        const both: DayProblem = {
          tasks: [...one.tasks, ...other.tasks],
          links: [...one.links, ...other.links],
          rings,
        };
        const answer = shortestDay(both)!;
        expect(faultsOf(both, answer.starts)).toEqual([]);
        expect(answer.endsAt).toBeLessThanOrEqual(alone[0]! + alone[1]!);
      }
    }
  }, 60_000);

  it('does not depend on the order its tasks are named in', () => {
    fc.assert(
      fc.property(smallDay, (problem) => {
        const turned = { ...problem, tasks: [...problem.tasks].reverse(), links: [...problem.links].reverse() };
        expect(shortestDay(turned)?.endsAt).toBe(shortestDay(problem)?.endsAt);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the bound of one pair of hands', () => {
  it('is the least for jobs without tails and never more than an order comes to', () => {
    expect(handsBound([])).toBe(0);
    expect(
      handsBound([
        { notBefore: 0, minutes: 5, tail: 0 },
        { notBefore: 8, minutes: 2, tail: 10 },
      ]),
    ).toBe(20);
    const jobs = fc.array(
      fc.record({ notBefore: fc.nat(10), minutes: fc.integer({ min: 1, max: 5 }), tail: fc.nat(10) }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(jobs, (all) => {
        let now = 0;
        let endsAt = 0;
        for (const { notBefore, minutes, tail } of all) {
          now = Math.max(now, notBefore) + minutes;
          endsAt = Math.max(endsAt, now + tail);
        }
        expect(handsBound(all)).toBeLessThanOrEqual(endsAt);
      }),
    );
  });
});
