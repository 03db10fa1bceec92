import { randomUUID } from 'node:crypto';
import type { Bowl, LatelyDone } from '@amber-ladle/contract';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);
const lately = async (): Promise<LatelyDone[]> => (await api().get('/api/lately').expect(200)).body;

/** Puts honey on the shelf, and gives the id of the change. */
async function addHoney(note: string): Promise<string> {
  const lotId = randomUUID();
  const id = randomUUID();
  const lots = [
    { id: lotId, ingredientId: 'honey', state: 'whole', since: '2026-03-14T09:00:00.000Z', label: '' } as const,
  ];
  const movements = [{ lotId, kind: 'add', grams: 100, placeId: 'counter' } as const];
  await api().post('/api/stock').send({ id, note, lots, movements }).expect(201);
  return id;
}
const at = (minutes: number): void => {
  house.home.clock.set(new Date(Date.UTC(2026, 2, 14, 9, minutes)).toISOString());
};

describe('what was done lately', () => {
  it('is nothing on the first day', async () => {
    expect(await lately()).toEqual([]);
  });

  it('lists changes of stock and what was taken out, newest first, over a restart, until it is taken back', async () => {
    const change = await addHoney('On the shelf: honey.');
    at(5);
    const { id: headId } = (await api().post('/api/heads').send(aHead).expect(201)).body;
    expect((await lately()).map(({ kind }) => kind)).toEqual(['stock']);
    await api().delete(`/api/heads/${headId}`).expect(204);
    await house.restart();
    expect(await lately()).toEqual([
      { kind: 'head', id: headId, what: 'Wren', things: [], at: expect.stringMatching(/^2026-03-14T09:05/) },
      {
        kind: 'stock',
        id: change,
        what: 'On the shelf: honey.',
        did: 'add',
        things: ['honey'],
        at: expect.stringMatching(/^2026-03-14T09:00/),
      },
    ]);
    await api().post(`/api/heads/${headId}/restore`).expect(200);
    await api().post(`/api/stock/${change}/undo`).expect(200);
    // What took something back is not itself taken back.
    expect(await lately()).toEqual([]);
  });

  it('says of a change without a word what it was about', async () => {
    await addHoney('');
    expect(await lately()).toMatchObject([{ kind: 'stock', what: 'Honey', did: 'add' }]);
  });

  it('tells what came in for a bowl and went into it at once as taken', async () => {
    const lotId = randomUUID();
    const lots = [
      { id: lotId, ingredientId: 'honey', state: 'whole', since: '2026-03-14T09:00:00.000Z', label: '' } as const,
    ];
    const movements = [
      { lotId, kind: 'add', grams: 12, placeId: 'counter' },
      { lotId, kind: 'draw', grams: -12 },
    ] as const;
    await api().post('/api/stock').send({ id: randomUUID(), note: 'for Still water', lots, movements }).expect(201);
    expect(await lately()).toMatchObject([{ what: 'for Still water', did: 'draw' }]);
  });

  it('names of a bowl that was put away what there was most of', async () => {
    const { id: headId } = (await api().post('/api/heads').send(aHead).expect(201)).body;
    const bowl = aBowl(headId);
    const kept = (await api().post('/api/bowls').send(bowl).expect(201)).body as Bowl;
    await api().delete(`/api/bowls/${bowl.id}`).expect(204);
    const most = [...kept.snapshot.mask.parts].sort((one, other) => other.share - one.share);
    expect(most.length).toBeGreaterThan(3);
    expect(await lately()).toMatchObject([
      { kind: 'bowl', id: bowl.id, things: most.slice(0, 3).map(({ ingredientId }) => ingredientId) },
    ]);
  });

  it('holds the last twenty and no more', async () => {
    for (let i = 0; i < 23; i++) {
      at(i);
      await addHoney(`${i}`);
    }
    const shown = await lately();
    expect(shown.map(({ what }) => Number(what))).toEqual(Array.from({ length: 20 }, (_, i) => 22 - i));
  });
});
