import { parse, restoreSchema } from '@amber-ladle/contract';
import express, { Router } from 'express';
import { wrongType } from '../http/errors';
import { backUp, listBackups, restoreBackup } from '../services/copy/backups';
import { readHouseholdFile } from '../services/copy/readFile';
import { currentSchema, writeHousehold } from '../services/copy/writeFile';
import type { Household } from '../services/household';

/** A household of ten years with its pictures; more does not fit into one text. */
const MOST_FILE = '400mb';

/** The file itself is the body, larger than any other that is taken. */
export function householdUpload(household: Household): Router {
  const router = Router();
  router.post(
    '/files/household',
    express.text({ type: 'application/json', limit: MOST_FILE }),
    async (request, response) => {
      if (typeof request.body !== 'string') throw wrongType();
      response.json(await readHouseholdFile(household, request.body, request.query['isForReal'] === 'true'));
    },
  );
  return router;
}

/** Everything in one file, and dated backups. */
export function copyRoutes(household: Household): Router {
  const router = Router();
  router.get('/files/household.json', async (request, response) => {
    response.set('Content-Disposition', 'attachment; filename="amber-ladle-household.json"').type('json');
    await writeHousehold(household, response, request.query['photos'] !== 'no');
    response.end();
  });
  router.get('/files/household.schema.json', (_request, response) => void response.json(currentSchema(household)));
  router.get('/backups', (_request, response) => void response.json(listBackups(household)));
  router.post('/backups', async (_request, response) => {
    response.status(201).json(await backUp(household, 'by-hand'));
  });
  router.post('/backups/:name/restore', async (request, response) => {
    const { isForReal } = parse<{ isForReal: boolean }>(restoreSchema, request.body);
    response.json(await restoreBackup(household, request.params.name, isForReal));
  });
  return router;
}
