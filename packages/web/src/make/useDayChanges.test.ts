import { aDay } from '@amber-ladle/core/testing';
import type { DayMove, PlanStep } from '@amber-ladle/core/washday';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { useDayChanges } from './useDayChanges';

const began: readonly PlanStep[] = aDay('rice-silk');
const store = { day: { steps: began, events: [] as object[] }, begun: { steps: began } };
vi.mock('../data/washday', () => ({ useWashDay: () => store }));

const told: DayMove[] = [];
const changes = () =>
  useDayChanges({
    plan: shallowRef(undefined),
    tell: (moves) => {
      told.push(...moves);
      return Promise.resolve();
    },
  });
beforeEach(() => {
  setActivePinia(createPinia());
  told.length = 0;
  store.day = { steps: began, events: [] };
});

it('offers what is still to come: to leave out what the day can do without, and no other time under the cap', () => {
  store.day.events = [{ kind: 'begin', stepId: 'ada.detangle', id: 'e', pressId: 'p', at: '2026-03-01T09:00:00Z' }];
  const { toCome } = changes();
  const rows = new Map(toCome.value.map((row) => [row.step.id, row]));
  expect(rows.has('ada.detangle')).toBe(false);
  expect(rows.get('ada.section')).toMatchObject({ mayLeaveOut: true, hasWait: true });
  expect(rows.get('ada.wear')).toMatchObject({ mayLeaveOut: false, hasWait: false });
});

it('lists what is left out, to be taken in again', () => {
  store.day.steps = began.filter(({ id }) => id !== 'ada.section');
  const { leftOut, edit } = changes();
  expect(leftOut.value.map(({ id }) => id)).toEqual(['ada.section']);
  edit('ada.section', { isLeftOut: false });
  expect(told).toEqual([{ kind: 'edit', stepId: 'ada.section', edit: { isLeftOut: false } }]);
});

it('adds a step that has a name, before another one or at the end, and begins a blank one', () => {
  const { draft, canAdd, add } = changes();
  add();
  expect([told, canAdd.value]).toEqual([[], false]);
  draft.value = { title: '  Feed the cat ', handsOnMinutes: 3, waitMinutes: 0, beforeId: 'ada.apply' };
  add();
  expect(told).toMatchObject([
    { kind: 'add', added: { title: 'Feed the cat', handsOnMinutes: 3, waitMinutes: 0, beforeId: 'ada.apply' } },
  ]);
  expect(draft.value).toEqual({ title: '', handsOnMinutes: 5, waitMinutes: 0, beforeId: null });
  draft.value.title = 'Tea';
  add();
  expect(told[1]?.added).not.toHaveProperty('beforeId');
});
