import { randomUUID } from 'node:crypto';
import type { Bowl, BowlLife, WashDay } from '@amber-ladle/contract';
import { forward, progressOf, type DayMove } from '@amber-ladle/core/washday';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

const MINUTE = 60_000;
const T0 = Date.parse('2026-03-14T09:00:00.000Z');

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);
const at = (minutes: number): void => {
  house.home.clock.set(new Date(T0 + minutes * MINUTE).toISOString());
};

async function keep(name = 'Wren', maskId = 'rice-silk'): Promise<Bowl> {
  const head = (
    await api()
      .post('/api/heads')
      .send({ ...aHead, name })
  ).body as { id: string };
  return (
    await api()
      .post('/api/bowls')
      .send({ ...aBowl(head.id, randomUUID()), maskId })
      .expect(201)
  ).body as Bowl;
}
const wish = (...bowls: Bowl[]) => ({
  id: randomUUID(),
  bowlIds: bowls.map(({ id }) => id),
  wish: { kind: 'start-at', at: new Date(T0).toISOString() },
  rings: 2,
});
const begin = async (...bowls: Bowl[]): Promise<WashDay> =>
  (
    await api()
      .post('/api/washdays')
      .send(wish(...bowls))
      .expect(201)
  ).body as WashDay;
const press = (moves: DayMove[], rest: object = {}) => ({ pressId: randomUUID(), moves, order: [], ...rest });
const tell = (day: WashDay, ...moves: DayMove[]) => api().post(`/api/washdays/${day.id}/events`).send(press(moves));
const lifeOf = async (bowl: Bowl): Promise<BowlLife> =>
  ((await api().get(`/api/bowls/${bowl.id}`)).body as { life: BowlLife }).life;
const stepOf = (day: WashDay, kind: string): string => day.steps.find((step) => step.kind === kind)?.id as string;
/** Everything before a step is done. */
const upTo = (day: WashDay, kind: string): DayMove[] =>
  day.steps
    .slice(
      0,
      day.steps.findIndex((step) => step.kind === kind),
    )
    .map(({ id }) => ({ kind: 'done', stepId: id }));

