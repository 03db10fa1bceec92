// @vitest-environment happy-dom
import type { WeekBowl, Weeks } from '@amber-ladle/core/plan';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { useHousehold } from '../data/household';
import { forget, know } from '../data/testing';
import { useWeeks } from '../data/useWeeks';
import { useShownDays } from './useShownDays';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));

const reckoned = (first: string): Weeks =>
  ({
    days: [{ day: first, at: 5, minutes: 77, isShopDay: false }],
    bowls: [{ maskId: 'oat-ease', day: first, on: 0 } as unknown as WeekBowl],
  }) as unknown as Weeks;

let shown: ReturnType<typeof useShownDays>;
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  useHousehold().moment = Date.parse('2026-03-14T09:30:00Z');
  const weeks = useWeeks();
  const wishes = { ...weeks.wishes, horizonDays: 14, shopWeekdays: [0] };
  const plan = {
    day: '2026-03-14',
    bowls: [
      { day: '2026-03-13', at: '2026-03-13T09:00:00.000Z', maskId: 'rice-silk', headIds: ['a'], lines: [] },
      { day: '2026-03-16', at: '2026-03-16T09:00:00.000Z', maskId: 'flax-slip', headIds: ['a'], lines: [] },
    ],
    freezes: [],
    otherwise: [],
  };
  know({ weeks: { ...weeks.held, wishes, plan } as never });
  shown = useShownDays();
});

it('are the days to come and the bowls of the plan before, until it was reckoned', () => {
  expect(shown.days.value).toHaveLength(14);
  expect(shown.days.value[0]?.day).toBe('2026-03-14');
  // Shops are gone to on Sundays.
  expect(shown.days.value.filter(({ isShopDay }) => isShopDay).map(({ day }) => day)).toEqual([
    '2026-03-15',
    '2026-03-22',
  ]);
  // What was planned for yesterday has gone by.
  expect(shown.bowls.value.map(({ maskId, on, draws }) => ({ maskId, on, draws }))).toEqual([
    { maskId: 'flax-slip', on: 2, draws: [] },
  ]);
});

it('are those that were reckoned, once they are', () => {
  useWeeks().weeks = reckoned('2026-03-14');
  expect(shown.days.value.map(({ minutes }) => minutes)).toEqual([77]);
  expect(shown.bowls.value.map(({ maskId }) => maskId)).toEqual(['oat-ease']);
});

it('are not those of yesterday, past midnight: they would stand a day late', () => {
  useWeeks().weeks = reckoned('2026-03-13');
  expect(shown.days.value[0]?.day).toBe('2026-03-14');
  expect(shown.bowls.value.map(({ maskId, on }) => [maskId, on])).toEqual([['flax-slip', 2]]);
});
