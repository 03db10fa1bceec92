import { get, put } from '../wire/endpoint';
import type { KeptWeekPlan, WeekBack, WeeksHeld } from './weeks';

const schemas = () => import('./weeks');

/** The coming weeks: what is wished, what was planned, and what became of it. */
export const weeks = {
  held: get('/weeks').giving<WeeksHeld>().changingWith('weeks', 'bowls', 'shelf', 'ingredients'),
  wish: put('/weeks/wishes')
    .taking(async () => (await schemas()).weekWishesChangeSchema)
    .giving<WeeksHeld['wishes']>()
    .refusing('stale'),
  keep: put('/weeks/plan')
    .taking(async () => (await schemas()).weekPlanSchema)
    .giving<KeptWeekPlan>(),
  back: get('/weeks/back').giving<readonly WeekBack[]>().changingWith('weeks', 'bowls', 'shelf', 'settings'),
};
