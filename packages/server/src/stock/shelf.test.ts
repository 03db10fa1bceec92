import { randomUUID } from 'node:crypto';
import type { NewMovement, StockChange, Worn } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import { balances, type Lot, type Movement } from '@amber-ladle/core/shelf';
import fc from 'fast-check';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addReading } from '../place';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);
const NOW = '2026-03-14T09:00:00.000Z';

/** A change that puts one lot on the shelf. */
function adding(ingredientId: string, grams: number, rest: Partial<StockChange['lots'][number]> = {}): StockChange {
  const id = randomUUID();
  return {
    id: randomUUID(),
    note: '',
    lots: [{ id, ingredientId, state: 'whole', since: NOW, label: '', ...rest }],
    movements: [{ lotId: id, kind: 'add', grams, placeId: 'counter' }],
  };
}
const change = (...movements: NewMovement[]): StockChange => ({ id: randomUUID(), note: '', lots: [], movements });
const add = async (ingredientId: string, grams: number, rest = {}): Promise<Lot> =>
  (
    await api()
      .post('/api/stock')
      .send(adding(ingredientId, grams, rest))
      .expect(201)
  ).body.lots[0];
const shelf = async (): Promise<Lot[]> => (await api().get('/api/shelf?limit=100').expect(200)).body.lots;

