import { describe, expect, it } from 'vitest';
import { aLink, aTask } from '../../testing';
import { oneAfterTheOther } from './oneByOne';
import type { DayProblem } from './problem';

const bowl = (name: string): Pick<DayProblem, 'tasks' | 'links'> => ({
  tasks: [aTask(`${name}-wash`, 4), aTask(`${name}-boil`, 1, 10, { usesRing: true }), aTask(`${name}-mix`, 3)],
  links: [aLink(`${name}-boil`, `${name}-mix`, 5), aLink(`${name}-wash`, `${name}-mix`)],
});
const both = (change: Partial<DayProblem> = {}): DayProblem => ({
  tasks: [...bowl('a').tasks, ...bowl('b').tasks],
  links: [...bowl('a').links, ...bowl('b').links],
  rings: 2,
  ...change,
});

describe('one bowl after the other', () => {
  it('is each as short as it can be, the next where the one before ends', () => {
    // Boil, wash meanwhile, mix: 14 minutes a bowl.
    const answer = oneAfterTheOther(both(), new Map())!;
    expect(answer.starts).toEqual([1, 0, 11, 15, 14, 25]);
    expect(answer.endsAt).toBe(28);
    expect(answer.isProven).toBe(false);
    expect(answer.looked).toBeGreaterThanOrEqual(2);
    // Nothing of it moves any more: its slack is told from that.
    answer.starts.forEach((start, i) => {
      expect(answer.lags.at(i + 1, 0) + start).toBe(0);
    });
  });

  it('tells bowls apart by links and orders, wherever their tasks stand', () => {
    const [a, b] = [bowl('a'), bowl('b')];
    const tasks = [a.tasks[0]!, b.tasks[0]!, b.tasks[1]!, a.tasks[1]!, a.tasks[2]!, b.tasks[2]!];
    const answer = oneAfterTheOther(both({ tasks }), new Map())!;
    expect(answer.starts).toEqual([1, 15, 14, 0, 11, 25]);
    expect(oneAfterTheOther(both({ orders: [['a-mix', 'b-wash']] }), new Map())).toBeUndefined();
  });

  it('keeps the orders of each', () => {
    const answer = oneAfterTheOther(both({ orders: [['a-wash', 'a-boil']] }), new Map())!;
    expect(answer.starts).toEqual([0, 4, 15, 19, 18, 29]);
  });

  it('is no way for one bowl, for one under way, and where a limit does not allow it', () => {
    expect(oneAfterTheOther({ ...bowl('a'), rings: 2 }, new Map())).toBeUndefined();
    expect(oneAfterTheOther({ tasks: [], links: [], rings: 1 }, new Map())).toBeUndefined();
    const [first, ...rest] = both().tasks;
    expect(oneAfterTheOther(both({ tasks: [{ ...first!, fixedStart: 0 }, ...rest] }), new Map())).toBeUndefined();
    const late = both().tasks.map((one) => (one.id === 'b-wash' ? { ...one, notAfter: 10 } : one));
    expect(oneAfterTheOther(both({ tasks: late }), new Map())).toBeUndefined();
    const never = both().links.map((one) => (one.before === 'b-boil' ? { ...one, withinMinutes: -1 } : one));
    expect(oneAfterTheOther(both({ links: never }), new Map())).toBeUndefined();
  });
});
