// @vitest-environment happy-dom
import { USUAL_WISHES, type WeekBowl, type WeekWishes } from '@amber-ladle/core/plan';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { addDays } from '@amber-ladle/core/time';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { beginMoving } from './useMoving';
import { useWishes } from './useWishes';

const TODAY = '2026-03-14';
const weeks = vi.hoisted(() => ({
  today: '2026-03-14',
  wishes: {},
  weeks: undefined as { days: { day: string }[] } | undefined,
  held: {},
  /** What was wished, and what was said of it. */
  wished: [] as { wishes: object; said: string | undefined }[],
}));
vi.mock('../data/useWeeks', () => ({
  useWeeks: () => ({
    ...weeks,
    wish: (wishes: object, said?: string) => {
      weeks.wished.push({ wishes, said });
      weeks.wishes = wishes;
    },
    get wishes() {
      return weeks.wishes;
    },
  }),
}));
const tried: object[] = [];
vi.mock('../data/weeks', () => ({
  weeksAsked: () => ({
    ifMoved: (from: object, to: object) => {
      tried.push({ from, to });
      return new Promise(() => undefined);
    },
  }),
}));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const [rice, avocado] = ['rice-silk', 'towpath-avocado'].map((id) => BUILT_IN_MASKS.find((mask) => mask.id === id)!);
const bowl = (on: number, maskId = rice!.id, headIds = ['wren']): WeekBowl =>
  ({ day: addDays(TODAY, on), on, maskId, headIds }) as unknown as WeekBowl;
const now = (): WeekWishes => weeks.wishes as WeekWishes;
const said = (): string => weeks.wished.at(-1)?.said ?? '';

let wishes: ReturnType<typeof useWishes>;
let board: ReturnType<typeof beginMoving>;
let leave: () => void;
beforeEach(async () => {
  weeks.wishes = { ...USUAL_WISHES };
  weeks.weeks = { days: Array.from({ length: 14 }, (_, i) => ({ day: addDays(TODAY, i) })) };
  weeks.wished.length = tried.length = 0;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  ({
    there: { wishes, board },
    leave,
  } = inPage(() => ({ wishes: useWishes(), board: beginMoving() })));
  know({ masks: BUILT_IN_MASKS });
  await flushPromises();
});
afterEach(() => {
  leave();
});

it('keeps a bowl on its day and lets it go again, and knows its own pins', () => {
  expect(wishes.isMine(bowl(3))).toBe(false);
  wishes.pin(bowl(3));
  expect(now().pins).toEqual([{ day: addDays(TODAY, 3), maskId: rice!.id, headIds: ['wren'] }]);
  expect(said()).toContain(rice!.name);
  expect([wishes.isMine(bowl(3)), wishes.isMine(bowl(4)), wishes.isMine(bowl(3, avocado!.id))]).toEqual([
    true,
    false,
    false,
  ]);
  wishes.unpin(bowl(3));
  expect(now().pins).toEqual([]);
});

it('moves a bowl to another day for good, and leaves no pin behind on the day it came from', () => {
  wishes.pin(bowl(3));
  wishes.move(bowl(3), 5);
  expect(now().pins).toEqual([{ day: addDays(TODAY, 5), maskId: rice!.id, headIds: ['wren'] }]);
  expect(said()).toMatch(/Thursday/);
  const before = weeks.wished.length;
  // Beyond the last day there is nowhere to go.
  wishes.move(bowl(5), 40);
  expect(weeks.wished).toHaveLength(before);
});

it('takes another mask in its place, and says which for which', () => {
  wishes.pin(bowl(3));
  wishes.replace(bowl(3), avocado!.id);
  expect(now().pins).toEqual([{ day: addDays(TODAY, 3), maskId: avocado!.id, headIds: ['wren'] }]);
  expect(said()).toMatch(new RegExp(`${avocado!.name}.*${rice!.name}`));
});

it('will not have a mask for a week, on any of its heads; and what was wished otherwise stays', () => {
  wishes.minutes(addDays(TODAY, 2), 45);
  wishes.pin(bowl(3, rice!.id, ['wren', 'teo']));
  wishes.notThis(bowl(3, rice!.id, ['wren', 'teo']));
  expect(now().pins).toEqual([]);
  expect(now().noes).toEqual(
    ['wren', 'teo'].map((headId) => ({ from: TODAY, to: addDays(TODAY, 6), maskId: rice!.id, headId })),
  );
  expect(now().dayMinutes).toEqual({ [addDays(TODAY, 2)]: 45 });
});

it('takes the minutes of one day, none of them too, and lets them be its weekday’s again', () => {
  wishes.minutes(addDays(TODAY, 2), 0);
  wishes.minutes(addDays(TODAY, 3), 90);
  expect(now().dayMinutes).toEqual({ [addDays(TODAY, 2)]: 0, [addDays(TODAY, 3)]: 90 });
  wishes.minutes(addDays(TODAY, 2), undefined);
  expect(now().dayMinutes).toEqual({ [addDays(TODAY, 3)]: 90 });
});

it('a bowl that is carried is tried where it is held, and moved where it is let fall', async () => {
  board.take(bowl(3), new Event('dragstart') as DragEvent);
  board.hover(3, new Event('dragover') as DragEvent);
  await flushPromises();
  expect(tried).toEqual([]);
  board.hover(5, new Event('dragover') as DragEvent);
  await flushPromises();
  const own = { maskId: rice!.id, headIds: ['wren'] };
  expect(tried).toEqual([{ from: { ...own, on: 3 }, to: { ...own, on: 5 } }]);
  expect(board.trial.value).not.toBe('');
  board.drop(5);
  expect(now().pins[0]?.day).toBe(addDays(TODAY, 5));
  expect([board.moving.value, board.over.value, board.trial.value]).toEqual([undefined, undefined, '']);
});

it('is put down where it was without a word, and goes by arrows no further than the days there are', () => {
  board.take(bowl(3), new Event('dragstart') as DragEvent);
  board.drop(3);
  board.drop(6);
  expect(weeks.wished).toEqual([]);
  board.move(bowl(0), -1);
  board.move(bowl(13), 1);
  expect(weeks.wished).toEqual([]);
  board.move(bowl(13), -1);
  expect(now().pins[0]?.day).toBe(addDays(TODAY, 12));
});
