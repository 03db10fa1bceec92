import { api } from '@amber-ladle/contract';
import { sendFile } from '../http/file';
import { Router } from 'express';
import { on, type Served } from '../http/serve';
import type { Door } from '../door';
import { notFound } from '../kernel/refusal';
import type { Household } from '../kernel/household';
import { calendarOf } from './calendar';

export const calendarRoutes = (home: Household): Served[] => [
  on(api.stock.calendar, async ({ request, response }) => {
    const address = `${request.protocol}://${request.headers.host ?? 'localhost'}`;
    sendFile(response, 'text/calendar', 'amber-ladle.ics', await calendarOf(home, address));
  }),
];

/** What a calendar subscribes to: it has no key, and its address is its secret. */
export function subscription(home: Household, door: Door): Router {
  const router = Router();
  router.get('/calendar/:secret.ics', async (request, response, next) => {
    const { secret } = request.params;
    if (!(await door.isCalendarSecret(secret))) {
      if (!request.secure) throw notFound('calendar');
      // To a stranger this is an address like any other.
      next();
      return;
    }
    const address = `${request.protocol}://${request.headers.host ?? 'localhost'}`;
    response
      .set('Cache-Control', 'no-store')
      .type('text/calendar')
      .send(await calendarOf(home, address));
  });
  return router;
}
