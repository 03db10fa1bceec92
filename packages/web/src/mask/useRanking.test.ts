// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import type { RankWish } from '@amber-ladle/core/judge';
import { useHousehold } from '../data/household';
import type { HeadOnPage } from '../data/sizing.worker';
import { forget, inPage, know } from '../data/testing';
import { useRanking } from './useRanking';

const NOW = Date.parse('2026-03-14T09:37:00Z');
const asked: { heads: readonly HeadOnPage[]; lots: number; wish: RankWish }[] = [];
let refusal: Error | undefined;
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    rank: (_masks: unknown, heads: readonly HeadOnPage[], lots: readonly unknown[], wish: RankWish) => {
      asked.push({ heads, lots: lots.length, wish });
      return refusal ? Promise.reject(refusal) : Promise.resolve({ ada: { ranked: [], excluded: [] } });
    },
  }),
}));

const head = (id: string, change: object = {}): Head =>
  ({ id, name: id, ageYears: 30, sensitiveSkin: false, profile: { amount: 1 }, ...change }) as unknown as Head;
const ids = ref<readonly string[]>(['ada', 'gone']);
const wishes = shallowRef<Pick<RankWish, 'minutes' | 'slot' | 'without'>>({});

let ranking: ReturnType<typeof useRanking>;
let leave: () => void;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  asked.length = 0;
  refusal = undefined;
  forget();
  setActivePinia(createPinia());
  wishes.value = {};
  ids.value = ['ada', 'gone'];
  ({ there: ranking, leave } = inPage(() => useRanking(ids, wishes)));
  know({ heads: [head('ada', { story: { scalp: 'oily' } }), head('bo')], masks: BUILT_IN_MASKS });
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('waits for the shelf: what is on hand decides', async () => {
  expect(asked).toEqual([]);
  know({ lots: [] });
  await flushPromises();
  expect(asked).toHaveLength(1);
  expect(ranking.rankings.value).toEqual({ ada: { ranked: [], excluded: [] } });
});

it('asks for those who are known, with what is told of them, by the quarter of an hour', async () => {
  know({ lots: [] });
  await flushPromises();
  const { heads, wish } = asked[0]!;
  expect(heads.map(({ id }) => id)).toEqual(['ada']);
  expect(heads[0]?.story).toMatchObject({ scalp: 'oily' });
  expect(heads[0]).toMatchObject({ ratings: {}, wore: [] });
  expect(new Date(wish.now).toISOString()).toBe('2026-03-14T09:30:00.000Z');
  expect(wish.timeZone).toBe('UTC');
});

it('ranks anew for another wish and another quarter, and not for every minute', async () => {
  know({ lots: [] });
  await flushPromises();
  useHousehold().moment = NOW + 5 * 60_000;
  await flushPromises();
  expect(asked).toHaveLength(1);
  wishes.value = { minutes: 45 };
  await flushPromises();
  expect(asked.at(-1)?.wish.minutes).toBe(45);
  useHousehold().moment = NOW + 10 * 60_000;
  await flushPromises();
  expect(asked).toHaveLength(3);
});

it('ranks nothing for nobody, and says why it could not', async () => {
  know({ lots: [] });
  ids.value = ['gone'];
  await flushPromises();
  expect(ranking.rankings.value).toEqual({});
  refusal = new Error('Out of breath.');
  ids.value = ['bo'];
  await flushPromises();
  expect(ranking.failure.value).toContain('Out of breath.');
});
