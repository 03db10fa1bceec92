import { maskInputSchema, maskUpdateSchema, parse, type MaskInput } from '@amber-ladle/contract';
import { Router } from 'express';
import type { Household } from '../services/household';
import { createMask, getMask, listMasks, maskVersions, removeMask, restoreMask, updateMask } from '../services/masks';

export function maskRoutes(household: Household): Router {
  const router = Router();
  router.get('/', async (_request, response) => void response.json(await listMasks(household)));
  router.get('/:id', async (request, response) => void response.json(await getMask(household, request.params.id)));
  router.get('/:id/versions', async (request, response) => {
    response.json(await maskVersions(household, request.params.id));
  });
  router.post('/', async (request, response) => {
    const mask = await createMask(household, parse<MaskInput>(maskInputSchema, request.body));
    response.status(201).location(`/api/masks/${mask.id}`).json(mask);
  });
  router.put('/:id', async (request, response) => {
    const { version, ...input } = parse<MaskInput & { version: number }>(maskUpdateSchema, request.body);
    response.json(await updateMask(household, request.params.id, version, input));
  });
  router.delete('/:id', async (request, response) => {
    await removeMask(household, request.params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restoreMask(household, request.params.id));
  });
  return router;
}
