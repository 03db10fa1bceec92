import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import fc from 'fast-check';
import request from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { NO_LOG } from '@amber-ladle/contract';
import { aBowl, aHead, testHouse, type TestHouse } from './testing';

/** Every route as its file has it, so that a new one is attacked without a word. */
const MOUNTS: Readonly<Record<string, string>> = {
  heads: '/heads',
  bowls: '/bowls',
  washDays: '/washdays',
  masks: '/masks',
  ingredients: '/ingredients',
  devices: '/devices',
};
const ROUTES = readdirSync(join(import.meta.dirname, 'routes')).flatMap((file) => {
  const text = readFileSync(join(import.meta.dirname, 'routes', file), 'utf8');
  const mount = MOUNTS[file.replace('.ts', '')] ?? '';
  return [...text.matchAll(/router\.(get|post|put|patch|delete)\(\s*'([^']+)'/g)].map(([, method = '', path = '']) => ({
    method: method as 'get' | 'post' | 'put' | 'patch' | 'delete',
    path: `/api${mount}${path === '/' ? '' : path}`,
  }));
});
/** Streams never end. */
const ASKED = ROUTES.filter(({ path }) => path !== '/api/events' && !path.endsWith('/stream'));

let house: TestHouse;
let ids: string[];
let bodies: Record<string, unknown>;
beforeAll(async () => {
  house = await testHouse({ requestsPerMinute: 1_000_000, demo: true });
  const api = request(house.app);
  const head = (await api.post('/api/heads').send(aHead)).body as { id: string };
  const bowl = (await api.post('/api/bowls').send(aBowl(head.id))).body as { id: string };
  const { id: _id, version: _version, ...mask } = BUILT_IN_MASKS[0]!;
  const own = (await api.post('/api/masks').send({ ...mask, writtenGrams: 200 })).body as { id: string };
  ids = [head.id, bowl.id, own.id, 'rice-silk', 'honey', 'fridge'];
  bodies = {
    '/api/heads': aHead,
    '/api/heads/:id': { ...aHead, version: 1 },
    '/api/bowls': aBowl(head.id),
    '/api/masks': mask,
    '/api/masks/:id': { ...mask, version: 1 },
    '/api/masks/:id/told/:headId': { outcome: 'half-left' },
    '/api/bowls/:id/logs/:headId': { version: 0, log: NO_LOG },
    '/api/bowls/:id/wear': { isCapOn: true },
    '/api/bowls/:id/left': { millilitres: 20, how: 'judged', fate: 'discarded' },
    '/api/bowls/:id/made': { placeId: 'counter' },
    '/api/washdays': { bowlIds: [bowl.id], wish: { kind: 'start-at', at: '2026-03-14T09:00:00.000Z' } },
    '/api/settings': (await api.get('/api/settings')).body,
    '/api/places/:id': { name: 'Roof box', kind: 'outside', celsius: 12 },
    '/api/restock/:ingredientId': { grams: 250 },
    '/api/stock': {
      changes: [
        { kind: 'add', lot: { id: 'l', ingredientId: 'honey', state: 'opened', grams: 100, placeId: 'counter' } },
      ],
    },
    '/api/readings': { placeId: 'fridge', celsius: 4 },
  };
});
afterAll(() => house.close());

let deep: unknown = [];
for (let i = 0; i < 3000; i++) deep = [deep];
const ODD: readonly unknown[] = [
  undefined,
  null,
  '',
  'x'.repeat(600),
  0,
  -1,
  1e308,
  1.5,
  true,
  [],
  [null],
  {},
  { version: 0 },
  { toString: 'x' },
  { length: 1 },
  { constructor: 'x', hasOwnProperty: 1 },
  { valueOf: null },
  deep,
  '2026-13-45T99:00:00Z',
  '+275760-09-13T00:00:00.001Z',
  '\u0000',
  '🥑'.repeat(40),
];
const odd = fc.oneof(fc.constantFrom(...ODD), fc.jsonValue({ maxDepth: 3 }));

/** A body that would do, with something odd somewhere in it. */
function spoilt(body: unknown, path: readonly number[], value: unknown): unknown {
  if (path.length === 0 || typeof body !== 'object' || body === null) return value;
  const keys = Object.keys(body);
  if (keys.length === 0) return value;
  const [first = 0, ...rest] = path;
  const key = keys[first % keys.length] ?? '';
  const next = spoilt((body as Record<string, unknown>)[key], rest, value);
  if (Array.isArray(body)) return body.map((one: unknown, i) => (String(i) === key ? next : one));
  return { ...body, [key]: next };
}

const aRequest = fc.record({
  route: fc.constantFrom(...ASKED),
  params: fc.array(
    fc.oneof(fc.nat(5), fc.constantFrom('nobody', '%00', '..%2f..', '__proto__', 'x'.repeat(300), '%F0%9F%A5%91')),
    {
      minLength: 2,
      maxLength: 2,
    },
  ),
  isSpoilt: fc.boolean(),
  path: fc.array(fc.nat(20), { minLength: 0, maxLength: 4 }),
  value: odd,
  query: fc.constantFrom(
    '',
    '?limit=x',
    '?offset=-1&limit=1e9',
    '?from=%00&to=zzz',
    '?headId[]=1&headId[]=2',
    '?days=NaN',
    '?limit[toString]=x',
  ),
});

it('answers nothing with a fault of its own, whatever is asked', async () => {
  const faults = new Set<string>();
  await fc.assert(
    fc.asyncProperty(aRequest, async ({ route, params, isSpoilt, path, value, query }) => {
      let turn = 0;
      const filled = route.path.replace(/:\w+/g, () => {
        const one = params[turn++ % 2]!;
        return typeof one === 'number' ? encodeURIComponent(ids[one] ?? '') : one;
      });
      const good = bodies[route.path];
      const body = isSpoilt && good !== undefined ? spoilt(good, path, value) : value;
      const sent = request(house.app)
        [route.method](filled + query)
        .timeout(4000);
      const answer = await (route.method === 'get'
        ? sent
        : sent.set('Content-Type', 'application/json').send(body === undefined ? undefined : JSON.stringify(body)));
      if (answer.status >= 500)
        faults.add(`${route.method} ${route.path} ${answer.status} ${JSON.stringify(body ?? null).slice(0, 120)}`);
    }),
    // The same every time; another seed and more of them look further.
    { numRuns: Number(process.env['HOSTILE'] ?? 2500), seed: Number(process.env['HOSTILE_SEED'] ?? 15) },
  );
  expect([...faults]).toEqual([]);
}, 120_000);
