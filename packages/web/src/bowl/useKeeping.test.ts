// @vitest-environment happy-dom
import { NO_CHOICES } from '@amber-ladle/core/house';
import type { Bowl, Head, KeepBowl } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, defineComponent, h, ref } from 'vue';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { useHousehold } from '../data/household';
import { forget, know } from '../data/testing';
import { useNotice } from '../data/notice';
import { GUEST } from '../head';
import type { Bench } from './useBench';
import type { DrawPlan } from './useDrawPlan';
import { useKeeping } from './useKeeping';
import { useOccasion } from './useOccasion';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const named = (id: string, name: string): Head => ({ ...GUEST, id, name });
const ADA = named('a', 'Ada');
const BO = named('b', 'Bo');

let router: Router;
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  sessionStorage.clear();
  const page = { render: () => null };
  router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/bowl', name: 'bowl', component: page },
      { path: '/bowls/:id', name: 'kept-bowl', component: page },
    ],
  });
});

/** The bench as the page lays it, with a household of these heads. */
async function laid(heads: Head[], { query = '', hasShelf = false, apart = [] as Head[] } = {}) {
  const household = useHousehold();
  know({ heads, masks: BUILT_IN_MASKS });
  household.moment = Date.parse('2026-03-14T09:30:00Z');
  await router.push(`/bowl${query}`);
  const asked: (readonly KeepBowl[])[] = [];
  let failsNext = false;
  vi.spyOn(household, 'keepBowls').mockImplementation((wishes) => {
    asked.push(wishes);
    if (failsNext) {
      failsNext = false;
      return Promise.reject(new Error('The answer was lost.'));
    }
    return Promise.resolve(
      wishes.map(({ id, headId }) => ({ id, maskName: 'Mask', headName: headId }) as unknown as Bowl),
    );
  });
  const removed = vi.spyOn(household, 'removeBowl').mockResolvedValue();
  let all: { occasion: ReturnType<typeof useOccasion>; keeping: ReturnType<typeof useKeeping> } | undefined;
  mount(
    defineComponent(() => {
      const occasion = useOccasion();
      const bench = {
        profile: computed(() => occasion.head.value.profile),
        choices: ref({ ...NO_CHOICES, lockedGrams: { honey: 20 } }),
        mask: occasion.book,
        isChanged: ref(false),
      } as unknown as Bench;
      const plan = { hasAny: ref(hasShelf) } as unknown as DrawPlan;
      all = { occasion, keeping: useKeeping(occasion, bench, plan, ref(apart)) };
      return () => h('div');
    }),
    { global: { plugins: [router] } },
  );
  return { household, asked, removed, fail: () => (failsNext = true), ...all! };
}

describe('the occasion', () => {
  it('is what the address says, and what it leaves out as it was last', async () => {
    const { occasion } = await laid([ADA, BO], { query: '?head=b&mask=rice-silk&with=a,nobody&day=2026-03-18' });
    expect(occasion.head.value.name).toBe('Bo');
    expect(occasion.book.value?.id).toBe('rice-silk');
    expect(occasion.names.value).toBe('Bo and Ada');
    expect(occasion.dayOffset.value).toBe(4);
    expect(occasion.days.value.map(({ title }) => title).slice(0, 2)).toEqual(['for today', 'for Sunday']);
    await router.push('/bowl');
    expect([occasion.head.value.id, occasion.book.value?.id]).toEqual(['b', 'rice-silk']);
  });

  it.each([
    ['2026-03-10', 0],
    ['2026-04-10', 27],
    ['someday', 0],
  ])('lies on a day that can be planned: %s', async (day, ahead) => {
    const { occasion } = await laid([ADA], { query: `?day=${day}` });
    expect(occasion.dayOffset.value).toBe(ahead);
    expect(occasion.days.value.length).toBeGreaterThan(ahead);
  });

  it('is of somebody whose name is not known, in an empty household', async () => {
    const { occasion } = await laid([]);
    expect(occasion.head.value).toBe(GUEST);
  });
});

