import { randomUUID } from 'node:crypto';
import { NO_LOG, type Bowl, type BowlLife, type WashDay } from '@amber-ladle/contract';
import { progressOf, stepsAsTold, type DayMove } from '@amber-ladle/core/washday';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);

async function headOf(name: string, change: object = {}): Promise<string> {
  const { body } = await api()
    .post('/api/heads')
    .send({ ...aHead, name, ...change });
  return (body as { id: string }).id;
}
async function keep(headId: string, maskId: string, change: object = {}): Promise<Bowl> {
  const { body } = await api()
    .post('/api/bowls')
    .send({ ...aBowl(headId, randomUUID()), maskId, ...change })
    .expect(201);
  return body as Bowl;
}
async function begin(bowls: readonly Bowl[], change: object = {}): Promise<WashDay> {
  const { body } = await api()
    .post('/api/washdays')
    .send({
      id: randomUUID(),
      bowlIds: bowls.map(({ id }) => id),
      wish: { kind: 'start-at', at: '2026-03-14T09:00:00.000Z' },
      rings: 2,
      ...change,
    })
    .expect(201);
  return body as WashDay;
}
const tell = (day: WashDay, ...moves: DayMove[]) =>
  api().post(`/api/washdays/${day.id}/events`).send({ pressId: randomUUID(), moves, order: [] });
const now = ({ steps, events }: WashDay) => stepsAsTold(steps, events);
const wear = (bowl: Bowl, body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body);
const fieldsOf = (answer: request.Response): Record<string, string> =>
  (answer.body as { fields: Record<string, string> }).fields;

describe('steps of a day under way', () => {
  const added = { title: 'Feed the cat', handsOnMinutes: 3, waitMinutes: 0 };

  it('are changed, added and left out, and taken back, in one log that a restart keeps', async () => {
    const bowl = await keep(await headOf('Wren'), 'rice-silk');
    const day = await begin([bowl]);
    const cool = day.steps.find(({ kind }) => kind === 'cool')?.id ?? '';
    await tell(day, { kind: 'edit', stepId: cool, edit: { isLeftOut: true } }).expect(200);
    const answer = await tell(day, { kind: 'add', stepId: 'cat', added }).expect(200);
    await tell(day, { kind: 'done', stepId: 'cat' }).expect(200);
    await house.restart();
    const { day: after } = (await api().get('/api/washdays/running')).body as { day: WashDay };
    expect(after.steps).toEqual(day.steps);
    expect(now(after).map(({ id }) => id)).toEqual([
      ...day.steps.map(({ id }) => id).filter((id) => id !== cool),
      'cat',
    ]);
    expect(progressOf(now(after), after.events).get('cat')?.endedAt).toBeDefined();

    const out = (answer.body as WashDay).events.find(({ kind }) => kind === 'edit')?.pressId ?? '';
    const back = await tell(day, { kind: 'undo', stepId: cool, undoes: out }).expect(200);
    expect(now(back.body as WashDay).some(({ id }) => id === cool)).toBe(true);
  });

  it('are refused where they make no day: begun, needed, there already, said without what', async () => {
    const bowl = await keep(await headOf('Wren'), 'towpath-avocado');
    const day = await begin([bowl]);
    const first = day.steps[0]?.id ?? '';
    await tell(day, { kind: 'begin', stepId: first }).expect(200);
    const wrong: readonly [DayMove, string][] = [
      [
        { kind: 'edit', stepId: first, edit: { isLeftOut: true } },
        'This step has begun, or the day cannot do without it.',
      ],
      [
        { kind: 'edit', stepId: day.steps.find(({ kind }) => kind === 'rinse')?.id ?? '', edit: { isLeftOut: true } },
        'This step has begun, or the day cannot do without it.',
      ],
      [{ kind: 'add', stepId: first, added }, 'The day has that step already.'],
      [{ kind: 'done', stepId: 'cat' }, 'This day has no step cat.'],
    ];
    for (const [move, words] of wrong) expect(fieldsOf(await tell(day, move).expect(422))).toEqual({ moves: words });
    for (const kind of ['edit', 'add'] as const) await tell(day, { kind, stepId: first }).expect(422);
    await tell(day, { kind: 'edit', stepId: first, edit: { handsOnMinutes: -1 } }).expect(422);
    const { day: after } = (await api().get('/api/washdays/running')).body as { day: WashDay };
    expect(after.events).toHaveLength(1);
  });

  it('belong to the bowl whose steps they are', async () => {
    const bowls = [
      await keep(await headOf('Wren'), 'towpath-avocado'),
      await keep(await headOf('Pip'), 'papaya-polish'),
    ];
    const day = await begin(bowls);
    const beforeId = day.steps.find(({ kind, bowlId }) => kind === 'apply' && bowlId === bowls[1]?.id)?.id ?? '';
    const { body } = await tell(day, { kind: 'add', stepId: 'cat', added: { ...added, beforeId } }).expect(200);
    expect(now(body as WashDay).find(({ id }) => id === 'cat')?.bowlId).toBe(bowls[1]?.id);
  });
});

