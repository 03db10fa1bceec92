import { demandFor, filled, fitAmounts, millilitresToFit, strictestWearer, type SizedBowl } from '../batch';
import { isOfLocks } from '../hair';
import type { SaidIngredient } from '../ingredient';
import { asItComesOut, estimateTexture, type Mask } from '../mask';
import type { Spoon } from '../measure';
import { bareHouse, type House } from './house';
import type { SizingChoices } from './sizing';
import type { HeadInHouse } from './taught';

/** A bowl as it was put down: with the rows, spoons and heads of its own moment. */
export interface RecordedBowl {
  readonly head: HeadInHouse;
  readonly others: readonly HeadInHouse[];
  /** Swaps made, schools applied. */
  readonly mask: Mask;
  readonly ingredients: readonly SaidIngredient[];
  readonly choices: SizingChoices;
  readonly spoons: readonly Spoon[];
  readonly sized: SizedBowl;
}

/** The house of a record: its own rows laid over the book, its own spoons, and nothing of today's. */
export const houseOfRecord = ({ ingredients, spoons }: Pick<RecordedBowl, 'ingredients' | 'spoons'>): House =>
  bareHouse(spoons, 0, ingredients);

/**
 * What the model expects the heads of a recorded bowl to take, mL, with nothing learnt, and the texture it was sized by. A
 * record from before hair was reckoned in locks is reckoned anew, so that what it teaches is said of today's model.
 */
export function expectedOf(
  record: Pick<RecordedBowl, 'head' | 'others' | 'mask' | 'ingredients' | 'spoons' | 'sized'>,
) {
  const { head, others, mask, sized } = record;
  if (isOfLocks(sized.demand.reason))
    return {
      texture: mask.texture,
      millilitres: [sized.demand, ...sized.others].reduce(
        (sum, { total, reason }) => sum + total.median / reason.personalFactor,
        0,
      ),
    };
  const now = asItComesOut(mask, houseOfRecord(record).catalogue);
  const millilitres = [head, ...others].reduce(
    (sum, one) => sum + demandFor({ profile: one.profile, wearer: one }, now).total.median,
    0,
  );
  return { texture: now.texture, millilitres };
}

/**
 * How thick a recorded bowl is reckoned to be without what earlier bowls taught, log₁₀ mPa·s: what a felt texture is held against.
 * @example flowOfRecord({ ingredients: [], spoons: SPOON_SETS.us, sized: { lines: [{ ingredientId: 'rice-cream', grams: 100 }] } }) // 4.4
 */
export const flowOfRecord = (record: Pick<RecordedBowl, 'ingredients' | 'spoons' | 'sized'>): number =>
  estimateTexture(record.sized.lines, houseOfRecord(record).catalogue).flowLog10;

/**
 * A recorded bowl fitted anew round what is in it already: what was poured is fixed, the rest follows. It is asked for what
 * it was asked for then, whatever was learnt or changed in the model since.
 * @param poured usable grams by ingredient
 */
export function refitted(record: RecordedBowl, poured: Readonly<Record<string, number>>): SizedBowl {
  const { head, others, mask, choices, sized, spoons } = record;
  const { swaps: _swaps, makings: _makings, enoughChance: _chance, wearAimMinutes: _wear, ...chosen } = choices;
  const options = { ...chosen, spoons, lockedGrams: { ...chosen.lockedGrams, ...poured } };
  const { catalogue } = houseOfRecord(record);
  const wearer = strictestWearer([head, ...others].map((one) => ({ wearer: one })));
  const millilitres = millilitresToFit(mask, catalogue, options, sized.needMillilitres);
  return filled(sized, fitAmounts(mask, catalogue, wearer, options, millilitres), mask, catalogue, options);
}
