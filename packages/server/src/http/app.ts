import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { PROBLEM_TYPES } from '@amber-ladle/contract';
import { bowlRoutes } from '../routes/bowls';
import { headRoutes } from '../routes/heads';
import { ingredientRoutes } from '../routes/ingredients';
import { maskRoutes } from '../routes/masks';
import { deviceRoutes, type Devices } from '../routes/devices';
import { fileRoutes } from '../routes/files';
import { copyRoutes, householdUpload } from '../routes/copies';
import { noteRoutes } from '../routes/notes';
import { photoRoutes, photoUpload } from '../routes/photos';
import { washDayRoutes } from '../routes/washDays';
import { shelfRoutes } from '../routes/shelf';
import { otherRoutes } from '../routes/other';
import type { Household } from '../services/household';
import { notFound } from './errors';
import { jsonOnly, ownPagesOnly, plainOnly } from './guards';
import { onError, sendProblem } from './onError';
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

const MOST_BODY = '256kb';

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
        sendProblem(response, {
          type: PROBLEM_TYPES['too-many'],
          status: 429,
          title: 'Too many requests at once; try again in a minute.',
        });
      },
    }),
  );
  const logWrites = pinoHttp({ logger });
  api.use((request, response, next) => {
    if (request.method === 'GET') next();
    else logWrites(request, response, next);
  });
  // Pictures and whole households are larger than anything else, and are read by their own routes.
  api.use(photoUpload(household));
  api.use(jsonOnly);
  api.use(householdUpload(household));
  api.use('/files/log', express.json({ limit: '5mb', strict: true }));
  api.use(express.json({ limit: MOST_BODY, strict: true }));
  api.use(plainOnly);
  api.use(noteRoutes(household));
  api.use(photoRoutes(household));
  api.use(copyRoutes(household));
  api.use('/heads', headRoutes(household));
  api.use('/bowls', bowlRoutes(household));
  api.use('/washdays', washDayRoutes(household));
  api.use('/masks', maskRoutes(household));
  api.use('/ingredients', ingredientRoutes(household));
  api.use('/devices', deviceRoutes(household, devices, demo));
  api.use(shelfRoutes(household));
  api.use(fileRoutes(household));
  api.use(otherRoutes(household, demo));
  api.use(() => {
    throw notFound('address');
  });

  app.use('/api', api);
  if (webFolder) app.use(pageHeaders, web(webFolder));
  app.use(onError(logger));
  return app;
}
