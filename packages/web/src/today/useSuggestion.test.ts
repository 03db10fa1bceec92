// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import type { Ranking } from '@amber-ladle/core/judge';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { useHousehold } from '../data/household';
import { forget, inPage, know } from '../data/testing';
import { useWeeks } from '../data/useWeeks';
import { useSuggestion } from './useSuggestion';

const sized: string[] = [];
const rankings = ref<Readonly<Record<string, Ranking>>>({});
vi.mock('../mask', () => ({ useRanking: () => ({ rankings, isWorking: ref(false), failure: ref() }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    suggestion: (mask: Mask, head: Head) => {
      sized.push(`${mask.id} for ${head.id}`);
      return Promise.resolve({ saves: [], missing: [] });
    },
  }),
}));

const ranked = (...all: readonly (readonly [maskId: string, score: number])[]): Ranking => ({
  ranked: all.map(([maskId, score]) => ({ maskId, score, terms: [] })),
  excluded: [],
});
const head = (id: string): Head => ({ id, name: id, ageYears: 30, profile: {} }) as unknown as Head;
/** What the plan of a day has. */
function planned(day: string, bowls: readonly { day: string; maskId: string; headIds: string[] }[]): void {
  know({ weeks: { ...useWeeks().held, plan: { day, bowls, freezes: [], otherwise: [] } as never } });
}

let today: ReturnType<typeof useSuggestion>;
let leave: () => void;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse('2026-03-14T09:30:00Z') });
  sized.length = 0;
  rankings.value = {};
  forget();
  setActivePinia(createPinia());
  know({ heads: [head('ada'), head('bo')], masks: BUILT_IN_MASKS });
  useHousehold().moment = Date.now();
  ({ there: today, leave } = inPage(() => useSuggestion()));
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('is nothing before anything was ranked', () => {
  expect(today.suggestion.value).toBeUndefined();
  expect(sized).toEqual([]);
});

it('is the best of everybody’s, sized for whose it is, with what comes next', async () => {
  rankings.value = {
    ada: ranked(['oat-ease', 60], ['rice-silk', 20]),
    bo: ranked(['galley-egg', 80], ['oat-ease', 70]),
  };
  await flushPromises();
  expect(sized).toEqual(['galley-egg for bo']);
  expect(today.suggestion.value).toMatchObject({ headIds: ['bo'], isPlanned: false, ranked: { maskId: 'galley-egg' } });
  expect(today.suggestion.value?.runnerUp?.maskId).toBe('oat-ease');
});

it('is what the plan has for today, though something else ranks higher, for all who share it', async () => {
  planned('2026-03-14', [{ day: '2026-03-14', maskId: 'rice-silk', headIds: ['ada', 'bo'] }]);
  rankings.value = { ada: ranked(['oat-ease', 60], ['rice-silk', 20]), bo: ranked(['galley-egg', 80]) };
  await flushPromises();
  expect(sized).toEqual(['rice-silk for ada']);
  expect(today.suggestion.value).toMatchObject({ headIds: ['ada', 'bo'], isPlanned: true });
  expect(today.suggestion.value?.runnerUp?.maskId).toBe('oat-ease');
});

it('goes by the better ranked of two that are planned, and by none of another day, or of a plan of yesterday', async () => {
  const both = ['rice-silk', 'oat-ease'].map((maskId) => ({ day: '2026-03-14', maskId, headIds: ['ada'] }));
  planned('2026-03-14', [...both, { day: '2026-03-15', maskId: 'galley-egg', headIds: ['ada'] }]);
  rankings.value = { ada: ranked(['galley-egg', 90], ['oat-ease', 60], ['rice-silk', 20]) };
  await flushPromises();
  expect(sized.at(-1)).toBe('oat-ease for ada');
  planned('2026-03-13', both);
  await flushPromises();
  expect(sized.at(-1)).toBe('galley-egg for ada');
  expect(today.suggestion.value?.isPlanned).toBe(false);
});

it('is not a planned bowl that the ranking rules out now', async () => {
  planned('2026-03-14', [{ day: '2026-03-14', maskId: 'rice-silk', headIds: ['ada'] }]);
  rankings.value = { ada: ranked(['oat-ease', 60]) };
  await flushPromises();
  expect(sized).toEqual(['oat-ease for ada']);
});
