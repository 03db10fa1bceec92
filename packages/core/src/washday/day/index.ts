export {
  effective,
  EVENT_KINDS,
  lastPress,
  type AddedStep,
  type DayEvent,
  type DayMove,
  type EventKind,
} from './event';
export { mayLeaveOut, stepsAsTold, withAddedSteps } from './told';
export { gramsIn, pouredIn, progressOf, settledGrams, type Progress } from './progress';
export {
  focusOf,
  forward,
  mayEnd,
  NOW_WITHIN_MINUTES,
  planOf,
  waitsIn,
  type DayOptions,
  type Focus,
  type RunningDay,
} from './forward';
export { recordOf, type RecordLine } from './record';
export { TAKE_OUT_MINUTES, takeOuts, type TakeOut } from './takeOut';
export { whatHelps, type Help, type OtherDay } from './whatHelps';
export { isOnTarget, NEAR_GRAMS, NEAR_SHARE, offTarget, rebalancedLines, type Rebalanced } from './pours';
export { hairWaits, type HairWaits } from './hairWaits';
export { nextAt } from './nextAt';
