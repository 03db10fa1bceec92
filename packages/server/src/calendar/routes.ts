import { api } from '@amber-ladle/contract';
import { sendFile } from '../http/file';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { calendarOf } from './calendar';

export const calendarRoutes = (home: Household): Served[] => [
  on(api.stock.calendar, async ({ request, response }) => {
    const address = `${request.protocol}://${request.headers.host ?? 'localhost'}`;
    sendFile(response, 'text/calendar', 'amber-ladle.ics', await calendarOf(home, address));
  }),
];
