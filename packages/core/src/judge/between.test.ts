import { expect, it } from 'vitest';
import { betweenWashDays } from '.';

const on = (...days: readonly string[]) => days.map((day) => ({ at: `2026-${day}T18:00:00Z` }));

it('tells nothing from one wash day, the gap from two, and what is usual from more, in any order', () => {
  expect(betweenWashDays([])).toBeUndefined();
  expect(betweenWashDays(on('03-01'))).toBeUndefined();
  expect(betweenWashDays(on('03-09', '03-01'))).toEqual({ count: 2, usualDays: 8, leastDays: 8, mostDays: 8 });
  expect(betweenWashDays(on('03-01', '03-08', '03-18', '03-24'))).toEqual({
    count: 4,
    usualDays: 7,
    leastDays: 6,
    mostDays: 10,
  });
});

it('takes two bowls of one evening for one wash day', () => {
  const evening = [{ at: '2026-03-01T18:00:00Z' }, { at: '2026-03-01T21:00:00Z' }];
  expect(betweenWashDays(evening)).toBeUndefined();
  expect(betweenWashDays([...evening, ...on('03-08')])).toMatchObject({ count: 2, usualDays: 7 });
});
