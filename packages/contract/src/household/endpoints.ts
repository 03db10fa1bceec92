import { get, patch, post } from '../wire/endpoint';
import type { Backup, HouseholdFileAnswer } from './copy';
import type { LatelyDone } from './lately';
import type { Settings } from './owner';

/** A household of ten years with its pictures; more does not fit into one text. */
const MOST_FILE = 400 * 1024 * 1024;

const copies = () => import('./copy');

/** Settings, the present, and everything in one file or a dated copy. */
export const household = {
  health: get('/health').giving<{ ok: true; demo: boolean; now: string; isNew: boolean; page?: string }>(),
  settings: get('/settings').giving<Settings>().changingWith('settings'),
  changeSettings: patch('/settings')
    .taking(async () => (await import('./settings')).settingsChangeSchema)
    .giving<Settings>()
    .refusing('stale'),
  lately: get('/lately')
    .giving<readonly LatelyDone[]>()
    .changingWith('shelf', 'bowls', 'heads', 'masks', 'ingredients', 'notes'),
  events: get('/events').streaming(),
  file: get('/files/household.json')
    .asking(async () => (await copies()).householdFileQuerySchema)
    .givingFile(),
  fileSchema: get('/files/household.schema.json').giving<object>(),
  readFile: post('/files/household')
    .asking(async () => (await copies()).readFileQuerySchema)
    .takingFile(MOST_FILE)
    .giving<HouseholdFileAnswer>()
    .takingItsTime(),
  backups: get('/backups').giving<Backup[]>(),
  backUp: post('/backups').creating<Backup[]>().takingItsTime(),
  restoreBackup: post('/backups/:name/restore')
    .taking(async () => (await copies()).restoreSchema)
    .giving<HouseholdFileAnswer>()
    .takingItsTime()
    .refusing('not-found'),
};
