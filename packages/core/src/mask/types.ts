import type { Coverage, TextureClass } from '../hair';
import type { MeasuredBy, Role } from '../ingredient';

/** One ingredient of a formula. */
export interface FormulaPart {
  readonly ingredientId: string;
  /** Share of the bowl by mass, 0 to 1, of what is put in before straining. All shares of a formula sum to 1. */
  readonly share: number;
  readonly role: Role;
  /** How far the share may drift, relative: 0.2 is a fifth either way. Above 0. */
  readonly tolerance: number;
  readonly measuredBy: MeasuredBy;
  /** The amount as the maker wrote it: "2 yolks". For reading only; the share is what counts. */
  readonly writtenAmount?: string;
  /** What its maker lets stand in for it, ingredients by id, the likeliest first. */
  readonly instead?: readonly string[];
}

/** A ratio by volume that must hold while scaling, such as 2 of juice to 3 of oil. */
export interface HeldRatio {
  readonly ingredientId: string;
  readonly toIngredientId: string;
  /** Volume of the first over volume of the second. */
  readonly ratio: number;
  /** Relative slack, above 0. */
  readonly tolerance: number;
}

/** What makers use a mask for. A use, never a promise. */
export const NEEDS = [
  'dry',
  'breakage',
  'frizz',
  'tangles',
  'dull',
  'oily-roots',
  'flakes-or-itch',
  'scalp-care',
] as const;
export type Need = (typeof NEEDS)[number];

export const SLOTS = ['before-shampoo', 'after-shampoo', 'either'] as const;
export type Slot = (typeof SLOTS)[number];

/** How the hair is when the mask goes on: the schools differ. */
export const HAIR_STATES = ['dry', 'spritzed', 'towel-dried'] as const;
export type HairState = (typeof HAIR_STATES)[number];

export interface WearTime {
  readonly minimumMinutes: number;
  readonly aimMinutes: number;
  /** Past this it comes out, whatever else happens. */
  readonly limitMinutes: number;
}

export interface RinseAdvice {
  readonly temperature: 'cool-to-lukewarm' | 'lukewarm' | 'lukewarm-then-cool' | 'warm';
  readonly shampoos: 0 | 1 | 2;
  readonly conditioner: boolean;
  readonly acidRinse: boolean;
}

/** Other minutes or words for a step, or none of it at all. */
export interface StepEdit {
  readonly handsOnMinutes?: number | undefined;
  readonly waitMinutes?: number | undefined;
  readonly words?: string | undefined;
  readonly isLeftOut?: boolean | undefined;
}

export const OWN_STEP_PLACES = ['before-mixing', 'before-the-hair', 'at-the-end'] as const;

/** A step of the owner's own. */
export interface OwnStep {
  readonly title: string;
  readonly handsOnMinutes: number;
  readonly waitMinutes: number;
  readonly when: (typeof OWN_STEP_PLACES)[number];
}

export interface Mask {
  readonly id: string;
  readonly name: string;
  /** One line on what it is. */
  readonly summary: string;
  /** Rises by one with every change; a kept bowl remembers which it was. */
  readonly version: number;
  readonly needs: readonly Need[];
  readonly slot: Slot;
  readonly coverage: Coverage;
  /** The texture it is meant to have; decides the film on the hair. */
  readonly texture: TextureClass;
  /** Extra on the ends, as a share of the lengths. */
  readonly endsExtraShare: number;
  readonly parts: readonly FormulaPart[];
  readonly heldRatios: readonly HeldRatio[];
  readonly mixing: 'blender' | 'fork' | 'pot';
  readonly strained: boolean;
  /** True when egg is whisked to a foam before it is folded in. */
  readonly whisked?: boolean;
  readonly applicator: 'brush' | 'hand' | 'bottle';
  readonly heat: 'never' | 'cap' | 'dryer-may-help';
  readonly wear: WearTime;
  /** Other lengths that it may be worn: an hour, or overnight. The one for the day is chosen with the bowl. */
  readonly otherWears?: readonly WearTime[];
  readonly rinse: RinseAdvice;
  readonly keeping: 'same-day' | 'fridge-till-tomorrow' | 'freezes';
  readonly handsOnMinutes: number;
  readonly steps: readonly string[];
  /** Where it differs from the usual: spritzed before a shampoo, towel-dried after one. */
  readonly hairState?: HairState;
  /** Days between two uses, as its school has it. */
  readonly repeatDays?: number;
  /** Which school it follows, in the maker's words: "whole egg, weekly, by fork". */
  readonly school?: string;
  /** Stains although no ingredient is known to. */
  readonly stains?: boolean;
  /** Made as it is written, whatever the household's schools. */
  readonly isItsOwnWay?: boolean;
  /** What its owner changed about the steps that follow from its ingredients, by the step's name. */
  readonly stepEdits?: Readonly<Record<string, StepEdit>>;
  readonly ownSteps?: readonly OwnStep[];
  /** How it comes out, log₁₀ mPa·s: reckoned where it is made, by nobody written. */
  readonly flowLog10?: number;
  /** What its maker's own amounts come to, grams; left out where it was never written in amounts. */
  readonly writtenGrams?: number;
  /** The maker's own words of caution, shown beside the usual ones. */
  readonly cautions?: readonly string[];
}

/** The hair as the mask wants it. Common practice, no published source. */
export function hairStateFor({ hairState, slot }: Pick<Mask, 'hairState' | 'slot'>): HairState {
  return hairState ?? (slot === 'after-shampoo' ? 'towel-dried' : 'spritzed');
}
