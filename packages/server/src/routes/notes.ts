import {
  headMeasureSchema,
  logQuerySchema,
  parse,
  tellUseSchema,
  writeLogSchema,
  type HeadMeasure,
  type WearLog,
} from '@amber-ladle/contract';
import { Router } from 'express';
import type { Household } from '../services/household';
import { forget, readLearning, remember } from '../services/learning';
import { listLogs, logsOfBowl, openLogs, writeLog } from '../services/logs';
import type { ToldOutcome } from '@amber-ladle/core/learn';
import { addMeasure, listMeasures, removeMeasure } from '../services/measures';
import { readSpending } from '../services/spending';
import { tellUse, toldOf, untellUse } from '../services/told';

/** What is written down of bowls and lengths, and what follows from it. */
export function noteRoutes(household: Household): Router {
  const router = Router();
  router.get('/logs', async (request, response) => {
    response.json(await listLogs(household, logQuerySchema.validateSync(request.query, { abortEarly: false })));
  });
  router.get('/logs/open', async (_request, response) => void response.json(await openLogs(household)));
  router.get('/learning', async (_request, response) => void response.json(await readLearning(household)));
  router.get('/spending', async (_request, response) => void response.json(await readSpending(household)));
  router.get('/bowls/:id/logs', async (request, response) => {
    response.json(await logsOfBowl(household, request.params.id));
  });
  router.put('/bowls/:id/logs/:headId', async (request, response) => {
    const { version, log } = parse<{ version: number; log: WearLog }>(writeLogSchema, request.body);
    response.json(await writeLog(household, request.params.id, request.params.headId, version, log));
  });
  router.get('/masks/:id/told', async (request, response) => {
    response.json(await toldOf(household, request.params.id));
  });
  router.put('/masks/:id/told/:headId', async (request, response) => {
    const { outcome } = parse<{ outcome: ToldOutcome }>(tellUseSchema, request.body);
    response.json(await tellUse(household, request.params.id, request.params.headId, outcome));
  });
  router.delete('/masks/:id/told/:headId', async (request, response) => {
    response.json(await untellUse(household, request.params.id, request.params.headId));
  });
  router.post('/heads/:id/forgetting', async (request, response) => {
    await forget(household, request.params.id);
    response.json(await readLearning(household));
  });
  router.delete('/heads/:id/forgetting', async (request, response) => {
    await remember(household, request.params.id);
    response.json(await readLearning(household));
  });
  router.get('/heads/:id/measures', async (request, response) => {
    response.json(await listMeasures(household, request.params.id));
  });
  router.post('/heads/:id/measures', async (request, response) => {
    const measure = parse<HeadMeasure>(headMeasureSchema, request.body);
    response.status(201).json(await addMeasure(household, request.params.id, measure));
  });
  router.delete('/heads/:id/measures/:measureId', async (request, response) => {
    response.json(await removeMeasure(household, request.params.id, request.params.measureId));
  });
  return router;
}
