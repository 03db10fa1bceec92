import { describe, expect, it } from 'vitest';
import { leftAloud, markOf } from './aloud';

const minutes = (count: number): number => count * 60_000;

describe('what is said of a wait', () => {
  it('changes at few moments while it is far, each minute at last, and at its end', () => {
    const said = new Set<number>();
    const moments: number[] = [];
    for (let left = minutes(40); left >= -minutes(5); left -= 1000) {
      const mark = markOf(left);
      if (!said.has(mark)) moments.push(Math.ceil(left / 60_000));
      said.add(mark);
    }
    expect(moments).toEqual([40, 30, 20, 15, 10, 5, 4, 3, 2, 1, 0]);
  });
  it('is a word, not a count of seconds', () => {
    expect(leftAloud(minutes(12) + 3000)).toBe('12 min left');
    expect(leftAloud(40_000)).toBe('about a minute left');
    expect(leftAloud(0)).toBe('time is up');
    expect(leftAloud(-minutes(3))).toBe('time is up');
  });
});
