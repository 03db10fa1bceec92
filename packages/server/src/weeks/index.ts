export { weeksBack } from './back';
export { readBuyList } from './buy';
export { lastPlan, readWeeks } from './weeks';
