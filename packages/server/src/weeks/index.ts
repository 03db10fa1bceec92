export { weeksBack } from './back';
export { readBuyList } from './buy';
export { lastPlan, readWeeks, wishWeeks } from './weeks';
