import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { endDay } from './endDay';
import { beginDay, dayOfBowl, readDay, runningDay, tellDay } from './washDays';

export const washDayRoutes = (home: Household): Served[] => [
  on(api.washDays.running, async () => ({ day: (await runningDay(home)) ?? null })),
  on(api.washDays.ofBowl, async ({ params }) => ({ day: (await dayOfBowl(home, params.bowlId)) ?? null })),
  on(api.washDays.one, ({ params }) => readDay(home, params.id)),
  on(api.washDays.begin, async ({ body }) => {
    const { day, isNew } = await beginDay(home, body);
    return { answer: day, isNew };
  }),
  on(api.washDays.tell, ({ params, body }) => tellDay(home, params.id, body)),
  on(api.washDays.end, ({ params }) => endDay(home, params.id)),
];
