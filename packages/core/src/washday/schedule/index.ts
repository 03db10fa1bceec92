export { bareMinutes, planDay, WORTH_A_NEW_ORDER_MINUTES } from './plan';
export type { DayPlan, DayWish, Kitchen, MissedLimit, PlannedStep, PlanOptions, StepProgress } from './plan';
export { shortestDay } from './search';
export type { Answer } from './search';
export type { DayProblem, Task, TaskLink } from './problem';
