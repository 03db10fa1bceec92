export * from './bowlEvent';
export * from './bowlLife';
export { dayEventsOf, type LogReading } from './dayEventsOf';
export { lifeOf, pressesBehind, type DayOfLog, type LogContext } from './lifeOf';
