// @vitest-environment happy-dom
import type { KeptWeekPlan, StockChange } from '@amber-ladle/contract';
import type { Lot } from '@amber-ladle/core/shelf';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { forget, know } from '../data/testing';
import { useWeeks } from '../data/useWeeks';
import { useFreezing } from './useFreezing';

const NOW = '2026-03-14T09:30:00.000Z';
const sent: { body?: StockChange }[] = [];
const refusal = { value: undefined as Error | undefined };
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: (_endpoint: unknown, input: { body?: StockChange } = {}) => {
    if (!input.body) return new Promise(() => undefined);
    sent.push(input);
    return refusal.value ? Promise.reject(refusal.value) : Promise.resolve({ lots: [] });
  },
}));

const PLACES = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20, version: 1 },
  { id: 'ice', name: 'Ice drawer', kind: 'freezer', celsius: -18, version: 1 },
] as const;
const mangoes = (id: string, placeId = 'counter'): Lot => ({
  id,
  ingredientId: 'mango',
  state: 'whole',
  since: '2026-03-13T09:00:00.000Z',
  grams: 400,
  pieceGrams: 200,
  label: '',
  stays: [{ placeId, from: '2026-03-13T09:00:00.000Z' }],
  touches: [{ at: '2026-03-13T09:00:00.000Z', stage: 'ready' }],
});

/** What a plan wants frozen, by lot and day; the lots lie where they lie. */
function planned(freezes: Readonly<Record<string, string>>, lots: Lot[], places: readonly object[] = PLACES): void {
  const household = useHousehold();
  household.moment = Date.parse(NOW);
  know({ lots });
  household.climate = { ...household.climate, places: places as never };
  const weeks = useWeeks();
  const plan = {
    day: '2026-03-14',
    freezes: Object.entries(freezes).map(([lotId, day]) => ({ lotId, day, at: `${day}T17:00:00.000Z` })),
    bowls: [],
    otherwise: [],
  } as unknown as KeptWeekPlan;
  know({ weeks: { ...weeks.held, plan } });
}

beforeEach(() => {
  forget();
  sent.length = 0;
  refusal.value = undefined;
  setActivePinia(createPinia());
});

it('is what the plan wants in the freezer by today, where it is not there yet', () => {
  const lots = [mangoes('today'), mangoes('yesterday'), mangoes('tomorrow'), mangoes('there', 'ice'), mangoes('else')];
  planned({ today: '2026-03-14', yesterday: '2026-03-13', tomorrow: '2026-03-15', there: '2026-03-14' }, lots);
  const freezing = useFreezing();
  expect(freezing.lots.value.map(({ id }) => id)).toEqual(['today', 'yesterday']);
  expect(freezing.lots.value[0]).toMatchObject({ name: 'Mango', amount: '2 mangoes', look: 'ready', isOpen: false });
});

it('goes into the freezer of the household with one press', async () => {
  planned({ one: '2026-03-14' }, [mangoes('one')]);
  const freezing = useFreezing();
  await freezing.freeze('one');
  expect(sent.map(({ body }) => body?.movements)).toEqual([[{ lotId: 'one', kind: 'move', grams: 0, placeId: 'ice' }]]);
  expect(useNotice().current?.text).toContain('Ice drawer');
  // What is there, and what is nowhere, is moved by nobody.
  planned({ one: '2026-03-14' }, [mangoes('one', 'ice')]);
  await freezing.freeze('one');
  await freezing.freeze('eaten meanwhile');
  expect(sent).toHaveLength(1);
});

it('says why it was not moved', async () => {
  planned({ one: '2026-03-14' }, [mangoes('one')]);
  refusal.value = new Error('Nobody answers.');
  await useFreezing().freeze('one');
  expect(useNotice().current?.text).toContain('Nobody answers.');
});

it('is not there in a house without a freezer', () => {
  planned({ one: '2026-03-14' }, [mangoes('one')], [PLACES[0]]);
  expect(useFreezing().freezer.value).toBeUndefined();
});
