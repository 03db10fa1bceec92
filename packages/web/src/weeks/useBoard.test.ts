// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import type { WeekBowl, WeekLane, Weeks } from '@amber-ladle/core/plan';
import type { Lot } from '@amber-ladle/core/shelf';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useHousehold } from '../data/household';
import { forget, know } from '../data/testing';
import { useWeeks } from '../data/useWeeks';
import { GUEST } from '../head';
import { useBoard } from './useBoard';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const named = (id: string, name: string): Head => ({ ...GUEST, id, name });
const bowl = (on: number, headIds: string[], change: Partial<WeekBowl> = {}): WeekBowl => ({
  day: `2026-03-${14 + on}`,
  on,
  at: 0,
  maskId: 'oat-ease',
  headIds,
  madeMillilitres: 200,
  minutes: 60,
  lines: [],
  draws: [],
  missing: [],
  isPinned: false,
  terms: {},
  ...change,
});
const avocados: Lot = {
  id: 'lot',
  ingredientId: 'avocado',
  state: 'cut',
  since: '2026-03-14T08:00:00.000Z',
  grams: 120,
  label: '',
  stays: [],
  touches: [],
};
const lane = (lotId: string): WeekLane => ({
  lotId,
  ingredientId: 'avocado',
  grams: 120,
  chance: [],
  leftGrams: [],
  lostGrams: 60,
  frozenGrams: 0,
  freezeOn: undefined,
  iceGrams: [],
  needsCold: true,
});

let board: ReturnType<typeof useBoard>;
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse('2026-03-14T09:30:00Z') });
  forget();
  setActivePinia(createPinia());
  const household = useHousehold();
  know({ heads: [named('a', 'Ada'), named('b', 'Bo'), named('c', 'Cy')], masks: BUILT_IN_MASKS });
  household.moment = Date.parse('2026-03-14T09:30:00Z');
  board = useBoard();
});
afterEach(() => {
  vi.useRealTimers();
});
/** A plan as it was found; the days are as many as its bowls need. */
function found(bowls: WeekBowl[], lanes: WeekLane[] = []): void {
  const days = [0, 1, 2].map((on) => ({ day: `2026-03-${14 + on}`, at: 0, minutes: 120, isShopDay: false }));
  useWeeks().weeks = { days, bowls, lanes } as unknown as Weeks;
}

describe('a card on the board', () => {
  it('stands on the line of everybody who shares it, and says with whom', () => {
    const shared = bowl(1, ['a', 'b', 'c']);
    found([shared]);
    expect(board.cellOf('a', 1)).toEqual(shared);
    expect(board.cellOf('c', 1)).toEqual(shared);
    expect(board.cellOf('a', 0)).toBeUndefined();
    expect(board.beside(shared, 'a')).toBe('with Bo and Cy');
    expect(board.beside(bowl(1, ['a']), 'a')).toBe('');
  });

  it('is called by what it is, for whom and when, for who does not see where it stands', () => {
    expect(board.label(bowl(0, ['a', 'b']), 'b')).toMatch(/^.+ with Ada for Bo, today$/);
    expect(board.label(bowl(1, ['a'], { isPinned: true }), 'a')).toMatch(/^.+ for Ada, tomorrow, stays on this day$/);
  });

  it('is there before anything is reckoned, as it was planned before', () => {
    const weeks = useWeeks();
    const kept = { ...bowl(1, ['a']), at: '2026-03-15T17:00:00.000Z', lines: [] };
    const yesterday = { ...kept, day: '2026-03-13' };
    const plan = {
      day: '2026-03-14',
      days: 14,
      bowls: [yesterday, kept],
      chills: [],
      freezes: [],
      otherwise: [],
      lostGrams: 0,
      byDayLostGrams: 0,
      isProven: true,
      at: '',
    };
    know({ weeks: { ...weeks.held, plan } });
    expect(board.cellOf('a', 1)?.maskId).toBe('oat-ease');
    expect(board.cellOf('a', -1)).toBeUndefined();
    expect(board.days.value).toHaveLength(14);
  });
});

describe('a lane of the board', () => {
  it('is of a lot that is there, named, weighed, and with what becomes of it', () => {
    know({ lots: [avocados] });
    found([], [lane('lot'), lane('eaten meanwhile')]);
    expect(board.lanes.value).toEqual([
      expect.objectContaining({ isCut: true, family: 'fruit', words: 'into the fridge once ready, 50 % of it turns' }),
    ]);
    expect(board.lanes.value[0]?.name).toMatch(/avocado/i);
  });
});
