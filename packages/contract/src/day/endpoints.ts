import { get, post } from '../wire/endpoint';
import type { WashDay } from './washday';

const schemas = () => import('./washday');

/** Wash days: one runs at a time; what happens is told press by press. */
export const washDays = {
  running: get('/washdays/running').giving<{ day: WashDay | null }>().changingWith('washdays'),
  ofBowl: get('/washdays/of-bowl/:bowlId').giving<{ day: WashDay | null }>().changingWith('washdays'),
  one: get('/washdays/:id').giving<WashDay>().changingWith('washdays').refusing('not-found'),
  begin: post('/washdays')
    .taking(async () => (await schemas()).beginDaySchema)
    .making<WashDay>()
    .refusing('not-found', 'in-use'),
  tell: post('/washdays/:id/events')
    .taking(async () => (await schemas()).dayPressSchema)
    .giving<WashDay>()
    .refusing('not-found', 'in-use'),
  end: post('/washdays/:id/end').giving<WashDay>().refusing('not-found', 'not-enough', 'in-use'),
};
