import { get, post, put, remove } from '../wire/endpoint';
import type { Page } from '../wire/page';
import type { FileAnswer } from '../wire/table';
import type { Learning, LoggedBowl, MonthOfSpending, OpenLog } from './log';

const schemas = () => import('./log');

/** A log of ten years. */
const MOST_TABLE = 5 * 1024 * 1024;

/** What is written down of bowls, and what follows from it. */
export const notes = {
  list: get('/logs')
    .asking(async () => (await schemas()).logQuerySchema)
    .giving<Page<LoggedBowl>>()
    .changingWith('notes', 'bowls', 'washdays'),
  open: get('/logs/open').giving<OpenLog[]>().changingWith('notes', 'bowls', 'washdays', 'clock'),
  learning: get('/learning').giving<Learning>().changingWith('notes', 'bowls'),
  spending: get('/spending')
    .giving<MonthOfSpending[]>()
    .changingWith('shelf', 'notes', 'bowls', 'washdays', 'settings'),
  ofBowl: get('/bowls/:id/logs')
    .giving<LoggedBowl[]>()
    .changingWith('notes', 'bowls', 'washdays')
    .refusing('not-found'),
  write: put('/bowls/:id/logs/:headId')
    .taking(async () => (await schemas()).writeLogSchema)
    .giving<LoggedBowl>()
    .refusing('not-found', 'stale'),
  forget: post('/heads/:id/forgetting').giving<Learning>().refusing('not-found'),
  remember: remove('/heads/:id/forgetting').giving<Learning>().refusing('not-found'),
  file: get('/files/log.csv').givingFile(),
  readFile: post('/files/log')
    .taking(async () => (await import('../wire/table')).importLogSchema, MOST_TABLE)
    .giving<FileAnswer>()
    .takingItsTime(),
};
