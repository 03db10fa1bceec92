import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import {
  NO_LOG,
  type Bowl,
  type Learning,
  type LoggedBowl,
  type OpenLog,
  type WashDay,
  type WearLog,
} from '@amber-ladle/contract';
import type { DayMove } from '@amber-ladle/core/washday';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
let headId: string;
beforeEach(async () => {
  house = await testHouse();
  headId = (await api().post('/api/heads').send(aHead).expect(201)).body.id;
});
afterEach(() => house.close());
const api = () => request(house.app);

const keep = async (id = randomUUID(), rest: object = {}): Promise<Bowl> =>
  (
    await api()
      .post('/api/bowls')
      .send({ ...aBowl(headId, id), ...rest })
      .expect(201)
  ).body;
const worn = async (bowl: Bowl): Promise<void> => {
  await api().post(`/api/bowls/${bowl.id}/end`).send({ how: 'worn' }).expect(200);
};
const pages = async (bowlId: string): Promise<LoggedBowl[]> => (await api().get(`/api/bowls/${bowlId}/logs`)).body;
const write = (bowlId: string, log: Partial<WearLog>, version = 0, head = headId) =>
  api()
    .put(`/api/bowls/${bowlId}/logs/${head}`)
    .send({ version, log: { ...NO_LOG, ...log } });
const learning = async (): Promise<Learning> => (await api().get('/api/learning').expect(200)).body;
const pass = (days: number): void => {
  house.home.clock.set(new Date(Date.parse(house.home.clock.now()) + days * 86_400_000).toISOString());
};

