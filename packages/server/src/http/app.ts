import { weeksRoutes } from '../weeks/routes';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { bowlRoutes } from '../bowl/routes';
import { calendarRoutes } from '../calendar/routes';
import { copyRoutes } from '../copy/routes';
import { washDayRoutes } from '../day/routes';
import { deviceRoutes, type Devices } from '../device/routes';
import { headRoutes } from '../head/routes';
import { householdRoutes } from '../household/routes';
import { ingredientRoutes } from '../ingredient/routes';
import type { Household } from '../kernel/household';
import { latelyRoutes } from '../lately/routes';
import { maskRoutes } from '../mask/routes';
import { noteRoutes } from '../notes/routes';
import { photoRoutes } from '../photo/routes';
import { placeRoutes } from '../place/routes';
import { stockRoutes } from '../stock/routes';
import { toldRoutes } from '../told/routes';
import { notFound } from '../kernel/refusal';
import { ownPagesOnly } from './guards';
import { onError, problem, sendProblem } from './onError';
import { serve, type Served } from './serve';
import { dataHeaders, pageHeaders, web } from './web';

export interface AppOptions {
  readonly devices: Devices;
  readonly household: Household;
  readonly host: string;
  readonly demo: boolean;
  readonly logger: Logger;
  readonly webFolder?: string;
  /** Requests a minute from one address. */
  readonly requestsPerMinute?: number;
}

/** Everything that is served, feature by feature; an address with a fixed step stands before one with a name there. */
export const routes = (household: Household, devices: Devices, demo: boolean): readonly Served[] => [
  ...bowlRoutes(household),
  ...headRoutes(household),
  ...noteRoutes(household),
  ...photoRoutes(household),
  ...washDayRoutes(household),
  ...maskRoutes(household),
  ...toldRoutes(household),
  ...ingredientRoutes(household),
  ...stockRoutes(household),
  ...weeksRoutes(household),
  ...placeRoutes(household),
  ...calendarRoutes(household),
  ...copyRoutes(household),
  ...latelyRoutes(household),
  ...deviceRoutes(household, devices, demo),
  ...householdRoutes(household, demo),
];

/** The whole server as an Express app, without a port. */
export function createApp({
  household,
  devices,
  host,
  demo,
  logger,
  webFolder,
  requestsPerMinute = 6000,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(ownPagesOnly(host));

  const api = express.Router();
  api.use(dataHeaders);
  api.use(
    rateLimit({
      windowMs: 60_000,
      limit: requestsPerMinute,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      validate: false,
      handler: (_request, response) => {
        sendProblem(response, problem('too-many', 'Too many requests at once; try again in a minute.'));
      },
    }),
  );
  const logWrites = pinoHttp({ logger });
  api.use((request, response, next) => {
    if (request.method === 'GET') next();
    else logWrites(request, response, next);
  });
  serve(api, routes(household, devices, demo));
  api.use(() => {
    throw notFound('address');
  });

  app.use('/api', api);
  if (webFolder) app.use(pageHeaders, web(webFolder));
  app.use(onError(logger));
  return app;
}
