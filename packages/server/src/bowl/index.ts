export { getBowl, keepBowl, listBowls, removeBowl, restoreBowl } from './bowls';
export { drawForBowl } from './draw';
export { firstBowl, type FirstBowl } from './firstBowl';
export { readHistories } from './histories';
export { leaveBowl, unleaveBowl, wearBowl } from './wearing';
