export { getBowl, keepBowl, listBowls, removeBowl, restoreBowl } from './bowls';
export { readHistories } from './histories';
export { leaveBowl, unleaveBowl, wearBowl } from './wearing';
