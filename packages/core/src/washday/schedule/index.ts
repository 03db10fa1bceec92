export { bareMinutes, planDay } from './plan';
export { WORTH_A_NEW_ORDER_MINUTES } from './solved';
export type { DayPlan, DayWish, Kitchen, MissedLimit, PlannedStep, PlanOptions, StepProgress } from './dayPlan';
export { shortestDay } from './shortest';
export type { Answer } from './search';
export type { DayProblem, Task, TaskLink } from './problem';
