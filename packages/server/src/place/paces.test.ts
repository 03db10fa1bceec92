import { randomUUID } from 'node:crypto';
import type { Shelf } from '@amber-ladle/contract';
import { BIN_REASONS } from '@amber-ladle/core/shelf';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);
const shelf = async (): Promise<Shelf> => (await api().get('/api/shelf').expect(200)).body;
const at = (day: number): string => new Date(Date.UTC(2026, 2, 1 + day, 9)).toISOString();
const tell = (lots: object[], movements: object[]) => {
  const id = randomUUID();
  return api()
    .post('/api/stock')
    .send({ id, note: '', lots, movements })
    .expect(201)
    .then(() => id);
};

/** A hard avocado that is felt, drawn from or thrown away so many days later. @returns the change that says so */
async function avocado(bought: number, later: number, what: object): Promise<string> {
  const lotId = randomUUID();
  house.home.clock.set(at(bought));
  const born = { id: lotId, ingredientId: 'avocado', state: 'whole', since: at(bought), label: '', pieceGrams: 150 };
  await tell([born], [{ lotId, kind: 'add', grams: 150, placeId: 'counter', stage: 'unripe' }]);
  house.home.clock.set(at(bought + later));
  return tell([], [{ lotId, ...what }]);
}
const READY = { kind: 'touch', grams: 0, stage: 'ready' };

it('is learnt from three that were ready sooner than their row says, and reckoned with from then on', async () => {
  await avocado(0, 2, READY);
  await avocado(3, 2, READY);
  expect((await shelf()).paces).toEqual({});
  await avocado(6, 2, READY);
  const { paces } = await shelf();
  expect(paces).toMatchObject({ avocado: { lots: 3 } });
  expect(paces['avocado']?.factor).toBeGreaterThan(1.1);
  await house.restart();
  expect((await shelf()).paces).toEqual(paces);
});

it('is learnt from what was used and from what was past, and not from what was taken back', async () => {
  const used = { kind: 'draw', grams: -150 };
  for (const day of [0, 3, 6]) await avocado(day, 1, used);
  expect((await shelf()).paces['avocado']?.factor).toBeGreaterThan(1.05);
  const thrown = await avocado(9, 4, { kind: 'discard', grams: -150, reason: 'mouldy' });
  const { paces } = await shelf();
  expect(paces['avocado']?.lots).toBe(4);
  await api().post(`/api/stock/${thrown}/undo`).expect(200);
  expect((await shelf()).paces['avocado']?.lots).toBe(3);
});

it.each(BIN_REASONS.filter((reason) => reason !== 'too much cut'))(
  'is learnt from what went into the bin as “%s”',
  async (reason) => {
    for (const day of [0, 3, 6]) await avocado(day, 1, { kind: 'discard', grams: -150, reason });
    expect((await shelf()).paces).toMatchObject({ avocado: { lots: 3 } });
  },
);

it('is not learnt from fruit that was cut before it turned', async () => {
  for (const day of [0, 5, 10]) {
    await avocado(day, 1, { kind: 'open', grams: 0, state: 'cut' });
    const lot = (await shelf()).lots.find(({ grams }) => grams > 0);
    house.home.clock.set(at(day + 3));
    await tell([], [{ lotId: lot?.id, kind: 'discard', grams: -150, reason: 'past its time' }]);
  }
  expect((await shelf()).paces).toEqual({});
});

it('knows nothing of what was thrown away for other reasons, nor of a season ago', async () => {
  for (const day of [0, 3, 6]) await avocado(day, 1, { kind: 'discard', grams: -150, reason: 'too much cut' });
  expect((await shelf()).paces).toEqual({});
  for (const day of [9, 12, 15]) await avocado(day, 2, READY);
  expect((await shelf()).paces).toMatchObject({ avocado: { lots: 3 } });
  house.home.clock.set(at(200));
  // What is remembered holds until the shelf changes.
  await tell(
    [{ id: '7c9e6679-7425-40de-944b-e07fc1f90ae7', ingredientId: 'honey', state: 'whole', since: at(199), label: '' }],
    [{ lotId: '7c9e6679-7425-40de-944b-e07fc1f90ae7', kind: 'add', grams: 340, placeId: 'counter' }],
  );
  expect((await shelf()).paces).toEqual({});
});
