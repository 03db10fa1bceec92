// @vitest-environment happy-dom
import type { DayPress, WashDay } from '@amber-ladle/contract';
import { message } from '@amber-ladle/core/message';
import { forward, planOf, step, type DayEvent, type DayOptions, type RunningDay } from '@amber-ladle/core/washday';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ApiError, call } from '../data/client';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { useRunningDay, type RunningDayOnScreen } from './useRunningDay';

const MINUTE = 60_000;
const NOW = Date.parse('2026-03-14T09:30:00Z');
/** How often a plan was asked for, and presses as the server was told of them. */
const planned = { times: 0 };
const told: DayPress[] = [];
let refusal: Error | undefined;
vi.mock('../data/planning', () => ({
  planning: () => ({
    plan: (day: RunningDay, options: DayOptions) => {
      planned.times++;
      return Promise.resolve(planOf(day, options));
    },
    forward: (day: RunningDay, options: DayOptions) => Promise.resolve(forward(day, options)),
  }),
}));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));

const title = message('cap.ratio');
const STEPS = [
  step({ id: 'chop', kind: 'prepare', title, handsOnMinutes: 5 }),
  step({ id: 'boil', kind: 'prepare', title, handsOnMinutes: 2, waitMinutes: 20, after: [{ stepId: 'chop' }] }),
  step({ id: 'comb', kind: 'prepare', title, handsOnMinutes: 4 }),
  step({ id: 'stir', kind: 'prepare', title, handsOnMinutes: 3, after: [{ stepId: 'boil' }, { stepId: 'comb' }] }),
];
let day: WashDay;
let running: RunningDayOnScreen;
let leave: () => void;
const settled = async (): Promise<void> => {
  for (let turns = 0; turns < 4; turns++) await flushPromises();
};

beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'], now: NOW });
  planned.times = told.length = 0;
  refusal = undefined;
  localStorage.clear();
  forget();
  setActivePinia(createPinia());
  day = {
    id: 'day',
    bowlIds: ['bowl'],
    wish: { kind: 'start-at', at: new Date(NOW).toISOString() },
    rings: 1,
    steps: STEPS,
    order: STEPS.map(({ id }) => id),
    leastWear: {},
    startedAt: new Date(NOW).toISOString(),
    events: [],
  };
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint.method === 'GET') return Promise.resolve({ day } as never);
    const { body } = wish as { body: DayPress };
    if (refusal) return Promise.reject(refusal);
    told.push(body);
    const at = new Date().toISOString();
    const events = body.moves.map((move, i): DayEvent => ({
      ...move,
      id: `${body.pressId}.${i}`,
      pressId: body.pressId,
      at,
    }));
    day = { ...day, order: [...body.order], events: [...day.events, ...events] };
    return Promise.resolve(day as never);
  });
  know({ day });
  ({ there: running, leave } = inPage(useRunningDay));
  await settled();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});
const said = (): string[] => told.flatMap(({ moves }) => moves.map(({ kind, stepId }) => `${kind} ${stepId}`));
async function press(): Promise<void> {
  await running.forward();
  await settled();
}
async function after(minutes: number): Promise<void> {
  vi.setSystemTime(Date.now() + minutes * MINUTE);
  vi.advanceTimersByTime(1000);
  await settled();
}

it('is about the first step, then about what is in hand; what follows begins by itself', async () => {
  expect(running.focus.value).toEqual({ kind: 'next', stepId: 'chop' });
  await press();
  expect(running.step.value?.id).toBe('chop');
  expect(running.focus.value?.kind).toBe('hands');
  expect(running.upcoming.value.map(({ step: { id } }) => id)).toEqual(['boil', 'comb']);
  await press();
  expect(said()).toEqual(['begin chop', 'done chop', 'begin boil']);
  await press();
  // The pot is left to itself and the comb taken up.
  expect(said().slice(3)).toEqual(['hands-off boil', 'begin comb']);
  expect(running.waits.value.map(({ step: { id } }) => id)).toEqual(['boil']);
});

it('takes two quick presses as two things, one after the other', async () => {
  void running.forward();
  void running.forward();
  await settled();
  expect(said()).toEqual(['begin chop', 'done chop', 'begin boil']);
});

it('takes the last press back, with all that it began', async () => {
  await press();
  await press();
  await running.back();
  await settled();
  expect(said().at(-1)).toMatch(/^undo/);
  expect(running.focus.value).toEqual({ kind: 'hands', stepId: 'chop' });
  await running.back();
  await settled();
  expect(running.focus.value).toEqual({ kind: 'next', stepId: 'chop' });
  // There is nothing before the first.
  const before = told.length;
  await running.back();
  await settled();
  expect(told).toHaveLength(before);
});

it('calls the pot once it has had its time, and is over after the last step', async () => {
  for (let presses = 0; presses < 4; presses++) await press();
  expect(running.focus.value).toEqual({ kind: 'waiting', stepId: 'boil' });
  await after(21);
  expect(running.focus.value).toEqual({ kind: 'due', stepId: 'boil' });
  await press();
  await press();
  expect(running.focus.value?.kind).toBe('finished');
  expect(running.step.value).toBeUndefined();
  const before = told.length;
  await press();
  expect(told).toHaveLength(before);
});

it('is planned anew every twenty seconds and after what others told, and never twice for the same', async () => {
  const begun = planned.times;
  await press();
  // The press brought its own plan.
  expect(planned.times).toBe(begun);
  await after(1);
  expect(planned.times).toBe(begun + 1);
  vi.advanceTimersByTime(3000);
  await settled();
  expect(planned.times).toBe(begun + 1);
  day = {
    ...day,
    events: [...day.events, { id: 'x', pressId: 'x', kind: 'done', stepId: 'chop', at: new Date().toISOString() }],
  };
  know({ day });
  await settled();
  expect(planned.times).toBe(begun + 2);
});

it('says what was refused and shows the day as the server has it', async () => {
  refusal = new ApiError({ type: 'about:blank', title: 'No', status: 422, detail: 'The day is over.' });
  await press();
  expect(useNotice().current?.tone).toBe('error');
  expect(running.focus.value).toEqual({ kind: 'next', stepId: 'chop' });
});

it('will not count hair as worn before its least time, and lets it out from then on', async () => {
  day = {
    ...day,
    steps: [step({ id: 'wear', kind: 'wear', title, handsOnMinutes: 1, waitMinutes: 30, headId: 'wren' })],
    order: ['wear'],
    leastWear: { wren: 15 },
  };
  know({ day });
  await settled();
  await press();
  await press();
  expect(running.focus.value).toEqual({ kind: 'waiting', stepId: 'wear' });
  expect(running.canGo.value).toBe(false);
  await after(10);
  expect(running.canGo.value).toBe(false);
  await after(6);
  expect(running.canGo.value).toBe(true);
});
