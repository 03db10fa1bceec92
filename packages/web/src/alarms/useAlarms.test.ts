// @vitest-environment happy-dom
import type { RunningBowl } from '../day';
import { message } from '@amber-ladle/core/message';
import { step } from '@amber-ladle/core/washday';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { call } from '../data/client';
import { forget, inPage } from '../data/testing';
import { useAlarms } from './useAlarms';

const MINUTE = 60_000;
const NOW = Date.parse('2026-03-14T09:30:00Z');
const second = ref(NOW);
const bowls = shallowRef<readonly RunningBowl[]>([]);
const waits = shallowRef<readonly object[]>([]);
const rung: number[] = [];
const shown: { title: string; tag: string }[] = [];
vi.mock('../day', () => ({
  useRunningDay: () => ({ store: { day: { id: 'day' } }, waits }),
  useRunningBowls: () => ({ bowls, second }),
}));
vi.mock('./bell', () => ({ useBell: () => ({ isReady: ref(true), ring: (loudness: number) => rung.push(loudness) }) }));
vi.mock('vue-router', () => ({ useRouter: () => ({ currentRoute: shallowRef({ meta: { title: 'Shelf' } }) }) }));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
const visibility = ref('visible');
vi.mock('@vueuse/core', async (original) => ({
  ...(await original<object>()),
  useDocumentVisibility: () => visibility,
  usePermission: () => ref('granted'),
  useWebNotification: () => ({
    isSupported: ref(true),
    permissionGranted: ref(true),
    ensurePermissions: () => Promise.resolve(),
    onClick: () => undefined,
    show: (one: { title: string; tag: string }) => {
      shown.push(one);
      return Promise.resolve();
    },
  }),
}));

const pot = (id: string, endsAt: number, kind: 'prepare' | 'wear' = 'prepare') => ({
  planned: { stepId: id, endsAt },
  step: step({ id, kind, title: message('cap.scent-none') }),
});
/** A bowl on a head, on for so many minutes of thirty to an hour. */
const worn = (minutes: number): RunningBowl =>
  ({
    summary: { id: 'bowl', maskName: 'Rice silk' },
    budget: undefined,
    worn: [
      {
        headId: 'wren',
        name: 'Wren',
        state: {
          elapsedMinutes: minutes,
          aimAt: NOW + (30 - minutes) * MINUTE,
          limitAt: NOW + (60 - minutes) * MINUTE,
        },
      },
    ],
  }) as unknown as RunningBowl;

let alarms: ReturnType<typeof useAlarms>;
let leave: () => void;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
  rung.length = shown.length = 0;
  [second.value, bowls.value, waits.value, visibility.value] = [NOW, [], [], 'visible'];
  localStorage.clear();
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  ({ there: alarms, leave } = inPage(useAlarms));
  await flushPromises();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

it('is quiet while nothing is due', async () => {
  waits.value = [pot('boil', NOW + MINUTE)];
  await flushPromises();
  expect(alarms.calling.value).toBeUndefined();
  expect(rung).toEqual([]);
  expect(document.title).not.toMatch(/^!/);
});

it('rings for a pot until it is answered, a little louder each time and no louder than it may be', async () => {
  waits.value = [pot('boil', NOW)];
  await flushPromises();
  expect(rung).toEqual([0.15]);
  vi.advanceTimersByTime(12 * 8000);
  expect(rung).toHaveLength(13);
  expect([...rung].sort((a, b) => a - b)).toEqual(rung);
  expect(rung[1]).toBeGreaterThan(rung[0]!);
  expect(rung.at(-1)).toBeCloseTo(0.7, 9);
  expect(document.title).toMatch(/^! .* · Amber Ladle$/);

  alarms.answer(alarms.calling.value!);
  await flushPromises();
  vi.advanceTimersByTime(60_000);
  expect(rung).toHaveLength(13);
  expect(document.title).toMatch(/^Shelf/);
  // It is due still, and read wherever it stands.
  expect(alarms.due.value).toHaveLength(1);
});

it('begins softly again with the next thing, and a mask at its limit goes before a pot', async () => {
  waits.value = [pot('boil', NOW)];
  await flushPromises();
  vi.advanceTimersByTime(4 * 8000);
  bowls.value = [worn(61)];
  await flushPromises();
  expect(alarms.calling.value).toMatchObject({ kind: 'wear-limit', headId: 'wren' });
  expect(rung.at(-1)).toBe(0.15);
  alarms.answer(alarms.calling.value!);
  await flushPromises();
  expect(alarms.calling.value?.kind).toBe('pot');
});

it('calls at the aim and anew at the limit, since they are two things', async () => {
  bowls.value = [worn(31)];
  await flushPromises();
  expect(alarms.calling.value?.kind).toBe('wear-aim');
  alarms.answer(alarms.calling.value!);
  await flushPromises();
  expect(alarms.calling.value).toBeUndefined();
  bowls.value = [worn(60)];
  await flushPromises();
  expect(alarms.calling.value?.kind).toBe('wear-limit');
});

it('leaves a mask on a head to its head: it is no pot as well', async () => {
  waits.value = [pot('wear', NOW - MINUTE, 'wear')];
  await flushPromises();
  expect(alarms.due.value).toEqual([]);
});

it('is quiet after a reload about what was answered before', async () => {
  waits.value = [pot('boil', NOW)];
  await flushPromises();
  alarms.answer(alarms.calling.value!);
  await flushPromises();
  leave();
  ({ there: alarms, leave } = inPage(useAlarms));
  await flushPromises();
  expect(alarms.due.value).toHaveLength(1);
  expect(alarms.calling.value).toBeUndefined();
});

it('tells a locked screen, and one that is looked at by its page alone', async () => {
  waits.value = [pot('boil', NOW)];
  await flushPromises();
  expect(shown).toEqual([]);
  visibility.value = 'hidden';
  waits.value = [pot('boil', NOW), pot('soak', NOW - MINUTE)];
  await flushPromises();
  expect(shown.map(({ tag }) => tag)).toEqual([`pot day soak ${NOW - MINUTE}`]);
});

it('can be tried without anything being due', () => {
  alarms.tryIt();
  expect(rung).toHaveLength(1);
  expect(rung[0]).toBeGreaterThan(0.15);
});
