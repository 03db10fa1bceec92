import type { MakingOptions } from '@amber-ladle/core/recipe';

/** The maker's choices on the bench, beside head and mask. */
export interface BowlChoices {
  enoughChance: number;
  /** Size of piece by ingredient. */
  pieceSizes: Record<string, string>;
  /** Usable grams of a piece by ingredient, where it was weighed. */
  pieceGrams: Record<string, number>;
  /** Amounts that the maker fixed, usable grams by ingredient. */
  lockedGrams: Record<string, number>;
  /** The fixed ingredient that is all there is: the bowl is made around it. */
  aroundId?: string | undefined;
  /** What stands in for what, by ingredient. */
  swaps: Record<string, string>;
  /** The school each made thing is cooked by, by ingredient. */
  makings: Record<string, MakingChoice>;
  /** Which of the lengths that the mask may be worn, by its aim. */
  wearAimMinutes?: number | undefined;
}

/** Ways of the pot. */
export type MakingChoice = { -readonly [K in keyof MakingOptions]: MakingOptions[K] };
