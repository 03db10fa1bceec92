export { aProfile, anAdult } from './aHead';
export { aBowl, aDay } from './aDay';
