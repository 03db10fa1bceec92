import { randomUUID } from 'node:crypto';
import type { KeptBuyLine, WeekBack, WeekPlan, WeeksHeld } from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import { USUAL_WISHES } from '@amber-ladle/core/plan';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
let headId: string;
beforeEach(async () => {
  house = await testHouse();
  house.home.clock.set('2026-03-14T09:00:00Z');
  headId = (await api().post('/api/heads').send(aHead).expect(201)).body.id;
});
afterEach(() => house.close());
const api = () => request(house.app);
const held = async (): Promise<WeeksHeld> => (await api().get('/api/weeks').expect(200)).body;
const buys = async (): Promise<KeptBuyLine[]> => (await api().get('/api/buy').expect(200)).body;

const aPlan = (change: Partial<WeekPlan> = {}): WeekPlan => ({
  day: '2026-03-14',
  days: 14,
  bowls: [
    {
      day: '2026-03-16',
      at: '2026-03-16T17:00:00.000Z',
      maskId: 'towpath-avocado',
      headIds: [headId],
      isPinned: false,
      lines: [
        { ingredientId: 'avocado', grams: 140 },
        { ingredientId: 'honey', grams: 14 },
      ],
    },
  ],
  chills: [],
  freezes: [],
  otherwise: [],
  lostGrams: 140,
  byDayLostGrams: 420,
  isProven: true,
  ...change,
});

describe('what is wished of the weeks', () => {
  it('is the usual at first, and what was said from then on', async () => {
    expect((await held()).wishes).toEqual(USUAL_WISHES);
    const wishes = { ...USUAL_WISHES, rhythms: { [headId]: { everyDays: 5, weekdays: [0, 3] } }, budget: 12.5 };
    await api().put('/api/weeks/wishes').send({ wishes, seen: USUAL_WISHES }).expect(200);
    await house.restart();
    expect((await held()).wishes).toEqual(wishes);
  });

  it('is not overwritten by a device that saw something else', async () => {
    const wishes = { ...USUAL_WISHES, horizonDays: 21 };
    await api().put('/api/weeks/wishes').send({ wishes, seen: USUAL_WISHES }).expect(200);
    const late = await api()
      .put('/api/weeks/wishes')
      .send({ wishes: { ...USUAL_WISHES, horizonDays: 7 }, seen: USUAL_WISHES })
      .expect(409);
    expect(late.body.current.horizonDays).toBe(21);
    expect((await held()).wishes.horizonDays).toBe(21);
  });

  it('forgets what is past', async () => {
    const pins = [{ day: '2026-03-15', maskId: 'oat-ease', headIds: [headId] }];
    const wishes = { ...USUAL_WISHES, pins, dayMinutes: { '2026-03-15': 0 } };
    await api().put('/api/weeks/wishes').send({ wishes, seen: USUAL_WISHES }).expect(200);
    expect((await held()).wishes.pins).toEqual(pins);
    house.home.clock.set('2026-03-16T09:00:00Z');
    expect(await held()).toMatchObject({ wishes: { pins: [], dayMinutes: {} } });
  });

  it.each([
    ['a horizon of two days', { horizonDays: 2 }],
    ['a week of six days', { weekdayMinutes: [1, 2, 3, 4, 5, 6] }],
    ['a day that no calendar has', { dayMinutes: { '2026-02-30': 0 } }],
    ['a pin for nobody', { pins: [{ day: '2026-03-15', maskId: 'oat-ease', headIds: [] }] }],
    ['a no that ends before it begins', { noes: [{ from: '2026-03-15', to: '2026-03-14' }] }],
    ['a bowl every nought days', { rhythms: { x: { everyDays: 0, weekdays: [] } } }],
  ])('refuses %s', async (_what, change) => {
    await api()
      .put('/api/weeks/wishes')
      .send({ wishes: { ...USUAL_WISHES, ...change }, seen: USUAL_WISHES })
      .expect(422);
    expect((await held()).wishes).toEqual(USUAL_WISHES);
  });
});

