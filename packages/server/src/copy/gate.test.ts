import { PassThrough } from 'node:stream';
import { text as textOf } from 'node:stream/consumers';
import { addressOf, ENDPOINTS, type HouseholdFileAnswer } from '@amber-ladle/contract';
import { INGREDIENTS } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import fc from 'fast-check';
import request from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { seedDemo } from '../demo/seed';
import { aHead, testHouse, type TestHouse } from '../testing';
import { writeHousehold } from './writeFile';

/** The one gate: whatever stands in a file is refused with its line, or comes in and can be used, and leaves equal. */
type Tables = Record<string, Record<string, unknown>[]>;
const RUNS = Number(process.env['GATE'] ?? 40);

let house: TestHouse;
let sound: { tables: Tables };
const written = async (): Promise<{ tables: Tables }> => {
  const out = new PassThrough();
  const whole = textOf(out);
  await writeHousehold(house.home, out, true);
  return JSON.parse(await whole) as { tables: Tables };
};
const read = async (file: object): Promise<HouseholdFileAnswer> =>
  (
    await request(house.app)
      .post('/api/files/household?isForReal=true')
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(file))
      .expect(200)
  ).body as HouseholdFileAnswer;

beforeAll(async () => {
  house = await testHouse({ requestsPerMinute: 1_000_000 });
  await seedDemo(house.home);
  // What the demo has none of.
  const api = request(house.app);
  const { id: _id, version: _version, ...like } = BUILT_IN_MASKS[0]!;
  const mask = (
    await api
      .post('/api/masks')
      .send({ ...like, writtenGrams: 200 })
      .expect(201)
  ).body as { id: string };
  const row = { ...INGREDIENTS.find(({ id }) => id === 'honey')!, id: 'heather-honey', name: 'Heather honey' };
  await api.put('/api/ingredients/heather-honey').send({ row, version: 0 }).expect(200);
  const [head] = (await api.get('/api/heads')).body as { id: string }[];
  await api.put(`/api/masks/${mask.id}/told/${head!.id}`).send({ outcome: 'some-left' }).expect(200);
  await api.post(`/api/heads/${head!.id}/forgetting`).expect(200);
  const bowl = { day: '2026-03-16', at: '2026-03-16T17:00:00Z', maskId: mask.id, headIds: [head!.id], isPinned: true };
  const lines = [{ ingredientId: 'honey', grams: 20 }];
  const { day, maskId, headIds } = bowl;
  const plan = {
    day: '2026-03-14',
    days: 14,
    bowls: [{ ...bowl, lines }],
    chills: ['a-lot'],
    freezes: [{ lotId: 'a-lot', day: '2026-03-15', at: '2026-03-15T17:00:00Z' }],
    otherwise: [{ ingredientId: 'honey', day, headIds, maskId, insteadMaskId: 'oat-ease', laterDay: '2026-03-18' }],
    lostGrams: 10,
    byDayLostGrams: 20,
    isProven: true,
  };
  await api.put('/api/weeks/plan').send(plan).expect(200);
  sound = await written();
  const empty = Object.entries(sound.tables).flatMap(([name, rows]) => (rows.length === 0 ? [name] : []));
  expect(empty).toEqual([]);
}, 60_000);
afterAll(() => house.close());

const ODD: readonly unknown[] = [
  null,
  '',
  ' ',
  'x'.repeat(5000),
  0,
  -1,
  1e12,
  -1e12,
  0.5,
  true,
  false,
  [],
  {},
  [null],
  { kind: 'left' },
  'nobody',
  '2026-02-30T00:00:00.000Z',
  '12026-01-01T00:00:00.000Z',
  'yesterday',
  '<b>',
  '=1+1',
];

/** The value somewhere inside, replaced; chosen step by step, so that every depth is reached. */
function spoilt(value: unknown, steps: readonly number[], odd: unknown): unknown {
  const [step = 0, ...rest] = steps;
  if (steps.length === 0 || typeof value !== 'object' || value === null) return odd;
  const keys = Object.keys(value);
  if (keys.length === 0) return odd;
  const key = keys[step % keys.length] ?? '';
  const next = spoilt((value as Record<string, unknown>)[key], rest, odd);
  if (Array.isArray(value)) return value.map((one: unknown, i) => (String(i) === key ? next : one));
  return { ...value, [key]: next };
}

/** Readings lie in the order of their moments, wherever they stood in the file. */
const inOrder = ({ reading = [], ...tables }: Tables): string =>
  JSON.stringify({ ...tables, reading: reading.map((row) => JSON.stringify(row)).toSorted() });

const ASKED = ENDPOINTS.filter(
  ({ method, gives, path }) => method === 'GET' && gives !== 'stream' && !/:|scale/.test(path),
);

it(
  'lets nothing in that the screens could not use, or that could not leave and come back',
  async () => {
    const faults = new Set<string>();
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...Object.keys(sound.tables)),
        fc.array(fc.nat(30), { minLength: 2, maxLength: 6 }),
        fc.constantFrom(...ODD),
        async (table, steps, odd) => {
          const file = { ...sound, tables: { ...sound.tables, [table]: spoilt(sound.tables[table], steps, odd) } };
          const answer = await read(file);
          const what = `${table} ${steps.join('.')} = ${JSON.stringify(odd).slice(0, 40)}`;
          if (!answer.isDone) {
            if (answer.faults.length === 0 || answer.faults.some(({ words }) => words.length === 0))
              faults.add(`unsaid: ${what}`);
            return;
          }
          taken++;
          if (inOrder((await written()).tables) !== inOrder(file.tables as Tables))
            faults.add(`left otherwise: ${what}`);
          for (const endpoint of ASKED) {
            const { status } = await request(house.app).get(addressOf(endpoint));
            if (status >= 400) faults.add(`${status} ${endpoint.path}: ${what}`);
          }
          if ((await request(house.app).post('/api/heads').send(aHead)).status !== 201)
            faults.add(`no writing: ${what}`);
        },
      ),
      { numRuns: RUNS, seed: Number(process.env['GATE_SEED'] ?? 15) },
    );
    expect([...faults]).toEqual([]);
    expect(taken).toBeLessThan(RUNS);
  },
  60_000 + RUNS * 2500,
);
