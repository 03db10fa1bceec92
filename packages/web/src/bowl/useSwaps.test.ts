// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import { ingredientById, CATALOGUE } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS, offends, type Mask } from '@amber-ladle/core/mask';
import type { Lot } from '@amber-ladle/core/shelf';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { GUEST } from '../head';
import { useSwaps } from './useSwaps';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const AVOCADO = BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado')!;
const book = ref<Mask>();
const choices = ref({ ...NO_CHOICES });
const head = ref<Head>();
let swaps: ReturnType<typeof useSwaps>;
let leave: () => void;
beforeEach(async () => {
  book.value = AVOCADO;
  choices.value = { ...NO_CHOICES };
  head.value = GUEST;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  ({ there: swaps, leave } = inPage(() => useSwaps(book, choices, head)));
  know({ heads: [], masks: BUILT_IN_MASKS, lots: [] });
  await flushPromises();
});
afterEach(() => {
  leave();
});
const idsIn = (mask: Mask | undefined): readonly string[] => mask?.parts.map(({ ingredientId }) => ingredientId) ?? [];
const lotOf = (ingredientId: string): Lot => {
  const since = new Date(Date.now() - 3_600_000).toISOString();
  return {
    id: ingredientId,
    ingredientId,
    state: 'opened',
    grams: 500,
    since,
    stays: [{ placeId: 'fridge', from: since }],
    touches: [],
  } as unknown as Lot;
};

it('is the mask of the book while nothing stands in for anything', () => {
  expect(idsIn(swaps.mask.value)).toEqual(idsIn(AVOCADO));
  expect(swaps.made.value).toEqual([]);
  expect(swaps.consequences.value).toBeUndefined();
});

it('lets one thing stand in for another, lets go of amounts that were fixed for the old one, and puts the book’s back', () => {
  choices.value = { ...choices.value, lockedGrams: { yogurt: 120 } };
  swaps.swap('yogurt', 'coconut-milk');
  expect(idsIn(swaps.mask.value)).toContain('coconut-milk');
  expect(idsIn(swaps.mask.value)).not.toContain('yogurt');
  expect(choices.value.lockedGrams).toEqual({});
  expect(swaps.made.value).toMatchObject([{ ingredientId: 'yogurt', name: 'plain yogurt' }]);
  expect(swaps.consequences.value).toBeDefined();
  // What stands there is swapped as what it stands for.
  expect(swaps.originalOf('coconut-milk')).toBe('yogurt');
  swaps.swap('coconut-milk', 'buttermilk');
  expect(choices.value.swaps).toEqual({ yogurt: 'buttermilk' });
  swaps.swap('buttermilk', undefined);
  expect(idsIn(swaps.mask.value)).toEqual(idsIn(AVOCADO));
});

it('lets what has left the catalogue stand in for nothing', () => {
  choices.value = { ...choices.value, swaps: { yogurt: 'gone' } };
  expect(idsIn(swaps.mask.value)).toEqual(idsIn(AVOCADO));
  expect(swaps.made.value).toEqual([]);
});

it('offers what is in the house first, and not what stands there already', async () => {
  const before = swaps.offered('yogurt').map(({ id }) => id);
  expect(before.length).toBeGreaterThan(2);
  expect(before).not.toContain('yogurt');
  const last = before.at(-1) ?? '';
  know({ lots: [lotOf(last)], places: [{ id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 }] });
  await flushPromises();
  expect(swaps.offered('yogurt')[0]?.id).toBe(last);
});

it('fulfils a wish with the nearest, keeps to the wishes that are met, and takes it back', () => {
  const dairy = swaps.wishes.value.find(({ wish }) => wish === 'without-dairy');
  expect(dairy).toMatchObject({ isMet: false });
  swaps.toggleWish('without-dairy', false);
  const bowlOf = (): boolean =>
    (swaps.mask.value?.parts ?? []).some(({ ingredientId }) =>
      offends(ingredientById(CATALOGUE, ingredientId), 'without-dairy'),
    );
  expect(bowlOf()).toBe(false);
  expect(swaps.wishes.value.find(({ wish }) => wish === 'without-dairy')?.isMet).toBe(true);
  for (const { wish, isMet } of swaps.wishes.value) if (!isMet) swaps.toggleWish(wish, false);
  expect(bowlOf()).toBe(false);
  swaps.toggleWish('without-dairy', true);
  expect(bowlOf()).toBe(true);
});

it('makes it from what is in the house, and says that something is missing only where the shelf is kept', async () => {
  expect(swaps.isMissing.value).toBe(false);
  const stand = swaps.offered('yogurt')[0]?.id ?? '';
  know({
    lots: [lotOf(stand), lotOf('honey'), lotOf('avocado')],
    places: [{ id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 }],
  });
  await flushPromises();
  expect(swaps.isMissing.value).toBe(true);
  swaps.fromHand();
  expect(choices.value.swaps['yogurt']).toBe(stand);
});

it('proposes what sits lighter on hair that is weighed down, nothing she is allergic to, and takes it back', () => {
  expect(swaps.lighter.value).toBeUndefined();
  head.value = { ...GUEST, story: { ...GUEST.story, isWeighedDown: true } };
  const { lighter } = swaps;
  expect(lighter.value).toMatchObject({ isFor: 'weighed-down', isMade: false });
  swaps.toggleLighter();
  expect(lighter.value?.isMade).toBe(true);
  expect(Object.keys(choices.value.swaps)).toEqual(Object.keys(lighter.value?.swaps ?? {}));
  swaps.toggleLighter();
  expect(choices.value.swaps).toEqual({});
});
