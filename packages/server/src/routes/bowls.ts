import {
  bowlEndSchema,
  bowlMadeSchema,
  keepBowlSchema,
  leftOverSchema,
  pageQuerySchema,
  parse,
  stockChangeSchema,
  wearSchema,
  type BowlEnd,
  type KeepBowl,
  type StockChange,
} from '@amber-ladle/contract';
import { Router } from 'express';
import { getBowl, keepBowl, listBowls, removeBowl, restoreBowl } from '../services/bowls';
import { drawForBowl, endBowl, makeBowl, moveBowl } from '../services/bowlLife';
import { leaveBowl, unleaveBowl, wearBowl, type LeftWish, type Wearing } from '../services/wearing';
import { costOfBowl } from '../services/waste';
import type { Household } from '../services/household';

export function bowlRoutes(household: Household): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const { offset, limit } = pageQuerySchema.validateSync(request.query, { abortEarly: false });
    response.json(await listBowls(household, offset, limit));
  });
  router.get('/:id', async (request, response) => void response.json(await getBowl(household, request.params.id)));
  router.post('/', async (request, response) => {
    const { bowl, isNew } = await keepBowl(household, parse<KeepBowl>(keepBowlSchema, request.body));
    response
      .status(isNew ? 201 : 200)
      .location(`/api/bowls/${bowl.id}`)
      .json(bowl);
  });
  router.get('/:id/cost', async (request, response) => {
    response.json(await costOfBowl(household, request.params.id));
  });
  router.post('/:id/draw', async (request, response) => {
    const draw = parse<StockChange>(stockChangeSchema, request.body);
    response.json(await drawForBowl(household, request.params.id, draw));
  });
  router.post('/:id/made', async (request, response) => {
    const { placeId } = parse<{ placeId: string }>(bowlMadeSchema, request.body);
    response.json(await makeBowl(household, request.params.id, placeId));
  });
  router.post('/:id/move', async (request, response) => {
    const { placeId } = parse<{ placeId: string }>(bowlMadeSchema, request.body);
    response.json(await moveBowl(household, request.params.id, placeId));
  });
  router.post('/:id/wear', async (request, response) => {
    response.json(await wearBowl(household, request.params.id, parse<Wearing>(wearSchema, request.body)));
  });
  router.post('/:id/end', async (request, response) => {
    const { how, decision } = parse<{ how: BowlEnd; decision?: string }>(bowlEndSchema, request.body);
    response.json(await endBowl(household, request.params.id, how, decision));
  });
  router.post('/:id/left', async (request, response) => {
    response.json(await leaveBowl(household, request.params.id, parse<LeftWish>(leftOverSchema, request.body)));
  });
  router.delete('/:id/left', async (request, response) => {
    response.json(await unleaveBowl(household, request.params.id));
  });
  router.delete('/:id', async (request, response) => {
    await removeBowl(household, request.params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restoreBowl(household, request.params.id));
  });
  return router;
}
