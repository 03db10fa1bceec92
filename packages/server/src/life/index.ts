export { decided, endBowl, livesOf, makeBowl, moveBowl } from './bowlLife';
export { changed, type Pressed } from './changed';
export { isPast, knownPlace, needsDecision, toLife, wornAt } from './lifeRules';
export { eventsOf, isAsLogged, readingOf, takeBack, tell, type Telling } from './log';
export { broughtUpToDate } from './snapshots';
export { standing, toldOf } from './toldOf';
