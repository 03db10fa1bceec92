import {
  pageQuerySchema,
  parse,
  placesSchema,
  readingSchema,
  restockSchema,
  stockChangeSchema,
  type StockChange,
} from '@amber-ladle/contract';
import type { Place, Reading, RestockLevel } from '@amber-ladle/core/shelf';
import { Router } from 'express';
import { readBuyList } from '../services/buy';
import { listPlaces, savePlaces, tellReading } from '../services/climate';
import type { Household } from '../services/household';
import { readRestock, writeRestock } from '../services/restock';
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
  router.put('/places', async (request, response) => {
    const { places } = parse<{ places: Place[] }>(placesSchema, request.body);
    response.json(await savePlaces(household, places));
  });
  router.post('/readings', async (request, response) => {
    const reading = parse<Reading>(readingSchema, request.body);
    await tellReading(household, reading);
    response.status(201).json(reading);
  });
  router.get('/restock', async (_request, response) => void response.json(await readRestock(household)));
  router.put('/restock', async (request, response) => {
    const { levels } = parse<{ levels: RestockLevel[] }>(restockSchema, request.body);
    response.json(await writeRestock(household, levels));
  });
  return router;
}
