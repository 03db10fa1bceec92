import { NO_CHOICES } from '@amber-ladle/core/house';
import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Lot } from '@amber-ladle/core/shelf';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = (to = house) => request(to.app);

async function add(ingredientId: string, grams: number, rest: object = {}, movement: object = {}): Promise<string> {
  const id = randomUUID();
  await api()
    .post('/api/stock')
    .send({
      id: randomUUID(),
      note: '',
      lots: [
        {
          id,
          ingredientId,
          state: 'whole',
          since: '2026-03-13T09:00:00.000Z',
          label: 'from the lock, "good"',
          ...rest,
        },
      ],
      movements: [{ lotId: id, kind: 'add', grams, placeId: 'counter', ...movement }],
    })
    .expect(201);
  return id;
}
const lots = async (of = house): Promise<Lot[]> => (await api(of).get('/api/shelf?limit=100')).body.lots;
const read = (text: string, isForReal: boolean, to = house) =>
  api(to).post('/api/files/stock').send({ text, isForReal }).expect(200);

describe('tables of stock', () => {
  it('go out and come back equal in another household, once', async () => {
    const avocado = await add('avocado', 266, { pieceGrams: 133, pricePerGram: 0.011 }, { stage: 'unripe' });
    await add('honey', 400);
    await api()
      .post('/api/stock')
      .send({
        id: randomUUID(),
        note: '',
        lots: [],
        movements: [
          { lotId: avocado, kind: 'move', grams: 0, placeId: 'fridge' },
          { lotId: avocado, kind: 'touch', grams: 0, stage: 'ready' },
        ],
      })
      .expect(201);
    const text = (await api().get('/api/files/lots.csv').expect(200)).text;
    const other = await testHouse();
    other.home.clock.set('2026-03-14T10:00:00.000Z');
    expect((await read(text, false, other)).body).toMatchObject({ kind: 'lots', rows: 2, faults: [], isDone: false });
    expect(await lots(other)).toEqual([]);
    expect((await read(text, true, other)).body.isDone).toBe(true);
    expect(await lots(other)).toEqual(await lots());
    expect((await read(text, true, other)).body.faults[0].words).toContain('already');
    await other.close();
  });

  it('bring in a book of movements, all or nothing', async () => {
    const id = await add('yogurt', 400);
    const book = (rows: string[]) => ['lot_id,kind,grams,at,place_id,stage,state,reason', ...rows].join('\n');
    const draw = `${id},draw,-100,2026-03-13T12:00:00Z,,,,`;
    const tooMuch = `${id},draw,-900,2026-03-13T12:00:00Z,,,,`;
    expect((await read(book([draw, tooMuch]), true)).body).toMatchObject({ isDone: false });
    expect((await lots())[0]!.grams).toBe(400);
    expect((await read(book([draw, `${randomUUID()},draw,-1,2026-03-13T12:00:00Z,,,,`]), true)).body.faults).toEqual([
      { line: 3, column: 'lot_id', words: 'There is no such lot.' },
    ]);
    expect((await read(book([draw]), true)).body.isDone).toBe(true);
    expect((await read(book([draw]), true)).body.isDone).toBe(true);
    expect((await lots())[0]!.grams).toBe(300);
    expect((await api().get('/api/files/movements.csv')).text.split('\r\n')).toHaveLength(3);
  });

  it.each([
    ['words', 'hello there', 'Missing columns'],
    ['script', 'id,<script>alert(1)</script>', 'Missing columns'],
    [
      'nothing but a heading',
      'id,ingredient_id,state,since,grams,piece_grams,price_per_gram,label,stood,felt',
      undefined,
    ],
  ])('meet %s kindly', async (_, text, words) => {
    const { body } = await read(text, true);
    expect(body.isDone).toBe(false);
    if (words) expect(body.faults[0].words).toContain(words);
  });

  it('name the line and the column of an unknown ingredient, place and moment', async () => {
    const header = 'id,ingredient_id,state,since,grams,piece_grams,price_per_gram,label,stood,felt';
    const row = `${randomUUID()},moonlight,whole,2027-01-01T00:00:00Z,5,,,,cellar@2026-03-01T00:00:00Z,`;
    const { faults } = (await read(`${header}\n${row}`, true)).body;
    expect(faults.map(({ line, column }: { line: number; column: string }) => [line, column])).toEqual([
      [2, 'ingredient_id'],
      [2, 'since'],
      [2, 'stood'],
    ]);
    await api()
      .post('/api/files/stock')
      .send({ text: 'x'.repeat(210_000), isForReal: true })
      .expect(422);
  });
});

describe('the calendar', () => {
  it('is read by an independent parser: windows, ripe days, bowls and plans', async () => {
    await add('avocado', 266, { pieceGrams: 133 }, { stage: 'unripe' });
    await add('yogurt', 300, { state: 'opened' }, { placeId: 'fridge' });
    await add('olive-oil', 300);
    const head = (await api().post('/api/heads').send(aHead)).body;
    const keep = (id: string, rest: object) =>
      api()
        .post('/api/bowls')
        .send({ ...aBowl(head.id, id), choices: NO_CHOICES, ...rest })
        .expect(201);
    await keep('8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a21', {});
    await api().post('/api/bowls/8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a21/made').send({ placeId: 'fridge' }).expect(200);
    await keep('8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a22', { plannedFor: '2026-03-17T09:00:00.000Z' });

    const { text, headers } = await api().get('/api/calendar.ics').expect(200);
    expect(headers['content-type']).toContain('text/calendar');
    const events = new ICAL.Component(ICAL.parse(text) as never)
      .getAllSubcomponents('vevent')
      .map((component) => new ICAL.Event(component));
    const byStart = (summary: RegExp) =>
      events
        .find((event) => summary.test(event.summary))
        ?.startDate.toJSDate()
        .toISOString();
    expect(byStart(/^Avocado is ready/)).toBeDefined();
    // Opened yogurt keeps five days in the fridge, from yesterday nine on.
    expect(byStart(/plain yogurt, opened/)).toBe('2026-03-18T09:00:00.000Z');
    // Rice in it: a day in the cold.
    expect(byStart(/Rice silk: past its time/)?.slice(0, 13)).toBe('2026-03-15T09');
    expect(byStart(/Rice silk for Wren/)).toBe('2026-03-17T09:00:00.000Z');
    expect(events.some((event) => /olive oil/i.test(event.summary))).toBe(false);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });
});

