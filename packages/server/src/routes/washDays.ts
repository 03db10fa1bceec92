import { beginDaySchema, dayPressSchema, parse, type BeginDay, type DayPress } from '@amber-ladle/contract';
import { Router } from 'express';
import type { Household } from '../services/household';
import { endDay } from '../services/endDay';
import { beginDay, dayOfBowl, readDay, runningDay, tellDay } from '../services/washDays';

/** Wash days: one runs at a time; what happens is told press by press. */
export function washDayRoutes(household: Household): Router {
  const router = Router();
  router.get('/running', async (_request, response) => {
    response.json({ day: (await runningDay(household)) ?? null });
  });
  router.get('/of-bowl/:bowlId', async (request, response) => {
    response.json({ day: (await dayOfBowl(household, request.params.bowlId)) ?? null });
  });
  router.get('/:id', async (request, response) => void response.json(await readDay(household, request.params.id)));
  router.post('/', async (request, response) => {
    const { day, isNew } = await beginDay(household, parse<BeginDay>(beginDaySchema, request.body));
    response
      .status(isNew ? 201 : 200)
      .location(`/api/washdays/${day.id}`)
      .json(day);
  });
  router.post('/:id/events', async (request, response) => {
    response.json(await tellDay(household, request.params.id, parse<DayPress>(dayPressSchema, request.body)));
  });
  router.post('/:id/end', async (request, response) => void response.json(await endDay(household, request.params.id)));
  return router;
}
