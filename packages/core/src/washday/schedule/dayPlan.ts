/** What the kitchen has. */
export interface Kitchen {
  /** Rings of the stove that may be used, 1 or more. */
  readonly rings: number;
}

/** When the day is wanted: begun at a moment, or everything rinsed by one. Milliseconds since 1970. */
export type DayWish =
  { readonly kind: 'start-at'; readonly at: number } | { readonly kind: 'rinsed-by'; readonly at: number };

/** How far a step has come, as moments. Nothing for one that has not begun. */
export interface StepProgress {
  readonly startedAt: number;
  /** From here it runs by itself. */
  readonly handsFreeAt?: number;
  readonly endedAt?: number;
  /** Minutes that it was given on top. */
  readonly moreMinutes?: number;
}

export interface PlannedStep {
  readonly stepId: string;
  readonly startsAt: number;
  readonly handsFreeAt: number;
  readonly endsAt: number;
  readonly isDone: boolean;
  readonly isRunning: boolean;
  /** It runs by itself: the hands are off. */
  readonly isWaiting: boolean;
  /** Later here is later at the end. */
  readonly isCritical: boolean;
  /** Minutes it could start later, the order of hands kept, without a later end. */
  readonly slackMinutes: number;
}

/** A limit of waiting that can no longer be kept. */
export interface MissedLimit {
  readonly stepId: string;
  readonly afterStepId: string;
  readonly withinMinutes: number;
}

export interface DayPlan {
  /** In the order of their starts, those that are done among them. */
  readonly steps: readonly PlannedStep[];
  readonly startsAt: number;
  readonly endsAt: number;
  /** Stretches without anything for the hands, while something runs. */
  readonly idle: readonly { readonly from: number; readonly to: number }[];
  readonly idleMinutes: number;
  readonly handsOnMinutes: number;
  /** False where the wish cannot be kept; the plan then is the earliest there is. */
  readonly isAsWished: boolean;
  /** Latest moment to begin (or go on) so that a wish to be rinsed by some time is kept. */
  readonly latestStart?: number;
  readonly missed: readonly MissedLimit[];
  /** True when there is no shorter day, and none with the fresh steps later. */
  readonly isProven: boolean;
}

export interface PlanOptions {
  readonly kitchen: Kitchen;
  readonly wish: DayWish;
  readonly now: number;
  readonly progress?: ReadonlyMap<string, StepProgress>;
  /** Steps of the plan before, in its order: kept unless a new order saves enough. */
  readonly order?: readonly string[];
}
