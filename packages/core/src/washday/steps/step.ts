import type { Message } from '../../message';

/** What a step is about; decides its place in the day and its picture on the screen. */
export const STEP_KINDS = [
  'prepare',
  'soak',
  'boil',
  'cool',
  'measure',
  'mix',
  'strain',
  'detangle',
  'wash',
  'section',
  'wet',
  'apply',
  'wear',
  'rinse',
  'acid-rinse',
  'own',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** What a step is done with. */
export const TOOLS = [
  'applicator-bottle',
  'blender',
  'board',
  'bowl',
  'brush',
  'cap',
  'clips',
  'cloth',
  'conditioner',
  'cup',
  'fork',
  'grater',
  'hands',
  'jar',
  'jug',
  'knife',
  'masher',
  'old-towel',
  'pan',
  'press',
  'scale',
  'shampoo',
  'shower',
  'sieve',
  'small-spoon',
  'spoon',
  'spoons',
  'spray-bottle',
  'towel',
  'whisk',
  'wide-comb',
] as const;
export type Tool = (typeof TOOLS)[number];

/** A step that must have ended before, and for how long its result may then stand. */
export interface StepLink {
  readonly stepId: string;
  /** At most so many minutes from its end to this step's start; left out where it keeps. */
  readonly withinMinutes?: number;
}

/**
 * One step of a wash day. Hands come first, then it runs by itself: a pot is set up and boils, a cap goes on and is worn.
 * A step with neither is a remark.
 */
export interface PlanStep {
  readonly id: string;
  readonly kind: StepKind;
  /** What to do, in a few words: "Boil the rice". */
  readonly title: Message;
  /** The amounts and the way of it, one after the other. */
  readonly words: readonly Message[];
  /** How one sees that it is done. */
  readonly lookFor?: Message;
  /** What must not be overdone. */
  readonly limit?: Message;
  readonly tools: readonly Tool[];
  /** What to be careful about at this very moment. */
  readonly cautions: readonly Message[];
  /** Whole minutes, 0 or more. */
  readonly handsOnMinutes: number;
  /** Whole minutes that it runs by itself afterwards, 0 or more. */
  readonly waitMinutes: number;
  /** It stands on a ring of the stove, from its start to its end. */
  readonly usesRing: boolean;
  readonly after: readonly StepLink[];
  /** Does not keep: comes as late as it can. */
  readonly isFresh: boolean;
  /** What is measured in this step, by ingredient. */
  readonly ingredientIds: readonly string[];
  readonly headId?: string;
  /** The bowl it belongs to, where the day has two. */
  readonly bowlId?: string;
}

/** Minutes from a step's start to its end. @example lengthOf({ handsOnMinutes: 5, waitMinutes: 20 }) // 25 */
export const lengthOf = ({ handsOnMinutes, waitMinutes }: Pick<PlanStep, 'handsOnMinutes' | 'waitMinutes'>): number =>
  handsOnMinutes + waitMinutes;

/** Most steps that a day may have: the schedule is exact up to here. */
export const MOST_STEPS = 40;

/** A step with the usual filled in. */
export function step(row: Pick<PlanStep, 'id' | 'kind' | 'title'> & Partial<PlanStep>): PlanStep {
  return {
    words: [],
    tools: [],
    cautions: [],
    handsOnMinutes: 0,
    waitMinutes: 0,
    usesRing: false,
    after: [],
    isFresh: false,
    ingredientIds: [],
    ...row,
  };
}
