import { ENDPOINTS } from '@amber-ladle/contract';
import fc from 'fast-check';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { get as getByTls } from 'node:https';
import { dirname, join } from 'node:path';
import { testHouse, type TestHouse } from '../testing';
import { askAtDoor, doorAddress, joined, keyFrom, sayAtDoor } from './visiting';

let house: TestHouse;
let worldNow = Date.now();
beforeEach(async () => {
  worldNow = Date.now();
  house = await testHouse({ withPages: true, requestsPerMinute: 1_000_000, worldClock: () => worldNow });
  await house.door.turn(true);
});
afterEach(() => house.close());

const here = () => request(house.app);
const later = (seconds: number): void => void (worldNow += seconds * 1000);

describe('joining', () => {
  it('lets one device in by one code, once, with a key that only this house is shown', async () => {
    const { body: code } = await here().post('/api/door/code').expect(200);
    const answer = await sayAtDoor(house, ` ${String(code.text).toLowerCase().replace('-', ' ')} `, 'Tablet', '/shelf');
    expect(answer).toMatchObject({ status: 303, headers: { location: '/shelf' } });
    const [cookie = ''] = answer.headers['set-cookie'] ?? [];
    for (const word of ['__Host-', 'HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) expect(cookie).toContain(word);
    expect(cookie).not.toContain('Domain');
    const { text } = await askAtDoor(house, { path: '/api/door', key: keyFrom(answer) });
    expect(JSON.parse(text)).toMatchObject({ asker: { is: 'device' }, devices: [{ name: 'Tablet' }] });
    expect(text).not.toContain('keyHash');
    // The same code again is a wrong one.
    expect((await sayAtDoor(house, code.text)).status).toBe(401);
  });

  it('takes a code for ten minutes, and the newest only', async () => {
    const old = house.door.newCode().text;
    const newer = house.door.newCode().text;
    expect((await sayAtDoor(house, old)).status).toBe(401);
    later(601);
    expect((await sayAtDoor(house, newer)).status).toBe(401);
    expect((await here().get('/api/door')).body.code).toBeUndefined();
  });

  it('lets in by the passphrase, however it is spaced, and not by the one before', async () => {
    await here().put('/api/door/passphrase').send({ passphrase: 'copper spoon seven rivers' }).expect(200);
    expect((await sayAtDoor(house, 'Copper  spoon Seven rivers')).status).toBe(303);
    await here().put('/api/door/passphrase').send({ passphrase: 'another four words here' }).expect(200);
    expect((await sayAtDoor(house, 'copper spoon seven rivers')).status).toBe(401);
    await here().put('/api/door/passphrase').send({ passphrase: null }).expect(200);
    expect((await sayAtDoor(house, 'another four words here')).status).toBe(401);
    await here().put('/api/door/passphrase').send({ passphrase: 'too short' }).expect(422);
  });

  it('slows and then locks, for whatever address it comes from, and says so here', async () => {
    const right = house.door.newCode().text;
    const seen: number[] = [];
    for (let i = 0; i < 3; i++) seen.push((await sayAtDoor(house, 'wrong')).status);
    // The fourth is looked at and waited for; the fifth comes too soon, were it right.
    seen.push((await sayAtDoor(house, 'wrong')).status, (await sayAtDoor(house, right)).status);
    expect(seen).toEqual([401, 401, 401, 401, 429]);
    for (let i = 0; i < 6; i++) {
      later(61);
      await sayAtDoor(house, 'wrong');
    }
    later(61);
    expect((await sayAtDoor(house, right)).text).toContain('stays locked');
    const { body } = await here().get('/api/door');
    expect(body.tries.wrong).toBe(10);
    expect(body.tries.lockedSeconds).toBeGreaterThan(3400);
    // The code that was guessed at is gone.
    expect(body.code).toBeUndefined();
    await here().post('/api/door/unlock').expect(200);
    expect((await sayAtDoor(house, house.door.newCode().text)).status).toBe(303);
  });

  it('looks at no more than its few tries when a hundred come at once', async () => {
    const statuses = await Promise.all(
      Array.from({ length: 100 }, async () => (await sayAtDoor(house, 'wrong')).status),
    );
    expect(statuses.filter((status) => status === 401)).toHaveLength(4);
  });

  it('lets one in where two say the same code at once', async () => {
    const { text } = house.door.newCode();
    const statuses = await Promise.all([sayAtDoor(house, text), sayAtDoor(house, text)]);
    expect(statuses.map(({ status }) => status).sort()).toEqual([303, 401]);
  });

  it('takes as long over a wrong passphrase whether there is one or not', async () => {
    const timed = async (): Promise<number> => {
      const all: number[] = [];
      for (let i = 0; i < 9; i++) {
        house.door.unlock();
        const began = performance.now();
        await house.door.join('not it', 'Phone');
        all.push(performance.now() - began);
      }
      return all.sort((a, b) => a - b)[4]!;
    };
    await timed();
    const without = await timed();
    await house.door.setPassphrase('copper spoon seven rivers');
    const withOne = await timed();
    // Hashing takes tens of milliseconds, everything else less than one.
    expect(without).toBeGreaterThan(withOne / 3);
    expect(withOne).toBeGreaterThan(without / 3);
  });

  it('goes on to nowhere but this house', async () => {
    for (const to of [
      '//elsewhere.example',
      'https://elsewhere.example',
      '/\\elsewhere.example',
      'javascript:1',
      '/join',
    ]) {
      const answer = await sayAtDoor(house, house.door.newCode().text, 'Phone', to);
      expect([to, answer.headers.location]).toEqual([to, '/']);
    }
  });

  it('writes what a stranger says as text', async () => {
    const said = '"><script>alert(1)</script>';
    const { text, headers } = await sayAtDoor(house, said, said, said);
    expect(text).not.toContain('<script>alert');
    expect(headers['content-security-policy']).toContain("script-src 'self'");
  });
});

describe('without a key', () => {
  const pages = ['/', '/shelf', '/bowls/1/label', '/index.html', '/nothing'];
  it.each(pages)('%s is the page to join by', async (path) => {
    const { status, text } = await askAtDoor(house, { path, headers: { accept: 'text/html,*/*' } });
    expect(status).toBe(401);
    expect(text).toContain('Come in');
    expect(text).not.toContain('/assets/');
  });

  it('answers every endpoint with 401 and nothing else, with no key, with one that was taken away, and with any other', async () => {
    const removed = await joined(house);
    const [device] = house.door.devices.list();
    expect((await askAtDoor(house, { path: '/api/heads', key: removed })).status).toBe(200);
    await here().delete(`/api/door/devices/${device!.id}`).expect(204);
    const keys = fc.option(
      fc.oneof(fc.constant(removed), fc.string({ maxLength: 60, unit: fc.constantFrom('a', 'Z', '0', '9', '-', '_') })),
      { nil: undefined },
    );
    const step = fc.constantFrom('1', 'rice-silk', '..%2f..', '%00', 'x'.repeat(200));
    const anyRequest = fc.record({
      endpoint: fc.constantFrom(...ENDPOINTS),
      step,
      key: keys,
      method: fc.option(fc.constantFrom('GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'), {
        nil: undefined,
      }),
      query: fc.constantFrom('', '?limit=1', '?key=x', '?photos=yes'),
      body: fc.option(fc.constantFrom('{}', '{"isOpen":true}', 'code=1'), { nil: undefined }),
      accept: fc.constantFrom('*/*', 'text/html', 'text/event-stream', 'application/json'),
      prefix: fc.constantFrom('/api', '/api', '/api', '/API', '//api', '/api/', '/assets', '/photos'),
    });
    const wrong = new Set<string>();
    const runs = Number(process.env['STRANGERS'] ?? 2000);
    await fc.assert(
      fc.asyncProperty(anyRequest, async ({ endpoint, step, key, method, query, body, accept, prefix }) => {
        const path = prefix + endpoint.path.replace(/:\w+/g, step) + query;
        const sent = await askAtDoor(house, {
          method: method ?? endpoint.method,
          path,
          headers: { accept, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
          ...(body === undefined ? {} : { body }),
          ...(key === undefined ? {} : { key }),
        });
        const isJoinPage = sent.text.includes('<title>Come in');
        const says = sent.text === '' || isJoinPage || sent.text.includes('urn:amber-ladle:no-key');
        const isQuiet = sent.status === 401 && says && sent.headers['set-cookie'] === undefined;
        if (!isQuiet) wrong.add(`${method ?? endpoint.method} ${path} ${sent.status} ${sent.text.slice(0, 80)}`);
      }),
      { numRuns: runs, seed: 21 },
    );
    expect([...wrong]).toEqual([]);
    expect(house.door.devices.list()).toEqual([]);
  }, 120_000);

  it('says in its answer to a removed key that it has none', async () => {
    const { text } = await askAtDoor(house, { path: '/api/heads', key: 'x' });
    expect(JSON.parse(text)).toMatchObject({ type: 'urn:amber-ladle:no-key', status: 401 });
  });
});

describe('a device with a key', () => {
  it('is put out, and what it listened to ends at once', async () => {
    const key = await joined(house);
    const ended = new Promise<string>((resolve, reject) => {
      void house.door.certificate().then((ca) => {
        const stream = getByTls(
          `${doorAddress(house)}/api/events`,
          { ca, headers: { cookie: `__Host-amber-ladle-key=${key}` } },
          (answer) => {
            answer.once(
              'data',
              () =>
                void here()
                  .delete(`/api/door/devices/${house.door.devices.list()[0]!.id}`)
                  .then(() => undefined),
            );
            answer.once('error', () => {
              resolve('ended');
            });
            answer.once('end', () => {
              resolve('ended');
            });
          },
        );
        stream.once('error', reject);
      });
    });
    expect(await ended).toBe('ended');
    expect((await askAtDoor(house, { path: '/api/heads', key })).status).toBe(401);
    expect(house.home.events.listeners.size).toBe(0);
  });

  it('does what the household does, which is written down by its name', async () => {
    const key = await joined(house);
    const { id } = house.door.devices.list()[0]!;
    const send = (path: string, body: object, method = 'PATCH') =>
      askAtDoor(house, {
        method,
        path,
        key,
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json', origin: doorAddress(house) },
      });
    expect((await send('/api/settings', { change: { rings: 3 }, seen: { rings: 2 } })).status).toBe(200);
    // What was refused changed nothing.
    expect((await send('/api/settings', { change: { rings: 99 }, seen: { rings: 3 } })).status).toBe(422);
    expect((await here().get(`/api/door/devices/${id}/deeds`)).body).toMatchObject([
      { method: 'PATCH', path: '/settings' },
    ]);
  });

  it('opens no door, lets nobody in and puts out none but itself', async () => {
    const [one, two] = [await joined(house, 'One'), await joined(house, 'Two')];
    const [first, second] = house.door.devices.list();
    const send = (method: string, path: string, body?: object) =>
      askAtDoor(house, {
        method,
        path,
        key: one,
        ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
      });
    const refused = await Promise.all([
      send('PUT', '/api/door', { isOpen: false }),
      send('POST', '/api/door/code'),
      send('PUT', '/api/door/passphrase', { passphrase: 'a passphrase of mine' }),
      send('POST', '/api/door/unlock'),
      send('DELETE', `/api/door/devices/${second!.id}`),
      send('PATCH', `/api/door/devices/${second!.id}`, { name: 'Mine' }),
    ]);
    expect(refused.map(({ status }) => status)).toEqual([403, 403, 403, 403, 403, 403]);
    house.door.newCode();
    expect(JSON.parse((await send('GET', '/api/door')).text).code).toBeUndefined();
    expect((await send('PATCH', `/api/door/devices/${first!.id}`, { name: 'Kitchen' })).status).toBe(200);
    expect((await send('DELETE', `/api/door/devices/${first!.id}`)).status).toBe(204);
    expect((await askAtDoor(house, { path: '/api/heads', key: two })).status).toBe(200);
  });

  it('keeps its key through a restart, and nobody reads it from the file', async () => {
    const key = await joined(house);
    await house.restart();
    expect((await askAtDoor(house, { path: '/api/heads', key })).status).toBe(200);
    for (const ending of ['', '-wal'])
      expect(readFileSync(join(dirname(house.file), `door.sqlite${ending}`)).includes(key)).toBe(false);
  });

  it('is not let in by a household that is brought back from a copy', async () => {
    const key = await joined(house);
    const [{ name } = { name: '' }] = (await here().post('/api/backups').expect(201)).body as { name: string }[];
    await here().delete(`/api/door/devices/${house.door.devices.list()[0]!.id}`).expect(204);
    await here().post(`/api/backups/${name}/restore`).send({ isForReal: true }).expect(200);
    expect((await askAtDoor(house, { path: '/api/heads', key })).status).toBe(401);
  });
});

describe('names and pages of others', () => {
  it('answers by its own names only: a name that was rebound to it gets nothing', async () => {
    const key = await joined(house);
    const status = async (host: string) =>
      (
        await askAtDoor(house, {
          path: '/api/heads',
          key,
          headers: { host },
          tls: { checkServerIdentity: () => undefined },
        })
      ).status;
    const { port } = new URL(doorAddress(house));
    expect(await status(`127.0.0.2:${port}`)).toBe(200);
    expect(await status(`ladle.home.arpa:${port}`)).toBe(200);
    for (const host of ['rebound.example', `localhost:${port}`, '127.0.0.2.evil.example'])
      expect([host, await status(host)]).toEqual([host, 403]);
    // Nor does the plain listener of this machine answer by the door's names.
    await here().get('/api/heads').set('Host', 'ladle.home.arpa').expect(403);
  });

  it('takes a write from its own pages only', async () => {
    const key = await joined(house);
    const status = async (headers: Record<string, string>) =>
      (await askAtDoor(house, { method: 'POST', path: '/api/door/calendar', key, headers })).status;
    const own = doorAddress(house);
    expect(await status({ origin: own })).toBe(200);
    for (const origin of [
      'https://evil.example',
      own.replace('https', 'http'),
      'null',
      'https://127.0.0.2',
      'http://localhost:4310',
    ])
      expect([origin, await status({ origin })]).toEqual([origin, 403]);
    expect(await status({ 'sec-fetch-site': 'cross-site' })).toBe(403);
  });

  it('takes no code that another page sends', async () => {
    const { text } = house.door.newCode();
    const { status } = await askAtDoor(house, {
      method: 'POST',
      path: '/join',
      headers: { 'content-type': 'application/x-www-form-urlencoded', origin: 'https://evil.example' },
      body: `code=${text}&name=x`,
    });
    expect(status).toBe(403);
    expect(house.door.devices.list()).toEqual([]);
  });
});

it('gives no code while it is closed, and closes for everybody at once', async () => {
  const key = await joined(house);
  const address = doorAddress(house);
  await here().put('/api/door').send({ isOpen: false }).expect(200);
  await here().post('/api/door/code').expect(409);
  expect(doorAddress(house)).toBe('');
  await expect(
    new Promise((resolve, reject) => {
      getByTls(address, { rejectUnauthorized: false, headers: { cookie: key } }, resolve).once('error', reject);
    }),
  ).rejects.toThrow(/ECONNREFUSED|reset|hang up/i);
});

it('has a calendar for whoever knows its address, until another is made', async () => {
  const { body: first } = await here().get('/api/door/calendar').expect(200);
  const read = async (path: string) => (await askAtDoor(house, { path })).status;
  expect(await read(first.path)).toBe(200);
  await here()
    .get(first.path)
    .expect(200)
    .expect('Content-Type', /text\/calendar/);
  const { body: second } = await here().post('/api/door/calendar').expect(200);
  expect(second.path).not.toBe(first.path);
  expect([await read(first.path), await read(second.path), await read('/calendar/x.ics')]).toEqual([401, 200, 401]);
  await here().get(first.path).expect(404);
});
