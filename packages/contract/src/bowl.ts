import type { SizedBowl } from '@amber-ladle/core/batch';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import type { RecordedBowl } from '@amber-ladle/core/house';
import type { Spoon } from '@amber-ladle/core/measure';
import type { Mask } from '@amber-ladle/core/mask';
import { array, boolean, number, object, string, type Schema } from 'yup';
import type { BowlChoices } from './choices';
import { dictionary } from './dictionary';
import { profileSchema } from './profile';
import { instant, stockChangeSchema, type BowlLife, type StockChange } from './stock';

/** A head as it was when a bowl was made for it. */
export interface SnapshotHead {
  id: string;
  name: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
}

/** What is asked for when a bowl is kept. The id is made on the device, so that a retry cannot keep it twice. */
export interface KeepBowl {
  id: string;
  headId: string;
  maskId: string;
  /** The measurements as they stood on the bench. */
  profile: HairProfile;
  choices: BowlChoices;
  /** Other heads served from the same bowl. */
  otherHeadIds: string[];
  /** What is taken from the shelf for it; it happens with the keeping, or neither does. */
  draw?: StockChange | undefined;
  /** The day it is meant for, where it is not for now; then nothing is taken yet. */
  plannedFor?: string | undefined;
  /** What was decided against a stop, by its rule. */
  decisions?: StopDecision[] | undefined;
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

const MOST_CHOICES = 40;
const MOST_OTHERS = 5;

const byIngredient = (value: Schema) =>
  dictionary(value.required() as Schema, MOST_CHOICES, `At most ${MOST_CHOICES} ingredients can be chosen for.`, true);

export const choicesSchema = object({
  enoughChance: number()
    .required()
    .min(0.5, 'The chance of enough is 50 % or more.')
    .max(0.99, 'The chance of enough is 99 % at the most.'),
  pieceSizes: byIngredient(string().required().max(40)),
  pieceGrams: byIngredient(
    number().required().moreThan(0, 'A piece weighs more than nothing.').max(3000, 'A piece weighs at most 3 kg.'),
  ),
  lockedGrams: byIngredient(
    number().required().moreThan(0, 'A fixed amount is more than nothing.').max(5000, 'A bowl holds at most 5 kg.'),
  ),
  aroundId: string().max(80).optional(),
  swaps: byIngredient(string().required().max(80)),
  makings: byIngredient(
    object({
      lid: string()
        .oneOf(['open', 'ajar', 'on'] as const)
        .optional(),
      soaked: boolean().optional(),
      volumes: number().min(1, 'At least one volume of water.').max(30, 'At most 30 volumes of water.').optional(),
      byHand: boolean().optional(),
    }).noUnknown(),
  ),
  wearAimMinutes: number().integer().min(0).max(2880).optional(),
}).noUnknown();

const identifier = (what: string) => string().required(`Say which ${what}.`).max(80);

export const keepBowlSchema = object({
  id: string().required('A bowl needs an id.').uuid('A bowl’s id is a UUID.'),
  headId: identifier('head'),
  maskId: identifier('mask'),
  profile: profileSchema.required(),
  choices: choicesSchema.required(),
  otherHeadIds: array()
    .of(string().required().max(80))
    .required()
    .max(MOST_OTHERS, `At most ${MOST_OTHERS} more heads share a bowl.`),
  draw: stockChangeSchema.default(undefined).optional(),
  plannedFor: instant.optional(),
  decisions: array()
    .of(
      object({
        ruleId: string().required().max(40),
        words: string().trim().required('Say in a few words why.').min(3, 'Say in a few words why.').max(300),
      })
        .noUnknown()
        .required(),
    )
    .max(20)
    .optional(),
}).noUnknown();
