export { calendarOf } from './calendar';
