import { cannot } from '../message';
import type { Catalogue } from '../ingredient';
import { formulaMillilitresPerGram, normaliseShares, type Mask } from '../mask';
import { chanceShort } from '../statistic';
import { fitAmounts, type AmountOptions, type FittedAmounts } from './amounts';
import { lossesOf, millilitresOnHead } from './losses';
import { demandFor, type SizedHead } from './size';
import { formulaLines, onHeadSigma } from './spread';

export interface InHand extends FittedAmounts {
  /** The ingredient that runs out first and so decides the bowl. */
  readonly limitedBy: string;
  /** Usable grams that stay over, by ingredient in hand. */
  readonly stays: Readonly<Record<string, number>>;
  readonly onHeadMillilitres: number;
}

/** Spoons rarely meet the limit to the gram; a bowl this share of it will do. Assumption of this project. */
const NEARLY_ALL = 0.96;

/**
 * "I have exactly 1½ avocados and 2 small eggs: how much does that make?" The piece that runs out first decides;
 * the others follow the formula.
 *
 * @param gramsInHand usable grams by ingredient; what is not named is taken as plenty
 * @throws RangeError when nothing of the mask is in hand, or less than nothing
 */
export function bowlFromInHand(
  mask: Mask,
  catalogue: Catalogue,
  gramsInHand: Readonly<Record<string, number>>,
  head: Pick<SizedHead, 'wearer'>,
  options: AmountOptions,
): InHand {
  const parts = normaliseShares(mask.parts);
  const scales = parts.flatMap(({ ingredientId, share }) => {
    const grams = gramsInHand[ingredientId];
    return grams === undefined || share === 0 ? [] : [{ ingredientId, scaleGrams: grams / share }];
  });
  const limiting = scales.reduce<(typeof scales)[number] | undefined>(
    (least, scale) => (!least || scale.scaleGrams < least.scaleGrams ? scale : least),
    undefined,
  );
  if (!limiting || !(limiting.scaleGrams > 0)) throw cannot('nothing-in-hand');

  const most = limiting.scaleGrams * formulaMillilitresPerGram({ ...mask, parts }, catalogue);
  const fitted = fitAmounts(
    mask,
    catalogue,
    head.wearer,
    { ...options, mostGrams: { ...options.mostGrams, ...gramsInHand } },
    most * NEARLY_ALL,
  );
  const stays = Object.fromEntries(
    fitted.lines.flatMap(({ ingredientId, grams }) => {
      const there = gramsInHand[ingredientId];
      return there === undefined ? [] : [[ingredientId, Math.max(0, there - grams)]];
    }),
  );
  return {
    ...fitted,
    limitedBy: limiting.ingredientId,
    stays,
    onHeadMillilitres: millilitresOnHead(fitted.madeMillilitres, lossesOf(mask, fitted.madeMillilitres)),
  };
}

/**
 * The chance, 0 to 1, that a bowl of `madeMillilitres` of a mask is enough for a head, measured as its formula has it.
 * @example chanceEnough(adaSized, riceSilk, CATALOGUE, 200) // 0.88
 */
export function chanceEnough(head: SizedHead, mask: Mask, catalogue: Catalogue, madeMillilitres: number): number {
  const losses = lossesOf(mask, madeMillilitres);
  const sigma = onHeadSigma(formulaLines(mask, catalogue, {}, madeMillilitres), losses, mask, catalogue, []);
  const provided = { mean: millilitresOnHead(madeMillilitres, losses), sigma };
  return 1 - chanceShort(demandFor(head, mask).total, provided);
}