describe('keeping', () => {
  it('asks a nameless head for its name, and nothing is kept', async () => {
    const { keeping, asked } = await laid([]);
    keeping.onDecided([], 0);
    keeping.keepOrAsk();
    expect([keeping.isNaming.value, asked.length]).toEqual([true, 0]);
  });

  it('waits until the stops have been looked at, and keeps then', async () => {
    const { keeping, asked } = await laid([ADA]);
    keeping.keepOrAsk();
    expect(asked).toHaveLength(0);
    keeping.onDecided([], 0);
    await flushPromises();
    expect(asked[0]).toMatchObject([{ headId: 'a', otherHeadIds: [], decisions: [] }]);
    expect(asked[0]?.[0]).not.toHaveProperty('plannedFor');
    expect(router.currentRoute.value.name).toBe('kept-bowl');
  });

  it('is held by a stop that wants a word', async () => {
    const { keeping, asked } = await laid([ADA]);
    keeping.onDecided([], 1);
    keeping.keepOrAsk();
    expect(asked).toHaveLength(0);
    expect(useNotice().current?.text).toContain('stop');
  });

  it('looks at what is taken from the shelf first, but not for another day', async () => {
    const today = await laid([ADA], { hasShelf: true });
    today.keeping.onDecided([], 0);
    today.keeping.keepOrAsk();
    expect([today.keeping.isDrawing.value, today.asked.length]).toEqual([true, 0]);

    const later = await laid([ADA], { hasShelf: true, query: '?day=2026-03-16' });
    later.keeping.onDecided([], 0);
    later.keeping.keepOrAsk();
    await flushPromises();
    expect(later.keeping.isDrawing.value).toBe(false);
    expect(later.asked[0]?.[0]?.plannedFor?.slice(0, 10)).toBe('2026-03-16');
  });

  it('keeps the same bowl at a second try, and another one once something was changed', async () => {
    const { keeping, asked, fail, occasion } = await laid([ADA, BO]);
    keeping.onDecided([], 0);
    fail();
    keeping.keepOrAsk();
    await flushPromises();
    expect(useNotice().current).toMatchObject({ tone: 'error', text: 'The answer was lost.' });
    keeping.keepOrAsk();
    await flushPromises();
    expect(asked[1]?.[0]?.id).toBe(asked[0]?.[0]?.id);

    fail();
    keeping.keepOrAsk();
    await flushPromises();
    occasion.others.toggle('b');
    await flushPromises();
    keeping.keepOrAsk();
    await flushPromises();
    expect(asked[3]?.[0]?.id).not.toBe(asked[2]?.[0]?.id);
  });

  it('keeps a bowl each, of which only the first keeps to what was fixed, and takes all of them back', async () => {
    const { keeping, asked, removed } = await laid([ADA, BO], { apart: [BO] });
    keeping.onDecided([], 0);
    keeping.keepOrAsk();
    await flushPromises();
    expect(asked[0]?.map(({ headId, choices }) => [headId, choices.lockedGrams])).toEqual([
      ['a', { honey: 20 }],
      ['b', {}],
    ]);
    await useNotice().current?.undo?.();
    expect(removed.mock.calls.map(([id]) => id)).toEqual(asked[0]?.map(({ id }) => id));
  });

  it('asks anew what stops a head that has just got its name', async () => {
    const { keeping, household, asked } = await laid([]);
    keeping.onDecided([], 0);
    keeping.keepOrAsk();
    vi.spyOn(household, 'saveHead').mockImplementation(() => {
      know({ heads: [ADA] });
      return Promise.resolve(ADA);
    });
    await keeping.name(GUEST);
    expect([keeping.isNaming.value, keeping.openStops.value, asked.length]).toEqual([false, undefined, 0]);
    keeping.onDecided([], 0);
    await flushPromises();
    expect(asked[0]?.[0]?.headId).toBe('a');
  });

  it('stays as it was where the name could not be stored', async () => {
    const { keeping, household, asked } = await laid([]);
    keeping.onDecided([], 0);
    keeping.keepOrAsk();
    vi.spyOn(household, 'saveHead').mockRejectedValue(new Error('Somebody has that name.'));
    await keeping.name(GUEST);
    keeping.onDecided([], 0);
    await flushPromises();
    expect([keeping.isNaming.value, asked.length]).toEqual([true, 0]);
    expect(useNotice().current?.text).toBe('Somebody has that name.');
  });
});