describe('a plan that is kept', () => {
  it('is there after a restart, the last of its day, and goes into the file of the household', async () => {
    expect((await held()).plan).toBeUndefined();
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    await api()
      .put('/api/weeks/plan')
      .send(aPlan({ lostGrams: 90 }))
      .expect(200);
    await house.restart();
    expect((await held()).plan).toEqual({
      ...aPlan({ lostGrams: 90 }),
      at: expect.stringMatching(/^2026-03-14T09:00/),
    });
    const file = await api().get('/api/files/household.json').expect(200);
    expect(JSON.parse(file.text).tables.week_plan).toHaveLength(1);
  });

  it('puts what it wants on the list to buy, for which bowl and by when', async () => {
    expect(await buys()).toEqual([]);
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    const avocado = (await buys()).find(({ ingredientId }) => ingredientId === 'avocado');
    expect(avocado).toMatchObject({ pieces: 1, readyBy: '2026-03-16T17:00:00.000Z' });
    expect(avocado?.reasons[0]?.params).toEqual({ name: 'Towpath avocado for Wren' });
  });

  it('is bought on the last day with a shop before, with what would do instead, and is a table', async () => {
    const wishes = { ...USUAL_WISHES, shopWeekdays: [0] };
    await api().put('/api/weeks/wishes').send({ wishes, seen: USUAL_WISHES }).expect(200);
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    const found = await buys();
    expect(found.map(({ what, day }) => `${what} ${day}`)).toEqual(['Avocado 2026-03-15', 'Honey 2026-03-15']);
    expect(found[0]?.instead.length).toBeGreaterThan(0);
    const { text } = await api()
      .get('/api/files/buy.csv')
      .expect(200)
      .expect('Content-Type', /text\/csv/);
    expect(text).toContain('2026-03-15,Avocado,1,');
    expect(text).toContain('Towpath avocado for Wren');
  });

  it('offers nobody’s allergen instead', async () => {
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    const standIns = async () => (await buys()).flatMap(({ instead }) => instead);
    expect(await standIns()).toContain('strained-yogurt');
    const story = { ...NO_STORY, allergies: ['milk'] };
    await api()
      .post('/api/heads')
      .send({ ...aHead, name: 'Zora', story })
      .expect(201);
    expect(await standIns()).not.toContain('strained-yogurt');
  });

  it('knows a price and a pack when nothing of them is left, and forgets what was taken back', async () => {
    const lotId = randomUUID();
    const since = '2026-03-01T09:00:00.000Z';
    const lots = [{ id: lotId, ingredientId: 'honey', state: 'whole', since, label: '', pricePerGram: 0.02 }];
    const add = {
      id: randomUUID(),
      note: '',
      lots,
      movements: [{ lotId, kind: 'add', grams: 340, placeId: 'counter', at: since }],
    };
    await api().post('/api/stock').send(add).expect(201);
    const gone = [{ lotId, kind: 'discard', grams: -340, reason: 'other' }];
    await api().post('/api/stock').send({ id: randomUUID(), note: '', lots: [], movements: gone }).expect(201);
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    const honey = async () => (await buys()).find(({ ingredientId }) => ingredientId === 'honey');
    expect(await honey()).toMatchObject({ packs: { count: 1, grams: 340 }, money: 6.8 });
    expect((await held()).habits).toEqual({ honey: { mostGrams: 340, pricePerGram: 0.02 } });
  });

  it('stands in the calendar', async () => {
    await api().put('/api/weeks/plan').send(aPlan()).expect(200);
    const { text } = await api().get('/api/calendar.ics').expect(200);
    expect(text).toContain('SUMMARY:Towpath avocado for Wren');
    expect(text).toContain('DTSTART:20260316T170000Z');
  });

  it('buys no second avocado where the first is put into the fridge in time', async () => {
    const lotId = randomUUID();
    const since = '2026-03-13T09:00:00.000Z';
    const lots = [{ id: lotId, ingredientId: 'avocado', state: 'whole', since, label: '', pieceGrams: 150 }];
    const movements = [{ lotId, kind: 'add', grams: 150, placeId: 'counter', stage: 'nearly', at: since }];
    await api().post('/api/stock').send({ id: randomUUID(), note: '', lots, movements }).expect(201);
    const bowls = aPlan().bowls.map((bowl) => ({ ...bowl, day: '2026-03-17', at: '2026-03-17T17:00:00.000Z' }));
    const avocados = async () => (await buys()).filter(({ ingredientId }) => ingredientId === 'avocado');
    await api().put('/api/weeks/plan').send(aPlan({ bowls })).expect(200);
    expect(await avocados()).toHaveLength(1);
    await api()
      .put('/api/weeks/plan')
      .send(aPlan({ bowls, chills: [lotId] }))
      .expect(200);
    expect(await avocados()).toEqual([]);
  });

  it('stands in the calendar with what goes into the freezer, which then has no end any more', async () => {
    const lotId = randomUUID();
    const since = '2026-03-13T09:00:00.000Z';
    const lots = [{ id: lotId, ingredientId: 'mango', state: 'whole', since, label: '', pieceGrams: 200 }];
    const movements = [{ lotId, kind: 'add', grams: 200, placeId: 'counter', stage: 'ready', at: since }];
    await api().post('/api/stock').send({ id: randomUUID(), note: '', lots, movements }).expect(201);
    const summaries = async (): Promise<string> =>
      ((await api().get('/api/calendar.ics').expect(200)).text.match(/SUMMARY:.*mango.*|SUMMARY:.*Mango.*/g) ?? [])
        .map((line) => line.trim())
        .join();
    expect(await summaries()).toBe('SUMMARY:Use mango by now');
    const freezes = [{ lotId, day: '2026-03-15', at: '2026-03-15T17:00:00.000Z' }];
    await api().put('/api/weeks/plan').send(aPlan({ freezes })).expect(200);
    expect(await summaries()).toBe('SUMMARY:Into the freezer: Mango');
    // Nobody has put it there for two days: it ends where it lies.
    house.home.clock.set('2026-03-17T18:00:00Z');
    expect(await summaries()).toBe('SUMMARY:Use mango by now');
    house.home.clock.set('2026-03-14T09:00:00Z');
    const moved = [{ lotId, kind: 'move', grams: 0, placeId: 'freezer' }];
    await api().post('/api/stock').send({ id: randomUUID(), note: '', lots: [], movements: moved }).expect(201);
    expect(await summaries()).not.toContain('Into the freezer');
  });

  it('buys no second mango where the first is frozen in time', async () => {
    const lotId = randomUUID();
    const since = '2026-03-13T09:00:00.000Z';
    const lots = [{ id: lotId, ingredientId: 'mango', state: 'whole', since, label: '', pieceGrams: 200 }];
    const movements = [{ lotId, kind: 'add', grams: 200, placeId: 'counter', stage: 'ready', at: since }];
    await api().post('/api/stock').send({ id: randomUUID(), note: '', lots, movements }).expect(201);
    const bowls = aPlan().bowls.map((bowl) => ({
      ...bowl,
      day: '2026-03-27',
      at: '2026-03-27T17:00:00.000Z',
      lines: [{ ingredientId: 'mango', grams: 120 }],
    }));
    const mangoes = async () => (await buys()).filter(({ ingredientId }) => ingredientId === 'mango');
    await api().put('/api/weeks/plan').send(aPlan({ bowls })).expect(200);
    expect(await mangoes()).toHaveLength(1);
    const freezesOn = async (day: string) => {
      const freezes = [{ lotId, day, at: `${day}T17:00:00.000Z` }];
      await api().put('/api/weeks/plan').send(aPlan({ bowls, freezes })).expect(200);
      return mangoes();
    };
    expect(await freezesOn('2026-03-14')).toEqual([]);
    // What has turned before it went into the freezer is no mango.
    expect(await freezesOn('2026-03-26')).toHaveLength(1);
  });

  it('refuses a plan that freezes what it does not name, or on no day', async () => {
    for (const one of [{ lotId: 'a' }, { lotId: '', day: '2026-03-14', at: '2026-03-14T17:00:00Z' }, { day: 'soon' }])
      await api()
        .put('/api/weeks/plan')
        .send({ ...aPlan(), freezes: [one] })
        .expect(422);
  });

  it('wants nothing any more for a bowl that is kept for its day, or past', async () => {
    const bowls = aPlan().bowls.map((bowl) => ({ ...bowl, maskId: 'rice-silk' }));
    await api().put('/api/weeks/plan').send(aPlan({ bowls })).expect(200);
    const wants = async (id: string): Promise<boolean> =>
      (await buys()).some(({ ingredientId }) => ingredientId === id);
    expect(await wants('avocado')).toBe(true);
    const id = randomUUID();
    const bowl = { ...aBowl(headId, id), plannedFor: '2026-03-16T17:00:00.000Z' };
    await api().post('/api/bowls').send(bowl).expect(201);
    expect((await held()).kept).toEqual([{ bowlId: id, day: '2026-03-16', maskId: 'rice-silk', headIds: [headId] }]);
    // What that very bowl wants counts now, and the plan's own lines no more.
    expect(await wants('avocado')).toBe(false);
    expect(await wants('rice-cream')).toBe(true);
    await api().delete(`/api/bowls/${id}`).expect(204);
    expect(await wants('avocado')).toBe(true);
    house.home.clock.set('2026-03-17T09:00:00Z');
    expect(await buys()).toEqual([]);
  });
});

