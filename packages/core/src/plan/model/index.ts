export { freezingNothing, planModel, withMostLost } from './planModel';
export { freezeOn, frozenFrom, LEFT_OPEN_SHARE, lostOfOpened, mayFreeze, usableOn } from './supply';
export { COST_KINDS, type CostKind, type PlanModel } from './types';
