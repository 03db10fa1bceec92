import { DEFAULT_SETTINGS } from '@amber-ladle/contract';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());

const api = () => request(house.app);
const newHead = async () =>
  (await api().post('/api/heads').send(aHead).expect(201)).body as { id: string; version: number };

describe('heads', () => {
  it('are made, read, changed, removed and brought back', async () => {
    const { id } = await newHead();
    const read = await api().get(`/api/heads/${id}`).expect(200);
    expect(read.body).toMatchObject({ ...aHead, version: 1, createdAt: expect.stringMatching(/^2026-03-14T09:00/) });
    const changed = await api()
      .put(`/api/heads/${id}`)
      .send({ ...aHead, name: 'Wren II', version: 1 })
      .expect(200);
    expect(changed.body).toMatchObject({ name: 'Wren II', version: 2 });
    await api().delete(`/api/heads/${id}`).expect(204);
    await api().get(`/api/heads/${id}`).expect(404);
    expect((await api().get('/api/heads')).body).toEqual([]);
    await api().post(`/api/heads/${id}/restore`).expect(200);
    expect((await api().get('/api/heads')).body).toHaveLength(1);
  });

  it('answer a stale change with 409 and the current row, and keep it', async () => {
    const { id } = await newHead();
    await api()
      .put(`/api/heads/${id}`)
      .send({ ...aHead, name: 'First', version: 1 })
      .expect(200);
    const late = await api()
      .put(`/api/heads/${id}`)
      .send({ ...aHead, name: 'Second', version: 1 })
      .expect(409);
    expect(late.headers['content-type']).toContain('application/problem+json');
    expect(late.body).toMatchObject({ type: 'urn:amber-ladle:stale', current: { name: 'First', version: 2 } });
    expect((await api().get(`/api/heads/${id}`)).body.name).toBe('First');
  });

  it.each([0, 900, 'long', null, -4])('refuse a length of %j by name and store nothing', async (length) => {
    const bad = { ...aHead, profile: { ...aHead.profile, stretchedLengthCentimetres: length } };
    const { body } = await api().post('/api/heads').send(bad).expect(422);
    expect(Object.keys(body.fields)).toContain('profile.stretchedLengthCentimetres');
    expect(JSON.stringify(body)).not.toMatch(/at .*\.ts|node_modules/);
    expect((await api().get('/api/heads')).body).toEqual([]);
  });
});

describe('bowls', () => {
  it('are sized by the server and never change when head or settings do', async () => {
    const head = await newHead();
    const kept = (await api().post('/api/bowls').send(aBowl(head.id)).expect(201)).body;
    expect(kept.snapshot.sized.madeMillilitres).toBeGreaterThan(kept.snapshot.sized.needMillilitres - 1e-6);
    expect(kept.snapshot.sized.lines).toHaveLength(4);
    const longer = { ...aHead, profile: { ...aHead.profile, stretchedLengthCentimetres: 90 }, version: 1 };
    await api().put(`/api/heads/${head.id}`).send(longer).expect(200);
    await api()
      .patch('/api/settings')
      .send({ change: { timeZone: 'Europe/Lisbon' }, seen: DEFAULT_SETTINGS })
      .expect(200);
    expect((await api().get(`/api/bowls/${kept.id}`)).body).toEqual(kept);
  });

  it('are kept once however often they are sent, also at the same time', async () => {
    const head = await newHead();
    const answers = await Promise.all(Array.from({ length: 6 }, () => api().post('/api/bowls').send(aBowl(head.id))));
    expect(answers.filter(({ status }) => status === 201)).toHaveLength(1);
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(5);
    expect((await api().get('/api/bowls')).body.total).toBe(1);
  });

  it('are listed newest first, a page at a time', async () => {
    const head = await newHead();
    for (let i = 1; i <= 5; i++) {
      house.home.clock.set(`2026-03-${10 + i}T09:00:00.000Z`);
      await api()
        .post('/api/bowls')
        .send(aBowl(head.id, `8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a0${i}`))
        .expect(201);
    }
    const page = (await api().get('/api/bowls?offset=1&limit=2').expect(200)).body;
    expect(page.total).toBe(5);
    expect(page.items.map(({ keptAt }: { keptAt: string }) => keptAt.slice(0, 10))).toEqual([
      '2026-03-14',
      '2026-03-13',
    ]);
    await api().get('/api/bowls?limit=100000').expect(422);
    await api().get('/api/bowls?offset=x').expect(422);
  });

  it('say kindly that a mask or head has vanished', async () => {
    const head = await newHead();
    const gone = await api()
      .post('/api/bowls')
      .send({ ...aBowl(head.id), maskId: 'unicorn' })
      .expect(404);
    expect(gone.body.title).toBe('There is no such mask.');
    await api().post('/api/bowls').send(aBowl('nobody')).expect(404);
    expect((await api().get('/api/bowls')).body.total).toBe(0);
  });

  it('can be removed and brought back', async () => {
    const head = await newHead();
    const { id } = (await api().post('/api/bowls').send(aBowl(head.id))).body;
    await api().delete(`/api/bowls/${id}`).expect(204);
    await api().get(`/api/bowls/${id}`).expect(404);
    await api().post(`/api/bowls/${id}/restore`).expect(200);
    await api().get(`/api/bowls/${id}`).expect(200);
  });
});