describe('looking back', () => {
  const back = async (): Promise<WeekBack[]> => (await api().get('/api/weeks/back').expect(200)).body;

  it('is nothing before anything was', async () => {
    expect(await back()).toEqual([]);
  });

  it('holds what was planned against what was made, lost and spent', async () => {
    // The fourteenth of March 2026 is a Saturday; its week began on the ninth.
    await api()
      .put('/api/weeks/plan')
      .send(aPlan({ bowls: aPlan().bowls.map((bowl) => ({ ...bowl, day: '2026-03-14' })) }))
      .expect(200);
    const lotId = randomUUID();
    const lots = [
      {
        id: lotId,
        ingredientId: 'honey',
        state: 'whole',
        since: '2026-03-14T09:00:00.000Z',
        label: '',
        pricePerGram: 0.02,
      },
    ];
    await api()
      .post('/api/stock')
      .send({ id: randomUUID(), note: '', lots, movements: [{ lotId, kind: 'add', grams: 300, placeId: 'counter' }] })
      .expect(201);
    await api()
      .post('/api/stock')
      .send({
        id: randomUUID(),
        note: '',
        lots: [],
        movements: [{ lotId, kind: 'discard', grams: -100, reason: 'past' }],
      })
      .expect(201);
    expect(await back()).toEqual([
      {
        week: '2026-03-09',
        planned: 1,
        kept: 0,
        made: 0,
        expectedGrams: 70,
        lostGrams: 100,
        lostMoney: 2,
        spentMoney: 6,
      },
    ]);
  });
});
