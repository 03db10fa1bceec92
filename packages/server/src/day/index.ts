export { endDay } from './endDay';
export { beginDay, dayOfBowl, readDay, runningDay, tellDay } from './washDays';
