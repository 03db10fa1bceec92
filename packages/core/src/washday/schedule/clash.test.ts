import { describe, expect, it } from 'vitest';
import { aTask } from '../../testing';
import { clashIn } from './clash';
import { lagsOf, rowOf, START, type DayProblem, type Task } from './problem';
import { oneAtATime } from './single';

/** The orders that would end the first clash of tasks that all start where said, as ids. */
function clashOf(
  tasks: readonly Task[],
  {
    starts,
    rings = 1,
    rank = [],
    isForFresh = false,
    latest = {},
  }: {
    starts?: readonly number[];
    rings?: number;
    rank?: readonly string[];
    isForFresh?: boolean;
    latest?: Readonly<Record<string, number>>;
  } = {},
): readonly string[] {
  const problem: DayProblem = { tasks, links: [], rings };
  const lags = lagsOf(problem)!;
  tasks.forEach(({ id }, i) => lags.add(rowOf(i), START, -(latest[id] ?? 1000)));
  const before = new Map(rank.map((id, i) => [id, i]));
  const at = starts ?? tasks.map(() => 0);
  return clashIn(problem, oneAtATime(problem), lags, at, before, isForFresh).map(
    ([first, second, minutes]) => `${tasks[first - 1]!.id}<${tasks[second - 1]!.id} by ${minutes}`,
  );
}

const pot = (id: string, hands: number, wait: number): Task => aTask(id, hands, wait, { usesRing: true });

describe('two tasks that want the hands at once', () => {
  it('are tried either way, the one that starts first before the other', () => {
    expect(clashOf([aTask('a', 5), aTask('b', 3)], { starts: [2, 0] })).toEqual(['b<a by 3', 'a<b by 5']);
    expect(clashOf([aTask('a', 5), aTask('b', 3)], { starts: [0, 4] })).toEqual(['a<b by 5', 'b<a by 3']);
  });

  it('are none where one is done as the other begins, or where one needs no hands', () => {
    expect(clashOf([aTask('a', 5), aTask('b', 3)], { starts: [0, 5] })).toEqual([]);
    expect(clashOf([aTask('a', 5), aTask('b', 3)], { starts: [3, 0] })).toEqual([]);
    expect(clashOf([aTask('a', 5), aTask('b', 0, 30)])).toEqual([]);
  });

  it('begin with what runs the longest by itself, at one start', () => {
    expect(clashOf([aTask('a', 5, 1), aTask('b', 3, 20)])[0]).toBe('b<a by 3');
    expect(clashOf([aTask('a', 5, 20), aTask('b', 3, 1)])[0]).toBe('a<b by 5');
    expect(clashOf([aTask('a', 5, 7), aTask('b', 3, 7)])[0]).toBe('a<b by 5');
  });

  it('go as they went before, where both did', () => {
    const tasks = [aTask('a', 5), aTask('b', 3)];
    expect(clashOf(tasks, { starts: [0, 2], rank: ['b', 'a'] })[0]).toBe('b<a by 3');
    expect(clashOf(tasks, { starts: [0, 2], rank: ['b'] })[0]).toBe('a<b by 5');
    expect(clashOf(tasks, { starts: [2, 0], rank: ['a', 'b'] })[0]).toBe('a<b by 5');
  });

  it('have what is fresh last, where it is about what is fresh', () => {
    const tasks = [aTask('a', 5, 0, { isFresh: true }), aTask('b', 3)];
    expect(clashOf(tasks, { starts: [0, 2], isForFresh: true })[0]).toBe('b<a by 3');
    expect(clashOf(tasks, { starts: [0, 2] })[0]).toBe('a<b by 5');
    expect(clashOf([...tasks].reverse(), { starts: [2, 0], isForFresh: true })[0]).toBe('b<a by 3');
  });

  it('are the two with the least room for either order', () => {
    const tasks = [aTask('a', 5), aTask('b', 5), aTask('c', 5)];
    const pairOf = (latest: Record<string, number>): string | undefined => clashOf(tasks, { latest })[0];
    expect(pairOf({ b: 9, c: 9 })).toBe('b<c by 5');
    expect(pairOf({ a: 9, c: 9 })).toBe('a<c by 5');
    expect(pairOf({ a: 9, b: 9 })).toBe('a<b by 5');
  });

  it('are rather two that are as tight either way than two of which one order has all the room', () => {
    const tasks = [aTask('a', 5), aTask('b', 5), aTask('c', 5), aTask('d', 5)];
    const starts = [0, 0, 50, 50];
    // The tighter order of a and b has 24 minutes, the other a day: 24 / √(25 / 995) is 151. Those of c and d have 30 each.
    expect(clashOf(tasks, { starts, latest: { a: 29, b: 999, c: 35, d: 35 } })[0]).toBe('c<d by 5');
    expect(clashOf(tasks, { starts, latest: { a: 29, b: 999, c: 155, d: 155 } })[0]).toBe('c<d by 5');
    expect(clashOf(tasks, { starts, latest: { a: 29, b: 999, c: 160, d: 160 } })[0]).toBe('a<b by 5');
  });

  it('are the first of the day where others have as little room, and the last where it is about what is fresh', () => {
    const tasks = [aTask('a', 5), aTask('b', 5), aTask('c', 5), aTask('d', 5)];
    const starts = [0, 1, 20, 21];
    expect(clashOf(tasks, { starts })[0]).toBe('a<b by 5');
    expect(clashOf(tasks, { starts, isForFresh: true })[0]).toBe('c<d by 5');
  });
});

describe('pots', () => {
  it('want one ring one after the other, from the first hand to the end', () => {
    expect(clashOf([pot('a', 0, 20), pot('b', 0, 10)], { starts: [0, 19] })).toEqual(['a<b by 20', 'b<a by 10']);
    expect(clashOf([pot('a', 0, 20), pot('b', 0, 10)], { starts: [0, 20] })).toEqual([]);
  });

  it('are too many for two rings where a third comes, and then any two may follow one another', () => {
    const three = [pot('a', 0, 20), pot('b', 0, 20), pot('c', 0, 20)];
    expect(clashOf(three, { starts: [0, 5, 20], rings: 2 })).toEqual([]);
    expect(clashOf(three, { starts: [0, 5, 19], rings: 2 })).toEqual([
      'a<b by 20',
      'b<a by 20',
      'a<c by 20',
      'c<a by 20',
      'b<c by 20',
      'c<b by 20',
    ]);
    expect(clashOf(three, { starts: [0, 5, 19], rings: 3 })).toEqual([]);
  });

  it('that are not on, and what is no pot, take no ring', () => {
    const three = [pot('a', 0, 20), pot('b', 0, 20)];
    expect(clashOf([...three, pot('c', 0, 0)], { starts: [0, 5, 9], rings: 2 })).toEqual([]);
    expect(clashOf([...three, aTask('c', 0, 20)], { starts: [0, 5, 9], rings: 2 })).toEqual([]);
  });
});