describe('a wash day', () => {
  it('begins with steps from its bowls, once however often it is asked for, and only one runs', async () => {
    const bowl = await keep();
    expect((await api().get('/api/washdays/running')).body).toEqual({ day: null });
    const asked = wish(bowl);
    const answers = await Promise.all([1, 2, 3].map(() => api().post('/api/washdays').send(asked)));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 201]);
    const { day } = (await api().get('/api/washdays/running')).body as { day: WashDay };
    expect(day.id).toBe(asked.id);
    expect(day.steps.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['boil', 'cool', 'mix', 'apply', 'wear']));
    await api()
      .post('/api/washdays')
      .send(wish(await keep('Linnet')))
      .expect(409);
    await api().post(`/api/washdays/${day.id}/end`).send({}).expect(200);
    await api().post('/api/washdays').send(wish(bowl)).expect(201);
  });

  it('refuses what makes no day, kindly', async () => {
    const bowl = await keep();
    await api()
      .post('/api/washdays')
      .send({ ...wish(bowl), bowlIds: [] })
      .expect(422);
    await api()
      .post('/api/washdays')
      .send({ ...wish(bowl), bowlIds: [bowl.id, bowl.id] })
      .expect(422);
    await api()
      .post('/api/washdays')
      .send({ ...wish(bowl), rings: 0 })
      .expect(422);
    await api()
      .post('/api/washdays')
      .send({ ...wish(bowl), wish: { kind: 'rinsed-by', at: 'soon' } })
      .expect(422);
    await api()
      .post('/api/washdays')
      .send({ ...wish(bowl), bowlIds: ['none'] })
      .expect(404);
    const twin = (await api().post('/api/bowls').send(aBowl(bowl.headId, randomUUID())).expect(201)).body as Bowl;
    const { body } = await api().post('/api/washdays').send(wish(bowl, twin)).expect(422);
    expect((body as { detail: string }).detail).toContain('One head cannot wear two bowls');
    await api().post(`/api/bowls/${bowl.id}/end`).send({ how: 'thrown-away' }).expect(200);
    await api().post('/api/washdays').send(wish(bowl)).expect(422);
    await api().get('/api/washdays/none').expect(404);
  });

  it('puts down every press with the server’s moment, once, in the order it came', async () => {
    const day = await begin(await keep());
    const boil = stepOf(day, 'boil');
    const same = press([{ kind: 'begin', stepId: boil }], { order: [boil] });
    const path = `/api/washdays/${day.id}/events`;
    await Promise.all([api().post(path).send(same), api().post(path).send(same), api().post(path).send(same)]);
    at(2);
    const told = (await tell(day, { kind: 'hands-off', stepId: boil }).expect(200)).body as WashDay;
    expect(told.events.map(({ kind, at: when }) => [kind, when.slice(11, 16)])).toEqual([
      ['begin', '09:00'],
      ['hands-off', '09:02'],
    ]);
    expect(told.order).toEqual([boil]);
    // A device that could not reach the server tells when it was; never before what is known already.
    at(10);
    const held = (heldSeconds: number) =>
      api()
        .post(path)
        .send({ ...press([{ kind: 'more', stepId: boil, minutes: 1 }]), heldSeconds })
        .expect(200);
    expect(((await held(120)).body as WashDay).events.at(-1)?.at).toContain('T09:08');
    expect(((await held(3000)).body as WashDay).events.at(-1)?.at).toContain('T09:08');
    await tell(day, { kind: 'begin', stepId: 'dance' }).expect(422);
    await tell(day, { kind: 'undo', stepId: boil, undoes: 'nothing' }).expect(422);
    await tell(day, { kind: 'more', stepId: boil, minutes: 500 }).expect(422);
    await tell(day, { kind: 'weigh', stepId: boil, ingredientId: 'honey', grams: -4 }).expect(422);
    expect(((await api().get(`/api/washdays/${day.id}`)).body as WashDay).events).toHaveLength(4);
  });

  it('mixes the bowl, puts it on and rinses it, and takes all of that back', async () => {
    const bowl = await keep();
    const day = await begin(bowl);
    const head = bowl.headId;
    await tell(day, ...upTo(day, 'apply')).expect(200);
    expect((await lifeOf(bowl)).stays).toEqual([
      { placeId: 'counter', from: expect.stringContaining('T09:00') as string },
    ]);
    at(20);
    const on = press([
      { kind: 'done', stepId: stepOf(day, 'apply') },
      { kind: 'begin', stepId: stepOf(day, 'wear') },
    ]);
    await api().post(`/api/washdays/${day.id}/events`).send(on).expect(200);
    const worn = (await lifeOf(bowl)).wearing[head];
    expect(worn?.wornFrom).toContain('T09:20');
    expect(worn?.sectionsDone.length).toBeGreaterThanOrEqual(4);
    await tell(day, { kind: 'undo', stepId: stepOf(day, 'wear'), undoes: on.pressId }).expect(200);
    expect((await lifeOf(bowl)).wearing[head]?.wornFrom).toBeUndefined();
    at(25);
    await tell(day, { kind: 'done', stepId: stepOf(day, 'apply') }, { kind: 'begin', stepId: stepOf(day, 'wear') });
    at(85);
    await tell(day, { kind: 'done', stepId: stepOf(day, 'wear') }, { kind: 'done', stepId: stepOf(day, 'rinse') });
    const out = (await lifeOf(bowl)).wearing[head];
    expect([out?.wornFrom?.slice(11, 16), out?.rinsedAt?.slice(11, 16)]).toEqual(['09:25', '10:25']);
    expect(((await api().get(`/api/washdays/of-bowl/${bowl.id}`)).body as { day: WashDay }).day.id).toBe(day.id);
  });

  it('is told of what happens on the head, wherever that is tapped', async () => {
    const bowl = await keep();
    const day = await begin(bowl);
    await tell(day, ...upTo(day, 'apply')).expect(200);
    const wear = (body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body);
    const progress = async () => {
      const { body } = await api().get(`/api/washdays/${day.id}`);
      return progressOf(day.steps, (body as WashDay).events);
    };
    at(10);
    await wear({ isCapOn: true }).expect(200);
    expect((await progress()).get(stepOf(day, 'wear'))?.handsFreeAt).toBeCloseTo(T0 + 10 * MINUTE, -4);
    await wear({ isCapOn: false }).expect(200);
    expect((await progress()).get(stepOf(day, 'wear'))).toBeUndefined();
    expect((await lifeOf(bowl)).wearing[bowl.headId]?.wornFrom).toBeUndefined();
    at(12);
    await wear({ isCapOn: true }).expect(200);
    at(70);
    await wear({ isRinsed: true }).expect(200);
    expect((await progress()).get(stepOf(day, 'rinse'))?.endedAt).toBeCloseTo(T0 + 70 * MINUTE, -4);
    expect((await lifeOf(bowl)).wearing[bowl.headId]).toMatchObject({
      wornFrom: expect.stringContaining('T09:12') as string,
      rinsedAt: expect.stringContaining('T10:10') as string,
    });
  });

  it('puts a bowl past its time on a head only with a decision', async () => {
    const bowl = await keep();
    const day = await begin(bowl);
    await tell(day, ...upTo(day, 'apply')).expect(200);
    at(5 * 60);
    const moves: DayMove[] = [{ kind: 'begin', stepId: stepOf(day, 'wear') }];
    const { body } = await tell(day, ...moves).expect(422);
    expect((body as { fields: object }).fields).toHaveProperty('decision');
    expect(
      ((await api().get(`/api/washdays/${day.id}`)).body as WashDay).events.some((one) => one.kind === 'begin'),
    ).toBe(false);
    await api()
      .post(`/api/washdays/${day.id}/events`)
      .send(press(moves, { decision: 'only on the ends' }))
      .expect(200);
    expect((await lifeOf(bowl)).decisions).toHaveLength(1);
  });

  it('is walked to its end by the big button alone, for two heads with a bowl each', async () => {
    const bowls = [await keep('Wren', 'papaya-polish'), await keep('Linnet', 'borrowed-conditioner')];
    let day = await begin(...bowls);
    let now = T0;
    for (let i = 0; i < 120; i++) {
      const { steps, events, leastWear, order } = day;
      const options = { kitchen: { rings: 2 }, wish: { kind: 'start-at', at: T0 } as const, now, order };
      const { moves, plan } = forward({ steps, events, leastWear }, options);
      now += 4 * MINUTE;
      house.home.clock.set(new Date(now).toISOString());
      if (moves.length === 0) continue;
      const body = press([...moves], { order: plan.steps.map(({ stepId }) => stepId) });
      day = (await api().post(`/api/washdays/${day.id}/events`).send(body).expect(200)).body as WashDay;
    }
    expect(progressOf(day.steps, day.events).size).toBe(day.steps.length);
    for (const bowl of bowls) expect((await lifeOf(bowl)).wearing[bowl.headId]?.rinsedAt).toBeDefined();
    await api().post(`/api/washdays/${day.id}/end`).send({}).expect(200);
    await tell(day, { kind: 'more', stepId: stepOf(day, 'wear'), minutes: 5 }).expect(422);
  });

  it('settles the shelf with what the scale said, and that can be taken back', async () => {
    const lotId = randomUUID();
    const lots = [{ id: lotId, ingredientId: 'honey', state: 'opened', since: new Date(T0).toISOString(), label: '' }];
    const add = {
      id: randomUUID(),
      note: '',
      lots,
      movements: [{ lotId, kind: 'add', grams: 300, placeId: 'counter' }],
    };
    await api().post('/api/stock').send(add).expect(201);
    const honey = async () =>
      ((await api().get('/api/shelf')).body as { lots: { id: string; grams: number }[] }).lots.find(
        ({ id }) => id === lotId,
      )?.grams;
    const bowl = await keep();
    const draw = { id: randomUUID(), note: '', lots: [], movements: [{ lotId, kind: 'draw', grams: -20 }] };
    await api().post(`/api/bowls/${bowl.id}/draw`).send(draw).expect(200);
    const day = await begin(bowl);
    const measure = day.steps.find(({ ingredientIds }) => ingredientIds.includes('honey'))?.id ?? '';
    await tell(day, { kind: 'weigh', stepId: measure, ingredientId: 'honey', grams: 32 }).expect(200);
    await tell(day, { kind: 'weigh', stepId: measure, ingredientId: 'argan-oil', grams: 9, isJudged: true }).expect(
      200,
    );
    await api().post(`/api/washdays/${day.id}/end`).send({}).expect(200);
    expect(await honey()).toBeCloseTo(268, 6);
    await api().post(`/api/washdays/${day.id}/end`).send({}).expect(200);
    expect(await honey()).toBeCloseTo(268, 6);
    await api().post(`/api/stock/settle-${day.id}-${bowl.id}/undo`).send({}).expect(200);
    expect(await honey()).toBeCloseTo(280, 6);
    expect((await lifeOf(bowl)).isDrawn).toBe(true);
  });
});