describe('requests that are not right', () => {
  it('get 400 for JSON that breaks off', async () => {
    const { body } = await api()
      .post('/api/heads')
      .set('Content-Type', 'application/json')
      .send('{"name":')
      .expect(400);
    expect(body.type).toBe('urn:amber-ladle:malformed');
  });
  it('get 413 for 5 MB', async () => {
    await api()
      .post('/api/heads')
      .send({ ...aHead, note: 'x'.repeat(5_000_000) })
      .expect(413);
  });
  it('get 415 for a form', async () => {
    await api().post('/api/heads').type('form').send({ name: 'x' }).expect(415);
  });
  it('get 403 for a foreign Host, also when reading', async () => {
    await api().get('/api/heads').set('Host', 'evil.example').expect(403);
  });
  it('get 403 for a foreign Origin when writing', async () => {
    await api().post('/api/heads').set('Origin', 'http://evil.example').send(aHead).expect(403);
    await api().post('/api/heads').set('Sec-Fetch-Site', 'cross-site').send(aHead).expect(403);
    expect((await api().get('/api/heads')).body).toEqual([]);
  });
  it('get 404 for an address that is none, and 422 for a bad setting', async () => {
    await api().get('/api/unicorns').expect(404);
    await api().get('/api/masks/unicorn').expect(404);
    await api()
      .patch('/api/settings')
      .send({ change: { theme: 'neon' }, seen: DEFAULT_SETTINGS })
      .expect(422);
    await api().get('/api/heads/%E0%A4%A').expect(400);
  });
  it('get 429 beyond the limit', async () => {
    const small = await testHouse({ requestsPerMinute: 3 });
    for (let i = 0; i < 3; i++) await request(small.app).get('/api/health').expect(200);
    await request(small.app).get('/api/health').expect(429);
    await small.close();
  });
});

it('keeps what two devices set side by side, and of two that set the same, the first', async () => {
  const set = (change: object, seen: object = DEFAULT_SETTINGS) => api().patch('/api/settings').send({ change, seen });
  await Promise.all([
    set({ timeZone: 'Europe/Lisbon' }).expect(200),
    set({ theme: 'evening' }).expect(200),
    set({ rings: 3 }).expect(200),
  ]);
  const { body } = await set({ rings: 4 }).expect(409);
  expect(body).toMatchObject({
    type: expect.stringContaining('stale') as string,
    current: { rings: 3, theme: 'evening' },
  });
  const together = await Promise.all(['linen', 'as-device'].map((theme) => set({ theme }, { theme: 'evening' })));
  expect(together.map(({ status }) => status).sort()).toEqual([200, 409]);
  await set({ theme: 'evening' }, { theme: together.find(({ status }) => status === 200)?.body.theme }).expect(200);
  const settings = { ...DEFAULT_SETTINGS, timeZone: 'Europe/Lisbon', theme: 'evening', rings: 3 };
  expect((await api().get('/api/settings')).body).toEqual(settings);
  for (const odd of [
    { theme: 'neon' },
    { unicorn: true },
    { spoonIds: [] },
    [],
    { measureSystem: 'uk' },
    { lengthIn: 'ell' },
    { warmthIn: 'K' },
    { currency: 'euro' },
  ])
    await api()
      .patch('/api/settings')
      .send({ change: odd, seen: odd })
      .expect((answer) => {
        if (answer.status >= 500) throw new Error(String(answer.status));
      });
  await set({ unicorn: true }).expect(422);
  await set({ currency: 'euro' }).expect(422);
  await set({ lengthIn: 'ell' }).expect(422);
  // Spoons of the measures before are not among those of the new ones: they are changed together.
  await set({ spoonIds: [] }).expect(422);
  await api()
    .patch('/api/settings')
    .send({ change: { rings: 2 } })
    .expect(422);
  expect((await api().get('/api/settings')).body).toMatchObject({ theme: 'evening', rings: 3 });
});

it('answers health, masks and settings, as data that is never a page', async () => {
  const health = await api().get('/api/health').expect(200);
  expect(health.body).toMatchObject({ ok: true, demo: false });
  expect(health.headers['content-security-policy']).toContain("default-src 'none'");
  expect((await api().get('/api/masks')).body.length).toBeGreaterThanOrEqual(24);
  expect((await api().get('/api/settings')).body).toEqual(DEFAULT_SETTINGS);
});

it('serves the page with a nonce of its own, a strict policy, and no inline code', async () => {
  const pages = await testHouse({ withPages: true });
  const first = await request(pages.app).get('/bowl').expect(200);
  const second = await request(pages.app).get('/').expect(200);
  const nonceOf = (text: string): string => /nonce="([^"]+)"/.exec(text)?.[1] ?? '';
  expect(nonceOf(first.text)).toHaveLength(24);
  expect(nonceOf(first.text)).not.toBe(nonceOf(second.text));
  const policy = String(first.headers['content-security-policy']);
  expect(policy).toContain(`'nonce-${nonceOf(first.text)}'`);
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toContain('unsafe-inline');
  await request(pages.app).get('/assets/none.js').expect(404);
  await pages.close();
});

it('says that nobody has set anything, until somebody has', async () => {
  const isNew = async (): Promise<boolean> => (await api().get('/api/health').expect(200)).body.isNew;
  expect(await isNew()).toBe(true);
  await api()
    .patch('/api/settings')
    .send({ change: { timeZone: 'Europe/Lisbon' }, seen: DEFAULT_SETTINGS })
    .expect(200);
  expect(await isNew()).toBe(false);
});
