// @vitest-environment happy-dom
import { api, type Bowl, type WashDay } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { message } from '@amber-ladle/core/message';
import { step, type Focus, type PlanStep } from '@amber-ladle/core/washday';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { call } from '../data/client';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import type { RunningDayOnScreen } from '../day';
import { useStage } from './useStage';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const MINUTE = 60_000;
const told: object[] = [];
const went: object[] = [];
let refusal: Error | undefined;
const clocks = ref<object[]>([]);
vi.mock('vue-router', () => ({ useRouter: () => ({ push: (to: object) => Promise.resolve(went.push(to)) }) }));
vi.mock('../data/held', () => ({
  useHeld: () => ({
    tellWear: ({ bowlId, body }: { bowlId: string; body: object }) => {
      told.push({ bowlId, ...body });
      return refusal ? Promise.reject(refusal) : Promise.resolve();
    },
    ofDay: () => [],
    ofBowl: () => [],
  }),
}));
vi.mock('../day', () => ({
  useHairWaits: () => ref(undefined),
  useRunningBowls: () => ({ bowls: clocks }),
}));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const title = message('cap.ratio');
const of = (id: string, change: Partial<PlanStep>): PlanStep => ({
  ...step({ id, kind: 'prepare', title, handsOnMinutes: 5 }),
  bowlId: 'bowl',
  ...change,
});
const MIX = of('mix', { kind: 'mix', ingredientIds: ['honey'] });
const APPLY = of('apply', { kind: 'apply', headId: 'ada' });
const WEAR = of('wear', { kind: 'wear', headId: 'ada', words: [message('cap.ratio')] });
const RINSE = of('rinse', { kind: 'rinse', headId: 'ada', words: [message('refusal.no-freezer')] });

const current = shallowRef<PlanStep>();
const focus = shallowRef<Focus>();
const begun = ref<ReadonlyMap<string, { startedAt: number }>>(new Map());
const second = ref(NOW);
const day = { id: 'day', bowlIds: ['bowl'], steps: [MIX, APPLY, WEAR, RINSE] } as unknown as WashDay;
const running = {
  store: { day },
  focus,
  step: current,
  plannedById: () => ({ endsAt: NOW + 12 * MINUTE }),
  progress: begun,
  second,
} as unknown as RunningDayOnScreen;

const MASK = BUILT_IN_MASKS.find(({ id }) => id === 'oat-ease')!;
let texture = MASK.texture;
let stage: ReturnType<typeof useStage>;
let leave: () => void;
async function at(one: PlanStep | undefined, kind: Focus['kind']): Promise<void> {
  current.value = one;
  focus.value = { kind } as Focus;
  await flushPromises();
}
beforeEach(async () => {
  told.length = went.length = 0;
  refusal = undefined;
  clocks.value = [];
  begun.value = new Map();
  second.value = NOW;
  forget();
  setActivePinia(createPinia());
  know({ masks: BUILT_IN_MASKS });
  vi.mocked(call).mockImplementation((endpoint) => {
    if (endpoint === (api.bowls.one as object))
      return Promise.resolve({
        id: 'bowl',
        snapshot: { mask: { ...MASK, texture }, head: { id: 'ada' }, others: [], ingredients: [] },
      } as unknown as Bowl as never);
    if (endpoint === (api.notes.ofBowl as object))
      return Promise.resolve([{ headId: 'bo' }, { headId: 'ada', log: {} }] as never);
    return new Promise(() => undefined);
  });
  current.value = MIX;
  focus.value = { kind: 'hands' } as Focus;
  ({ there: stage, leave } = inPage(() => useStage(running)));
  await flushPromises();
});
afterEach(() => {
  leave();
  texture = MASK.texture;
});

describe('what stands on the screen of a wash day', () => {
  it('is measured while it goes into the bowl, and only then', async () => {
    expect(stage.pours.value).toBe(true);
    await at(MIX, 'waiting');
    expect(stage.pours.value).toBe(false);
    await at(of('comb', { kind: 'mix' }), 'hands');
    expect(stage.pours.value).toBe(false);
  });

  it('counts whole minutes of hands, and none before they began', async () => {
    expect(stage.inHandFor.value).toBe(0);
    begun.value = new Map([['mix', { startedAt: NOW }]]);
    second.value = NOW + 3.9 * MINUTE;
    await flushPromises();
    expect(stage.inHandFor.value).toBe(3);
    // Another device's clock may be ahead.
    second.value = NOW - MINUTE;
    expect(stage.inHandFor.value).toBe(0);
  });

  it('asks for a plate once the bowl is mixed, not of an oil, and on the page of her who wears it', async () => {
    expect(stage.canTry.value).toBe(false);
    await at(APPLY, 'hands');
    expect(stage.canTry.value).toBe(true);
    expect(stage.page.value).toMatchObject({ headId: 'ada' });
    await at(APPLY, 'waiting');
    expect(stage.canTry.value).toBe(false);
  });

  it('asks for no plate of an oil', async () => {
    leave();
    forget();
    texture = 'oil';
    ({ there: stage, leave } = inPage(() => useStage(running)));
    await at(APPLY, 'hands');
    expect(stage.bowl.value?.snapshot.mask.texture).toBe('oil');
    expect(stage.canTry.value).toBe(false);
  });

  it('speaks of the rinse once the time of the mask has come', async () => {
    const worn = (phase: string): void => {
      clocks.value = [
        {
          summary: { id: 'bowl' },
          worn: [
            { headId: 'bo', state: { phase: 'early' } },
            { headId: 'ada', state: { phase } },
          ],
        },
      ];
    };
    worn('fine');
    await at(WEAR, 'waiting');
    expect(stage.worn.value?.phase).toBe('fine');
    expect([stage.isTime.value, stage.toDo.value]).toEqual([false, WEAR.words]);
    worn('due');
    expect([stage.isTime.value, stage.toDo.value]).toEqual([true, RINSE.words]);
    // Nobody wears anything at another step.
    await at(APPLY, 'hands');
    expect(stage.worn.value).toBeUndefined();
  });

  it('is on a head once the hands are off, and may come out at any moment', async () => {
    await at(WEAR, 'hands');
    expect(stage.isWorn.value).toBe(false);
    await at(WEAR, 'waiting');
    expect(stage.isWorn.value).toBe(true);
  });
});

describe('rinsed before its time', () => {
  it('is told with its reason, leads to the page of the head, and has a way back', async () => {
    await at(WEAR, 'waiting');
    await stage.rinseNow('burning');
    expect(told).toEqual([{ bowlId: 'bowl', headId: 'ada', isRinsed: true, rinsedWhy: 'burning' }]);
    expect(went).toEqual([{ name: 'wear', query: { bowl: 'bowl', head: 'ada' } }]);
    await useNotice().current?.undo?.();
    expect(told.at(-1)).toEqual({ bowlId: 'bowl', headId: 'ada', isRinsed: false });
  });

  it('is nobody’s where a step is about no head, and says why it was not told', async () => {
    await at(MIX, 'hands');
    await stage.rinseNow('burning');
    expect(told).toEqual([]);
    refusal = new Error('Nobody answers.');
    await at(WEAR, 'waiting');
    await stage.rinseNow('burning');
    await flushPromises();
    expect(useNotice().current?.text).toContain('Nobody answers.');
  });
});
