export { aProfile, anAdult } from './aHead';
export { aBowl, aDay } from './aDay';
export { aDrawnDay, aLink, aTask } from './aTask';
