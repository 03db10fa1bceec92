export { weeksBack } from './back';
export { bowlsOfWeeks, readBuyList } from './buy';
export { lastPlan, readWeeks, wishWeeks } from './weeks';
