import { weeksRoutes } from '../weeks/routes';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { bowlRoutes } from '../bowl/routes';
import { calendarRoutes, subscription } from '../calendar/routes';
import compression from 'compression';
import { copyRoutes } from '../copy/routes';
import { washDayRoutes } from '../day/routes';
import { deviceRoutes, type Devices } from '../device/routes';
import type { Door } from '../door';
import { doorRoutes } from '../door/routes';
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
import { readerIn } from '../household';
import { notFound, tooMany } from '../kernel/refusal';
import { firstCardFor } from './firstCard';
import { localNames, ownPagesOnly } from './guards';
import { joining, toJoinPage } from './joining';
import { lock } from './lock';
import { onError } from './onError';
import { serve, type Served } from './serve';
import { dataHeaders, pageHeaders, web } from './web';

export interface AppOptions {
  readonly devices: Devices;
  readonly household: Household;
  readonly host: string;
  readonly door: Door;
  /** What devices may call it by. */
  readonly doorNames: () => ReadonlySet<string>;
  readonly demo: boolean;
  readonly logger: Logger;
  readonly webFolder?: string;
  /** Requests a minute from one address. */
  readonly requestsPerMinute?: number;
}

/** Everything that is served, feature by feature; an address with a fixed step stands before one with a name there. */
export const routes = (
  household: Household,
  devices: Devices,
  door: Door,
  demo: boolean,
  page?: string,
): readonly Served[] => [
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
  ...doorRoutes(door),
  ...householdRoutes(household, demo, page),
];

/** A log says what was asked, and carries nobody's key. */
const WITHOUT_KEYS = {
  req: ({ method, url }: { method: string; url: string }) => ({ method, url }),
  res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
};

/** For everything but data. */
const onPages = (headers: express.RequestHandler[]): express.RequestHandler => {
  const router = express.Router().use(headers);
  return (request, response, next) => {
    if (request.path.startsWith('/api/')) next();
    else router(request, response, next);
  };
};

/** What travels through the air is made small; this machine reads its own disk faster than it unpacks. Streams go as they come. */
const isCompressed = (request: express.Request, response: express.Response): boolean =>
  request.secure &&
  !String(response.getHeader('Content-Type')).startsWith('text/event-stream') &&
  compression.filter(request, response);

/** The whole server as an Express app, without a port. */
export function createApp({
  household,
  devices,
  host,
  door,
  doorNames,
  demo,
  logger,
  webFolder,
  requestsPerMinute = 6000,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  const hereNames = localNames(host);
  app.use(ownPagesOnly((request) => (request.secure ? doorNames() : hereNames)));
  // Before everything that needs a key: what leads in, and what carries a secret of its own.
  app.use(onPages(pageHeaders), joining(door));
  app.use(subscription(household, door));
  app.use(lock(door, logger, toJoinPage));
  app.use(compression({ filter: isCompressed }));

  const api = express.Router();
  api.use(dataHeaders);
  api.use(
    rateLimit({
      windowMs: 60_000,
      limit: requestsPerMinute,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      validate: false,
      handler: (_request, _response, next) => {
        next(tooMany());
      },
    }),
  );
  const logWrites = pinoHttp({ logger, serializers: WITHOUT_KEYS });
  api.use((request, response, next) => {
    if (request.method === 'GET') next();
    else logWrites(request, response, next);
  });
  const pages = webFolder === undefined ? undefined : web(webFolder, (query) => firstCardFor(household, query, logger));
  serve(api, routes(household, devices, door, demo, pages?.beginning));
  api.use(() => {
    throw notFound('address');
  });

  app.use('/api', api);
  if (pages) app.use(pages.router);
  app.use(onError(logger, () => readerIn(household)));
  return app;
}
