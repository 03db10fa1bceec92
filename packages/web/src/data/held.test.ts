import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { watch } from 'vue';
import type { BowlLife } from '@amber-ladle/contract';
import { ApiError, call } from './client';
import { withHeld } from './heldLife';
import { useHeld, type WearHeld } from './held';
import { useNotice } from './notice';

vi.mock('./client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
const AWAY = new ApiError({ type: 'urn:amber-ladle:unreachable', status: 0, title: 'away' });

const told: { pressId?: string; secondsAgo?: number; afterPressId?: string }[] = [];
let isAway = false;
beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  told.length = 0;
  isAway = false;
  vi.mocked(call).mockImplementation((_endpoint, wish) => {
    if (isAway) return Promise.reject(AWAY);
    const { body } = wish as { body: { pressId: string; isCapOn?: boolean } };
    if (body.isCapOn === false) return Promise.reject(new ApiError({ type: 'x', status: 422, title: 'no' }));
    told.push(body);
    return Promise.resolve({ bowlId: 'b' } as never);
  });
});
afterEach(() => {
  vi.useRealTimers();
});
const press = (pressId: string, more: Partial<WearHeld['body']> = {}): Omit<WearHeld, 'kind' | 'after'> => ({
  pressId,
  pressedAt: Date.now(),
  bowlId: 'b',
  body: { headId: 'h', ...more },
});

it('holds presses while the server is away, tells them in order when it is back, and how long ago each was', async () => {
  const held = useHeld();
  isAway = true;
  const answers = [held.tellWear(press('one')), held.tellWear(press('two', { isRinsed: true }))];
  await vi.advanceTimersByTimeAsync(60_000);
  expect(told).toEqual([]);
  expect(held.count).toBe(2);
  isAway = false;
  await vi.advanceTimersByTimeAsync(3000);
  await Promise.all(answers);
  expect(told.map(({ pressId }) => pressId)).toEqual(['one', 'two']);
  for (const { secondsAgo } of told) expect(secondsAgo).toBeGreaterThanOrEqual(59);
  expect(held.count).toBe(0);
});

it('says which press came before, of what is told of one bowl while nobody is heard', async () => {
  const held = useHeld();
  isAway = true;
  const now = Date.now();
  const answers = [
    held.tellWear(press('one')),
    held.tellWear({ ...press('elsewhere'), bowlId: 'c' }),
    held.tellWear(press('two')),
    held.tellWear({ ...press('half an hour ago'), pressedAt: now - 1_800_000 }),
  ];
  await vi.advanceTimersByTimeAsync(60_000);
  isAway = false;
  await vi.advanceTimersByTimeAsync(3000);
  await Promise.all(answers);
  expect(told.map(({ afterPressId }) => afterPressId)).toEqual([undefined, undefined, 'one', undefined]);
});

it('lets go of a press only once its answer is known, so that no screen goes back for a moment', async () => {
  const held = useHeld();
  const seen: string[] = [];
  watch(
    () => held.count,
    (count) => seen.push(`${count} held`),
    { flush: 'sync' },
  );
  await held.tellWear(press('one'), ({ bowlId }) => seen.push(`knows ${bowlId}`));
  expect(seen).toEqual(['1 held', 'knows b', '0 held']);
});

it('lets go of what is refused, says so to whoever pressed it, and goes on with the next', async () => {
  const held = useHeld();
  const refused = held.tellWear(press('no', { isCapOn: false })).catch((error: unknown) => error);
  const next = held.tellWear(press('yes'));
  await vi.advanceTimersByTimeAsync(10);
  expect(await refused).toBeInstanceOf(ApiError);
  await next;
  expect(told.map(({ pressId }) => pressId)).toEqual(['yes']);
  expect(useNotice().open).toBe(false);
  expect(held.count).toBe(0);
});

describe('a bowl as it will be once held presses are told', () => {
  const life: BowlLife = {
    bowlId: 'b',
    madeAt: '',
    isDrawn: false,
    startShare: 0,
    stays: [],
    wearing: {},
    decisions: [],
  };
  const at = '2026-03-01T09:00:00.000Z';
  const after = (...bodies: Partial<WearHeld['body']>[]) =>
    withHeld(
      life,
      bodies.map((body) => ({ kind: 'wear', ...press('p', body), pressedAt: Date.parse(at) })),
    ).wearing['h'];

  it('has sections, cap and rinse as they were tapped, and taken back', () => {
    const front = { section: { id: 'front-left', isDone: true } };
    expect(after(front, front)).toEqual({ sectionsDone: ['front-left'] });
    expect(after(front, { section: { id: 'front-left', isDone: false } })).toEqual({ sectionsDone: [] });
    expect(after(front, { isCapOn: true })).toEqual({ sectionsDone: ['front-left'], wornFrom: at });
    expect(after({ isCapOn: true }, { isCapOn: false })).toEqual({ sectionsDone: [] });
    expect(after({ isRinsed: true, rinsedWhy: 'burning' })).toEqual({
      sectionsDone: [],
      wornFrom: at,
      rinsedAt: at,
      rinsedWhy: 'burning',
    });
    expect(after({ isRinsed: true, rinsedWhy: 'burning' }, { isRinsed: false })).toEqual({
      sectionsDone: [],
      wornFrom: at,
    });
    // What was rinsed is put on anew.
    expect(after(front, { isRinsed: true }, { isCapOn: true })).toEqual({ sectionsDone: [], wornFrom: at });
  });

  it('has what was seen half-way until the next section, and the length that was chosen, of which no head has anything on', () => {
    const [front, back] = ['front-left', 'back-left'].map((id) => ({ section: { id, isDone: true } }));
    expect(after({ ...front }, { leftShare: 0.5 })).toEqual({ sectionsDone: ['front-left'], leftShare: 0.5 });
    expect(after({ ...front }, { leftShare: 0.5 }, { ...back })).toEqual({ sectionsDone: ['front-left', 'back-left'] });
    const nape = { felt: { id: 'nape-left', isCoated: true } };
    expect(after(nape, nape)).toEqual({ sectionsDone: [], coatedStill: ['nape-left'] });
    expect(after(nape, { felt: { id: 'nape-left', isCoated: false } })).toEqual({ sectionsDone: [] });
    const chosen = withHeld(life, [{ kind: 'wear', ...press('p', { wearAimMinutes: 30 }) }]);
    expect(chosen).toEqual({ ...life, wearAimMinutes: 30 });
  });
});

it('holds what came home from the shop, as it was, and knows which line of the list it ticks off', async () => {
  const held = useHeld();
  isAway = true;
  const change = { id: 'c', note: '', lots: [], movements: [] };
  const take = vi.fn();
  const answer = held.tellBought({ pressId: 'c', pressedAt: Date.now(), line: '2026-03-14 honey', change }, take);
  await vi.advanceTimersByTimeAsync(60_000);
  expect([...held.bought]).toEqual(['2026-03-14 honey']);
  expect(take).not.toHaveBeenCalled();
  isAway = false;
  await vi.advanceTimersByTimeAsync(3000);
  await answer;
  expect(told).toEqual([change]);
  expect(take).toHaveBeenCalledOnce();
  expect([...held.bought]).toEqual([]);
});
