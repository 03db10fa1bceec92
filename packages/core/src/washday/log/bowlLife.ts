import type { Message } from '../../message';
import type { Stay } from '../../shelf';

/** Why a mask is rinsed out at once. */
export const RINSE_REASONS = ['burning', 'out-of-time', 'enough'] as const;
export type RinseReason = (typeof RINSE_REASONS)[number];

/** A bowl on one head. */
export interface Worn {
  /** Sections that have been coated. */
  sectionsDone: string[];
  /** Share of what was meant for this head that was still in the bowl when these sections were done, 0 to 1. */
  leftShare?: number | undefined;
  /** Sections that still felt coated while it was rinsed. */
  coatedStill?: string[] | undefined;
  /** When the cap went on. */
  wornFrom?: string | undefined;
  rinsedAt?: string | undefined;
  /** Why it was rinsed before anybody planned to. */
  rinsedWhy?: RinseReason | undefined;
}

export const FATES = ['nothing', 'undecided', 'kept', 'frozen', 'second-head', 'discarded'] as const;
/** What became of what was left; it may be known how much is left before anybody says what becomes of it. */
export type Fate = (typeof FATES)[number];

export const LEFT_HOW = ['measured', 'judged'] as const;
/** What was left in a bowl, mL, and what became of it. */
export interface LeftOver {
  at: string;
  millilitres: number;
  /** Weighed or poured into a jug, or judged by eye. */
  how: (typeof LEFT_HOW)[number];
  fate: Fate;
}

export const BOWL_ENDS = ['worn', 'thrown-away', 'used-otherwise'] as const;
export type BowlEnd = (typeof BOWL_ENDS)[number];

/** Where a kept bowl has been since it was made, and how it ended: what its log comes to. */
export interface BowlLife {
  bowlId: string;
  /** When it was mixed, or kept while it is not mixed yet. */
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor?: string | undefined;
  /** True once its ingredients were taken from the shelf. */
  isDrawn: boolean;
  /** What its parts had used up of their time when they were taken, 0 to 1. */
  startShare: number;
  stays: Stay[];
  /** The length of wear that was chosen for it, by its aim; the bowl's usual one where nothing was. */
  wearAimMinutes?: number | undefined;
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
