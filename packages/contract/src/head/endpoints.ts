import { get, post, put, remove } from '../wire/endpoint';
import type { Head, Histories } from './head';
import type { HeadMeasure } from './measure';

const schemas = () => import('./head');

/** Heads, what each has worn, and lengths measured on them. */
export const heads = {
  list: get('/heads').giving<Head[]>().changingWith('heads'),
  histories: get('/heads/histories').giving<Histories>().changingWith('bowls', 'ingredients'),
  one: get('/heads/:id').giving<Head>().changingWith('heads').refusing('not-found'),
  create: post('/heads')
    .taking(async () => (await schemas()).headInputSchema)
    .creating<Head>(),
  update: put('/heads/:id')
    .taking(async () => (await schemas()).headUpdateSchema)
    .giving<Head>()
    .refusing('not-found', 'stale'),
  remove: remove('/heads/:id').refusing('not-found'),
  restore: post('/heads/:id/restore').giving<Head>().refusing('not-found'),
  measures: get('/heads/:id/measures').giving<HeadMeasure[]>().changingWith('notes').refusing('not-found'),
  addMeasure: post('/heads/:id/measures')
    .taking(async () => (await import('./measure')).headMeasureSchema)
    .creating<HeadMeasure[]>()
    .refusing('not-found'),
  removeMeasure: remove('/heads/:id/measures/:measureId').giving<HeadMeasure[]>().refusing('not-found'),
};
