import { boolean, number, object, string, type Schema } from 'yup';
import { dictionary, type Of } from '../wire';
import { fault } from '../wire/fault';

const MOST_CHOICES = 40;

const byIngredient = <S extends Schema>(value: S) => dictionary(value, MOST_CHOICES, true);

const makingSchema = object({
  lid: string()
    .oneOf(['open', 'ajar', 'on'] as const)
    .optional(),
  soaked: boolean().optional(),
  volumes: number().min(1, fault('one-volume')).max(30, fault('thirty-volumes')).optional(),
  byHand: boolean().optional(),
}).noUnknown();
/** Ways of the pot. */
export type MakingChoice = Of<typeof makingSchema>;

export const choicesSchema = object({
  enoughChance: number().required().min(0.5).max(0.99),
  /** Size of piece by ingredient. */
  pieceSizes: byIngredient(string().required().max(40)),
  /** Usable grams of a piece by ingredient, where it was weighed. */
  pieceGrams: byIngredient(number().required().moreThan(0, fault('piece-weighs')).max(3000, fault('piece-3-kg'))),
  /** Amounts that the maker fixed, usable grams by ingredient. */
  lockedGrams: byIngredient(number().required().moreThan(0, fault('fixed-amount')).max(5000, fault('bowl-5-kg'))),
  /** The fixed ingredient that is all there is: the bowl is made around it. */
  aroundId: string().max(80).optional(),
  /** What stands in for what, by ingredient. */
  swaps: byIngredient(string().required().max(80)),
  /** The school each made thing is cooked by, by ingredient. */
  makings: byIngredient(makingSchema),
  /** Which of the lengths that the mask may be worn, by its aim. */
  wearAimMinutes: number().integer().min(0).max(2880).optional(),
}).noUnknown();

/** The maker's choices on the bench, beside head and mask. */
export type BowlChoices = Of<typeof choicesSchema>;
