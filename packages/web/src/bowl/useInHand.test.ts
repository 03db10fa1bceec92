// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import type { HeadInHouse, InHandInHouse } from '@amber-ladle/core/house';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { useInHand } from './useInHand';

/** What the worker was asked, the newest last. */
const asked: { mask: string; grams: Readonly<Record<string, number>>; within: HeadInHouse | undefined }[] = [];
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    fromInHand: (
      heads: readonly HeadInHouse[],
      mask: Mask,
      grams: Readonly<Record<string, number>>,
      within?: HeadInHouse,
    ): Promise<InHandInHouse> => {
      asked.push({ mask: mask.id, grams, within });
      const serves = heads.map(({ id }) => ({ id, chance: 0.5, over: [] }));
      return Promise.resolve({ serves } as unknown as InHandInHouse);
    },
  }),
}));

const head = (id: string, ageYears: number): Head =>
  ({
    id,
    name: id.toUpperCase(),
    ageYears,
    sensitiveSkin: false,
    profile: { amount: 1 },
    version: 3,
  }) as unknown as Head;
const maskOf = (id: string): Mask => BUILT_IN_MASKS.find((one) => one.id === id)!;
const mask = shallowRef(maskOf('towpath-avocado'));

let hand: ReturnType<typeof useInHand>;
let leave: () => void;
beforeEach(async () => {
  asked.length = 0;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  mask.value = maskOf('towpath-avocado');
  ({ there: hand, leave } = inPage(() => useInHand(mask)));
  know({ heads: [head('ada', 30), head('ike', 4)], masks: BUILT_IN_MASKS });
  await flushPromises();
});
afterEach(() => {
  leave();
});
async function fill(written: Readonly<Record<string, string>>): Promise<void> {
  hand.written.value = { ...written };
  await flushPromises();
}

it('asks for each ingredient of the mask, in pieces where it is counted so', () => {
  const fields = Object.fromEntries(
    hand.fields.value.map(({ ingredient, unit, gramsEach }) => [ingredient.id, [unit, gramsEach]]),
  );
  expect(Object.keys(fields)).toEqual(mask.value.parts.map(({ ingredientId }) => ingredientId));
  // 136 g: a medium one without stone and peel.
  expect(fields['avocado']?.[1]).toBe(136);
  expect(fields['honey']).toEqual(['g', 1]);
});

it('reads what a hand writes, and leaves out what is blank: that is plenty', async () => {
  await fill({ avocado: '1½', honey: '' });
  expect(asked.at(-1)?.grams).toEqual({ avocado: 204 });
  await fill({ avocado: '1,5', honey: ' 30 ' });
  expect(asked.at(-1)?.grams).toEqual({ avocado: 204, honey: 30 });
});

it.each([
  ['no number', 'some'],
  ['nothing', '0'],
  ['more than a kitchen holds', '900'],
])('asks nothing with %s, and says so at the field', async (_, text) => {
  await fill({ avocado: '1' });
  const before = asked.length;
  await fill({ avocado: text, honey: '20' });
  expect(Object.keys(hand.faults.value)).toEqual(['avocado']);
  expect(asked).toHaveLength(before);
  expect(hand.bowl.value).toBeUndefined();
});

it('keeps to the limits of the first head until another is chosen, and hands her years and skin on', async () => {
  await fill({ avocado: '1' });
  expect(asked.at(-1)?.within).toEqual({ id: 'ada', ageYears: 30, sensitiveSkin: false, profile: { amount: 1 } });
  hand.keepTo('ike');
  await flushPromises();
  expect(asked.at(-1)?.within).toMatchObject({ id: 'ike', ageYears: 4 });
  expect(hand.serves.value.map(({ name }) => name)).toEqual(['ADA', 'IKE']);
});

it('begins anew with another mask', async () => {
  await fill({ avocado: '1' });
  mask.value = maskOf('rice-silk');
  await flushPromises();
  expect(hand.written.value).toEqual({});
  expect(hand.bowl.value).toBeUndefined();
});
