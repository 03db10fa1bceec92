import { api, checked, placeIdSchema } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { listPlaces, removePlace, savePlace, tellReading } from './climate';

export const placeRoutes = (home: Household): Served[] => [
  on(api.stock.places, () => listPlaces(home.source.manager)),
  on(api.stock.savePlace, ({ params, body }) => savePlace(home, { ...body, id: checked(placeIdSchema, params.id) })),
  on(api.stock.removePlace, ({ params }) => removePlace(home, params.id)),
  on(api.stock.tellReading, async ({ body }) => {
    await tellReading(home, body);
    return body;
  }),
];
