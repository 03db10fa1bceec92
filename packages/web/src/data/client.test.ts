import { api } from '@amber-ladle/contract';
import { afterEach, expect, it, vi } from 'vitest';
import { ApiError, call, linkTo } from './client';

afterEach(() => vi.unstubAllGlobals());

const answerWith = (status: number, body: unknown): ReturnType<typeof vi.fn> => {
  const fetch = vi.fn(() =>
    Promise.resolve(new Response(body === undefined ? null : JSON.stringify(body), { status })),
  );
  vi.stubGlobal('fetch', fetch);
  return fetch;
};
const reading = { placeId: 'fridge', celsius: 4, at: '2026-03-14T09:00:00.000Z' };

it('sends JSON and reads JSON', async () => {
  const fetch = answerWith(201, reading);
  expect(await call(api.stock.tellReading, { body: reading })).toEqual(reading);
  expect(fetch).toHaveBeenCalledWith(
    '/api/readings',
    expect.objectContaining({
      method: 'POST',
      body: JSON.stringify(reading),
      headers: { 'Content-Type': 'application/json' },
    }),
  );
});

it('fills in an address and its query, whatever is in them', async () => {
  const fetch = answerWith(200, {});
  await call(api.notes.ofBowl, { params: { id: 'a/b ?' } });
  expect(fetch).toHaveBeenLastCalledWith('/api/bowls/a%2Fb%20%3F/logs', expect.objectContaining({ method: 'GET' }));
  await call(api.notes.list, { query: { headId: 'a&b', limit: 5 } });
  expect(fetch).toHaveBeenLastCalledWith('/api/logs?headId=a%26b&limit=5', expect.anything());
  expect(linkTo(api.photos.picture, { id: 'p', size: 'small' })).toBe('/api/photos/p/small');
});

it('has nothing to read from a 204', async () => {
  answerWith(204, undefined);
  await expect(call(api.heads.remove, { params: { id: '1' } })).resolves.toBeUndefined();
});

it('passes a problem on with its fields', async () => {
  const problem = {
    type: 'urn:amber-ladle:invalid',
    title: 'Look again.',
    status: 422,
    fields: { celsius: 'Say what it shows.' },
  };
  answerWith(422, problem);
  const error = await call(api.stock.tellReading, { body: reading }).catch((thrown: unknown) => thrown);
  expect(error).toBeInstanceOf(ApiError);
  expect((error as ApiError).problem).toEqual(problem);
});

it('says kindly that the server is away, and that nothing is lost', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await expect(call(api.heads.list)).rejects.toThrow('What you entered is still here');
});

it('gives up on a server that never answers', async () => {
  vi.useFakeTimers();
  const timeout = vi.spyOn(AbortSignal, 'timeout').mockImplementation((after) => {
    const stop = new AbortController();
    setTimeout(() => {
      stop.abort();
    }, after);
    return stop.signal;
  });
  vi.stubGlobal(
    'fetch',
    (_: string, { signal }: RequestInit) =>
      new Promise((_resolve, reject) => {
        signal?.addEventListener('abort', () => {
          reject(new DOMException('late', 'TimeoutError'));
        });
      }),
  );
  const asked = expect(call(api.heads.list)).rejects.toMatchObject({ problem: { status: 0 } });
  // A copy that is brought back is gone through whole, and waited for.
  let isGivenUp = false;
  const restoring = call(api.household.restoreBackup, { params: { name: 'n' }, body: { isForReal: true } }).catch(
    () => (isGivenUp = true),
  );
  await vi.advanceTimersByTimeAsync(20_000);
  await asked;
  await vi.advanceTimersByTimeAsync(500_000);
  expect(isGivenUp).toBe(false);
  await vi.advanceTimersByTimeAsync(100_000);
  await restoring;
  expect(isGivenUp).toBe(true);
  timeout.mockRestore();
  vi.useRealTimers();
});

it('survives an error page that is no JSON', async () => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response('<h1>Bad gateway</h1>', { status: 502 }))),
  );
  await expect(call(api.heads.list)).rejects.toMatchObject({ problem: { status: 502 } });
});

it('sends a file as it is, and says kindly when nobody answers', async () => {
  const fetch = answerWith(201, { id: 'p' });
  const picture = new Blob(['x'], { type: 'image/png' });
  const query = { id: 'p', at: '2026-03-14T09:00:00.000Z', moment: 'after', words: '' } as const;
  const params = { id: '1' };
  expect(await call(api.photos.add, { params, query, body: picture })).toEqual({ id: 'p' });
  expect(fetch).toHaveBeenCalledWith(
    '/api/heads/1/photos?id=p&at=2026-03-14T09%3A00%3A00.000Z&moment=after&words=',
    expect.objectContaining({ method: 'POST', headers: { 'Content-Type': 'image/png' }, body: picture }),
  );
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await expect(call(api.household.readFile, { body: new Blob(['{}'], { type: 'application/json' }) })).rejects.toThrow(
    /still here/,
  );
});
