import { randomUUID } from 'node:crypto';
import type { Bowl, BowlLife, WashDay } from '@amber-ladle/contract';
import { planDay, progressOf, stepsAsTold } from '@amber-ladle/core/washday';
import fc from 'fast-check';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';
import { isAsLogged } from '.';

const T0 = Date.parse('2026-03-14T09:00:00.000Z');
let house: TestHouse;
beforeEach(async () => {
  house = await testHouse({ requestsPerMinute: 1_000_000 });
});
afterEach(() => house.close());
const api = () => request(house.app);
const at = (minutes: number) => {
  house.home.clock.set(new Date(T0 + minutes * 60_000).toISOString());
};

async function keep(...names: string[]): Promise<Bowl> {
  const ids: string[] = [];
  for (const name of names)
    ids.push(
      (
        (
          await api()
            .post('/api/heads')
            .send({ ...aHead, name })
            .expect(201)
        ).body as { id: string }
      ).id,
    );
  const [first = '', ...otherHeadIds] = ids;
  const wish = { ...aBowl(first, randomUUID()), otherHeadIds };
  return (await api().post('/api/bowls').send(wish).expect(201)).body as Bowl;
}
const lifeOf = async ({ id }: { id: string }): Promise<BowlLife> =>
  ((await api().get(`/api/bowls/${id}`).expect(200)).body as { life: BowlLife }).life;
const tell = async ({ id }: { id: string }, what: string, body: object, status = 200): Promise<BowlLife> =>
  (await api().post(`/api/bowls/${id}/${what}`).send(body).expect(status)).body as BowlLife;

describe('a bowl in life', () => {
  it('is worn by three without a plan and without a word of making it', async () => {
    const bowl = await keep('Ada', 'Bo', 'Cy');
    const heads = [bowl.snapshot.head, ...bowl.snapshot.others].map(({ id }) => id);
    at(1);
    for (const headId of heads) await tell(bowl, 'wear', { headId, isCapOn: true });
    const worn = await lifeOf(bowl);
    expect(worn.stays).toEqual([{ placeId: 'counter', from: worn.madeAt }]);
    expect(Object.keys(worn.wearing).sort()).toEqual([...heads].sort());
    at(40);
    for (const headId of heads) await tell(bowl, 'wear', { headId, isRinsed: true });
    const pages = (await api().get(`/api/bowls/${bowl.id}/logs`).expect(200)).body as { headId: string }[];
    expect(pages.map(({ headId }) => headId).sort()).toEqual([...heads].sort());
  });

  it('is told late: rinsed at half past nine, said at ten, and its page is of half past nine', async () => {
    const bowl = await keep('Ada');
    at(5);
    await tell(bowl, 'wear', { isCapOn: true });
    at(60);
    const { wearing } = await tell(bowl, 'wear', { isRinsed: true, secondsAgo: 30 * 60 });
    const rinsedAt = Object.values(wearing)[0]?.rinsedAt ?? '';
    expect(Math.abs(Date.parse(rinsedAt) - (T0 + 30 * 60_000))).toBeLessThan(5000);
    const [page] = (await api().get(`/api/bowls/${bowl.id}/logs`)).body as { at: string }[];
    expect(page?.at).toBe(rinsedAt);
    await tell(bowl, 'wear', { isRinsed: true, secondsAgo: 25 * 3600 }, 422);
  });

  it('keeps the order of one device’s presses, though the first is told as it comes and the others as held', async () => {
    const bowl = await keep('Ada');
    const [section, cap, rinse] = [randomUUID(), randomUUID(), randomUUID()];
    at(5);
    await tell(bowl, 'wear', { section: { id: 'nape', isDone: true }, pressId: section });
    await tell(bowl, 'wear', { isCapOn: true, pressId: cap, secondsAgo: 3, afterPressId: section });
    const { wearing } = await tell(bowl, 'wear', {
      isRinsed: true,
      rinsedWhy: 'burning',
      pressId: rinse,
      secondsAgo: 3,
      afterPressId: cap,
    });
    const [worn] = Object.values(wearing);
    expect(worn).toMatchObject({ sectionsDone: ['nape'], rinsedWhy: 'burning' });
    expect(worn?.rinsedAt).toBe(worn?.wornFrom);
  });

  it('takes a press once, however often it comes', async () => {
    const bowl = await keep('Ada');
    const made = { placeId: 'counter', pressId: randomUUID() };
    const first = await tell(bowl, 'made', made);
    const carried = { placeId: 'fridge', pressId: randomUUID() };
    await tell(bowl, 'move', carried);
    await tell(bowl, 'move', carried);
    expect(await tell(bowl, 'made', made)).toMatchObject({ madeAt: first.madeAt });
    expect((await lifeOf(bowl)).stays.map(({ placeId }) => placeId)).toEqual(['counter', 'fridge']);
    const left = { millilitres: 20, how: 'judged', fate: 'nothing', pressId: randomUUID() };
    const ended = await tell(bowl, 'left', left);
    expect(await tell(bowl, 'left', left)).toEqual(ended);
  });

  it('is not drawn for by a draw that comes once more after it was taken back', async () => {
    const bowl = await keep('Ada');
    const lotId = randomUUID();
    const rice = { id: lotId, ingredientId: 'rice-cream', state: 'made', since: new Date(T0).toISOString(), label: '' };
    const bought = { lotId, kind: 'add', grams: 900, placeId: 'fridge' };
    await api()
      .post('/api/stock')
      .send({ id: randomUUID(), note: '', lots: [rice], movements: [bought] })
      .expect(201);
    const draw = { id: randomUUID(), note: '', lots: [], movements: [{ lotId, kind: 'draw', grams: -10 }] };
    expect((await tell(bowl, 'draw', draw)).isDrawn).toBe(true);
    await api().post(`/api/stock/${draw.id}/undo`).expect(200);
    expect((await tell(bowl, 'draw', draw)).isDrawn).toBe(false);
  });

  it('goes on where it is when a day begins with it on a head already', async () => {
    const bowl = await keep('Ada');
    at(2);
    await tell(bowl, 'wear', { isCapOn: true });
    at(10);
    const begin = {
      id: randomUUID(),
      bowlIds: [bowl.id],
      wish: { kind: 'start-at', at: new Date(T0).toISOString() },
      rings: 1,
    };
    const day = (await api().post('/api/washdays').send(begin).expect(201)).body as WashDay;
    const wear = day.steps.find(({ kind }) => kind === 'wear')?.id ?? '';
    const progress = progressOf(day.steps, day.events).get(wear);
    expect(Math.abs((progress?.startedAt ?? 0) - (T0 + 2 * 60_000))).toBeLessThan(5000);
  });
});

