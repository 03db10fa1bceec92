// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { useHistory, type HistoryWish } from './useHistory';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const TOTAL = 150;
const asked: Record<string, unknown>[] = [];
const row = (i: number) => ({
  at: '2026-03-01T09:00:00.000Z',
  facts: { maskId: `mask-${i}` },
  log: { said: { slip: 4 }, changes: [], isSetAside: i === 1 },
});
const wish = shallowRef<HistoryWish>({ headId: undefined, days: 0, today: '2026-03-14' });

let history: ReturnType<typeof useHistory>;
let leave: () => void;
beforeEach(() => {
  asked.length = 0;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation((_endpoint, input) => {
    const { query } = input as unknown as { query?: { offset: number; limit: number } };
    if (!query) return new Promise(() => undefined);
    asked.push(query);
    const items = Array.from({ length: Math.min(query.limit, TOTAL - query.offset) }, (_, i) => row(query.offset + i));
    return Promise.resolve({ items, total: TOTAL } as never);
  });
  know({ settings: { timeZone: 'America/New_York' } });
  wish.value = { headId: undefined, days: 0, today: '2026-03-14' };
  ({ there: history, leave } = inPage(() => useHistory(wish)));
});
afterEach(() => {
  leave();
});

it('is nobody’s until a head is chosen', async () => {
  await flushPromises();
  expect(asked).toEqual([]);
  expect(history.isReady.value).toBe(false);
  expect([history.logged.value, history.total.value]).toEqual([[], 0]);
});

it('begins with the newest, and goes on when it is asked to', async () => {
  wish.value = { headId: 'ada', days: 0, today: '2026-03-14' };
  await flushPromises();
  expect(asked).toEqual([{ headId: 'ada', offset: 0, limit: 120 }]);
  expect(history.logged.value).toHaveLength(120);
  expect(history.total.value).toBe(TOTAL);
  history.readMore();
  await flushPromises();
  expect(history.logged.value.map(({ facts }) => facts.maskId)).toEqual(
    Array.from({ length: TOTAL }, (_, i) => `mask-${i}`),
  );
});

it('goes back so many days as the household counts them, for one mask where it is asked for', async () => {
  wish.value = { headId: 'ada', maskId: 'oat-ease', days: 30, today: '2026-03-14' };
  await flushPromises();
  // The twelfth of February begins at midnight in New York, five hours after that of the world's clock.
  expect(asked[0]).toMatchObject({ headId: 'ada', maskId: 'oat-ease', from: '2026-02-12T05:00:00.000Z' });
});

it('judges by what was not set aside', async () => {
  wish.value = { headId: 'ada', days: 0, today: '2026-03-14' };
  await flushPromises();
  expect(history.judged.value).toHaveLength(119);
  expect(history.judged.value.slice(0, 2).map(({ maskId }) => maskId)).toEqual(['mask-0', 'mask-2']);
  expect(history.judged.value[0]).toEqual({
    ...{ maskId: 'mask-0', at: '2026-03-01T09:00:00.000Z', said: { slip: 4 }, changes: [] },
  });
});
