import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { backUp, listBackups, restoreBackup } from './backups';
import { readHouseholdFile } from './readFile';
import { currentSchema, writeHousehold } from './writeFile';

/** Everything in one file, and dated backups. */
export const copyRoutes = (home: Household): Served[] => [
  on(api.household.file, async ({ query, response }) => {
    response.set('Content-Disposition', 'attachment; filename="amber-ladle-household.json"').type('json');
    await writeHousehold(home, response, query.photos !== 'no');
  }),
  on(api.household.fileSchema, () => currentSchema(home)),
  on(api.household.readFile, ({ query, body }) => readHouseholdFile(home, body, query.isForReal)),
  on(api.household.backups, () => listBackups(home)),
  on(api.household.backUp, () => backUp(home, 'by-hand')),
  on(api.household.restoreBackup, ({ params, body }) => restoreBackup(home, params.name, body.isForReal)),
];
