import type { Message } from '@amber-ladle/core/message';
import { boolean, number, object, string } from 'yup';
import { identifier, type Of } from '../wire';

/** Why a mask is rinsed out at once. */
export const RINSE_REASONS = ['burning', 'out-of-time', 'enough'] as const;
export type RinseReason = (typeof RINSE_REASONS)[number];

/** A bowl on one head. */
export interface Worn {
  /** Sections that have been coated. */
  sectionsDone: string[];
  /** When the cap went on. */
  wornFrom?: string | undefined;
  rinsedAt?: string | undefined;
  /** Why it was rinsed before anybody planned to. */
  rinsedWhy?: RinseReason | undefined;
}

export const FATES = ['nothing', 'kept', 'frozen', 'second-head', 'discarded'] as const;
/** What became of what was left. */
export type Fate = (typeof FATES)[number];

/** What was left in a bowl, mL, and what became of it. */
export interface LeftOver {
  at: string;
  millilitres: number;
  /** Weighed or poured into a jug, or judged by eye. */
  how: 'measured' | 'judged';
  fate: Fate;
}

/** Where a kept bowl has been since it was made, and how it ended. */
export interface BowlLife {
  bowlId: string;
  /** When it was mixed, or kept while it is not mixed yet. */
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor?: string | undefined;
  /** True once its ingredients were taken from the shelf. */
  isDrawn: boolean;
  startShare: number;
  stays: { placeId: string; from: string }[];
  /** What happened on each head, by head. */
  wearing: Record<string, Worn>;
  /** What was left in it when everybody was served. */
  leftOver?: LeftOver | undefined;
  endedAt?: string | undefined;
  /** Worn, put away, thrown away. */
  endedHow?: BowlEnd | undefined;
  /** What was decided against a warning, and when. */
  decisions: { at: string; what: Message }[];
}
export const BOWL_ENDS = ['worn', 'thrown-away', 'used-otherwise'] as const;
export type BowlEnd = (typeof BOWL_ENDS)[number];

/** What happened on a head: one section is done or not after all, whether the cap is on, the rinse. What is not named stays. */
export const wearSchema = object({
  /** The bowl's first head where it is left out. */
  headId: string().max(80).optional(),
  section: object({ id: string().required().max(40), isDone: boolean().required() })
    .noUnknown()
    .default(undefined)
    .optional(),
  isCapOn: boolean().optional(),
  isRinsed: boolean().optional(),
  /** Said with the rinse, where it comes at once. */
  rinsedWhy: string().oneOf(RINSE_REASONS).optional(),
  /** Needed to put on a bowl that is past its time. */
  decision: string().trim().min(3, 'Say in a few words why.').max(300).optional(),
}).noUnknown();

/** What is told of a head: what is not named stays. */
export type Wearing = Of<typeof wearSchema>;

export const bowlMadeSchema = object({ placeId: identifier }).noUnknown();
export const bowlEndSchema = object({
  how: string().oneOf(BOWL_ENDS).required(),
  /** Needed to wear a bowl that is past its time. */
  decision: string().trim().min(3, 'Say in a few words why.').max(300).optional(),
}).noUnknown();

export const leftOverSchema = object({
  millilitres: number().required('Say how much is left.').min(0, 'What is left is nothing or more.').max(5000),
  how: string()
    .oneOf(['measured', 'judged'] as const)
    .required(),
  fate: string().oneOf(FATES).required('Say what becomes of it.'),
  /** Where it is put, for what is kept or frozen. */
  placeId: string().max(80).optional(),
  /** Whose it is now, for a second head. */
  headId: string().max(80).optional(),
}).noUnknown();
/** What is left in a bowl, and what becomes of it. */
export type LeftWish = Of<typeof leftOverSchema>;
