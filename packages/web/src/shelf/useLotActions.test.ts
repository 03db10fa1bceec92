// @vitest-environment happy-dom
import type { StockChange } from '@amber-ladle/contract';
import type { Lot } from '@amber-ladle/core/shelf';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { forget, know } from '../data/testing';
import { useLotActions } from './useLotActions';

const sent: { body?: StockChange }[] = [];
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: (_endpoint: unknown, input: { body?: StockChange } = {}) => {
    if (!input.body) return new Promise(() => undefined);
    sent.push(input);
    return Promise.resolve({ lots: [] });
  },
}));

const SINCE = '2026-03-13T09:00:00.000Z';
const pack = (ingredientId: string): Lot => ({
  id: ingredientId,
  ingredientId,
  state: 'whole',
  since: SINCE,
  grams: 400,
  label: '',
  stays: [{ placeId: 'counter', from: SINCE }],
  touches: [],
});

beforeEach(() => {
  forget();
  sent.length = 0;
  setActivePinia(createPinia());
  const household = useHousehold();
  const places = [
    { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20, version: 1 },
    { id: 'cold', name: 'Small fridge', kind: 'fridge', celsius: 4, version: 1 },
  ];
  household.climate = { ...household.climate, places: places as never };
  know({ lots: [pack('coconut-milk'), pack('honey')] });
});

it('puts an opened tin into the cold, where it has days and not two hours, and says so', async () => {
  await useLotActions().open(pack('coconut-milk'));
  expect(sent[0]?.body?.movements).toEqual([
    { lotId: 'coconut-milk', kind: 'open', grams: 0, state: 'opened', placeId: 'cold' },
  ]);
  expect(useNotice().current?.text).toContain('Small fridge');
});

it('leaves an opened jar of honey where it stands', async () => {
  await useLotActions().open(pack('honey'));
  expect(sent[0]?.body?.movements).toEqual([{ lotId: 'honey', kind: 'open', grams: 0, state: 'opened' }]);
  expect(useNotice().current?.text).not.toContain('Small fridge');
});
