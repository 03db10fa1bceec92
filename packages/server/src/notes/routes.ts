import { api } from '@amber-ladle/contract';
import { sendFile } from '../http/file';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { forget, readLearning, remember } from './learning';
import { exportLog, importLog } from './logFiles';
import { listLogs, logsOfBowl, openLogs, writeLog } from './logs';
import { readSpending } from './spending';

/** What is written down of bowls, and what follows from it. */
export const noteRoutes = (home: Household): Served[] => [
  on(api.notes.list, ({ query }) => listLogs(home, query)),
  on(api.notes.open, () => openLogs(home)),
  on(api.notes.learning, () => readLearning(home)),
  on(api.notes.spending, () => readSpending(home)),
  on(api.notes.ofBowl, ({ params }) => logsOfBowl(home, params.id)),
  on(api.notes.write, ({ params, body }) => writeLog(home, params.id, params.headId, body.version, body.log)),
  on(api.notes.forget, async ({ params }) => {
    await forget(home, params.id);
    return readLearning(home);
  }),
  on(api.notes.remember, async ({ params }) => {
    await remember(home, params.id);
    return readLearning(home);
  }),
  on(api.notes.file, async ({ response }) => {
    sendFile(response, 'text/csv', 'amber-ladle-log.csv', await exportLog(home));
  }),
  on(api.notes.readFile, ({ body }) => importLog(home, body.text, body.isForReal)),
];
