// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import type { SizingWish } from '@amber-ladle/core/house';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { forget, inPage, know } from '../data/testing';
import { useCompared, useOthers } from './useShared';

const compared: number[] = [];
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    together: ({ heads }: SizingWish) => {
      compared.push(heads.length);
      return Promise.resolve({ of: heads.length });
    },
  }),
}));

const heads = ['ada', 'bo', 'cy'].map((id) => ({ id, name: id }) as unknown as Head);
const head = shallowRef<Head>();
let leave = (): void => undefined;
beforeEach(() => {
  compared.length = 0;
  vi.useFakeTimers();
  forget();
  setActivePinia(createPinia());
  know({ heads });
  head.value = heads[0];
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('are all but the first, in the order of the household, and share her bowl unless each gets her own', () => {
  const page = inPage(() => useOthers(head));
  leave = page.leave;
  const others = page.there;
  expect(others.candidates.value.map(({ id }) => id)).toEqual(['bo', 'cy']);
  others.toggle('cy');
  others.toggle('bo');
  expect(others.sharing.value.map(({ id }) => id)).toEqual(['bo', 'cy']);
  others.isApart.value = true;
  expect(others.sharing.value).toEqual([]);
  expect(others.chosen.value).toHaveLength(2);
  others.toggle('cy');
  expect(others.chosenIds.value).toEqual(['bo']);
});

it('let her go who becomes the first herself', async () => {
  const page = inPage(() => useOthers(head));
  leave = page.leave;
  page.there.toggle('bo');
  head.value = heads[1];
  await flushPromises();
  expect(page.there.chosenIds.value).toEqual([]);
  expect(page.there.candidates.value.map(({ id }) => id)).toEqual(['ada', 'cy']);
});

it('are weighed against a bowl each only where there are several, and once the hand rests', async () => {
  const wish = shallowRef<SizingWish>();
  const page = inPage(() => useCompared(wish));
  leave = page.leave;
  const of = (count: number): SizingWish => ({ heads: heads.slice(0, count) }) as unknown as SizingWish;
  wish.value = of(1);
  await vi.advanceTimersByTimeAsync(400);
  expect(compared).toEqual([]);
  for (const count of [2, 3, 2, 3]) {
    wish.value = of(count);
    await vi.advanceTimersByTimeAsync(50);
  }
  // The first is answered at once; what follows while the hand moves is not.
  expect(compared).toEqual([2]);
  await vi.advanceTimersByTimeAsync(400);
  expect(compared).toEqual([2, 3]);
  expect(page.there.value).toEqual({ of: 3 });
  // One head has nothing to compare, and what was said of three does not stay.
  wish.value = of(1);
  await flushPromises();
  expect(page.there.value).toBeUndefined();
});
