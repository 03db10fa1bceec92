import { importLogSchema, importSchema, parse } from '@amber-ladle/contract';
import { Router, type Response } from 'express';
import { calendarOf } from '../services/calendar';
import type { Household } from '../services/household';
import { exportLog, importLog } from '../services/logFiles';
import { exportLots, exportMovements, importStock } from '../services/stockFiles';

const send = (response: Response, type: string, name: string, text: string): void => {
  response.set('Content-Disposition', `attachment; filename="${name}"`).type(type).send(text);
};

/** Stock as tables in and out, windows as a calendar. */
export function fileRoutes(household: Household): Router {
  const router = Router();
  router.get('/files/lots.csv', async (_request, response) => {
    send(response, 'text/csv', 'amber-ladle-lots.csv', await exportLots(household));
  });
  router.get('/files/movements.csv', async (_request, response) => {
    send(response, 'text/csv', 'amber-ladle-movements.csv', await exportMovements(household));
  });
  router.post('/files/stock', async (request, response) => {
    const { text, isForReal } = parse<{ text: string; isForReal: boolean }>(importSchema, request.body);
    response.json(await importStock(household, text, isForReal));
  });
  router.get('/files/log.csv', async (_request, response) => {
    send(response, 'text/csv', 'amber-ladle-log.csv', await exportLog(household));
  });
  router.post('/files/log', async (request, response) => {
    const { text, isForReal } = parse<{ text: string; isForReal: boolean }>(importLogSchema, request.body);
    response.json(await importLog(household, text, isForReal));
  });
  router.get('/calendar.ics', async (request, response) => {
    const address = `${request.protocol}://${request.headers.host ?? 'localhost'}`;
    send(response, 'text/calendar', 'amber-ladle.ics', await calendarOf(household, address));
  });
  return router;
}
