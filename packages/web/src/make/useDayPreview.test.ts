// @vitest-environment happy-dom
import type { Bowl, KeptWish } from '@amber-ladle/contract';
import { sizeBowl } from '@amber-ladle/core/batch';
import { NO_CHOICES } from '@amber-ladle/core/house';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { BUILT_IN_MASKS, type Mask, type WearTime } from '@amber-ladle/core/mask';
import { planDay, type PlanOptions, type PlanStep } from '@amber-ladle/core/washday';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { useHousehold } from '../data/household';
import { forget, inPage, know } from '../data/testing';
import { GUEST } from '../head';
import { useDayPreview } from './useDayPreview';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const MINUTE = 60_000;
const helped: { masks: number }[] = [];
vi.mock('../data/planning', () => ({
  planning: () => ({
    preview: (steps: readonly PlanStep[], options: PlanOptions) => Promise.resolve(planDay(steps, options)),
    helps: (_steps: unknown, _options: unknown, _least: unknown, { masks }: { masks: readonly Mask[] }) => {
      helped.push({ masks: masks.length });
      return Promise.resolve([{ kind: 'other-mask' }]);
    },
  }),
}));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const ADA = { id: 'ada', name: 'Ada', ageYears: 30, sensitiveSkin: false, profile: GUEST.profile };
/** A kept bowl of a built-in mask, changed where it is said. */
function bowlOf(id: string, maskId: string, change: Partial<Mask> = {}): Bowl {
  const mask = { ...BUILT_IN_MASKS.find((one) => one.id === maskId)!, ...change };
  const sized = sizeBowl({ profile: ADA.profile, wearer: ADA }, mask, CATALOGUE, { spoons: SPOON_SETS.us });
  const ingredients = mask.parts.map(({ ingredientId }) => CATALOGUE.get(ingredientId)!);
  return {
    ...{ id, headId: 'ada', life: { stays: [], wearing: {} } },
    snapshot: { head: ADA, others: [], mask, sized, choices: NO_CHOICES, ingredients },
  } as unknown as Bowl;
}
const wear = (aimMinutes: number): WearTime => ({ minimumMinutes: 10, aimMinutes, limitMinutes: aimMinutes + 30 });
const bowls = shallowRef<readonly Bowl[]>([]);
const wish = ref<KeptWish>({ kind: 'start-at', at: new Date(NOW).toISOString() });
const rings = ref(2);

let day: ReturnType<typeof useDayPreview>;
let leave: () => void;
const settled = async (): Promise<void> => {
  for (let turns = 0; turns < 3; turns++) await flushPromises();
};
async function preview(...all: readonly Bowl[]): Promise<void> {
  bowls.value = all;
  await settled();
}
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  helped.length = 0;
  forget();
  setActivePinia(createPinia());
  know({ masks: BUILT_IN_MASKS, lots: [] });
  useHousehold().moment = NOW;
  bowls.value = [];
  wish.value = { kind: 'start-at', at: new Date(NOW).toISOString() };
  rings.value = 2;
  ({ there: day, leave } = inPage(() => useDayPreview(bowls, wish, rings, ref({}))));
  await settled();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('is nothing without a bowl, and says so', () => {
  expect(day.steps.value).toEqual([]);
  expect(day.plan.value).toBeUndefined();
  expect(day.failure.value).toMatch(/at least one bowl/);
});

it('is every step of the bowl, planned from now on, with what comes out of the cold before', async () => {
  await preview(bowlOf('one', 'galley-egg'));
  expect(day.steps.value.length).toBeGreaterThan(4);
  expect(day.plan.value?.steps).toHaveLength(day.steps.value.length);
  expect(day.plan.value?.startsAt).toBe(NOW);
  // Eggs stand in the fridge as far as anybody knows.
  expect(day.outs.value.map(({ from, names }) => [from, /egg/.test(names)])).toEqual([['fridge', true]]);
});

it('takes longer for two bowls than for one, and less than for both one after the other', async () => {
  const length = (): number => (day.plan.value!.endsAt - day.plan.value!.startsAt) / MINUTE;
  await preview(bowlOf('one', 'galley-egg'));
  const one = length();
  await preview(bowlOf('one', 'galley-egg'), bowlOf('two', 'oat-ease'));
  expect(length()).toBeGreaterThan(one);
  const both = length();
  await preview(bowlOf('two', 'oat-ease'));
  expect(both).toBeLessThanOrEqual(one + length());
});

it('says when it would end with each length that the first bowl may be worn', async () => {
  await preview(bowlOf('one', 'oat-ease', { wear: wear(30), otherWears: [wear(90)] }));
  const ends = day.ends.value!;
  expect([...ends.keys()].sort((a, b) => a - b)).toEqual([30, 90]);
  expect((ends.get(90)! - ends.get(30)!) / MINUTE).toBe(60);
  // As it is worn now, that is the plan.
  expect(ends.get(30)).toBe(day.plan.value?.endsAt);
  await preview(bowlOf('one', 'oat-ease', { wear: wear(30), otherWears: [] }));
  expect(day.ends.value).toBeUndefined();
});

it('looks for help only where the wish cannot be kept, and once, however the time goes by', async () => {
  await preview(bowlOf('one', 'galley-egg'));
  expect(helped).toEqual([]);
  wish.value = { kind: 'rinsed-by', at: new Date(NOW + 10 * MINUTE).toISOString() };
  await settled();
  expect(day.plan.value?.isAsWished).toBe(false);
  // Every other mask of the book is a way out.
  expect(helped).toEqual([{ masks: BUILT_IN_MASKS.length - 1 }]);
  expect(day.helps.value).toEqual([{ kind: 'other-mask' }]);
  useHousehold().moment = NOW + MINUTE;
  await settled();
  expect(helped).toHaveLength(1);
});

it('has no other mask to offer where two bowls are made', async () => {
  wish.value = { kind: 'rinsed-by', at: new Date(NOW + 10 * MINUTE).toISOString() };
  await preview(bowlOf('one', 'galley-egg'), bowlOf('two', 'oat-ease'));
  expect(helped.at(-1)).toEqual({ masks: 0 });
});

it('says what is wrong with a bowl that has no steps any more', async () => {
  const broken = bowlOf('one', 'galley-egg');
  await preview({ ...broken, snapshot: { ...broken.snapshot, sized: undefined } } as unknown as Bowl);
  expect(day.failure.value).toBeTruthy();
  expect(day.plan.value).toBeUndefined();
});
