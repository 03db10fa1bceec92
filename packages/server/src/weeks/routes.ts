import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { weeksBack } from './back';
import { sendFile } from '../http/file';
import { exportBuyList, readBuyList } from './buy';
import { keepPlan, readWeeks, wishWeeks } from './weeks';

/** The coming weeks, and those that were. */
export const weeksRoutes = (home: Household): Served[] => [
  on(api.weeks.held, () => readWeeks(home)),
  on(api.weeks.wish, ({ body }) => wishWeeks(home, body.wishes, body.seen)),
  on(api.weeks.keep, ({ body }) => keepPlan(home, body)),
  on(api.stock.buy, () => readBuyList(home)),
  on(api.stock.buyFile, async ({ response }) => {
    sendFile(response, 'text/csv', 'amber-ladle-to-buy.csv', await exportBuyList(home));
  }),
  on(api.weeks.back, () => weeksBack(home)),
];