/** One tap, by one of two devices, whose answer may be lost: then it is sent again, perhaps much later. */
const tap = fc.record({
  what: fc.constantFrom(
    'begin-day',
    'make',
    'make-undo',
    'edit',
    'add',
    'length',
    'seen-left',
    'made',
    'section',
    'cap',
    'cap-off',
    'rinse',
    'rinse-off',
    'left',
    'unleave',
    'draw',
    'put-back',
    'restart',
  ),
  head: fc.nat(1),
  step: fc.nat(40),
  isLost: fc.boolean(),
  /** So many taps later it is sent again. */
  again: fc.nat(4),
});

it('is one story whatever two devices tap, with lost answers, restarts and presses that come late', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(tap, { minLength: 20, maxLength: 40 }), async (taps) => {
      const before = house;
      house = await testHouse({ requestsPerMinute: 1_000_000 });
      try {
        await tapped(taps);
      } finally {
        await house.close();
        house = before;
      }
    }),
    // Making a case smaller would take longer than anybody waits.
    { numRuns: Number(process.env['STORY'] ?? 10), endOnFailure: true },
  );
}, 120_000);

type Tap = typeof tap extends fc.Arbitrary<infer T> ? T : never;
async function tapped(taps: readonly Tap[]): Promise<void> {
  const bowl = await keep('Ada', 'Bo');
  const heads = [bowl.snapshot.head, ...bowl.snapshot.others].map(({ id }) => id);
  let minute = 0;
  let dayId: string | undefined;
  const presses: { id: string; stepId: string }[] = [];
  const lotId = randomUUID();
  const stock = (movements: object[], lots: object[] = []) => ({ id: randomUUID(), note: '', lots, movements });
  await api()
    .post('/api/stock')
    .send(
      stock(
        [{ lotId, kind: 'add', grams: 900, placeId: 'fridge' }],
        [{ id: lotId, ingredientId: 'rice-cream', state: 'made', since: new Date(T0).toISOString(), label: '' }],
      ),
    )
    .expect(201);
  const draws: string[] = [];

  type Sent = () => Promise<{ status: number; body: unknown }>;
  const post = (path: string, body: object): Sent => {
    return () => api().post(path).send(body);
  };
  const sendingOf = (what: string, head: number, step: number, steps: WashDay['steps']): Sent | undefined => {
    const headId = heads[head];
    const wear = (body: object) => post(`/api/bowls/${bowl.id}/wear`, { headId, pressId: randomUUID(), ...body });
    const stepId = steps[step % Math.max(1, steps.length)]?.id ?? '';
    const pressId = randomUUID();
    const last = presses.at(-1);
    switch (what) {
      case 'begin-day':
        return post('/api/washdays', {
          id: randomUUID(),
          bowlIds: [bowl.id],
          wish: { kind: 'start-at', at: new Date(T0).toISOString() },
          rings: 1,
        });
      case 'make':
        presses.push({ id: pressId, stepId });
        return post(`/api/washdays/${dayId ?? 'none'}/events`, {
          pressId,
          moves: [
            { kind: 'begin', stepId },
            { kind: 'done', stepId },
          ],
          order: [],
          heldSeconds: 30,
        });
      case 'make-undo':
        presses.pop();
        return post(`/api/washdays/${dayId ?? 'none'}/events`, {
          pressId,
          moves: [{ kind: 'undo', stepId: last?.stepId ?? '', undoes: last?.id ?? '' }],
          order: [],
        });
      case 'edit':
        presses.push({ id: pressId, stepId });
        return post(`/api/washdays/${dayId ?? 'none'}/events`, {
          pressId,
          moves: [{ kind: 'edit', stepId, edit: step % 2 ? { isLeftOut: true } : { handsOnMinutes: step } }],
          order: [],
        });
      case 'add': {
        const added = { title: 'Tea', handsOnMinutes: 2, waitMinutes: 0, beforeId: stepId };
        return post(`/api/washdays/${dayId ?? 'none'}/events`, {
          pressId,
          moves: [{ kind: 'add', stepId: randomUUID(), added }],
          order: [],
        });
      }
      case 'length':
        return wear({ wearAimMinutes: step % 2 ? 30 : 60 });
      case 'seen-left':
        return wear({ leftShare: step / 40 });
      case 'made':
        return post(`/api/bowls/${bowl.id}/made`, { placeId: 'counter', pressId });
      case 'section':
        return wear({ section: { id: 'front-left', isDone: step % 2 === 0 } });
      case 'cap':
        return wear({ isCapOn: true, decision: 'It smells fresh.' });
      case 'cap-off':
        return wear({ isCapOn: false });
      case 'rinse':
        return wear({ isRinsed: true, rinsedWhy: 'enough', secondsAgo: step });
      case 'rinse-off':
        return wear({ isRinsed: false });
      case 'left':
        return post(`/api/bowls/${bowl.id}/left`, {
          millilitres: step,
          how: 'judged',
          fate: step % 3 === 0 ? 'nothing' : 'kept',
          placeId: 'fridge',
          pressId,
        });
      case 'unleave':
        return () => api().delete(`/api/bowls/${bowl.id}/left`).send({});
      case 'draw': {
        const draw = stock([{ lotId, kind: 'draw', grams: -10 }]);
        draws.push(draw.id);
        return post(`/api/bowls/${bowl.id}/draw`, draw);
      }
      case 'put-back':
        return post(`/api/stock/${draws.pop() ?? 'none'}/undo`, {});
      default:
        return undefined;
    }
  };

  const holds = async (): Promise<void> => {
    expect(await isAsLogged(house.source.manager, bowl.id)).toBe(true);
    const { wearing, isDrawn } = await lifeOf(bowl);
    const { day } = (await api().get('/api/washdays/running')).body as { day: WashDay | null };
    if (day) {
      // Whatever was told of it, the day can be planned from here.
      const steps = stepsAsTold(day.steps, day.events);
      const progress = progressOf(steps, day.events);
      const now = Date.parse(house.home.clock.now());
      const plan = planDay(steps, { kitchen: { rings: 1 }, wish: { kind: 'start-at', at: T0 }, now, progress });
      expect(plan.steps).toHaveLength(steps.length);
      for (const headId of heads) {
        const step = (kind: string) =>
          progress.get(day.steps.find((one) => one.kind === kind && one.headId === headId)?.id ?? '');
        // A head that has it on has begun to wear it on this day, and one that is rinsed has rinsed; rinsed without a word
        // before it, both at once.
        const { wornFrom, rinsedAt = 'later' } = wearing[headId] ?? {};
        if (wornFrom && rinsedAt >= day.startedAt) expect(step('wear') ?? step('rinse')?.endedAt).toBeDefined();
        if (rinsedAt !== 'later' && rinsedAt >= day.startedAt) expect(step('rinse')?.endedAt).toBeDefined();
      }
    }
    // Drawn once or not at all, and the lot holds what its book says.
    const [lot] = await house.source.query<{ grams: number; booked: number }[]>(
      'SELECT l.grams, SUM(m.grams) AS booked FROM lot l JOIN movement m ON m.lot_id = l.id WHERE l.id = ?',
      [lotId],
    );
    expect(lot?.grams).toBeCloseTo(lot?.booked ?? 0, 9);
    expect(lot?.grams).toBe(isDrawn ? 890 : 900);
  };

  const log = () => house.source.query<object[]>('SELECT * FROM bowl_event ORDER BY sort');
  const waiting: { turn: number; send: Sent }[] = [];
  for (const [turn, { what, head, step, isLost, again }] of taps.entries()) {
    at((minute += 1));
    if (what === 'restart') await house.restart();
    const running = (await api().get('/api/washdays/running')).body as { day: WashDay | null };
    dayId = running.day?.id;
    const send = sendingOf(what, head, step, running.day?.steps ?? []);
    const known = await log();
    if (send) expect((await send()).status).toBeLessThan(500);
    if (send && isLost) waiting.push({ turn: turn + again, send });
    for (const late of waiting.filter((one) => one.turn === turn)) expect((await late.send()).status).toBeLessThan(500);
    // Lines are added, never changed.
    expect((await log()).slice(0, known.length)).toEqual(known);
    await holds();
  }
}