describe('the log', () => {
  it('keeps what was said, knows what the bowl was, and refuses a page that somebody turned meanwhile', async () => {
    const bowl = await keep();
    await worn(bowl);
    const [page] = await pages(bowl.id);
    expect(page).toMatchObject({ version: 0, facts: { maskId: 'rice-silk', heads: 1 }, log: NO_LOG });
    expect(page?.facts.sections.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    const said = { slip: 3, ease: 2, soft: 3 } as const;
    await write(bowl.id, { said, words: 'Glided.', shed: 'few', changes: ['weather'] }).expect(200);
    // A page that was left before it heard the answer says the same again.
    const again = await write(bowl.id, { said, words: 'Glided.', shed: 'few', changes: ['weather'] }).expect(200);
    expect(again.body).toMatchObject({ version: 1, log: { words: 'Glided.' } });
    expect((await write(bowl.id, { words: 'other device' }).expect(409)).body.current.log.words).toBe('Glided.');
    await write(bowl.id, { said: { ...said, soft: 1 } }, 1).expect(200);
    const { items, total } = (await api().get(`/api/logs?headId=${headId}`).expect(200)).body;
    expect(total).toBe(1);
    expect(items[0].log.said).toEqual({ slip: 3, ease: 2, soft: 1 });
    expect((await api().get('/api/logs?headId=nobody').expect(200)).body.total).toBe(0);
    expect((await api().get('/api/logs?maskId=still-water').expect(200)).body.items).toEqual([]);
  });

  it('says kindly what is wrong, and changes nothing', async () => {
    const bowl = await keep();
    await worn(bowl);
    const bad = async (log: object): Promise<Record<string, string>> =>
      (await write(bowl.id, log as Partial<WearLog>).expect(422)).body.fields;
    expect(await bad({ said: { soft: 7 } })).toHaveProperty('log.said.soft');
    expect(await bad({ said: { luck: 3 } })).toHaveProperty('log.said');
    expect(Object.values(await bad({ lasted: { kind: 'left', millilitres: -3, how: 'measured' } }))[0]).toMatch(
      /nothing/,
    );
    expect(Object.values(await bad({ lasted: { kind: 'left', millilitres: 4999, how: 'measured' } }))[0]).toMatch(
      /More is left/,
    );
    expect(Object.values(await bad({ lasted: { kind: 'ran-out', afterSections: 11 } }))[0]).toMatch(/sections/);
    expect(await bad({ changes: ['moon'] })).toHaveProperty('log.changes[0]');
    expect((await pages(bowl.id))[0]?.version).toBe(0);
    await write('no-such-bowl', {}).expect(404);
    await write(bowl.id, {}, 0, 'nobody').expect(404);
  });

  it('asks for each moment at its time: worn, rinsed, and dry on the next day; and never again once told so', async () => {
    const bowl = await keep();
    const open = async (): Promise<string[]> =>
      ((await api().get('/api/logs/open').expect(200)).body as OpenLog[]).map(({ wants }) => wants);
    const wear = (body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body).expect(200);
    expect(await open()).toEqual([]);
    await wear({ isCapOn: true });
    expect(await open()).toEqual(['going-on']);
    await write(bowl.id, { said: { slip: 3 } }).expect(200);
    expect(await open()).toEqual([]);
    await wear({ isRinsed: true });
    expect(await open()).toEqual(['rinsing']);
    await write(bowl.id, { said: { slip: 3, ease: 2 } }, 1).expect(200);
    expect(await open()).toEqual([]);
    pass(1);
    expect(await open()).toEqual(['next-day']);
    await write(bowl.id, { said: { slip: 3, ease: 2 }, isNextDayAsked: true }, 2).expect(200);
    expect(await open()).toEqual([]);
  });

  it('asks for two heads of one bowl each by itself, and not for the dry hair of one who still has it on', async () => {
    const child = (
      await api()
        .post('/api/heads')
        .send({ ...aHead, name: 'Pip' })
        .expect(201)
    ).body.id as string;
    const bowl = await keep(randomUUID(), { otherHeadIds: [child] });
    const open = async () => (await api().get('/api/logs/open').expect(200)).body as OpenLog[];
    const wear = (body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body).expect(200);
    await wear({ headId, isCapOn: true });
    await wear({ headId: child, isCapOn: true });
    await wear({ headId: child, isRinsed: true });
    const wants = Object.fromEntries((await open()).map((one) => [one.headId, one.wants]));
    expect(wants).toEqual({ [headId]: 'going-on', [child]: 'rinsing' });
    pass(1);
    const later = Object.fromEntries((await open()).map((one) => [one.headId, one.wants]));
    expect(later).toEqual({ [headId]: 'going-on', [child]: 'next-day' });
  });
});

describe('what bowls teach', () => {
  const left = async (share: number): Promise<Bowl> => {
    const bowl = await keep();
    await worn(bowl);
    const millilitres = bowl.madeMillilitres * share;
    await write(bowl.id, { lasted: { kind: 'left', millilitres, how: 'measured' } }).expect(200);
    pass(7);
    return bowl;
  };

  it('sizes the next bowl smaller when much was left, and says from how many bowls', async () => {
    const first = await left(0.45);
    await left(0.4);
    await left(0.4);
    const next = await keep();
    expect(next.snapshot.sized.needMillilitres).toBeLessThan(0.85 * first.snapshot.sized.needMillilitres);
    expect(next.snapshot.sized.demand.reason.personalFactor).toBeLessThan(0.85);
    expect((await learning()).heads[headId]?.evidence).toHaveLength(3);
  });

  it('sizes it larger when bowls ran out, wherever they did', async () => {
    const first = await keep();
    await worn(first);
    await write(first.id, { lasted: { kind: 'ran-out', afterSections: 3 } }).expect(200);
    const second = await keep();
    await worn(second);
    await write(second.id, { lasted: { kind: 'ran-out' } }).expect(200);
    const third = await keep();
    const need = (bowl: Bowl): number => bowl.snapshot.sized.needMillilitres;
    expect(need(second)).toBeGreaterThan(need(first));
    expect(need(third)).toBeGreaterThan(need(second));
  });

  it('sets a bad bowl aside, forgets, and remembers', async () => {
    const first = await left(0.5);
    const plain = first.snapshot.sized.needMillilitres;
    const need = async (): Promise<number> => (await keep()).snapshot.sized.needMillilitres;
    expect(await need()).toBeLessThan(plain);
    const lasted = { kind: 'left', millilitres: first.madeMillilitres / 2, how: 'measured' } as const;
    await write(first.id, { lasted, isSetAside: true }, 1).expect(200);
    expect(await need()).toBeCloseTo(plain, 6);
    await write(first.id, { lasted }, 2).expect(200);
    await api().post(`/api/heads/${headId}/forgetting`).expect(200);
    expect(await need()).toBeCloseTo(plain, 6);
    await api().delete(`/api/heads/${headId}/forgetting`).expect(200);
    expect(await need()).toBeLessThan(plain);
    await api().delete(`/api/heads/${headId}/forgetting`).expect(404);
  });

  it('learns from what was left at the end of a day without a word in the log', async () => {
    const bowl = await keep();
    await api().post(`/api/bowls/${bowl.id}/made`).send({ placeId: 'counter' }).expect(200);
    await api().post(`/api/bowls/${bowl.id}/wear`).send({ isRinsed: true }).expect(200);
    const millilitres = bowl.madeMillilitres / 3;
    await api().post(`/api/bowls/${bowl.id}/left`).send({ millilitres, how: 'judged', fate: 'discarded' }).expect(200);
    const { evidence } = (await learning()).heads[headId] ?? {};
    expect(evidence?.[0]).toMatchObject({ kind: 'between', bowlId: bowl.id });
    const { logLow = 0, logRatio = 0, logHigh = 0 } = evidence?.[0] ?? {};
    expect(logLow).toBeLessThan(logRatio);
    expect(logHigh).toBeGreaterThan(logRatio);
  });

  it('learns how a mask comes out here, and reckons with it', async () => {
    const before = await keep();
    for (let i = 0; i < 3; i++) {
      const bowl = await keep();
      await worn(bowl);
      await write(bowl.id, { textureWas: 'thick' }).expect(200);
    }
    const { offset, count } = (await learning()).textures['rice-silk'] ?? { offset: 0, count: 0 };
    expect(count).toBe(3);
    const after = await keep();
    expect(after.snapshot.sized.texture.flowLog10 - before.snapshot.sized.texture.flowLog10).toBeCloseTo(offset, 2);
    expect(offset).toBeGreaterThan(0.2);

    // A spoonful on a plate says it to the figure, goes before the word, and is refused where no plate could show it.
    const plated = await keep();
    await worn(plated);
    await write(plated.id, { textureWas: 'thick', plateCentimetres: 14 }).expect(200);
    const thinner = (await learning()).textures['rice-silk'];
    expect(thinner?.count).toBe(4);
    expect(thinner?.offset).toBeLessThan(offset - 0.2);
    await write(plated.id, { plateCentimetres: 2 }, 1).expect(422);
  });

  it('takes a plate from a bowl that stands on the bench, and has it in the log once that is worn', async () => {
    const bowl = await keep();
    await write(bowl.id, { plateCentimetres: 9 }).expect(200);
    expect((await learning()).textures['rice-silk']?.count).toBe(1);
    const logged = async (): Promise<LoggedBowl[]> =>
      (await api().get(`/api/logs?headId=${headId}`).expect(200)).body.items;
    expect(await logged()).toEqual([]);
    pass(1);
    await worn(bowl);
    const [page] = await logged();
    expect(page?.log.plateCentimetres).toBe(9);
    expect(Date.parse(page?.at ?? '') - Date.parse(bowl.keptAt)).toBeGreaterThanOrEqual(86_400_000);
  });

  it('takes a bowl that was put away out again', async () => {
    const bowl = await left(0.5);
    await api().delete(`/api/bowls/${bowl.id}`).expect(204);
    expect((await learning()).heads[headId]).toBeUndefined();
    await api().post(`/api/bowls/${bowl.id}/restore`).expect(200);
    expect((await learning()).heads[headId]?.evidence).toHaveLength(1);
  });
});

describe('what a bowl was', () => {
  it('has a page for each head that shared it, and believes a shared bowl less', async () => {
    const otherId = (
      await api()
        .post('/api/heads')
        .send({ ...aHead, name: 'Finch' })
        .expect(201)
    ).body.id as string;
    const bowl = await keep(randomUUID(), { otherHeadIds: [otherId] });
    await worn(bowl);
    const both = await pages(bowl.id);
    expect(both.map(({ facts }) => [facts.headName, facts.heads])).toEqual([
      ['Wren', 2],
      ['Finch', 2],
    ]);
    expect(both[0]?.facts.modelMillilitres).toBe(both[1]?.facts.modelMillilitres);
    const lasted = { kind: 'left', millilitres: 30, how: 'measured' } as const;
    await write(bowl.id, { lasted }).expect(200);
    await write(bowl.id, { lasted }, 0, otherId).expect(200);
    const { heads } = await learning();
    expect(heads[otherId]?.evidence).toHaveLength(1);
    expect(heads[otherId]?.evidence[0]?.noise).toBeGreaterThan(0.15);
  });

  it('counts what was weighed and how long it took where a day was walked', async () => {
    const bowl = await keep();
    const day = (
      await api()
        .post('/api/washdays')
        .send({
          id: randomUUID(),
          bowlIds: [bowl.id],
          wish: { kind: 'start-at', at: house.home.clock.now() },
          rings: 2,
        })
        .expect(201)
    ).body as WashDay;
    const tell = (moves: DayMove[]) =>
      api().post(`/api/washdays/${day.id}/events`).send({ pressId: randomUUID(), moves, order: [] }).expect(200);
    const oil = bowl.snapshot.sized.lines.find(({ ingredientId }) => ingredientId !== 'rice-cream');
    const measuring = day.steps.find(({ ingredientIds }) => ingredientIds.includes(oil?.ingredientId ?? ''));
    const twice = (oil?.grams ?? 0) * 2;
    await tell([{ kind: 'weigh', stepId: measuring?.id ?? '', ingredientId: oil?.ingredientId, grams: twice }]);
    for (const { id } of day.steps) {
      await tell([{ kind: 'begin', stepId: id }]);
      pass(5 / (24 * 60));
      await tell([{ kind: 'done', stepId: id }]);
    }
    await api().post(`/api/washdays/${day.id}/end`).expect(200);
    const [page] = await pages(bowl.id);
    expect(page?.facts.minutes).toBe(5 * day.steps.length);
    expect(page?.facts.madeMillilitres).toBeCloseTo(bowl.madeMillilitres + (oil?.bowlMillilitres ?? 0), 6);
    expect(page?.facts.plannedMillilitres).toBeCloseTo(bowl.madeMillilitres, 9);
  });
});

describe('lengths', () => {
  it('are put down once, in order, and taken out again', async () => {
    const at = (day: string): string => `2026-0${day}T09:00:00.000Z`;
    const add = (measure: object) =>
      api()
        .post(`/api/heads/${headId}/measures`)
        .send({ where: '', ...measure });
    const id = randomUUID();
    await add({ id, at: at('3-01'), kind: 'length', centimetres: 41 }).expect(201);
    await add({ id, at: at('3-01'), kind: 'length', centimetres: 41 }).expect(201);
    const all = (await add({ id: randomUUID(), at: at('1-02'), kind: 'trim', centimetres: 2, where: 'ends' })).body;
    expect(all.map(({ kind }: { kind: string }) => kind)).toEqual(['trim', 'length']);
    expect(
      (await add({ id: randomUUID(), at: at('4-02'), kind: 'length', centimetres: 4 }).expect(422)).body.fields.at,
    ).toMatch(/still to come/);
    await add({ id: randomUUID(), at: at('3-02'), kind: 'length', centimetres: 900 }).expect(422);
    const rest = (await api().delete(`/api/heads/${headId}/measures/${id}`).expect(200)).body;
    expect(rest).toHaveLength(1);
    await api().delete(`/api/heads/${headId}/measures/${id}`).expect(404);
    await api().get('/api/heads/nobody/measures').expect(404);
  });
});

describe('cost, waste and time', () => {
  it('add up by month', async () => {
    const lotId = randomUUID();
    await api()
      .post('/api/stock')
      .send({
        id: randomUUID(),
        note: '',
        lots: [
          {
            id: lotId,
            ingredientId: 'honey',
            state: 'opened',
            since: '2026-03-01T09:00:00.000Z',
            label: '',
            pricePerGram: 0.02,
          },
        ],
        movements: [{ lotId, kind: 'add', grams: 400, placeId: 'counter' }],
      })
      .expect(201);
    const draw = { id: randomUUID(), note: '', lots: [], movements: [{ lotId, kind: 'draw', grams: -50 }] };
    const bowl = await keep(randomUUID(), { draw });
    await worn(bowl);
    await write(bowl.id, { words: 'fine', lasted: { kind: 'left', millilitres: 30, how: 'judged' } }).expect(200);
    await api()
      .post('/api/stock')
      .send({
        id: randomUUID(),
        note: '',
        lots: [],
        movements: [{ lotId, kind: 'discard', grams: -10, reason: 'spilt' }],
      })
      .expect(201);
    expect((await api().get('/api/spending').expect(200)).body).toEqual([
      {
        month: '2026-03',
        bowls: 1,
        money: 1,
        unpricedGrams: 0,
        minutes: 0,
        leftMillilitres: 30,
        wasteMoney: 0.2,
        wasteGrams: 10,
      },
    ]);
  });
});
