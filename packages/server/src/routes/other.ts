import { anObjectSchema, parse } from '@amber-ladle/contract';
import { Router } from 'express';
import type { Household } from '../services/household';
import { changeSettings, readSettings } from '../services/settings';

/** Settings, the present, health and the stream of changes. */
export function otherRoutes(household: Household, demo: boolean): Router {
  const router = Router();
  router.get('/health', async (_request, response) => {
    await household.source.query('SELECT 1');
    response.json({ ok: true, demo, now: household.clock.now() });
  });
  router.get('/settings', async (_request, response) => void response.json(await readSettings(household)));
  router.patch('/settings', async (request, response) => {
    response.json(await changeSettings(household, parse<object>(anObjectSchema, request.body)));
  });
  router.get('/events', (request, response) => {
    household.events.listen(request, response);
  });
  return router;
}
