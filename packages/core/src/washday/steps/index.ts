export { bowlSteps, readyStepOf, step, type BowlToMake } from './bowlSteps';
export { headSteps, type HeadToServe } from './headSteps';
export { daySteps, stepsOfMask, type BowlOfDay } from './daySteps';
export { editedSteps, editNameOf } from './edits';
export { lengthOf, MOST_STEPS, STEP_KINDS } from './step';
export type { PlanStep, StepKind, StepLink } from './step';
