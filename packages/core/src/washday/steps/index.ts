export { bowlSteps, readyStepOf } from './bowlSteps';
export type { BowlToMake } from './bowlToMake';
export { headSteps, type HeadToServe } from './headSteps';
export { daySteps, isChild, stepsOfMask, type BowlOfDay, type DayWishes } from './daySteps';
export { editedSteps, editNameOf, lastsOf, withEdit, withoutSteps } from './edits';
export { lengthOf, MOST_STEPS, step, STEP_KINDS, TOOLS } from './step';
export type { PlanStep, StepKind, StepLink, Tool } from './step';
