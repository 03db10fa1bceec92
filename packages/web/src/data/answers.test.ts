import 'fake-indexeddb/auto';
import { api } from '@amber-ladle/contract';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { forgetAnswers, keepAnswers, lastAnswer } from './answers';
import { call } from './client';
import { answered, isAway, onReturn, shownFrom } from './reach';

const fetched = vi.fn<(address: string, init?: RequestInit) => Promise<Response>>();
const answer = (body: unknown, status = 200): void => {
  fetched.mockImplementation(() => Promise.resolve(new Response(JSON.stringify(body), { status })));
};
const away = (): void => {
  fetched.mockImplementation(() => Promise.reject(new TypeError('away')));
};
const asleep = (): void => {
  fetched.mockImplementation(
    (_address, init) =>
      new Promise((_, reject) => {
        init?.signal?.addEventListener('abort', () => {
          reject(new Error('timeout'));
        });
      }),
  );
};
beforeEach(async () => {
  vi.stubGlobal('fetch', fetched);
  answered();
  await forgetAnswers();
  await keepAnswers(true);
});
afterEach(() => {
  answered();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

it('shows what was answered last while nobody answers, and says so, until somebody does', async () => {
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  away();
  expect(await call(api.heads.list)).toEqual([{ id: 'wren' }]);
  expect(isAway.value).toBe(true);
  expect(shownFrom.value).toBeGreaterThan(0);
  const back = vi.fn();
  onReturn(back);
  answer([{ id: 'wren' }, { id: 'juno' }]);
  expect(await call(api.heads.list)).toHaveLength(2);
  expect({ isAway: isAway.value, told: back.mock.calls.length }).toEqual({ isAway: false, told: 1 });
});

it('waits no twenty seconds for a machine that sleeps', async () => {
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  asleep();
  const began = performance.now();
  expect(await call(api.heads.list)).toEqual([{ id: 'wren' }]);
  // Five for the answer, two and a half to see whether anybody is there.
  expect(performance.now() - began).toBeLessThan(9000);
  const again = performance.now();
  await call(api.heads.list);
  expect(performance.now() - again).toBeLessThan(4500);
}, 20_000);

it('asks by itself until somebody answers', async () => {
  // The store beside goes by timers of its own.
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
  away();
  await expect(call(api.heads.list)).rejects.toThrow('still here');
  expect(isAway.value).toBe(true);
  answer({ ok: true });
  await vi.advanceTimersByTimeAsync(3500);
  expect(isAway.value).toBe(false);
});

it('never keeps secrets of the door, nor what is written', async () => {
  answer({ path: '/calendar/secret.ics' });
  await call(api.door.calendar);
  await call(api.door.state);
  await call(api.household.backups);
  for (const path of ['/api/door/calendar', '/api/door', '/api/backups'])
    expect(await lastAnswer(path)).toBeUndefined();
  away();
  await expect(call(api.door.state)).rejects.toThrow();
  await expect(call(api.heads.remove, { params: { id: 'wren' } })).rejects.toThrow();
});

it('takes no refusal for an answer, and shows it as it is', async () => {
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  answer({ type: 'urn:amber-ladle:internal', title: 'no', status: 500 }, 500);
  await expect(call(api.heads.list)).rejects.toThrow('no');
  away();
  expect(await call(api.heads.list)).toEqual([{ id: 'wren' }]);
});

it('keeps nothing once it is not wished, or once the device is put out', async () => {
  const gone = vi.fn();
  vi.stubGlobal('location', { assign: gone });
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  answer({ type: 'urn:amber-ladle:no-key', title: 'no key', status: 401 }, 401);
  await expect(call(api.heads.list)).rejects.toThrow('no key');
  expect(gone).toHaveBeenCalledWith('/join');
  expect(await lastAnswer('/api/heads')).toBeUndefined();
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  await keepAnswers(false);
  expect(await lastAnswer('/api/heads')).toBeUndefined();
});

it('lets go of what nobody asked for in two months, and of nothing else', async () => {
  vi.useFakeTimers({ toFake: ['Date'] });
  answer([{ id: 'wren' }]);
  await call(api.heads.list);
  await new Promise((resolve) => setTimeout(resolve, 400));
  vi.setSystemTime(Date.now() + 40 * 24 * 3600_000);
  await call(api.masks.list);
  await new Promise((resolve) => setTimeout(resolve, 400));
  vi.setSystemTime(Date.now() + 30 * 24 * 3600_000);
  await keepAnswers(true);
  expect(await lastAnswer('/api/heads')).toBeUndefined();
  expect(await lastAnswer('/api/masks')).toBeDefined();
});
