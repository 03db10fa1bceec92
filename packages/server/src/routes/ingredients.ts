import { ingredientUpdateSchema, parse } from '@amber-ladle/contract';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { Router } from 'express';
import { invalid } from '../http/errors';
import type { Household } from '../services/household';
import { listIngredients, removeIngredient, restoreIngredient, saveIngredient } from '../services/ingredients';

export function ingredientRoutes(household: Household): Router {
  const router = Router();
  router.get('/', async (_request, response) => void response.json(await listIngredients(household)));
  router.put('/:id', async (request, response) => {
    const { row, version } = parse<{ row: Ingredient; version: number }>(ingredientUpdateSchema, request.body);
    if (row.id !== request.params.id) throw invalid({ 'row.id': 'The id is the one in the address.' });
    response.json(await saveIngredient(household, row, version));
  });
  router.delete('/:id', async (request, response) => {
    await removeIngredient(household, request.params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restoreIngredient(household, request.params.id));
  });
  return router;
}
