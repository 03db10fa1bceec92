// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import { NO_CHOICES, type SizingWish } from '@amber-ladle/core/house';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { forget, inPage, know } from '../data/testing';
import { GUEST } from '../head';
import { layOnBench, useBench, type Bench } from './useBench';

const sized: SizingWish[] = [];
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    size: (wish: SizingWish) => {
      sized.push(wish);
      return new Promise(() => undefined);
    },
  }),
}));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));

const named = (id: string): Head => ({ ...GUEST, id, name: id });
const maskOf = (id: string): Mask => BUILT_IN_MASKS.find((one) => one.id === id)!;
const head = shallowRef<Head>();
const book = shallowRef<Mask>();

let bench: Bench;
let leave: () => void;
beforeEach(async () => {
  sized.length = 0;
  sessionStorage.clear();
  forget();
  setActivePinia(createPinia());
  know({ heads: [named('ada'), named('bo')], masks: BUILT_IN_MASKS });
  head.value = named('ada');
  book.value = maskOf('oat-ease');
  ({ there: bench, leave } = inPage(() => useBench(head, book, shallowRef([]))));
  bench.choices.value = { ...NO_CHOICES };
  await flushPromises();
});
afterEach(() => {
  leave();
});
/** Another length for the head on the bench. */
function measure(stretchedLengthCentimetres: number): void {
  bench.profile.value = { ...bench.profile.value!, stretchedLengthCentimetres };
}

describe('what was measured for this bowl', () => {
  it('is the head’s own until something else is said, and changes what is needed at once', async () => {
    expect(bench.isChanged.value).toBe(false);
    const before = bench.need.value!;
    measure(bench.profile.value!.stretchedLengthCentimetres + 20);
    await flushPromises();
    expect(bench.isChanged.value).toBe(true);
    expect(bench.need.value).not.toEqual(before);
  });

  it('is forgotten when another head comes to the bench', async () => {
    measure(77);
    await flushPromises();
    head.value = named('bo');
    await flushPromises();
    expect(bench.isChanged.value).toBe(false);
    head.value = named('ada');
    await flushPromises();
    expect(bench.profile.value?.stretchedLengthCentimetres).toBe(GUEST.profile.stretchedLengthCentimetres);
  });
});

describe('what was chosen for this bowl', () => {
  it('is free again for the next mask, but for pieces that were chosen and weighed', async () => {
    bench.weigh('egg-whole', 52);
    bench.lock('honey', 20);
    await flushPromises();
    book.value = maskOf('galley-egg');
    await flushPromises();
    expect(bench.choices.value.lockedGrams).toEqual({});
    expect(bench.choices.value.pieceGrams).toEqual({ 'egg-whole': 52 });
  });

  it('stays where somebody who had no name gets one', async () => {
    head.value = GUEST;
    await flushPromises();
    bench.lock('honey', 20);
    await flushPromises();
    head.value = named('ada');
    await flushPromises();
    expect(bench.choices.value.lockedGrams).toEqual({ honey: 20 });
  });

  it('is one thing of an ingredient: a weighed piece, a size, or grams to keep to', async () => {
    bench.lock('egg-whole', 100);
    bench.weigh('egg-whole', 52);
    expect(bench.choices.value).toMatchObject({ lockedGrams: {}, pieceGrams: { 'egg-whole': 52 } });
    bench.lock('egg-whole', 100);
    bench.choosePiece('egg-whole', 'large');
    expect(bench.choices.value).toMatchObject({
      ...{ lockedGrams: {}, pieceGrams: {}, pieceSizes: { 'egg-whole': 'large' } },
    });
    bench.lock('honey', 20);
    bench.lock('honey', undefined);
    expect(bench.choices.value.lockedGrams).toEqual({});
    await flushPromises();
  });

  it('is made around what is all there is, until that follows again', () => {
    bench.lock('honey', 20, true);
    expect(bench.choices.value.aroundId).toBe('honey');
    bench.lock('oat-milk', 50);
    expect(bench.choices.value.aroundId).toBe('honey');
    bench.lock('honey', 25);
    expect(bench.choices.value.aroundId).toBeUndefined();
  });

  it('can be laid there by another page', async () => {
    bench.lock('honey', 20, true);
    layOnBench({ yogurt: 120 });
    await flushPromises();
    expect(bench.choices.value.lockedGrams).toEqual({ yogurt: 120 });
    expect(bench.choices.value.aroundId).toBeUndefined();
  });

  it('goes into the wish that is sized, with the measures of the bench; a stand-in nobody knows does not', async () => {
    measure(61);
    bench.change({ swaps: { honey: 'gone-by-now' } });
    await flushPromises();
    const { heads, mask, choices } = bench.wish.value!;
    expect(heads[0].profile.stretchedLengthCentimetres).toBe(61);
    expect(mask.id).toBe('oat-ease');
    expect(choices.swaps).toEqual({});
  });
});

describe('as it is written', () => {
  const written = { ...maskOf('oat-ease'), writtenGrams: 200 };

  it('keeps to every amount of its maker, and sizes for the head again', async () => {
    expect(bench.asWritten.value).toBeUndefined();
    bench.toggleWritten();
    expect(bench.choices.value.lockedGrams).toEqual({});
    book.value = written;
    await flushPromises();
    expect(bench.asWritten.value?.isKept).toBe(false);
    bench.toggleWritten();
    const sum = Object.values(bench.choices.value.lockedGrams).reduce((all, one) => all + one, 0);
    expect(sum).toBeCloseTo(200, 6);
    expect(bench.asWritten.value?.isKept).toBe(true);
    expect(bench.asWritten.value?.millilitres).toBeGreaterThan(150);
    bench.toggleWritten();
    expect(bench.choices.value.lockedGrams).toEqual({});
  });

  it('is not what it is any more with one amount of another weight, or something swapped', async () => {
    book.value = written;
    await flushPromises();
    bench.toggleWritten();
    const [first] = written.parts;
    bench.lock(first!.ingredientId, 1);
    expect(bench.asWritten.value?.isKept).toBe(false);
    bench.toggleWritten();
    expect(bench.asWritten.value?.isKept).toBe(true);
    bench.change({ swaps: { honey: 'yogurt' } });
    expect(bench.asWritten.value?.isKept).toBe(false);
    // What is written has no stand-ins.
    bench.toggleWritten();
    expect(bench.choices.value.swaps).toEqual({});
  });
});

it('asks how long only where there is a choice, and the first of them holds until one is chosen', async () => {
  expect(bench.wears.value).toEqual([]);
  const wear = maskOf('oat-ease').wear;
  book.value = { ...maskOf('oat-ease'), otherWears: [{ ...wear, aimMinutes: 90, limitMinutes: 120 }] };
  await flushPromises();
  expect(bench.wears.value.map(({ isChosen }) => isChosen)).toEqual([true, false]);
  bench.change({ wearAimMinutes: 90 });
  expect(bench.wears.value).toEqual([
    { aimMinutes: wear.aimMinutes, isChosen: false },
    { aimMinutes: 90, isChosen: true },
  ]);
});
