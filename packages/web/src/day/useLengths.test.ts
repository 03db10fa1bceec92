// @vitest-environment happy-dom
import type { Bowl } from '@amber-ladle/contract';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS, type Mask, type WearTime } from '@amber-ladle/core/mask';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { useNotice } from '../data/notice';
import { forget, know } from '../data/testing';
import { useLengths } from './useLengths';

const told: { bowlId: string; body: object }[] = [];
let refusal: Error | undefined;
const waiting: object[] = [];
vi.mock('../data/held', () => ({
  useHeld: () => ({
    ofBowl: () => waiting,
    tellWear: (press: { bowlId: string; body: object }) => {
      told.push({ bowlId: press.bowlId, body: press.body });
      return refusal ? Promise.reject(refusal) : Promise.resolve();
    },
  }),
}));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));

const wear = (aimMinutes: number): WearTime => ({ minimumMinutes: 20, aimMinutes, limitMinutes: aimMinutes + 60 });
const MASK = BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')!;
/** A bowl that may be worn so long, of what is in it. */
function bowlOf(mask: Partial<Mask>, ingredientIds: readonly string[] = ['olive-oil'], wearAimMinutes?: number): Bowl {
  return {
    id: 'bowl',
    snapshot: {
      head: { id: 'ada' },
      mask: { ...MASK, ...mask },
      ingredients: ingredientIds.map((id) => CATALOGUE.get(id)!),
    },
    life: { stays: [], wearing: {}, ...(wearAimMinutes === undefined ? {} : { wearAimMinutes }) },
  } as unknown as Bowl;
}
const bowl = shallowRef<Bowl>();
const minutes = ({ wear: { aimMinutes } }: { wear: WearTime }): number => aimMinutes;

let asked: ReturnType<typeof useLengths>;
beforeEach(() => {
  told.length = waiting.length = 0;
  refusal = undefined;
  forget();
  setActivePinia(createPinia());
  know({ masks: BUILT_IN_MASKS });
  bowl.value = undefined;
  asked = useLengths(bowl);
});

it('asks nothing where the mask has one length', () => {
  bowl.value = bowlOf({ wear: wear(45), otherWears: [] });
  expect(asked.lengths.value).toEqual([]);
  expect(asked.stopped.value).toEqual([]);
});

it('offers the lengths of the mask, the shortest first, with the one that it is worn by', () => {
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(480), wear(30)] });
  expect(asked.lengths.value.map(minutes)).toEqual([30, 60, 480]);
  expect(asked.lengths.value.map(({ isChosen }) => isChosen)).toEqual([false, true, false]);
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(30)] }, [], 30);
  expect(asked.lengths.value.map(({ isChosen }) => isChosen)).toEqual([true, false]);
});

it('says what does not last the night on a head, and what stops it', () => {
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(30)] }, ['olive-oil', 'egg-yolk']);
  expect(asked.stopped.value.map(minutes)).toEqual([480]);
  // Oil alone may stay on all night.
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(30)] }, ['olive-oil']);
  expect(asked.stopped.value).toEqual([]);
  // What may be worn all night is not asked about twice.
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(480)] }, ['egg-yolk']);
  expect(asked.stopped.value).toEqual([]);
});

it('tells for whom a length was chosen, and says why it was not taken', async () => {
  asked.choose(30);
  expect(told).toEqual([]);
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(30)] });
  asked.choose(30);
  expect(told).toEqual([{ bowlId: 'bowl', body: { wearAimMinutes: 30, headId: 'ada' } }]);
  refusal = new Error('Nobody answers.');
  asked.choose(60);
  await vi.waitFor(() => {
    expect(useNotice().current?.text).toContain('Nobody answers.');
  });
});

it('goes by what was just pressed, before the server knows it', () => {
  waiting.push({ pressId: 'p', pressedAt: 1, bowlId: 'bowl', body: { wearAimMinutes: 30, headId: 'ada' } });
  bowl.value = bowlOf({ wear: wear(60), otherWears: [wear(30)] });
  expect(asked.lengths.value.filter(({ isChosen }) => isChosen).map(minutes)).toEqual([30]);
});
