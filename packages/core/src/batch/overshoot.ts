import { ingredientById, type Catalogue } from '../ingredient';
import type { FittedAmounts } from './amounts';

/** From so much over its need on a bowl says why. Assumption of this project. */
const TOLD_OVER = 0.1;

/** Why a bowl is more than it need be. */
export interface Overshoot {
  /** Beyond the need, mL. */
  readonly millilitres: number;
  /** An amount that its maker fixed, a piece that comes no smaller, or small measures that add up. */
  readonly reason: 'locked' | 'piece' | 'measures';
  /** What is fixed, or comes in pieces. */
  readonly ingredientId?: string;
}

/**
 * Why a bowl is over its need by more than a tenth; nothing where it is not.
 * @param needMillilitres above 0
 */
export function overshootOf(
  { lines, madeMillilitres }: Pick<FittedAmounts, 'lines' | 'madeMillilitres'>,
  needMillilitres: number,
  catalogue: Catalogue,
): Overshoot | undefined {
  const millilitres = madeMillilitres - needMillilitres;
  if (!(millilitres > TOLD_OVER * needMillilitres)) return undefined;
  const locked = lines.find(({ isLocked, drift }) => isLocked && drift >= 0);
  if (locked) return { millilitres, reason: 'locked', ingredientId: locked.ingredientId };
  const steps = lines.flatMap((line) => {
    if (line.pieceGrams === undefined || line.grams === 0) return [];
    const cutInto = ingredientById(catalogue, line.ingredientId).pieces?.cutInto ?? 1;
    const perGram = line.bowlMillilitres / line.grams;
    // What the bowl would lose if this piece came a step smaller and the rest followed.
    return [{ ingredientId: line.ingredientId, step: (perGram * line.pieceGrams) / cutInto / line.formulaShare }];
  });
  const [coarsest] = steps.sort((a, b) => b.step - a.step);
  return coarsest
    ? { millilitres, reason: 'piece', ingredientId: coarsest.ingredientId }
    : { millilitres, reason: 'measures' };
}
