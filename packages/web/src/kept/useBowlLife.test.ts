// @vitest-environment happy-dom
import { api, type Bowl, type BowlLife, type KeptPlace } from '@amber-ladle/contract';
import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { ApiError, call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { useRunningBowls } from '../day';
import { useBowlLife } from './useBowlLife';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const HOUR = 3_600_000;
const NOW = Date.parse('2026-03-14T09:30:00Z');
const at = (hours: number): string => new Date(NOW + hours * HOUR).toISOString();
const PLACES = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 21 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 },
] as unknown as KeptPlace[];
const MASK = {
  ...BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado')!,
  keeping: 'fridge-till-tomorrow' as const,
};
const lifeOf = (change: Partial<BowlLife> = {}): BowlLife =>
  ({
    bowlId: 'bowl',
    madeAt: at(-1),
    stays: [{ placeId: 'counter', from: at(-1) }],
    startShare: 0,
    wearing: {},
    ...change,
  }) as unknown as BowlLife;
const bowlOf = (ids: readonly string[], life?: BowlLife): Bowl =>
  ({
    id: 'bowl',
    ...(life ? { life } : {}),
    snapshot: {
      mask: MASK,
      head: { id: 'wren', name: 'Wren' },
      others: [{ id: 'teo', name: 'Teo' }],
      ingredients: ids.map((id) => ingredientById(CATALOGUE, id)),
      sized: { lines: [] },
    },
  }) as unknown as Bowl;

const bowl = shallowRef<Bowl>();
const life = shallowRef<BowlLife>();
/** What was told, by address. */
const told: { path: string; body: unknown }[] = [];
let refusal: Error | undefined;
let kept: ReturnType<typeof useBowlLife>;
let leave: () => void;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'], now: NOW });
  told.length = 0;
  refusal = undefined;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint === (api.bowls.one as object)) return Promise.resolve(bowl.value as never);
    if (endpoint.method === 'GET') return new Promise(() => undefined);
    if (refusal) return Promise.reject(refusal);
    told.push({ path: endpoint.path, body: (wish as { body: unknown }).body });
    return Promise.resolve(lifeOf() as never);
  });
  know({ lots: [], places: PLACES, heads: [] });
  bowl.value = bowlOf(['avocado', 'yogurt', 'olive-oil']);
  life.value = lifeOf();
  ({ there: kept, leave } = inPage(() => useBowlLife(bowl, life)));
  const household = useHousehold();
  household.moment = NOW;
  household.climate = { ...household.climate, places: PLACES };
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('goes by what keeps the least of all that is in it, and names it', () => {
  const { strictest, budget } = kept;
  expect(strictest.value?.ingredientIds).toContain(strictest.value!.ingredientIds[0]);
  expect(['avocado', 'plain yogurt']).toContain(kept.strictestName.value);
  // Of the record: it is named though it left the book meanwhile.
  const own = { ...ingredientById(CATALOGUE, 'banana'), id: 'own-plantain', name: 'Plantain' };
  bowl.value = { ...bowl.value!, snapshot: { ...bowl.value!.snapshot, ingredients: [own] } };
  expect(kept.strictestName.value).toBe('plantain');
  bowl.value = bowlOf(['avocado', 'yogurt', 'olive-oil']);
  expect(budget.value?.usedShare).toBeGreaterThan(0);
  expect(budget.value?.isPast).toBe(false);
  const inHours = (budget.value!.endsAt - NOW) / HOUR;
  expect(inHours).toBeGreaterThan(0);
  expect(inHours).toBeLessThan(strictest.value!.keeping.roomHours);
});

it('spends more of its time in a room than in the cold', async () => {
  const warm = kept.budget.value!.usedShare;
  life.value = lifeOf({ stays: [{ placeId: 'fridge', from: at(-1) }] });
  await flushPromises();
  expect(kept.budget.value!.usedShare).toBeLessThan(warm / 2);
});

it('has no time to keep where nothing in it spoils, and none before it is mixed', async () => {
  bowl.value = bowlOf(['olive-oil', 'honey']);
  await flushPromises();
  expect([kept.strictest.value, kept.budget.value, kept.course.value]).toEqual([undefined, undefined, []]);
  bowl.value = bowlOf(['avocado']);
  life.value = lifeOf({ stays: [] });
  await flushPromises();
  expect(kept.strictest.value).toBeDefined();
  expect(kept.budget.value).toBeUndefined();
});

it('tells where it was put, where it went and how it ended, and says why a stop was passed over', async () => {
  await kept.made('counter');
  await kept.move('fridge');
  await kept.end('thrown-away');
  await kept.end('used-otherwise', 'It was for my own hands.');
  expect(told.map(({ body }) => body)).toEqual([
    { placeId: 'counter' },
    { placeId: 'fridge' },
    { how: 'thrown-away' },
    { how: 'used-otherwise', decision: 'It was for my own hands.' },
  ]);
  refusal = new ApiError({ type: 'about:blank', title: 'No', status: 422, detail: 'No such place.' });
  expect(await kept.move('moon')).toBeUndefined();
  expect(useNotice().current?.tone).toBe('error');
});

it('is told alike wherever it runs: on its own page and where all running bowls are counted', async () => {
  const running = lifeOf({
    wearing: { wren: { sectionsDone: [], wornFrom: at(-0.5) }, teo: { sectionsDone: [] } },
  });
  bowl.value = bowlOf(['avocado', 'yogurt', 'olive-oil'], running);
  life.value = running;
  const over = { ...running, endedAt: at(-0.2) };
  know({
    bowls: [
      { id: 'bowl', headId: 'wren', maskId: MASK.id, maskName: MASK.name, life: running },
      { id: 'over', headId: 'wren', maskId: MASK.id, life: over },
      { id: 'unmixed', headId: 'wren', maskId: MASK.id, life: lifeOf({ stays: [] }) },
    ] as never,
  });
  const all = inPage(useRunningBowls);
  for (let turns = 0; turns < 3; turns++) await flushPromises();
  expect(all.there.bowls.value.map(({ summary: { id } }) => id)).toEqual(['bowl']);
  const [one] = all.there.bowls.value;
  expect(one?.budget?.endsAt).toBe(kept.budget.value?.endsAt);
  // On her head, and not on the one that only waits.
  expect(one?.worn.map(({ name }) => name)).toEqual(['Wren']);
  expect(one?.worn[0]?.state.elapsedMinutes).toBeCloseTo(30, 1);
  all.leave();
});
