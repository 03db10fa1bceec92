export { drawForBowl, drawnFor, endBowl, livesOf, makeBowl, moveBowl } from './bowlLife';
export { changed, isPast, knownPlace, needsDecision, toLife, wornAt } from './lifeRules';
export { broughtUpToDate } from './snapshots';
