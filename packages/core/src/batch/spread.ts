import { ingredientById, type Catalogue, type MeasuredBy } from '../ingredient';
import { bowlMillilitresPerGram, formulaMillilitresPerGram, type Mask } from '../mask';
import { measureOf, pieceGramsOf, type AmountOptions } from './amounts';
import type { Losses } from './losses';

/** How far a measured amount strays, as a coefficient of variation. Assumption of this project. */
export const MEASURE_SPREAD: Readonly<Record<Exclude<MeasuredBy, 'piece'>, number>> = {
  spoon: 0.06,
  pinch: 0.3,
  drop: 0.1,
  weight: 0.01,
};

/** A piece that was put on the scale still loses a little more or less with its peel. Assumption of this project. */
const WEIGHED_PIECE_SPREAD = 0.03;

/** Spread of hold-up and of drip, as a standard deviation of the logarithm. Assumption of this project. */
export const LOSS_SIGMA = { holdUp: 0.3, drip: 0.4 } as const;

/** A measured amount, as far as it strays. */
export interface MeasuredLine {
  readonly ingredientId: string;
  readonly measuredBy: MeasuredBy;
  readonly grams: number;
  readonly pieces?: number;
}

/**
 * Spread of a line's true weight, as a standard deviation of the logarithm: whole pieces vary on their own, a cut one by
 * its part, spoons and drops by the hand.
 * @example lineSigma({ ingredientId: 'avocado', measuredBy: 'piece', grams: 136, pieces: 1 }, CATALOGUE, []) // 0.12
 */
export function lineSigma(line: MeasuredLine, catalogue: Catalogue, weighed: readonly string[]): number {
  if (line.grams === 0) return 0;
  if (line.measuredBy !== 'piece') {
    const spread = MEASURE_SPREAD[line.measuredBy];
    return Math.sqrt(Math.log1p(spread ** 2));
  }
  const ingredient = ingredientById(catalogue, line.ingredientId);
  const spread = weighed.includes(line.ingredientId) ? WEIGHED_PIECE_SPREAD : (ingredient.pieces?.weightSpread ?? 0);
  const pieces = line.pieces ?? 1;
  const whole = Math.floor(pieces + 1e-9);
  const squares = whole + (pieces - whole) ** 2;
  return Math.sqrt(Math.log1p((spread ** 2 * squares) / pieces ** 2));
}

/** The amounts of a formula at a volume before anything is fitted, as they would be measured. */
export function formulaLines(
  mask: Mask,
  catalogue: Catalogue,
  options: Partial<AmountOptions>,
  millilitres: number,
): readonly MeasuredLine[] {
  const grams = millilitres / formulaMillilitresPerGram(mask, catalogue);
  return mask.parts
    .filter(({ share }) => share > 0)
    .map((part): MeasuredLine => {
      const { ingredientId, share } = part;
      const measuredBy = measureOf(part, options);
      const line = { ingredientId, measuredBy, grams: grams * share };
      if (measuredBy !== 'piece') return line;
      return { ...line, pieces: line.grams / pieceGramsOf(catalogue, ingredientId, options) };
    });
}

/**
 * How far what reaches the head strays from what was measured, as a standard deviation of the logarithm: pieces, spoons,
 * what clings and what drips, each on its own.
 * @param weighed ingredients whose pieces were weighed
 * @example onHeadSigma(formulaLines(riceSilk, CATALOGUE, {}, 200), lossesOf(riceSilk, 200), riceSilk, CATALOGUE, []) // 0.05
 */
export function onHeadSigma(
  lines: readonly MeasuredLine[],
  { holdUpMillilitres, dripShare }: Losses,
  mask: Mask,
  catalogue: Catalogue,
  weighed: readonly string[],
): number {
  let made = 0;
  let variance = Math.expm1(LOSS_SIGMA.holdUp ** 2) * holdUpMillilitres ** 2;
  for (const line of lines) {
    const millilitres = line.grams * bowlMillilitresPerGram(mask, catalogue, line.ingredientId);
    made += millilitres;
    variance += Math.expm1(lineSigma(line, catalogue, weighed) ** 2) * millilitres ** 2;
  }
  const onHead = made - holdUpMillilitres;
  if (!(onHead > 0)) return 0;
  const drips = (Math.sqrt(Math.expm1(LOSS_SIGMA.drip ** 2)) * dripShare) / (1 - dripShare);
  return Math.sqrt(Math.log1p(variance / onHead ** 2 + drips ** 2));
}
