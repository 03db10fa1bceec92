// @vitest-environment happy-dom
import type { KeptBuyLine, StockChange } from '@amber-ladle/contract';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ApiError, call } from '../data/client';
import { useHousehold } from '../data/household';
import { forget, inPage } from '../data/testing';
import { useNotice } from '../data/notice';
import { useBuying, type Buying } from './useBuying';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const line = (ingredientId: string, day: string, change: Partial<KeptBuyLine> = {}): KeptBuyLine => ({
  ingredientId,
  day,
  what: ingredientId,
  grams: 300,
  isRaw: false,
  shopGrams: 300,
  reasons: [],
  instead: [],
  ...change,
});
let list: KeptBuyLine[];
let changes: StockChange[];
let refusal: Error | undefined;
let buying: Buying;
let leave: () => void;

beforeEach(async () => {
  localStorage.clear();
  forget();
  setActivePinia(createPinia());
  list = [
    line('yogurt', '2026-03-14'),
    line('avocado', '2026-03-14', { pieces: 2, grams: 272, buy: 'unripe' }),
    line('honey', '2026-03-14', { money: 6.8 }),
    line('avocado', '2026-03-18', { pieces: 1, grams: 136 }),
  ];
  changes = [];
  refusal = undefined;
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint.path === '/buy') return Promise.resolve(list as never);
    if (endpoint.path !== '/stock') return new Promise(() => undefined);
    if (refusal) return Promise.reject(refusal);
    const { body } = wish as { body: StockChange };
    changes.push(body);
    return Promise.resolve({ lots: [], isNew: true } as never);
  });
  useHousehold().climate = {
    places: [
      { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20, version: 1 },
      { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4, version: 1 },
    ],
    readings: [],
    paces: {},
  };
  ({ there: buying, leave } = inPage(useBuying));
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.mocked(call).mockReset();
});
const shown = () =>
  buying.trips.value.map(({ day, aisles }) => [
    day,
    ...aisles.flatMap(({ rows }) => rows.map(({ line: one }) => one.ingredientId)),
  ]);
const rowOf = (key: string) => {
  const found = buying.trips.value
    .flatMap(({ aisles }) => aisles.flatMap(({ rows }) => rows))
    .find((row) => row.key === key);
  if (!found) throw new Error(`No ${key}.`);
  return found;
};

it('is in the order of the days, and of a way through the shop: what must stay cold comes last', () => {
  expect(shown()).toEqual([
    ['2026-03-14', 'avocado', 'honey', 'yogurt'],
    ['2026-03-18', 'avocado'],
  ]);
});

it('puts what is ticked off where such things stand, as ripe as it was to be chosen, at no price that nobody said', async () => {
  await buying.bought(rowOf('2026-03-14 avocado'));
  await buying.bought(rowOf('2026-03-14 yogurt'));
  const [avocado, yogurt] = changes;
  expect(avocado?.lots[0]).toMatchObject({ ingredientId: 'avocado', state: 'whole', pieceGrams: 136 });
  expect(avocado?.movements[0]).toMatchObject({ kind: 'add', grams: 272, placeId: 'counter', stage: 'unripe' });
  expect(yogurt?.movements[0]).toMatchObject({ grams: 300, placeId: 'fridge' });
  expect(yogurt?.lots[0]?.pricePerGram).toBeUndefined();
  await buying.bought(rowOf('2026-03-14 honey'));
  expect(changes[2]?.lots[0]?.pricePerGram).toBeUndefined();
});

it('takes it off the list at once, and only that day’s', async () => {
  const answered = buying.bought(rowOf('2026-03-14 avocado'));
  expect(shown()).toEqual([
    ['2026-03-14', 'honey', 'yogurt'],
    ['2026-03-18', 'avocado'],
  ]);
  list = list.slice(2);
  await answered;
  expect(shown()[0]).toEqual(['2026-03-14', 'honey']);
});

it('brings it back where the house refuses it, and says so', async () => {
  refusal = new ApiError({ type: 'x', status: 422, title: 'No such place.' });
  await buying.bought(rowOf('2026-03-14 honey'));
  expect(shown()[0]).toContain('honey');
  expect(useNotice().current?.text).toContain('No such place.');
});
