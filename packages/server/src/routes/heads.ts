import { headInputSchema, headUpdateSchema, parse, type HeadInput } from '@amber-ladle/contract';
import { Router } from 'express';
import { createHead, getHead, listHeads, removeHead, restoreHead, updateHead } from '../services/heads';
import { readHistories } from '../services/histories';
import type { Household } from '../services/household';

export function headRoutes(household: Household): Router {
  const router = Router();
  router.get('/', async (_request, response) => void response.json(await listHeads(household)));
  router.get('/histories', async (_request, response) => void response.json(await readHistories(household)));
  router.get('/:id', async (request, response) => void response.json(await getHead(household, request.params.id)));
  router.post('/', async (request, response) => {
    const head = await createHead(household, parse<HeadInput>(headInputSchema, request.body));
    response.status(201).location(`/api/heads/${head.id}`).json(head);
  });
  router.put('/:id', async (request, response) => {
    const change = parse<HeadInput & { version: number }>(headUpdateSchema, request.body);
    response.json(await updateHead(household, request.params.id, change));
  });
  router.delete('/:id', async (request, response) => {
    await removeHead(household, request.params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restoreHead(household, request.params.id));
  });
  return router;
}