describe('the book of stock', () => {
  it('adds, draws, moves, opens and lists what ends first first', async () => {
    await add('olive-oil', 250);
    const yogurt = await add('yogurt', 400, { pricePerGram: 0.005 });
    await api()
      .post('/api/stock')
      .send(
        change(
          { lotId: yogurt.id, kind: 'draw', grams: -60 },
          { lotId: yogurt.id, kind: 'open', grams: 0, state: 'opened' },
          { lotId: yogurt.id, kind: 'move', grams: 0, placeId: 'fridge' },
        ),
      )
      .expect(201);
    const lots = await shelf();
    expect(lots.map(({ ingredientId, grams, state }) => [ingredientId, grams, state])).toEqual([
      ['yogurt', 340, 'opened'],
      ['olive-oil', 250, 'whole'],
    ]);
    expect(lots[0]!.stays.map(({ placeId }) => placeId)).toEqual(['counter', 'fridge']);
    const { movements } = (await api().get(`/api/lots/${yogurt.id}`).expect(200)).body;
    expect(movements).toHaveLength(4);
    expect((await api().get('/api/movements?limit=2')).body).toMatchObject({
      total: 5,
      items: [{ kind: 'move' }, { kind: 'open' }],
    });
  });

  it('happens once however often it is sent, also at the same time', async () => {
    const lot = await add('yogurt', 400);
    const draw = change({ lotId: lot.id, kind: 'draw', grams: -100 });
    const answers = await Promise.all(Array.from({ length: 6 }, () => api().post('/api/stock').send(draw)));
    expect(answers.filter(({ status }) => status === 201)).toHaveLength(1);
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(5);
    expect((await shelf())[0]!.grams).toBe(300);
  });

  it('gives the last egg to one of two who reach for it, and tells the other', async () => {
    const eggs = await add('egg-whole', 50, { pieceGrams: 50 });
    const reach = () =>
      api()
        .post('/api/stock')
        .send(change({ lotId: eggs.id, kind: 'draw', grams: -50 }));
    const answers = await Promise.all([reach(), reach(), reach()]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409]);
    const refused = answers.find(({ status }) => status === 409)!;
    expect(refused.body).toMatchObject({ type: 'urn:amber-ladle:not-enough', current: { grams: 0 } });
    expect(await shelf()).toEqual([]);
  });

  it('lists what happened last first, though something earlier was told after it', async () => {
    await add('honey', 100);
    await add('yogurt', 100, { since: '2026-03-13T08:00:00.000Z' });
    const { items } = (await api().get('/api/movements').expect(200)).body as { items: { ingredientId: string }[] };
    expect(items.map(({ ingredientId }) => ingredientId)).toEqual(['honey', 'yogurt']);
  });

  it('does all of a change or none of it', async () => {
    const a = await add('yogurt', 100);
    const b = await add('honey', 10);
    await api()
      .post('/api/stock')
      .send(change({ lotId: a.id, kind: 'draw', grams: -50 }, { lotId: b.id, kind: 'draw', grams: -50 }))
      .expect(409);
    expect((await shelf()).map(({ grams }) => grams).sort()).toEqual([10, 100]);
    expect((await api().get('/api/movements')).body.total).toBe(2);
  });

  it('takes a change back, once, and refuses where what it brought is gone', async () => {
    const lot = await add('yogurt', 100);
    const move = change({ lotId: lot.id, kind: 'move', grams: 0, placeId: 'fridge' });
    await api().post('/api/stock').send(move).expect(201);
    await api().post(`/api/stock/${move.id}/undo`).expect(200);
    await api().post(`/api/stock/${move.id}/undo`).expect(200);
    expect((await shelf())[0]!.stays).toHaveLength(1);

    const draw = change({ lotId: lot.id, kind: 'draw', grams: -40 });
    await api().post('/api/stock').send(draw).expect(201);
    await api().post(`/api/stock/${draw.id}/undo`).expect(200);
    expect((await shelf())[0]!.grams).toBe(100);

    const more = adding('honey', 30);
    await api().post('/api/stock').send(more).expect(201);
    await api()
      .post('/api/stock')
      .send(change({ lotId: more.lots[0]!.id, kind: 'draw', grams: -30 }))
      .expect(201);
    await api().post(`/api/stock/${more.id}/undo`).expect(409);
    await api().post('/api/stock/nothing/undo').expect(404);
  });

  it('does not take a taking back back: what is wanted after all is asked for anew', async () => {
    const lot = await add('yogurt', 100);
    const draw = change({ lotId: lot.id, kind: 'draw', grams: -40 });
    await api().post('/api/stock').send(draw).expect(201);
    await api().post(`/api/stock/${draw.id}/undo`).expect(200);
    const [taken] = (await api().get('/api/movements?limit=1')).body.items as { changeId: string }[];
    const { body } = await api().post(`/api/stock/${taken!.changeId}/undo`).expect(409);
    expect(body.title).toBe('That took something back.');
    expect((await shelf())[0]!.grams).toBe(100);
    await api()
      .post('/api/stock')
      .send(change({ lotId: lot.id, kind: 'draw', grams: -40 }))
      .expect(201);
    expect((await shelf())[0]!.grams).toBe(60);
  });

  it('reads moments of any zone as the moments they are', async () => {
    // Half past two in Berlin is half past one here, and still to come; half past nine there was half past eight.
    const later = adding('honey', 30, { since: '2026-03-14T10:30:00+01:00' });
    expect((await api().post('/api/stock').send(later).expect(422)).body.fields).toHaveProperty('lots[0].since');
    const before = adding('honey', 30, { since: '2026-03-14T09:30:00+01:00' });
    const { lots } = (await api().post('/api/stock').send(before).expect(201)).body as { lots: Lot[] };
    expect(lots[0]!.since).toBe('2026-03-14T08:30:00.000Z');
    expect(lots[0]!.stays).toEqual([{ placeId: 'counter', from: '2026-03-14T08:30:00.000Z' }]);
    for (const [at, status] of [
      ['2026-03-14T04:00:00-05:00', 201],
      ['2026-03-14T04:01:00-05:00', 422],
    ] as const)
      await api()
        .post('/api/stock')
        .send(change({ lotId: lots[0]!.id, kind: 'draw', grams: -1, at }))
        .expect(status);
  });

  it.each<[string, (lot: Lot) => unknown, number]>([
    ['an unknown lot', () => change({ lotId: randomUUID(), kind: 'draw', grams: -1 }), 422],
    ['an unknown place', (lot) => change({ lotId: lot.id, kind: 'move', grams: 0, placeId: 'cellar' }), 422],
    ['an unknown ingredient', () => adding('moonlight', 10), 422],
    ['a lot of tomorrow', () => adding('honey', 10, { since: '2026-03-20T00:00:00.000Z' }), 422],
    ['no movement', () => change(), 422],
    ['text for grams', (lot) => change({ lotId: lot.id, kind: 'draw', grams: 'all' as never }), 422],
    ['a tonne', (lot) => change({ lotId: lot.id, kind: 'correct', grams: 1e6 }), 422],
    ['a lot that stands nowhere', () => ({ ...adding('honey', 10), movements: adding('honey', 1).movements }), 422],
  ])('refuses %s and changes nothing', async (_, bad, status) => {
    const lot = await add('yogurt', 100);
    const { body } = await api()
      .post('/api/stock')
      .send(bad(lot) as object)
      .expect(status);
    expect(JSON.stringify(body)).not.toMatch(/at .*\.ts|node_modules|SQLITE/);
    expect((await shelf()).map(({ grams }) => grams)).toEqual([100]);
    expect((await api().get('/api/movements')).body.total).toBe(1);
  });

  it('keeps every balance the sum of its movements, under any row of changes', async () => {
    const a = await add('yogurt', 100);
    const b = await add('honey', 100);
    const steps = fc.sample(
      fc.record({
        lotId: fc.constantFrom(a.id, b.id),
        kind: fc.constantFrom('draw', 'correct', 'discard', 'use-otherwise' as const),
        grams: fc.integer({ min: -60, max: 40 }),
        undo: fc.boolean(),
      }),
      { numRuns: 40, seed: 7 },
    );
    for (const { undo, ...movement } of steps) {
      const asked = change(movement);
      const { status } = await api().post('/api/stock').send(asked);
      if (status === 201 && undo) await api().post(`/api/stock/${asked.id}/undo`);
    }
    const { items } = (await api().get('/api/movements?limit=100')).body as { items: Movement[] };
    const sums = balances(items);
    for (const { id, grams } of await house.source.query<
      {
        id: string;
        grams: number;
      }[]
    >('SELECT id, grams FROM lot')) {
      expect(sums.get(id)!).toBeCloseTo(grams, 6);
      expect(grams).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('places', () => {
  it('are the owner’s list, and one with something in it stays', async () => {
    await add('yogurt', 100);
    const roof = { name: 'Roof box', kind: 'outside', celsius: 12, version: 0 };
    expect((await api().put('/api/places/roof').send(roof).expect(200)).body).toHaveLength(5);
    // Another device that still shows it as it was overwrites nothing.
    await api()
      .put('/api/places/roof')
      .send({ ...roof, celsius: 9, version: 1 })
      .expect(200);
    const late = await api()
      .put('/api/places/roof')
      .send({ ...roof, celsius: 15, version: 1 })
      .expect(409);
    expect(late.body.current).toMatchObject({ id: 'roof', celsius: 9, version: 2 });
    await api().put('/api/places/roof').send(roof).expect(409);
    await api()
      .put('/api/places/gone')
      .send({ ...roof, version: 3 })
      .expect(404);
    const { body } = await api().delete('/api/places/counter').expect(409);
    expect(body.title).toContain('Counter');
    expect((await api().get('/api/places')).body).toHaveLength(5);
    expect((await api().delete('/api/places/roof').expect(200)).body).toHaveLength(4);
    await api().delete('/api/places/roof').expect(404);
    await api()
      .put('/api/places/roof')
      .send({ ...roof, celsius: 400 })
      .expect(422);
    await api().put('/api/places/Roof%20box').send(roof).expect(422);
    for (const id of ['fridge', 'freezer', 'bag']) await api().delete(`/api/places/${id}`).expect(200);
    await api().delete('/api/places/counter').expect(422);
  });

  it('keeps what many devices add at once, and a place that is warmed beside them', async () => {
    const ids = Array.from({ length: 16 }, (_, i) => `box-${i}`);
    await Promise.all([
      ...ids.map((id) =>
        api().put(`/api/places/${id}`).send({ name: id, kind: 'counter', celsius: 20, version: 0 }).expect(200),
      ),
      api().put('/api/places/fridge').send({ name: 'Fridge', kind: 'fridge', celsius: 7, version: 1 }).expect(200),
    ]);
    const places = (await api().get('/api/places')).body as { id: string; celsius: number }[];
    expect(places.map(({ id }) => id).toSorted()).toEqual(['bag', 'counter', 'freezer', 'fridge', ...ids].toSorted());
    expect(places.find(({ id }) => id === 'fridge')?.celsius).toBe(7);
    await api()
      .put('/api/places/one-more')
      .send({ name: 'One more', kind: 'counter', celsius: 20, version: 0 })
      .expect(422);
  });
});

describe('a bowl made from the shelf', () => {
  const keep = async (draw?: StockChange) => {
    const head = (await api().post('/api/heads').send(aHead)).body;
    return api()
      .post('/api/bowls')
      .send({ ...aBowl(head.id), choices: NO_CHOICES, ...(draw ? { draw } : {}) });
  };

  it('draws with the keeping, or neither happens', async () => {
    const rice = await add('rice-cream', 500, { state: 'made' });
    const refused = await keep(change({ lotId: rice.id, kind: 'draw', grams: -600 }));
    expect(refused.status).toBe(409);
    expect((await api().get('/api/bowls')).body.total).toBe(0);
    const kept = await keep(change({ lotId: rice.id, kind: 'draw', grams: -400 }));
    expect(kept.status).toBe(201);
    expect((await shelf())[0]!.grams).toBe(100);
    expect(kept.body.life).toMatchObject({ startShare: expect.closeTo(0, 2), stays: [] });
  });

  it('is not drawn for by what was taken for another bowl', async () => {
    const rice = await add('rice-cream', 900, { state: 'made' });
    const draw = change({ lotId: rice.id, kind: 'draw', grams: -400 });
    const kept = await keep(draw);
    const head = (await api().post('/api/heads').send(aHead)).body;
    const other = { ...aBowl(head.id, randomUUID()), choices: NO_CHOICES };
    expect(
      (
        await api()
          .post('/api/bowls')
          .send({ ...other, draw })
          .expect(409)
      ).body.title,
    ).toMatch(/another bowl/);
    await api().get(`/api/bowls/${other.id}`).expect(404);
    await api().post('/api/bowls').send(other).expect(201);
    await api().post(`/api/bowls/${other.id}/draw`).send(draw).expect(409);
    expect((await api().get(`/api/bowls/${other.id}`)).body.life.isDrawn).toBe(false);
    // For its own bowl it is there already.
    await api().post(`/api/bowls/${kept.body.id}/draw`).send(draw).expect(200);
    expect((await shelf())[0]!.grams).toBe(500);
  });

  it('is kept with a bowl each for others, or none of them is', async () => {
    const rice = await add('rice-cream', 900, { state: 'made' });
    const heads = [];
    for (const name of ['Wren', 'Bram'])
      heads.push(
        (
          await api()
            .post('/api/heads')
            .send({ ...aHead, name })
        ).body as { id: string },
      );
    const wishes = heads.map(({ id }) => ({ ...aBowl(id, randomUUID()), choices: NO_CHOICES }));
    const draw = (grams: number) => change({ lotId: rice.id, kind: 'draw', grams });
    const each = (bowls: object[]) => api().post('/api/bowls/each').send({ bowls });
    await each([wishes[0]!, { ...wishes[1]!, draw: draw(-1000) }]).expect(409);
    await each([wishes[0]!, { ...wishes[1]!, headId: 'nobody' }]).expect(404);
    expect((await each([wishes[0]!, wishes[0]!]).expect(422)).body.fields).toHaveProperty('bowls');
    await each([]).expect(422);
    expect((await api().get('/api/bowls')).body.total).toBe(0);
    expect((await shelf())[0]!.grams).toBe(900);

    const bowls = [{ ...wishes[0]!, draw: draw(-400) }, wishes[1]!];
    const kept = (await each(bowls).expect(201)).body as { id: string; headName: string }[];
    expect(kept.map(({ id, headName }) => [id, headName])).toEqual([
      [wishes[0]!.id, 'Wren'],
      [wishes[1]!.id, 'Bram'],
    ]);
    // A second try after a lost answer keeps and draws nothing more.
    expect((await each(bowls).expect(201)).body).toEqual(kept);
    expect((await api().get('/api/bowls')).body.total).toBe(2);
    expect((await shelf())[0]!.grams).toBe(500);
  });

  it('costs what was taken, until that is taken back', async () => {
    const rice = await add('rice-cream', 500, { state: 'made', pricePerGram: 0.002 });
    const draw = change({ lotId: rice.id, kind: 'draw', grams: -400 });
    const { id } = (await keep(draw)).body;
    expect((await api().get(`/api/bowls/${id}/cost`)).body).toEqual({ money: 0.8, grams: 400, unpricedGrams: 0 });
    await api().post(`/api/stock/${draw.id}/undo`).expect(200);
    expect((await api().get(`/api/bowls/${id}/cost`)).body.grams).toBe(0);
    expect((await api().get(`/api/bowls/${id}`)).body.life.isDrawn).toBe(false);
  });

  it('carries on the clock of what went in: rice that stood half an hour has a quarter of its two hours behind it', async () => {
    const rice = await add('rice-cream', 500, { state: 'made' });
    house.home.clock.set('2026-03-14T09:30:00.000Z');
    const kept = await keep(change({ lotId: rice.id, kind: 'draw', grams: -400 }));
    expect(kept.body.life.startShare).toBeCloseTo(0.25, 3);
  });

  it('is mixed, carried, and past its time worn only with a decision that stays', async () => {
    const { id } = (await keep()).body;
    await api().post(`/api/bowls/${id}/move`).send({ placeId: 'fridge' }).expect(422);
    await api().post(`/api/bowls/${id}/made`).send({ placeId: 'cellar' }).expect(422);
    await api().post(`/api/bowls/${id}/made`).send({ placeId: 'counter' }).expect(200);
    house.home.clock.set('2026-03-14T09:40:00.000Z');
    const moved = (await api().post(`/api/bowls/${id}/move`).send({ placeId: 'fridge' }).expect(200)).body;
    expect(moved.stays).toHaveLength(2);
    house.home.clock.set('2026-03-15T03:00:00.000Z');
    const { body } = await api().post(`/api/bowls/${id}/end`).send({ how: 'worn' }).expect(422);
    expect(body.fields.decision).toContain('past its time');
    const ended = (
      await api().post(`/api/bowls/${id}/end`).send({ how: 'worn', decision: 'smells fresh, patch tested' }).expect(200)
    ).body;
    expect(ended).toMatchObject({
      endedHow: 'worn',
      decisions: [{ what: { id: 'said', params: { text: 'smells fresh, patch tested' } } }],
    });
    await api().post(`/api/bowls/${id}/end`).send({ how: 'thrown-away' }).expect(422);
    expect((await api().get(`/api/bowls/${id}`)).body.life.decisions).toHaveLength(1);
  });

  it('is put on section by section, its time runs from the cap on, and it ends rinsed out', async () => {
    const { id } = (await keep()).body;
    const wear = (body: object) => api().post(`/api/bowls/${id}/wear`).send(body);
    // Two devices tap at once; neither tap is lost.
    await Promise.all(
      ['front-left', 'front-right', 'nape-left'].map((one) => wear({ section: { id: one, isDone: true } })),
    );
    await wear({ section: { id: 'nape-left', isDone: false } }).expect(200);
    const on = (await wear({ isCapOn: true }).expect(200)).body;
    const [first] = Object.values(on.wearing as Record<string, Worn>);
    expect([...(first?.sectionsDone ?? [])].sort()).toEqual(['front-left', 'front-right']);
    house.home.clock.set('2026-03-14T09:20:00.000Z');
    const again = (await wear({ isCapOn: true }).expect(200)).body;
    expect(Object.values(again.wearing as Record<string, Worn>)[0]?.wornFrom).toBe(first?.wornFrom);
    await wear({ section: 'all of them' }).expect(422);
    await wear({ headId: 'somebody', isCapOn: true }).expect(422);
    const out = (await wear({ isRinsed: true }).expect(200)).body;
    expect(Object.values(out.wearing as Record<string, Worn>)[0]).toMatchObject({
      rinsedAt: expect.stringContaining('T09:20') as string,
    });
    expect((await api().post(`/api/bowls/${id}/end`).send({ how: 'worn' }).expect(200)).body.endedHow).toBe('worn');
  });

  it('past its time is put on only with a decision', async () => {
    const { id } = (await keep()).body;
    await api().post(`/api/bowls/${id}/made`).send({ placeId: 'counter' }).expect(200);
    house.home.clock.set('2026-03-14T12:00:00.000Z');
    const wear = (decision?: string) =>
      api()
        .post(`/api/bowls/${id}/wear`)
        .send({ isCapOn: true, ...(decision ? { decision } : {}) });
    await wear().expect(422);
    expect((await wear('only the ends').expect(200)).body.decisions).toHaveLength(1);
  });

  it('says what was left of it: kept and worn anew, for a second head, or gone, and that can be taken back', async () => {
    const { id, headId } = (await keep()).body;
    const left = (body: object) =>
      api()
        .post(`/api/bowls/${id}/left`)
        .send({ how: 'judged', millilitres: 40, ...body });
    await api().post(`/api/bowls/${id}/made`).send({ placeId: 'counter' }).expect(200);
    await api().post(`/api/bowls/${id}/wear`).send({ isRinsed: true }).expect(200);
    await left({ fate: 'frozen', placeId: 'fridge' }).expect(422);
    await left({ fate: 'kept', placeId: 'cellar' }).expect(422);
    await left({ fate: 'nothing', millilitres: -1 }).expect(422);
    const kept = (await left({ fate: 'kept', placeId: 'fridge' }).expect(200)).body;
    expect(kept).toMatchObject({ leftOver: { millilitres: 40, fate: 'kept' } });
    expect(kept.endedAt).toBeUndefined();
    expect(kept.stays.at(-1).placeId).toBe('fridge');
    const anew = (await api().post(`/api/bowls/${id}/wear`).send({ isCapOn: true }).expect(200)).body;
    expect(anew.wearing[headId].rinsedAt).toBeUndefined();
    const other = (
      await api()
        .post('/api/heads')
        .send({ ...aHead, name: 'Linnet' })
    ).body;
    await left({ fate: 'second-head', headId: 'nobody' }).expect(404);
    const shared = (await left({ fate: 'second-head', headId: other.id }).expect(200)).body;
    expect(shared.wearing[other.id]).toEqual({ sectionsDone: [] });
    expect((await left({ fate: 'nothing', millilitres: 0 }).expect(200)).body.endedHow).toBe('worn');
    await left({ fate: 'discarded' }).expect(422);
    const back = async () => (await api().delete(`/api/bowls/${id}/left`).send({}).expect(200)).body;
    expect(await back()).toMatchObject({ leftOver: { fate: 'second-head' } });
    expect((await back()).endedAt).toBeUndefined();
    const none = await back();
    expect(none.leftOver).toBeUndefined();
    expect(none.stays.at(-1).placeId).toBe('counter');
    expect(await back()).toEqual(none);
  });

  it('is thrown away without asking', async () => {
    const { id } = (await keep()).body;
    await api().post(`/api/bowls/${id}/end`).send({ how: 'thrown-away' }).expect(200);
    await api().post('/api/bowls/none/end').send({ how: 'thrown-away' }).expect(404);
  });
});

it('reads thermometers into the shelf, the same moment once', async () => {
  for (const celsius of [7, 9]) await addReading(house.home, { placeId: 'fridge', at: NOW, celsius });
  expect((await api().get('/api/shelf')).body.readings).toEqual([{ placeId: 'fridge', at: NOW, celsius: 9 }]);
});

it('counts waste by month, without what was taken back', async () => {
  const lot = await add('yogurt', 400, { pricePerGram: 0.01 });
  const discard = (grams: number) => change({ lotId: lot.id, kind: 'discard', grams: -grams, reason: 'past' });
  await api().post('/api/stock').send(discard(100)).expect(201);
  const second = discard(200);
  await api().post('/api/stock').send(second).expect(201);
  await api().post(`/api/stock/${second.id}/undo`).expect(200);
  expect((await api().get('/api/waste')).body).toEqual([
    { month: '2026-03', byReason: { past: 100 }, money: 1, grams: 100, unpricedGrams: 0 },
  ]);
});

it('keeps restock levels, and an ingredient that is on the shelf', async () => {
  await Promise.all(
    ['olive-oil', 'honey', 'jojoba-oil'].map((id, i) =>
      api()
        .put(`/api/restock/${id}`)
        .send({ grams: 100 * (i + 1), seenGrams: 0 })
        .expect(200),
    ),
  );
  const levels = (await api().get('/api/restock')).body as { ingredientId: string; grams: number }[];
  expect(levels.toSorted((a, b) => a.grams - b.grams)).toEqual([
    { ingredientId: 'olive-oil', grams: 100 },
    { ingredientId: 'honey', grams: 200 },
    { ingredientId: 'jojoba-oil', grams: 300 },
  ]);
  const honey = (grams: number, seenGrams: number) => api().put('/api/restock/honey').send({ grams, seenGrams });
  // Another device has set it meanwhile: nothing is overwritten, and what is so now comes back.
  expect((await honey(500, 0).expect(409)).body.current).toEqual({ ingredientId: 'honey', grams: 200 });
  const both = await Promise.all([honey(250, 200), honey(300, 200)]);
  expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  const now = both.find(({ status }) => status === 200)?.body as { ingredientId: string; grams: number }[];
  const grams = now.find(({ ingredientId }) => ingredientId === 'honey')?.grams ?? 0;
  expect((await honey(0, grams).expect(200)).body).toHaveLength(2);
  await honey(-1, 0).expect(422);
});
