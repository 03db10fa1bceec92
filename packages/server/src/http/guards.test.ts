import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { plainReason } from '../plainReason';
import { localNames, ownPagesOnly } from './guards';
import { onError } from './onError';

/** A server that listens on an address and answers whatever is let through. */
function guarded(ownHost: string) {
  const app = express();
  app.use(ownPagesOnly(() => localNames(ownHost)));
  app.use((_request, response) => void response.send('fine'));
  app.use(onError(pino({ level: 'silent' }), () => Promise.reject(new Error('no household'))));
  return request(app);
}

describe('ownPagesOnly', () => {
  it.each([
    ['127.0.0.1', 'localhost:4310', 200],
    ['127.0.0.1', '127.0.0.1', 200],
    ['127.0.0.1', '[::1]:4310', 200],
    ['127.0.0.1', 'rebound.example:4310', 403],
    ['127.0.0.1', '127.0.0.1.evil.example', 403],
    ['192.168.7.4', '192.168.7.4:4310', 200],
    ['192.168.7.4', 'tablet.example', 403],
    ['0.0.0.0', 'anything.example', 403],
  ])('listening on %s, a request to %s gets %d', async (ownHost, host, status) => {
    await guarded(ownHost).get('/').set('Host', host).expect(status);
  });

  it.each([
    ['http://localhost:4310', 200],
    ['http://localhost:9999', 403],
    ['https://localhost:4310', 403],
    ['null', 403],
  ])('a write from the origin %s gets %d', async (origin, status) => {
    await guarded('127.0.0.1').post('/').set('Host', 'localhost:4310').set('Origin', origin).expect(status);
  });
});

it('hides what went wrong inside, and says that nothing was changed', async () => {
  const app = express();
  app.get('/', () => {
    throw new Error('secret at /some/path/file.ts:12');
  });
  app.use(onError(pino({ level: 'silent' }), () => Promise.reject(new Error('no household'))));
  const { body, headers } = await request(app).get('/').expect(500);
  expect(headers['content-type']).toContain('application/problem+json');
  expect(JSON.stringify(body)).not.toContain('secret');
  expect(body).toMatchObject({
    type: 'urn:amber-ladle:internal',
    detail: expect.stringContaining('Nothing was changed'),
  });
});

it.each([
  [{ code: 'EADDRINUSE', message: '' }, 'Port 4310 is taken'],
  [{ code: 'EROFS', message: '' }, 'The data folder /data cannot be written'],
  [{ message: 'attempt to write a readonly database' }, 'The data folder /data cannot be written'],
  [{ message: 'file is not a database' }, 'not a readable database'],
  [{ message: 'something odd' }, 'could not start: something odd'],
])('says in one plain sentence why it cannot start %#', (error, words) => {
  const said = plainReason(error, 4310, '/data');
  expect(said).toContain(words);
  expect(said).not.toContain('\n');
});