describe('rinsed at once', () => {
  const wear = (bowl: Bowl, body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body);

  it('keeps when and why at any moment, and is taken back whole', async () => {
    const bowl = await keep();
    await wear(bowl, { section: { id: 'nape-left', isDone: true } }).expect(200);
    at(3);
    // Nothing is too early: not even before the cap.
    const { wearing } = (await wear(bowl, { isRinsed: true, rinsedWhy: 'burning' }).expect(200)).body as BowlLife;
    const [headId] = Object.keys(wearing);
    expect(wearing[headId!]).toMatchObject({
      rinsedAt: expect.stringMatching(/^2026-03-14T09:03/) as string,
      rinsedWhy: 'burning',
    });
    at(4);
    await wear(bowl, { isRinsed: true }).expect(200);
    expect((await lifeOf(bowl)).wearing[headId!]?.rinsedWhy).toBe('burning');
    const back = (await wear(bowl, { isRinsed: false }).expect(200)).body as BowlLife;
    expect(back.wearing[headId!]).not.toHaveProperty('rinsedAt');
    expect(back.wearing[headId!]).not.toHaveProperty('rinsedWhy');
    await wear(bowl, { isRinsed: true, rinsedWhy: 'bored' }).expect(422);
  });

  it('ends the wear and the rinse of the day, stays through what is told afterwards, and is taken back there, too', async () => {
    const bowl = await keep();
    const day = await begin(bowl);
    await tell(day, ...upTo(day, 'wear')).expect(200);
    await wear(bowl, { isCapOn: true }).expect(200);
    at(2);
    await wear(bowl, { isRinsed: true, rinsedWhy: 'out-of-time' }).expect(200);
    const progress = async () => {
      const now = (await api().get(`/api/washdays/${day.id}`)).body as WashDay;
      return progressOf(now.steps, now.events);
    };
    for (const kind of ['wear', 'rinse'])
      expect((await progress()).get(stepOf(day, kind))?.endedAt).toBeCloseTo(T0 + 2 * MINUTE, -4);
    await tell(day, { kind: 'begin', stepId: stepOf(day, 'rinse') }).expect(200);
    const [worn] = Object.values((await lifeOf(bowl)).wearing);
    expect(worn).toMatchObject({ rinsedWhy: 'out-of-time' });

    await wear(bowl, { isRinsed: false }).expect(200);
    expect((await progress()).get(stepOf(day, 'wear'))?.endedAt).toBeUndefined();
    expect(Object.values((await lifeOf(bowl)).wearing)[0]).not.toHaveProperty('rinsedAt');
    expect(Object.values((await lifeOf(bowl)).wearing)[0]).toHaveProperty('wornFrom');
  });
});
