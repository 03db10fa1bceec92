import { cannot } from '../message';
import { type Catalogue } from '../ingredient';
import { normaliseShares, type Mask } from '../mask';
import { quantile } from '../statistic';
import { fitAmounts, millilitresAround, type AmountOptions, type FittedAmounts } from './amounts';
import { lossesOf, millilitresOnHead } from './losses';
import { DEFAULT_ENOUGH_CHANCE, demandFor, type SizedHead } from './size';

export interface UsedUp extends FittedAmounts {
  readonly ingredientId: string;
  readonly onHeadMillilitres: number;
}

/**
 * "Use this one up": all of one ingredient goes in, and the rest of the formula follows it.
 * @param grams usable grams of it, above 0
 * @throws RangeError when the mask has none of it, or there is nothing to use up
 */
export function useUp(
  mask: Mask,
  catalogue: Catalogue,
  ingredientId: string,
  grams: number,
  head: Pick<SizedHead, 'wearer'>,
  options: AmountOptions,
): UsedUp {
  const part = normaliseShares(mask.parts).find((candidate) => candidate.ingredientId === ingredientId);
  if (!part || part.share === 0) throw cannot('none-of-it', { mask: mask.name });
  if (!(grams > 0)) throw cannot('nothing-to-use-up');
  const need = millilitresAround(mask, catalogue, ingredientId, grams);
  const lockedGrams = { ...options.lockedGrams, [ingredientId]: grams };
  const fitted = fitAmounts(mask, catalogue, head.wearer, { ...options, lockedGrams }, need);
  return {
    ...fitted,
    ingredientId,
    onHeadMillilitres: millilitresOnHead(fitted.madeMillilitres, lossesOf(mask, fitted.madeMillilitres)),
  };
}

/** A mask that uses something up for a head, with how well the bowl that comes of it suits her. */
export interface UpUse {
  readonly mask: Mask;
  readonly bowl: UsedUp;
  /** Bowl on the head over what the head wants: 1 is just right, ½ serves half, 2 serves twice. */
  readonly servings: number;
}

/** The masks that would use up an ingredient, the best suited to the head first. */
export function masksUsingUp(
  masks: readonly Mask[],
  catalogue: Catalogue,
  ingredientId: string,
  grams: number,
  head: SizedHead,
  options: AmountOptions,
): readonly UpUse[] {
  return masks
    .filter(({ parts }) => parts.some((part) => part.ingredientId === ingredientId && part.share > 0))
    .map((mask): UpUse => {
      const bowl = useUp(mask, catalogue, ingredientId, grams, head, options);
      const wanted = quantile(demandFor(head, mask).total, DEFAULT_ENOUGH_CHANCE);
      return { mask, bowl, servings: bowl.onHeadMillilitres / wanted };
    })
    .sort((a, b) => misfit(a) - misfit(b) || a.mask.id.localeCompare(b.mask.id));
}

/** Running short is worse than some left: a bowl for half a head counts twice as far off as one for two. */
function misfit({ servings, bowl }: UpUse): number {
  const off = Math.log(Math.max(1e-6, servings));
  return (off < 0 ? -2 * off : off) + (bowl.fits ? 0 : 1);
}
