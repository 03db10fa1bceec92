// @vitest-environment happy-dom
import { api, type Head, type KeptWeekPlan, type WeekPlan } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { USUAL_WISHES, type PlannedWeeks, type Weeks } from '@amber-ladle/core/plan';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref, type Ref } from 'vue';
import { call } from './client';
import { useHousehold } from './household';
import { useNotice } from './notice';
import * as reach from './reach';
import { forget, know } from './testing';
import { useWeeks } from './useWeeks';
import type { SentHousehold } from './weeks.worker';

const NOW = Date.parse('2026-03-14T09:37:00Z');
/** Searches as they were asked for; each is answered by the test. */
const searches: {
  household: SentHousehold;
  better: (one: Weeks) => void;
  found: (one: Weeks | undefined) => void;
  failed: (why: Error) => void;
}[] = [];
const stopped = { times: 0 };
vi.mock('./weeks', () => ({
  searchWeeks: (household: SentHousehold, _seconds: number, onBetter: (better: PlannedWeeks) => void) =>
    new Promise((resolve, reject) => {
      searches.push({ household, better: onBetter as never, found: resolve, failed: reject });
    }),
  stopSearch: () => {
    stopped.times++;
  },
  // What is found here is told as it is.
  weeksAsked: () => ({ hold: (found: unknown) => Promise.resolve(found), otherwise: () => Promise.resolve([]) }),
}));
vi.mock('./reach', async (original) => ({ ...(await original<object>()), isAway: ref(false) }));
vi.mock('./client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('./changes', () => ({ onChange: () => undefined }));
vi.mock('./sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const isAway = reach.isAway as Ref<boolean>;
const kept: WeekPlan[] = [];
const wished: { wishes: { horizonDays: number }; seen: { horizonDays: number } }[] = [];
let refusal: Error | undefined;
const days = ['2026-03-14', '2026-03-15', '2026-03-16'].map((day) => ({ day, at: NOW, minutes: 60, isShopDay: false }));
const found = (change: object = {}): Weeks =>
  ({
    ...{ days, lanes: [], refused: [], lostGrams: 12.34, byDay: { lostGrams: 40 }, isProven: true },
    bowls: [bowlOn(1, 'oat-ease')],
    ...change,
  }) as unknown as Weeks;
const bowlOn = (on: number, maskId: string) => ({
  ...{ day: days[on]!.day, on, at: NOW, maskId, headIds: ['ada'], isPinned: false },
  lines: [{ ingredientId: 'honey', grams: 12.345 }],
});

let weeks: ReturnType<typeof useWeeks>;
let leave: () => void;
const last = () => searches.at(-1)!;
async function finds(one: Weeks | undefined): Promise<void> {
  last().found(one);
  for (let turns = 0; turns < 3; turns++) await flushPromises();
}
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  searches.length = kept.length = wished.length = stopped.times = 0;
  refusal = undefined;
  isAway.value = false;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation((endpoint, input) => {
    const { body } = input as unknown as { body: never };
    if (endpoint === (api.weeks.keep as object)) {
      kept.push(body);
      return Promise.resolve({ ...(body as object), madeAt: new Date(NOW).toISOString() } as never);
    }
    if (endpoint === (api.weeks.wish as object)) {
      if (refusal) return Promise.reject(refusal);
      wished.push(body);
      return Promise.resolve({} as never);
    }
    return new Promise(() => undefined);
  });
  weeks = useWeeks();
  useHousehold().moment = NOW;
  const head = { id: 'ada', name: 'Ada', ageYears: 30, profile: {} } as unknown as Head;
  know({ heads: [head], masks: BUILT_IN_MASKS, lots: [], weeks: { ...weeks.held, wishes: USUAL_WISHES } });
  leave = weeks.follow();
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

describe('the search for the weeks', () => {
  it('begins once everything is known, by the quarter of an hour, and not again for a minute that goes by', async () => {
    expect(searches).toHaveLength(1);
    expect(new Date(last().household.now).toISOString()).toBe('2026-03-14T09:30:00.000Z');
    expect(last().household.heads.map(({ id }) => id)).toEqual(['ada']);
    useHousehold().moment = NOW + 5 * 60_000;
    await flushPromises();
    expect(searches).toHaveLength(1);
    useHousehold().moment = NOW + 10 * 60_000;
    await flushPromises();
    expect(searches).toHaveLength(2);
  });

  it('shows the first answer while it goes on, and keeps the best one', async () => {
    expect(weeks.isSearching).toBe(true);
    last().better(found({ isProven: false, bowls: [bowlOn(2, 'rice-silk')] }));
    await flushPromises();
    expect(weeks.weeks?.bowls.map(({ maskId }) => maskId)).toEqual(['rice-silk']);
    expect(kept).toEqual([]);
    await finds(found());
    expect(weeks.isSearching).toBe(false);
    expect(weeks.weeks?.bowls.map(({ maskId }) => maskId)).toEqual(['oat-ease']);
    expect(kept).toHaveLength(1);
    expect(kept[0]).toMatchObject({ day: '2026-03-14', days: 3, lostGrams: 12.3, byDayLostGrams: 40, isProven: true });
    // Hundredths of a gram are more than any scale shows.
    expect(kept[0]?.bowls[0]?.lines).toEqual([{ ingredientId: 'honey', grams: 12.35 }]);
  });

  it('keeps nothing that is the same as before, and nothing while the server is away', async () => {
    await finds(found());
    useHousehold().moment = NOW + 15 * 60_000;
    await flushPromises();
    await finds(found());
    expect(kept).toHaveLength(1);
    isAway.value = true;
    useHousehold().moment = NOW + 30 * 60_000;
    await flushPromises();
    await finds(found({ bowls: [bowlOn(2, 'rice-silk')] }));
    expect(kept).toHaveLength(1);
    expect(weeks.weeks?.bowls[0]?.maskId).toBe('rice-silk');
  });

  it('drops an answer to what nobody asks any more', async () => {
    const first = last();
    weeks.wish({ ...USUAL_WISHES, horizonDays: 21 });
    await flushPromises();
    expect(searches).toHaveLength(2);
    first.found(found({ bowls: [bowlOn(0, 'galley-egg')] }));
    await flushPromises();
    expect(weeks.weeks).toBeUndefined();
    expect(weeks.isSearching).toBe(true);
    await finds(found());
    expect(weeks.weeks?.bowls[0]?.maskId).toBe('oat-ease');
  });

  it('is not of today any more past midnight, and is not kept as if it were', async () => {
    await finds(found());
    expect(kept).toHaveLength(1);
    useHousehold().moment = Date.parse('2026-03-15T00:01:00Z');
    await flushPromises();
    expect(weeks.weeks).toBeUndefined();
    // An answer that began yesterday comes in late.
    await finds(found({ bowls: [bowlOn(2, 'rice-silk')] }));
    expect(weeks.weeks).toBeUndefined();
    expect(kept).toHaveLength(1);
  });

  it('says why there is no plan', async () => {
    last().failed(new Error('Out of memory.'));
    await flushPromises();
    expect(weeks.failure).toContain('Out of memory.');
    expect(weeks.isSearching).toBe(false);
  });

  it('is given up by the page that is left', () => {
    leave();
    expect(stopped.times).toBe(1);
    expect(weeks.isSearching).toBe(false);
  });
});

describe('what is other than in the plan before', () => {
  it('is named with what moved it, and only as far as that plan went', async () => {
    const before = {
      day: '2026-03-14',
      bowls: [bowlOn(0, 'galley-egg'), bowlOn(1, 'oat-ease')],
      chills: [],
      freezes: [],
      otherwise: [],
    };
    know({ weeks: { ...weeks.held, plan: before as unknown as KeptWeekPlan } });
    weeks.wish({ ...USUAL_WISHES, horizonDays: 10 });
    await flushPromises();
    await finds(found({ bowls: [bowlOn(1, 'oat-ease'), bowlOn(2, 'rice-silk')] }));
    expect(weeks.change?.gone.map(({ maskId }) => maskId)).toEqual(['galley-egg']);
    // The rice lies beyond the last day that was planned.
    expect(weeks.change?.come).toEqual([]);
    expect(weeks.change?.cause).toBe('time');
    weeks.wish({ ...USUAL_WISHES, horizonDays: 12 });
    await flushPromises();
    await finds(found({ bowls: [bowlOn(1, 'rice-silk')] }));
    expect(weeks.change).toMatchObject({ cause: 'wishes' });
    expect(weeks.change?.come.map(({ maskId }) => maskId)).toEqual(['rice-silk']);
    useHousehold().moment = NOW + 15 * 60_000;
    await flushPromises();
    await finds(found({ bowls: [bowlOn(1, 'rice-silk')] }));
    expect(weeks.change).toBeUndefined();
  });
});

describe('a wish', () => {
  it('holds at once, is stored with what was seen, and has a way back', async () => {
    weeks.wish({ ...USUAL_WISHES, horizonDays: 21 }, 'Three weeks.');
    expect(weeks.wishes.horizonDays).toBe(21);
    await flushPromises();
    expect(wished.map(({ wishes, seen }) => [wishes.horizonDays, seen.horizonDays])).toEqual([
      [21, USUAL_WISHES.horizonDays],
    ]);
    expect(useNotice().current?.text).toBe('Three weeks.');
    await useNotice().current?.undo?.();
    expect(weeks.wishes.horizonDays).toBe(USUAL_WISHES.horizonDays);
  });

  it('is stored after the one before it, whatever became of that, and a refusal is told', async () => {
    refusal = new Error('Somebody else wished otherwise.');
    weeks.wish({ ...USUAL_WISHES, horizonDays: 21 });
    await flushPromises();
    expect(useNotice().current?.text).toContain('Somebody else wished otherwise.');
    refusal = undefined;
    weeks.wish({ ...USUAL_WISHES, horizonDays: 10 });
    await flushPromises();
    expect(wished.map(({ wishes }) => wishes.horizonDays)).toEqual([10]);
  });
});
