// @vitest-environment happy-dom
import type { BeginDay, Bowl } from '@amber-ladle/contract';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { api } from '@amber-ladle/contract';
import { ApiError, call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { useDayAhead } from './useDayAhead';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const failure = ref('');
vi.mock('./useDayPreview', () => ({ useDayPreview: () => ({ failure }) }));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const bowlOf = (id: string, headId: string, ageYears: number, others: readonly number[] = []): Bowl =>
  ({
    ...{ id, headId, headName: headId, maskName: 'Rice silk', life: { stays: [], wearing: {} } },
    snapshot: {
      head: { id: headId, ageYears },
      others: others.map((age, i) => ({ id: `${headId}-${i}`, ageYears: age })),
      mask: { wear: { minimumMinutes: 20, aimMinutes: 30, limitMinutes: 60 } },
      ingredients: [],
    },
  }) as unknown as Bowl;
const MINE = bowlOf('mine', 'wren', 34);
const HIS = bowlOf('his', 'teo', 6);
const bowl = shallowRef(MINE);
const begun: BeginDay[] = [];
let refusal: Error | undefined;

let ahead: ReturnType<typeof useDayAhead>;
let leave: () => void;
beforeEach(async () => {
  begun.length = 0;
  refusal = undefined;
  [failure.value, bowl.value] = ['', MINE];
  localStorage.clear();
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint === (api.bowls.one as object)) return Promise.resolve(HIS as never);
    if (endpoint === (api.washDays.begin as object)) {
      if (refusal) return Promise.reject(refusal);
      begun.push((wish as { body: BeginDay }).body);
      return Promise.resolve({ id: 'day', steps: [], events: [], order: [] } as never);
    }
    return new Promise(() => undefined);
  });
  know({
    bowls: [
      MINE,
      HIS,
      bowlOf('hers', 'wren', 34),
      { ...bowlOf('gone', 'pip', 9), life: { stays: [], wearing: {}, endedAt: '2026-03-13T10:00:00.000Z' } },
    ] as never,
  });
  const household = useHousehold();
  household.moment = NOW;
  ({ there: ahead, leave } = inPage(() => useDayAhead(bowl)));
  await flushPromises();
});
afterEach(() => {
  leave();
});

it('begins now unless somebody says by when it is to be over, by the household’s own clock', async () => {
  expect(ahead.wish.value).toEqual({ kind: 'start-at', at: new Date(NOW).toISOString() });
  ahead.kind.value = 'rinsed-by';
  ahead.by.value = '18:15';
  await flushPromises();
  expect(ahead.wish.value).toEqual({ kind: 'rinsed-by', at: '2026-03-14T18:15:00.000Z' });
  // What is past today is meant for tomorrow.
  ahead.by.value = '09:00';
  await flushPromises();
  expect(ahead.wish.value.at).toBe('2026-03-15T09:00:00.000Z');
});

it('goes by the last time there was while another is written, and shows that again where the field is left empty', async () => {
  ahead.kind.value = 'rinsed-by';
  ahead.by.value = '18:15';
  await flushPromises();
  ahead.by.value = '';
  await flushPromises();
  expect(ahead.wish.value.at).toBe('2026-03-14T18:15:00.000Z');
  ahead.leaveBy();
  expect(ahead.by.value).toBe('18:15');
});

it('offers as a second bowl what is another head’s and still there', () => {
  expect(ahead.seconds.value.map(({ value }) => value)).toEqual(['his']);
});

it('asks whose turn is first only where children and grown-ups are in it, and remembers the answer', async () => {
  expect(ahead.isFamily.value).toBe(false);
  ahead.childrenFirst.value = true;
  ahead.secondId.value = 'his';
  for (let turns = 0; turns < 3; turns++) await flushPromises();
  expect(ahead.bowls.value.map(({ id }) => id)).toEqual(['mine', 'his']);
  expect(ahead.isFamily.value).toBe(true);
  await ahead.begin();
  expect(begun[0]).toMatchObject({ bowlIds: ['mine', 'his'], childrenFirst: true });
  // Alone it is nobody's turn, whatever was answered once.
  ahead.secondId.value = null;
  for (let turns = 0; turns < 3; turns++) await flushPromises();
  await ahead.begin();
  expect(begun[1]).toMatchObject({ bowlIds: ['mine'], childrenFirst: false });
});

it('forgets the second bowl with another first one', async () => {
  ahead.secondId.value = 'his';
  bowl.value = bowlOf('hers', 'wren', 34);
  await flushPromises();
  expect(ahead.secondId.value).toBeNull();
});

it('begins once, however often it is pressed; not with a fault in it; and says what was refused', async () => {
  const twice = [ahead.begin(), ahead.begin()];
  await Promise.all(twice);
  expect(begun).toHaveLength(1);
  failure.value = 'It has too many steps.';
  await ahead.begin();
  expect(begun).toHaveLength(1);
  failure.value = '';
  refusal = new ApiError({ type: 'about:blank', title: 'No', status: 409, detail: 'A day is under way.' });
  await ahead.begin();
  expect(useNotice().current).toMatchObject({ tone: 'error' });
  expect(ahead.isBeginning.value).toBe(false);
});
