import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { ENDPOINTS, kindOfProblem, type AnyEndpoint, type ProblemKind } from '@amber-ladle/contract';
import fc from 'fast-check';
import request from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { tryOut } from '../copy/trial';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';
import { anyBody } from './anyBody';

/** Streams never end, and the clock of the others stays where it is. */
const ASKED = ENDPOINTS.filter(({ gives, path }) => gives !== 'stream' && path !== '/devices/clock');
/** What any address may refuse with. */
const ANYWHERE: ReadonlySet<ProblemKind> = new Set(['malformed', 'invalid', 'wrong-type', 'too-large']);

let house: TestHouse;
let ids: string[];
const bodies = new Map<AnyEndpoint, fc.Arbitrary<unknown>>();
beforeAll(async () => {
  house = await testHouse({ requestsPerMinute: 1_000_000, demo: true });
  const api = request(house.app);
  const head = (await api.post('/api/heads').send(aHead)).body as { id: string };
  const bowl = (await api.post('/api/bowls').send(aBowl(head.id))).body as { id: string };
  const { id: _id, version: _version, ...mask } = BUILT_IN_MASKS[0]!;
  const own = (await api.post('/api/masks').send({ ...mask, writtenGrams: 200 })).body as { id: string };
  ids = [head.id, bowl.id, own.id, 'rice-silk', 'honey', 'fridge'];
  for (const one of ASKED) {
    const schema = await one.taken?.check?.();
    if (schema) bodies.set(one, anyBody(schema.describe(), { ids }));
  }
});
afterAll(() => house.close());

const RUNS = Number(process.env['HOSTILE'] ?? 5000);

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

const aStep = fc.oneof(
  { weight: 4, arbitrary: fc.nat(5) },
  {
    weight: 1,
    arbitrary: fc.constantFrom('nobody', '%00', '..%2f..', '__proto__', 'x'.repeat(300), '%F0%9F%A5%91', '%E0%A4'),
  },
);
const aRequest = fc.constantFrom(...ASKED).chain((endpoint) =>
  fc.record({
    endpoint: fc.constant(endpoint),
    steps: fc.tuple(aStep, aStep),
    body: bodies.get(endpoint) ?? odd,
    isSpoilt: fc.boolean(),
    at: fc.array(fc.nat(20), { minLength: 0, maxLength: 4 }),
    value: odd,
    query: fc.constantFrom(
      '',
      '?limit=x',
      '?offset=-1&limit=1e9',
      '?from=%00&to=zzz',
      '?headId[]=1&headId[]=2',
      '?days=NaN',
      '?limit[toString]=x',
      '?photos=no&photos=yes',
    ),
  }),
);

it(
  'answers nothing with a fault of its own, whatever is asked, and refuses as its endpoint says',
  async () => {
    const faults = new Set<string>();
    const fine = new Set<AnyEndpoint>();
    await fc.assert(
      fc.asyncProperty(aRequest, async ({ endpoint, steps, body: good, isSpoilt, at, value, query }) => {
        const { method, path, refuses, taken } = endpoint;
        let turn = 0;
        const filled = path.replace(/:\w+/g, () => {
          const one = steps[turn++ % 2]!;
          return typeof one === 'number' ? encodeURIComponent(ids[one] ?? '') : one;
        });
        const body = isSpoilt ? spoilt(good, at, value) : good;
        const way = method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
        const sent = request(house.app)[way](`/api${filled}${query}`).timeout(4000);
        const answer = await (taken
          ? sent.set('Content-Type', 'application/json').send(body === undefined ? undefined : JSON.stringify(body))
          : sent);
        const where = `${method} ${path} ${answer.status} ${JSON.stringify(body ?? null).slice(0, 160)}`;
        if (answer.status < 300) fine.add(endpoint);
        if (answer.status >= 500) faults.add(where);
        if (answer.status < 400) return;
        const kind = kindOfProblem(JSON.parse(answer.text) as { type: string });
        if (!kind || (!ANYWHERE.has(kind) && !refuses.includes(kind))) faults.add(`undeclared ${kind}: ${where}`);
      }),
      // The same every time; another seed and more of them look further.
      { numRuns: RUNS, seed: Number(process.env['HOSTILE_SEED'] ?? 15) },
    );
    expect([...faults]).toEqual([]);
    // Where nothing ever gets through, nothing was tried.
    expect(fine.size).toBeGreaterThan(ASKED.length / 2);
    await isWhole();
  },
  RUNS * 60,
);

/** Whatever came in could leave, and come back: it passes the gate that files and copies pass. */
async function isWhole(): Promise<void> {
  expect(await tryOut(house.source, house.home.clock)).toEqual([]);
  expect(house.home.writes.raw().pragma('foreign_key_check')).toEqual([]);
}

it(
  'takes the same from twenty devices at once without a fault, and stays whole',
  async () => {
    const changing = ASKED.filter(
      ({ method, path }) => method !== 'GET' && !path.startsWith('/files') && path !== '/backups',
    );
    const faults = new Set<string>();
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...changing).chain((endpoint) =>
          fc.record({
            endpoint: fc.constant(endpoint),
            steps: fc.tuple(fc.nat(5), fc.nat(5)),
            body: bodies.get(endpoint) ?? odd,
          }),
        ),
        fc.integer({ min: 2, max: 20 }),
        async ({ endpoint: { method, path }, steps, body }, devices) => {
          let turn = 0;
          const filled = path.replace(/:\w+/g, () => encodeURIComponent(ids[steps[turn++ % 2]!] ?? ''));
          const way = method.toLowerCase() as 'post' | 'put' | 'patch' | 'delete';
          const send = () =>
            request(house.app)
              [way](`/api${filled}`)
              .set('Content-Type', 'application/json')
              .send(JSON.stringify(body ?? {}));
          for (const { status } of await Promise.all(Array.from({ length: devices }, send)))
            if (status >= 500) faults.add(`${method} ${path} ${status} ${JSON.stringify(body ?? {}).slice(0, 200)}`);
        },
      ),
      { numRuns: RUNS / 25, seed: 15 },
    );
    expect([...faults]).toEqual([]);
    await isWhole();
  },
  RUNS * 60,
);