describe('how long a bowl is worn', () => {
  it('is chosen before its day, for the plan, the least time and every screen', async () => {
    const bowl = await keep(await headOf('Wren'), 'freckled-banana');
    expect(bowl.snapshot.mask.wear.aimMinutes).toBe(90);
    const life = (await wear(bowl, { wearAimMinutes: 30 }).expect(200)).body as BowlLife;
    expect(life.wearAimMinutes).toBe(30);
    expect(life.stays).toEqual([]);
    const day = await begin([{ ...bowl, life }]);
    expect(day.steps.find(({ kind }) => kind === 'wear')?.waitMinutes).toBe(30);
    expect(Object.values(day.leastWear)).toEqual([20]);
    expect(fieldsOf(await wear(bowl, { wearAimMinutes: 90 }).expect(422))['wearAimMinutes']).toMatch(/under way/);
  });

  it('is one that the mask offers, and that what is in it lasts', async () => {
    const bowl = await keep(await headOf('Wren'), 'freckled-banana');
    expect(fieldsOf(await wear(bowl, { wearAimMinutes: 480 }).expect(422))).toEqual({
      wearAimMinutes: 'This mask is not worn so long, or so short.',
    });
    const night = await keep(await headOf('Pip'), 'night-watch-oil');
    expect(((await wear(night, { wearAimMinutes: 60 }).expect(200)).body as BowlLife).wearAimMinutes).toBe(60);
    expect(((await wear(night, { wearAimMinutes: 480 }).expect(200)).body as BowlLife).wearAimMinutes).toBe(480);
  });
});

it('what is still in the bowl half-way is kept with the head, until the next section', async () => {
  const bowl = await keep(await headOf('Wren'), 'towpath-avocado');
  const headId = bowl.snapshot.head.id;
  await wear(bowl, { section: { id: 'nape-left', isDone: true } }).expect(200);
  const seen = (await wear(bowl, { leftShare: 0.5 }).expect(200)).body as BowlLife;
  expect(seen.wearing[headId]?.leftShare).toBe(0.5);
  const next = (await wear(bowl, { section: { id: 'nape-right', isDone: true } }).expect(200)).body as BowlLife;
  expect(next.wearing[headId]).toEqual({ sectionsDone: ['nape-left', 'nape-right'] });
});

it('puts the mask on children first where that is asked', async () => {
  const child = await headOf('Pip', { ageYears: 7 });
  const bowl = await keep(await headOf('Wren'), 'towpath-avocado', { otherHeadIds: [child] });
  const day = await begin([bowl], { childrenFirst: true });
  const on = (headId: string) => day.steps.find(({ kind, headId: id }) => kind === 'apply' && id === headId);
  expect(on(bowl.snapshot.head.id)?.after).toContainEqual({ stepId: on(child)?.id });
  expect(day.steps.findIndex((step) => step === on(child))).toBeLessThan(
    day.steps.findIndex((step) => step === on(bowl.snapshot.head.id)),
  );
});

it('what still feels coated under the water is kept when it is tapped, and found again in Notes', async () => {
  const bowl = await keep(await headOf('Wren'), 'towpath-avocado');
  const headId = bowl.snapshot.head.id;
  await wear(bowl, { isCapOn: true }).expect(200);
  await wear(bowl, { felt: { id: 'nape-left', isCoated: true } }).expect(200);
  const felt = (await wear(bowl, { felt: { id: 'crown-left', isCoated: true } }).expect(200)).body as BowlLife;
  expect(felt.wearing[headId]?.coatedStill).toEqual(['nape-left', 'crown-left']);
  await wear(bowl, { felt: { id: 'nape-left', isCoated: false } }).expect(200);
  await wear(bowl, { isRinsed: true }).expect(200);
  const open = (await api().get('/api/logs/open').expect(200)).body as { coatedStill?: string[]; version: number }[];
  expect(open).toMatchObject([{ coatedStill: ['crown-left'], version: 0 }]);
  const log = { version: 0, log: { ...NO_LOG, said: { ease: 2 } } };
  const written = await api().put(`/api/bowls/${bowl.id}/logs/${headId}`).send(log).expect(200);
  expect(written.body).toMatchObject({ coatedStill: ['crown-left'] });
  const { items } = (await api().get('/api/logs').expect(200)).body as { items: { coatedStill?: string[] }[] };
  expect(items[0]?.coatedStill).toEqual(['crown-left']);
});
