import type { Worth } from '@amber-ladle/core/shelf';
import { get, post, remove } from '../wire/endpoint';
import type { Page } from '../wire/page';
import type { Bowl, BowlSummary } from './bowl';
import type { BowlLife } from './life';

const schemas = () => import('./keep');
const lives = () => import('./life');

/** Kept bowls and what happens to them. */
export const bowls = {
  list: get('/bowls')
    .asking(async () => (await import('../wire/page')).pageQuerySchema)
    .giving<Page<BowlSummary>>()
    .changingWith('bowls', 'sections'),
  one: get('/bowls/:id').giving<Bowl>().changingWith('bowls', 'sections').refusing('not-found'),
  keep: post('/bowls')
    .taking(async () => (await schemas()).keepBowlSchema)
    .making<Bowl>()
    .refusing('not-found', 'not-enough', 'in-use'),
  /** A bowl for each head at once: all of them, or none. */
  keepEach: post('/bowls/each')
    .taking(async () => (await schemas()).keepBowlsSchema)
    .creating<Bowl[]>()
    .refusing('not-found', 'not-enough', 'in-use'),
  cost: get('/bowls/:id/cost').giving<Worth>().changingWith('bowls', 'shelf').refusing('not-found'),
  draw: post('/bowls/:id/draw')
    .taking(async () => (await import('../stock')).stockChangeSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'not-enough', 'in-use'),
  made: post('/bowls/:id/made')
    .taking(async () => (await lives()).bowlMadeSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'in-use'),
  move: post('/bowls/:id/move')
    .taking(async () => (await lives()).bowlMadeSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'in-use'),
  wear: post('/bowls/:id/wear')
    .taking(async () => (await lives()).wearSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'in-use'),
  end: post('/bowls/:id/end')
    .taking(async () => (await lives()).bowlEndSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'in-use'),
  leave: post('/bowls/:id/left')
    .taking(async () => (await lives()).leftOverSchema)
    .giving<BowlLife>()
    .refusing('not-found', 'in-use'),
  unleave: remove('/bowls/:id/left').giving<BowlLife>().refusing('not-found', 'in-use'),
  remove: remove('/bowls/:id').refusing('not-found'),
  restore: post('/bowls/:id/restore').giving<Bowl>().refusing('not-found'),
};
