import {
  pageQuerySchema,
  parse,
  placeIdSchema,
  placeSchema,
  type PlaceInput,
  readingSchema,
  restockSchema,
  stockChangeSchema,
  type StockChange,
} from '@amber-ladle/contract';
import type { Reading } from '@amber-ladle/core/shelf';
import { Router } from 'express';
import { readBuyList } from '../services/buy';
import { listPlaces, savePlace, removePlace, tellReading } from '../services/climate';
import type { Household } from '../services/household';
import { readRestock, setRestock } from '../services/restock';
import { changeStock, getLot, listMovements, readShelf, undoChange } from '../services/stock';
import { readWaste } from '../services/waste';

/** The shelf: lots, their book, places and levels. */
export function shelfRoutes(household: Household): Router {
  const router = Router();
  const page = (query: unknown) => pageQuerySchema.validateSync(query, { abortEarly: false });

  router.get('/shelf', async (request, response) => {
    const { offset, limit } = page(request.query);
    response.json(await readShelf(household, offset, limit));
  });
  router.get('/lots/:id', async (request, response) => void response.json(await getLot(household, request.params.id)));
  router.get('/movements', async (request, response) => {
    const { offset, limit } = page(request.query);
    response.json(await listMovements(household, offset, limit));
  });
  router.get('/buy', async (_request, response) => void response.json(await readBuyList(household)));
  router.get('/waste', async (_request, response) => void response.json(await readWaste(household)));

  router.post('/stock', async (request, response) => {
    const answer = await changeStock(household, parse<StockChange>(stockChangeSchema, request.body));
    response.status(answer.isNew ? 201 : 200).json(answer);
  });
  router.post('/stock/:id/undo', async (request, response) => {
    response.json(await undoChange(household, request.params.id));
  });

  router.get('/places', async (_request, response) => {
    response.json(await listPlaces(household.source.manager));
  });
  router.put('/places/:id', async (request, response) => {
    const id = parse<string>(placeIdSchema, request.params.id);
    response.json(await savePlace(household, { ...parse<PlaceInput>(placeSchema, request.body), id }));
  });
  router.delete('/places/:id', async (request, response) => {
    response.json(await removePlace(household, request.params.id));
  });
  router.post('/readings', async (request, response) => {
    const reading = parse<Reading>(readingSchema, request.body);
    await tellReading(household, reading);
    response.status(201).json(reading);
  });
  router.get('/restock', async (_request, response) => void response.json(await readRestock(household)));
  router.put('/restock/:ingredientId', async (request, response) => {
    const { grams } = parse<{ grams: number }>(restockSchema, request.body);
    response.json(await setRestock(household, { ingredientId: request.params.ingredientId, grams }));
  });
  return router;
}
