// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import type { RankWish, Ranking } from '@amber-ladle/core/judge';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import type { Lot } from '@amber-ladle/core/shelf';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { totalMinutes, useMaskSearch } from './useMaskSearch';

/** What was asked of the ranking, and for whom. */
const asked: { heads: readonly string[]; wish: RankWish }[] = [];
const RANKING = { best: [] } as unknown as Ranking;
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    rank: (_masks: unknown, heads: { id: string }[], _lots: unknown, wish: RankWish) => {
      asked.push({ heads: heads.map(({ id }) => id), wish });
      return Promise.resolve(Object.fromEntries(heads.map(({ id }) => [id, RANKING])));
    },
  }),
}));

const HEAD = { id: 'wren', name: 'Wren', profile: {}, version: 1 } as unknown as Head;
const dayFromNow = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString();
const lotOf = (ingredientId: string, change: Partial<Lot> = {}): Lot =>
  ({
    id: ingredientId,
    ingredientId,
    state: 'opened',
    grams: 300,
    since: dayFromNow(-1),
    stays: [{ placeId: 'fridge', from: dayFromNow(-1) }],
    touches: [],
    ...change,
  }) as unknown as Lot;

const FRIDGE = { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 } as const;

let search: ReturnType<typeof useMaskSearch>;
let leave: () => void;
beforeEach(async () => {
  asked.length = 0;
  localStorage.clear();
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  ({ there: search, leave } = inPage(useMaskSearch));
  know({ heads: [HEAD], masks: BUILT_IN_MASKS, lots: [] });
  await flushPromises();
});
afterEach(() => {
  leave();
});
const found = (): readonly Mask[] => search.shown.value.map(({ mask }) => mask);
const idsWhere = (fits: (mask: Mask) => boolean): readonly string[] => BUILT_IN_MASKS.filter(fits).map(({ id }) => id);
const holds =
  (id: string) =>
  ({ parts }: Mask): boolean =>
    parts.some(({ ingredientId }) => ingredientId === id);

it('is the whole book, in its order, while nothing is wished for', () => {
  expect(found().map(({ id }) => id)).toEqual(BUILT_IN_MASKS.map(({ id }) => id));
});

it('finds by a name and by what is in it, however it is written; a field that was cleared asks for nothing', () => {
  const [first] = BUILT_IN_MASKS;
  search.wish.words = `  ${first?.name.toUpperCase() ?? ''} `;
  expect(found()).toEqual([first]);
  search.wish.words = 'avocado';
  const inIt = idsWhere(holds('avocado'));
  expect(inIt.length).toBeGreaterThan(0);
  expect(found().map(({ id }) => id)).toEqual(expect.arrayContaining([...inIt]));
  expect(found().length).toBeLessThan(BUILT_IN_MASKS.length / 2);
  search.wish.words = null;
  expect(found()).toHaveLength(BUILT_IN_MASKS.length);
});

it('narrows by what it is used for, what kind of thing is in it, when it is worn, and time', () => {
  search.wish.need = 'dull';
  expect(found().map(({ id }) => id)).toEqual(idsWhere(({ needs }) => needs.includes('dull')));
  search.wish.need = null;
  search.wish.family = 'egg';
  const eggs = found().map(({ id }) => id);
  expect(eggs.length).toBeGreaterThan(0);
  expect(eggs).toEqual(idsWhere(({ parts }) => parts.some(({ ingredientId }) => ingredientId.includes('egg'))));
  search.wish.family = null;
  search.wish.slot = 'after-shampoo';
  expect(found().map(({ id }) => id)).toEqual(idsWhere(({ slot }) => slot === 'after-shampoo' || slot === 'either'));
  search.wish.slot = null;
  search.wish.minutes = 40;
  expect(found().length).toBeGreaterThan(0);
  expect(found().map(({ id }) => id)).toEqual(idsWhere((mask) => mask.handsOnMinutes + mask.wear.aimMinutes <= 40));
});

it('puts the quickest first, hands and wearing together', () => {
  search.wish.order = 'quick';
  const minutes = found().map(totalMinutes);
  expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
  expect(minutes).toHaveLength(BUILT_IN_MASKS.length);
});

it('puts first what uses up most of what lies there and turns; what is hard or past is no reason', async () => {
  know({ lots: [lotOf('yogurt')], places: [FRIDGE] });
  await flushPromises();
  search.wish.order = 'ripe';
  const [first] = search.shown.value;
  const most = Math.max(
    ...BUILT_IN_MASKS.map(({ parts }) => parts.find(({ ingredientId }) => ingredientId === 'yogurt')?.share ?? 0),
  );
  expect(first?.ripe).toEqual({ share: most, ingredientIds: ['yogurt'] });
  const since = dayFromNow(-90);
  know({ lots: [lotOf('yogurt', { since, stays: [{ placeId: 'fridge', from: since }] })], places: [FRIDGE] });
  await flushPromises();
  expect(search.shown.value.every(({ ripe }) => ripe.share === 0)).toBe(true);
});

it('asks the ranking for one head with her time and whether she minds egg, and for nobody who is not there', async () => {
  expect(search.orders.value[0]).toMatchObject({ value: 'wren' });
  expect(search.headId.value).toBeNull();
  search.wish.order = 'nobody';
  await flushPromises();
  expect(search.headId.value).toBeNull();
  expect(asked).toEqual([]);
  search.wish.order = 'wren';
  search.wish.minutes = 60;
  search.wish.noEgg = true;
  search.wish.slot = 'either';
  await flushPromises();
  expect(search.headId.value).toBe('wren');
  expect(asked.at(-1)).toMatchObject({ heads: ['wren'], wish: { minutes: 60, without: ['egg'] } });
  expect(asked.at(-1)?.wish.slot).toBeUndefined();
  expect(search.ranking.value).toStrictEqual(RANKING);
  search.wish.slot = 'before-shampoo';
  search.wish.noEgg = false;
  await flushPromises();
  expect(asked.at(-1)?.wish).toMatchObject({ slot: 'before-shampoo', without: [] });
});