describe('what to buy', () => {
  it('follows the planned bowls and leaves out what is drawn', async () => {
    const head = (await api().post('/api/heads').send(aHead)).body;
    const id = '8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a23';
    await api()
      .post('/api/bowls')
      .send({ ...aBowl(head.id, id), choices: NO_CHOICES, plannedFor: '2026-03-16T09:00:00.000Z' })
      .expect(201);
    const wanted = (await api().get('/api/buy')).body as { what: string; isRaw: boolean }[];
    expect(wanted.map(({ what }) => what)).toEqual(expect.arrayContaining(['white rice, dry', 'Honey']));
    const rice = await add('rice-cream', 1000, { state: 'raw' });
    await api()
      .post(`/api/bowls/${id}/draw`)
      .send({ id: randomUUID(), note: '', lots: [], movements: [{ lotId: rice, kind: 'draw', grams: -60 }] })
      .expect(200);
    expect((await api().get('/api/buy')).body).toEqual([]);
  });
});

describe('simulated devices', () => {
  it('obey the hands: a door, a power cut, and the demo’s clock', async () => {
    const demo = await testHouse({ demo: true });
    const [fridge] = (await api(demo).get('/api/devices/thermometers').expect(200)).body;
    expect(fridge).toMatchObject({ placeId: 'fridge', isDoorOpen: false, hasPower: true });
    await api(demo).post('/api/devices/thermometers/fridge').send({ hasPower: false }).expect(200);
    await api(demo).post('/api/devices/clock').send({ minutes: 300 }).expect(200);
    const [warm] = (await api(demo).get('/api/devices/thermometers')).body;
    expect(warm.celsius).toBeGreaterThan(10);
    const { readings } = (await api(demo).get('/api/shelf')).body;
    expect(readings.length).toBeGreaterThan(5);
    expect(readings.at(-1).celsius).toBeGreaterThan(readings[0].celsius);
    await api(demo).post('/api/devices/thermometers/counter').send({ hasPower: true }).expect(404);
    await api(demo).post('/api/devices/clock').send({ minutes: -5 }).expect(422);
    await demo.close();
  });

  it('never let anyone turn the clock of a real household', async () => {
    await api().post('/api/devices/clock').send({ minutes: 60 }).expect(404);
  });

  it('are off in a household of one’s own, and only for practice when they are asked for', async () => {
    expect((await api().get('/api/devices/thermometers').expect(200)).body).toEqual([]);
    await api().get('/api/devices/scale').expect(404);
    await api().post('/api/devices/scale').send({ put: 240 }).expect(404);
    await api().post('/api/devices/thermometers/fridge').send({ hasPower: false }).expect(404);
    const settings = (await api().get('/api/settings')).body;
    expect(settings.practiceDevices).toBe(false);
    await api()
      .patch('/api/settings')
      .send({ change: { practiceDevices: true }, seen: settings })
      .expect(200);
    await api().get('/api/devices/scale').expect(200);
    await api().post('/api/devices/thermometers/fridge').send({ hasPower: false }).expect(200);
    house.home.clock.set('2026-03-14T20:00:00.000Z');
    const [fridge] = (await api().get('/api/devices/thermometers')).body;
    expect(fridge.celsius).toBeGreaterThan(10);
    // What a practice thermometer says is written down nowhere: no window follows it.
    expect((await api().get('/api/shelf')).body.readings).toEqual([]);
  });

  it('leave room for what somebody reads off a thermometer of their own', async () => {
    const reading = { placeId: 'fridge', celsius: 6.5, at: '2026-03-14T08:30:00.000Z' };
    await api().post('/api/readings').send(reading).expect(201);
    expect((await api().get('/api/shelf')).body.readings).toEqual([reading]);
    await api()
      .post('/api/readings')
      .send({ ...reading, placeId: 'cellar' })
      .expect(422);
    await api()
      .post('/api/readings')
      .send({ ...reading, at: '2026-03-15T08:30:00.000Z' })
      .expect(422);
    await api()
      .post('/api/readings')
      .send({ ...reading, celsius: 300 })
      .expect(422);
    await api().post('/api/readings').send({}).expect(422);
  });

  it('weigh what is put on, zero, and say when it is too much', async () => {
    const demo = await testHouse({ demo: true });
    const api = () => request(demo.app);
    await api().post('/api/devices/scale').send({ put: 240 }).expect(200);
    await new Promise((resolve) => setTimeout(resolve, 3500));
    expect((await api().get('/api/devices/scale')).body).toEqual({ grams: 240, isSteady: true, isOverloaded: false });
    await api().post('/api/devices/scale').send({ tare: true }).expect(200);
    expect((await api().get('/api/devices/scale')).body.grams).toBe(0);
    expect((await api().post('/api/devices/scale').send({ put: 6000 })).body.isOverloaded).toBe(true);
    await api().post('/api/devices/scale').send({ put: 'all' }).expect(422);
    await demo.close();
  });
});
