// @vitest-environment happy-dom
import type { KeptPlace } from '@amber-ladle/contract';
import type { Lot } from '@amber-ladle/core/shelf';
import type { DayPlan, PlanStep } from '@amber-ladle/core/washday';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { useHousehold } from '../data/household';
import { forget, know } from '../data/testing';
import { useTakeOuts } from './useTakeOuts';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));

const AT = Date.parse('2026-03-14T10:00:00Z');
const MINUTE = 60_000;
const PLACES = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20, version: 1 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4, version: 1 },
  { id: 'ice', name: 'Ice', kind: 'freezer', celsius: -18, version: 1 },
] as const satisfies readonly KeptPlace[];
const lotOf = (ingredientId: string, placeId: string): Lot => ({
  ...{ id: ingredientId, ingredientId, state: 'whole', since: '2026-03-13T09:00:00.000Z', grams: 300, label: '' },
  ...{ stays: [{ placeId, from: '2026-03-13T09:00:00.000Z' }], touches: [] },
});
const step = (id: string, kind: string, ...ingredientIds: string[]): PlanStep =>
  ({ id, kind, ingredientIds }) as unknown as PlanStep;
const planned = (startsIn: Readonly<Record<string, number>>, isDone: readonly string[] = []): DayPlan =>
  ({
    steps: Object.entries(startsIn).map(([stepId, minutes]) => ({
      ...{ stepId, startsAt: AT + minutes * MINUTE, isRunning: false },
      isDone: isDone.includes(stepId),
    })),
  }) as unknown as DayPlan;

const steps = ref<readonly PlanStep[]>([]);
const plan = ref<DayPlan>();
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  const household = useHousehold();
  household.moment = AT;
  household.climate = { ...household.climate, places: PLACES };
  steps.value = [
    step('cut', 'cut', 'mango'),
    step('crack', 'crack', 'egg-yolk', 'honey'),
    step('boil', 'boil', 'mango'),
  ];
  plan.value = planned({ cut: 60, crack: 90, boil: 120 });
});
const out = (lots: readonly Lot[]) => {
  know({ lots, places: PLACES });
  const groups = useTakeOuts(steps, plan).value;
  return groups.map(({ at, from, names }) => [(at - AT) / MINUTE, from, names]);
};

it('is twenty minutes before for what is cold, and three hours for what is frozen; what is warm stays where it is', () => {
  const [fridge, ice] = [out([lotOf('mango', 'fridge')]), out([lotOf('mango', 'ice')])];
  expect(fridge[0]).toEqual([40, 'fridge', 'mango']);
  expect(ice[0]).toEqual([-120, 'freezer', 'mango']);
  expect(out([lotOf('mango', 'counter')]).flat()).not.toContain('mango');
});

it('goes by what usually stands there for what the shelf does not know', () => {
  // An egg stands in the fridge; honey does not.
  expect(out([]).map(([, from, names]) => [from, names])).toEqual([['fridge', 'egg yolk']]);
});

it('says at once what comes out of one place within minutes', () => {
  plan.value = planned({ cut: 90, crack: 90 });
  expect(out([lotOf('mango', 'fridge')])).toEqual([[70, 'fridge', 'mango, egg yolk']]);
  plan.value = planned({ cut: 90, crack: 100 });
  expect(out([lotOf('mango', 'fridge')])).toHaveLength(2);
});

it('asks nothing of a step that has begun, and nothing before there is a plan', () => {
  plan.value = planned({ cut: 60, crack: 90 }, ['crack']);
  expect(out([])).toEqual([]);
  plan.value = undefined;
  expect(out([lotOf('mango', 'fridge')])).toEqual([]);
});
