import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import request from 'supertest';
import { expect, it } from 'vitest';
import { backUpDaily } from '../copy';
import { tryOut } from '../copy/trial';
import { aBowl, aHead, testHouse } from '../testing';
import { Clock } from './clock';

it('runs on from any moment it is set to, and takes nothing else', () => {
  const clock = new Clock();
  clock.set('2031-01-01T00:00:00.000Z');
  expect(Math.abs(Date.parse(clock.now()) - Date.parse('2031-01-01T00:00:00.000Z'))).toBeLessThan(1000);
  expect(() => {
    clock.set('tomorrow');
  }).toThrow(RangeError);
});

it('may be set forward and back between any two things that are done, and nothing is lost or refused for ever', async () => {
  const DAY = 86_400_000;
  const START = Date.parse('2026-03-14T09:00:00.000Z');
  const jumps = fc.array(fc.integer({ min: -400, max: 400 }), { minLength: 7, maxLength: 7 });
  await fc.assert(
    fc.asyncProperty(jumps, async (days) => {
      const house = await testHouse();
      const { home } = house;
      const api = () => request(house.app);
      const at = (turn: number): string => {
        home.clock.set(new Date(START + (days[turn] ?? 0) * DAY).toISOString());
        return home.clock.now();
      };
      at(0);
      const head = (await api().post('/api/heads').send(aHead).expect(201)).body as { id: string };
      const since = at(1);
      const lotId = randomUUID();
      const lots = [{ id: lotId, ingredientId: 'rice-cream', state: 'made', since, label: '' }];
      const bought = { lotId, kind: 'add', grams: 900, placeId: 'fridge' };
      await api()
        .post('/api/stock')
        .send({ id: randomUUID(), note: '', lots, movements: [bought] })
        .expect(201);
      at(2);
      const draw = { id: randomUUID(), note: '', lots: [], movements: [{ lotId, kind: 'draw', grams: -400 }] };
      const bowl = (
        await api()
          .post('/api/bowls')
          .send({ ...aBowl(head.id, randomUUID()), draw })
          .expect(201)
      ).body as { id: string };
      at(3);
      await api().post(`/api/bowls/${bowl.id}/made`).send({ placeId: 'counter' }).expect(200);
      await backUpDaily(home);
      at(4);
      const wear = await api().post(`/api/bowls/${bowl.id}/wear`).send({ isCapOn: true, decision: 'It smells fresh.' });
      expect(wear.status).toBe(200);
      at(5);
      await api().post(`/api/bowls/${bowl.id}/wear`).send({ isRinsed: true }).expect(200);
      await api().post(`/api/stock/${draw.id}/undo`).expect(200);
      await backUpDaily(home);
      at(6);
      await api().post('/api/bowls').send(aBowl(head.id, randomUUID())).expect(201);
      for (const path of [
        '/shelf',
        '/bowls',
        '/logs',
        '/logs/open',
        '/spending',
        '/waste',
        '/learning',
        '/heads/histories',
        '/buy',
        '/calendar.ics',
      ])
        await api().get(`/api${path}`).expect(200);
      expect((await api().get('/api/shelf')).body.lots[0].grams).toBe(900);
      expect(await tryOut(house.source, home.clock)).toEqual([]);
      await house.close();
    }),
    { numRuns: 12 },
  );
}, 60_000);
