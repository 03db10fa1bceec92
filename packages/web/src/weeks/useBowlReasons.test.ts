// @vitest-environment happy-dom
import type { Head, KeptPlace } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import type { Alternative, Difference, WeekBowl } from '@amber-ladle/core/plan';
import type { Lot } from '@amber-ladle/core/shelf';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { useHousehold } from '../data/household';
import { forget, inPage, know } from '../data/testing';
import { useWeeks } from '../data/useWeeks';
import { useBowlReasons } from './useBowlReasons';

const answers = { instead: [] as readonly Alternative[], without: undefined as Difference | undefined };
const asked: object[] = [];
vi.mock('../data/weeks', () => ({
  weeksAsked: () => ({
    insteadOf: (place: object) => {
      asked.push(place);
      return Promise.resolve(answers.instead);
    },
    without: () => Promise.resolve(answers.without),
  }),
  stopSearch: () => undefined,
}));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));

const PLACES = [
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4, version: 1 },
  { id: 'ice', name: 'Ice', kind: 'freezer', celsius: -18, version: 1 },
] as const satisfies readonly KeptPlace[];
const lotOf = (id: string, ingredientId: string, placeId: string): Lot => ({
  ...{ id, ingredientId, state: 'whole', since: '2026-03-13T09:00:00.000Z', grams: 300, label: '' },
  ...{ stays: [{ placeId, from: '2026-03-13T09:00:00.000Z' }], touches: [] },
});
const head = (id: string, name: string): Head => ({ id, name, ageYears: 30, profile: {} }) as unknown as Head;
const difference = (change: Partial<Difference>): Difference => ({
  ...{ points: 0, lost: [], lostGrams: 0, buys: [], money: 0, missing: [] },
  ...change,
});
const BOWL: WeekBowl = {
  ...{ day: '2026-03-16', on: 2, at: 0, maskId: 'oat-ease', headIds: ['ada'], madeMillilitres: 200, minutes: 60 },
  ...{ lines: [], draws: [], missing: [], isPinned: false, terms: {} },
};
const bowl = shallowRef<WeekBowl>(BOWL);

let why: ReturnType<typeof useBowlReasons>;
let leave: () => void;
async function reasons(change: Partial<WeekBowl> = {}): Promise<void> {
  bowl.value = { ...BOWL, ...change };
  await flushPromises();
}
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse('2026-03-14T09:30:00Z') });
  answers.instead = [];
  answers.without = undefined;
  asked.length = 0;
  bowl.value = BOWL;
  forget();
  setActivePinia(createPinia());
  const lots = [lotOf('fresh', 'mango', 'fridge'), lotOf('frozen', 'banana', 'ice')];
  know({ heads: [head('ada', 'Ada'), head('bo', 'Bo')], masks: BUILT_IN_MASKS, lots, places: PLACES });
  const household = useHousehold();
  household.moment = Date.now();
  household.climate = { ...household.climate, places: PLACES };
  const days = ['2026-03-14', '2026-03-15', '2026-03-16'].map((day) => ({ day, at: 0, minutes: 60, isShopDay: false }));
  useWeeks().weeks = { days, bowls: [], lanes: [] } as never;
  ({ there: why, leave } = inPage(() => useBowlReasons(bowl)));
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('names the bowl, for whom it is and when', async () => {
  expect(why.title.value).toMatch(/Oat/);
  expect(why.title.value).toContain('Ada');
  expect(why.title.value).toContain('Monday');
  await reasons({ headIds: ['ada', 'bo'] });
  expect(why.title.value).toContain('Ada and Bo');
  expect(why.reasons.value.map(({ name }) => name)).toEqual(['Ada', 'Bo']);
  expect(asked.at(-1)).toEqual({ maskId: 'oat-ease', headIds: ['ada', 'bo'], on: 2 });
});

describe('what it is good for', () => {
  it('is said of what would turn without it, the three that matter, and not of crumbs', async () => {
    const lost = [
      { ingredientId: 'mango', grams: 120 },
      { ingredientId: 'banana', grams: 60 },
      { ingredientId: 'avocado', grams: 14 },
      { ingredientId: 'papaya', grams: 40 },
      { ingredientId: 'pumpkin', grams: 30 },
    ];
    answers.without = difference({ points: 9, lost });
    await reasons();
    expect(why.good.value).toMatch(/mango/i);
    expect(why.good.value).toMatch(/papaya/i);
    expect(why.good.value).not.toMatch(/avocado|pumpkin/i);
  });

  it('is the hair alone where nothing is saved, and nothing where it hardly matters', async () => {
    answers.without = difference({ points: 9 });
    await reasons();
    const alone = why.good.value;
    expect(alone).not.toBe('');
    answers.without = difference({ points: 0.5 });
    await reasons();
    expect(why.good.value).toBe('');
  });
});

describe('what goes into it', () => {
  const draw = (ingredientId: string, change: object) => ({
    ingredientId,
    grams: 100,
    chance: 0.8,
    supplyId: ingredientId,
    ...change,
  });

  it('comes from the house, from the freezer, ripe by then, or from the shop', async () => {
    await reasons({
      lines: [
        { ingredientId: 'mango', grams: 100 },
        { ingredientId: 'honey', grams: 20 },
      ],
      draws: [
        draw('mango', { lotId: 'fresh' }),
        draw('banana', { lotId: 'frozen' }),
        draw('avocado', { boughtOn: 1 }),
        draw('papaya', { isFrozen: true }),
        draw('yogurt', {}),
      ] as unknown as WeekBowl['draws'],
      missing: [{ ingredientId: 'egg-yolk', grams: 36 }],
    });
    const from = Object.fromEntries(why.draws.value.map((one) => [one.ingredientId, one.from]));
    expect(from['banana']).toBe(from['papaya']);
    expect(from['avocado']).toMatch(/tomorrow/i);
    expect(new Set(Object.values(from)).size).toBe(4);
    expect(why.draws.value[0]?.amount).toMatch(/mango|100 g/);
    // What keeps for years, and what nobody has, is told apart.
    expect(why.keeps.value.join()).toMatch(/honey/);
    expect(why.missing.value.join()).toMatch(/yolk/);
  });
});

it('says what would do in its place, and at what price', async () => {
  answers.instead = [
    {
      maskId: 'rice-silk',
      difference: difference({ points: 3, lost: [{ ingredientId: 'mango', grams: 80 }], lostGrams: 80 }),
    },
  ];
  await reasons();
  const [other] = why.others.value;
  expect(other?.name).toBe(BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')?.name);
  expect(other?.words).toMatch(/mango/i);
});

it('opens on the bench for its day, with all who share it', async () => {
  expect(why.toBench.value.query).toEqual({ head: 'ada', mask: 'oat-ease', day: '2026-03-16' });
  await reasons({ headIds: ['ada', 'bo'] });
  expect(why.toBench.value.query).toMatchObject({ head: 'ada', with: 'bo' });
});
