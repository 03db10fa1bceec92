import type { SizedBowl } from '@amber-ladle/core/batch';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import type { RecordedBowl } from '@amber-ladle/core/house';
import type { Spoon } from '@amber-ladle/core/measure';
import { wornFor, type Mask } from '@amber-ladle/core/mask';
import type { BowlChoices } from './choices';
import type { BowlLife } from './life';

/** A head as it was when a bowl was made for it. */
export interface SnapshotHead {
  id: string;
  name: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
}

/** Why somebody goes on against a stop; it stays in the record. */
export interface StopDecision {
  ruleId: string;
  words: string;
}

/** Everything a bowl was made from and came to. Later edits of head, mask or catalogue never touch it. */
export interface BowlSnapshot extends RecordedBowl {
  head: SnapshotHead;
  /** Further heads served from this bowl. */
  others: readonly SnapshotHead[];
  /** The mask with its swaps made. */
  mask: Mask;
  /** The catalogue rows it was reckoned with. */
  ingredients: readonly Ingredient[];
  choices: BowlChoices;
  spoons: readonly Spoon[];
  sized: SizedBowl;
}

/** A kept bowl in a list. */
export interface BowlSummary {
  id: string;
  keptAt: string;
  headId: string;
  headName: string;
  maskId: string;
  maskName: string;
  madeMillilitres: number;
  /** Where it has been since; absent for bowls that were kept before the shelf came up. */
  life?: BowlLife | undefined;
}

export interface Bowl extends BowlSummary {
  snapshot: BowlSnapshot;
}

/** A bowl's mask with the length of wear that was chosen for it. */
export const maskWorn = ({ snapshot: { mask }, life }: Pick<Bowl, 'snapshot' | 'life'>): Mask =>
  wornFor(mask, life?.wearAimMinutes);
