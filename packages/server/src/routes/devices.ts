import { clockSchema, parse, scaleHandsSchema, thermometerHandsSchema } from '@amber-ladle/contract';
import { Router, type RequestHandler } from 'express';
import { deviceMode } from '../devices/mode';
import type { SimulatedScale, ScaleHands } from '../devices/scale';
import type { SimulatedThermometers } from '../devices/thermometer';
import { notFound } from '../http/errors';
import type { Household } from '../services/household';

export interface Devices {
  readonly thermometers: SimulatedThermometers;
  readonly scale: SimulatedScale;
}

/** Simulated devices, driven from the screen; in the demo the clock as well. */
export function deviceRoutes(household: Household, { thermometers, scale }: Devices, demo: boolean): Router {
  const router = Router();
  /** Without a scale there is nothing to ask. */
  const withScale: RequestHandler = async (_request, _response, next) => {
    if ((await deviceMode(household, demo)) === 'off') throw notFound('scale');
    next();
  };
  router.use('/scale', withScale);
  router.get('/thermometers', async (_request, response) => void response.json(await thermometers.read()));
  router.post('/thermometers/:placeId', async (request, response) => {
    const hands = parse<{ isDoorOpen?: boolean; hasPower?: boolean }>(thermometerHandsSchema, request.body);
    if (!(await thermometers.turn(request.params.placeId, hands))) throw notFound('thermometer');
    response.json(await thermometers.read());
  });
  router.get('/scale', (_request, response) => void response.json(scale.read()));
  router.get('/scale/stream', (request, response) => {
    scale.listen(request, response);
  });
  router.post('/scale', (request, response) => {
    response.json(scale.handle(parse<ScaleHands>(scaleHandsSchema, request.body)));
  });
  router.post('/clock', async (request, response) => {
    if (!demo) throw notFound('address');
    const { minutes } = parse<{ minutes: number }>(clockSchema, request.body);
    await thermometers.tick();
    household.clock.set(new Date(Date.parse(household.clock.now()) + minutes * 60_000).toISOString());
    await thermometers.tick();
    household.events.tell('clock');
    household.events.tell('climate');
    response.json({ now: household.clock.now() });
  });
  return router;
}
