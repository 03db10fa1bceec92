import { afterEach, expect, it, vi } from 'vitest';
import { ApiError, ask, sendFile } from './client';

afterEach(() => vi.unstubAllGlobals());

const answerWith = (status: number, body: unknown): ReturnType<typeof vi.fn> => {
  const fetch = vi.fn(() =>
    Promise.resolve(new Response(body === undefined ? null : JSON.stringify(body), { status })),
  );
  vi.stubGlobal('fetch', fetch);
  return fetch;
};

it('sends JSON and reads JSON', async () => {
  const fetch = answerWith(200, { fine: true });
  expect(await ask('POST', '/heads', { name: 'Wren' })).toEqual({ fine: true });
  expect(fetch).toHaveBeenCalledWith('/api/heads', {
    method: 'POST',
    body: '{"name":"Wren"}',
    headers: { 'Content-Type': 'application/json' },
  });
});

it('has nothing to read from a 204', async () => {
  answerWith(204, undefined);
  expect(await ask('DELETE', '/heads/1')).toBeUndefined();
});

it('passes a problem on with its fields', async () => {
  const problem = {
    type: 'urn:amber-ladle:invalid',
    title: 'Look again.',
    status: 422,
    fields: { name: 'Give a name.' },
  };
  answerWith(422, problem);
  const error = await ask('POST', '/heads', {}).catch((thrown: unknown) => thrown);
  expect(error).toBeInstanceOf(ApiError);
  expect((error as ApiError).problem).toEqual(problem);
});

it('says kindly that the server is away, and that nothing is lost', async () => {
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => Promise.reject(new TypeError('Failed to fetch'))),
  );
  await expect(ask('GET', '/heads')).rejects.toThrow('What you entered is still here');
});

it('survives an error page that is no JSON', async () => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response('<h1>Bad gateway</h1>', { status: 502 }))),
  );
  await expect(ask('GET', '/heads')).rejects.toMatchObject({ problem: { status: 502 } });
});

it('sends a file as it is, and says kindly when nobody answers', async () => {
  const fetch = answerWith(201, { id: 'p' });
  const picture = new Blob(['x']);
  expect(await sendFile('/heads/1/photos', 'image/png', picture)).toEqual({ id: 'p' });
  expect(fetch).toHaveBeenCalledWith('/api/heads/1/photos', {
    method: 'POST',
    headers: { 'Content-Type': 'image/png' },
    body: picture,
  });
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await expect(sendFile('/files/household', 'application/json', '{}')).rejects.toThrow(/still here/);
});
