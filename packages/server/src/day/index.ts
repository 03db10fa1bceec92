export { endDay } from './endDay';
export { beginDay, dayOfBowl, eventsOf, readDay, runningDay, runningDayOf, tellDay, tellIn } from './washDays';
