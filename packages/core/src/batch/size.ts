import { cannot } from '../message';
import { demand, type Demand, type HairProfile } from '../hair';
import type { Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import { chanceShort, expectedLeftover, provisionFor, quantile, sumOf, type Lognormal } from '../statistic';
import { fitAmounts, millilitresAround, type AmountOptions, type FittedAmounts } from './amounts';
import type { Wearer } from './caps';
import { lossesOf, millilitresOnHead, millilitresToMake, type Losses } from './losses';
import { formulaLines, onHeadSigma } from './spread';

/** The head a bowl is made for. */
export interface SizedHead {
  readonly profile: HairProfile;
  readonly wearer: Wearer;
  readonly personalFactor?: Lognormal;
}

export interface SizeOptions extends AmountOptions {
  /** Chance that the bowl suffices, 0.5 to 0.99; makers who hate running out choose high. */
  readonly enoughChance?: number;
  /** Other heads that are served from the same bowl. */
  readonly others?: readonly SizedHead[];
}

/**
 * Heads that share a bowl share its maker and its texture, so part of the doubt is common to them:
 * correlation of the logarithms of what they take. Assumption of this project.
 */
export const SHARED_BOWL_CORRELATION = 0.5;

export const DEFAULT_ENOUGH_CHANCE = 0.85;

export interface SizedBowl extends FittedAmounts {
  /** What the first head takes. */
  readonly demand: Demand;
  /** What further heads take, in the order they were named. */
  readonly others: readonly Demand[];
  /** What all of them take together, mL. */
  readonly total: Lognormal;
  readonly enoughChance: number;
  readonly losses: Losses;
  /** On the head at the chosen chance, mL. */
  readonly wantedOnHeadMillilitres: number;
  /** In the bowl at the chosen chance, mL: what the amounts must reach. */
  readonly needMillilitres: number;
  readonly onHeadMillilitres: number;
  /** With the spread of the head, the pieces, the spoons and the losses. */
  readonly chanceShort: number;
  readonly expectedLeftoverMillilitres: number;
}

/** What a head takes of a mask, as a log-normal with its reasons. @example demandFor(adaSized, riceSilk).total.median // 132 */
export function demandFor({ profile, personalFactor }: SizedHead, mask: Mask): Demand {
  return demand(profile, {
    coverage: mask.coverage,
    texture: mask.texture,
    flowLog10: mask.flowLog10,
    endsExtraShare: mask.endsExtraShare,
    ...(personalFactor ? { personalFactor } : {}),
  });
}

/** What must reach the head, and what must be made for it, mL. */
export interface Need {
  readonly onHeadMillilitres: number;
  readonly millilitres: number;
}

/**
 * What must be made so that it suffices with a chance, everything that strays counted: the head, and the pieces, spoons and
 * losses of a bowl of that size.
 * @param enoughChance above 0, below 1; a half is what is usually taken
 */
export function needOf(
  total: Lognormal,
  mask: Mask,
  catalogue: Catalogue,
  enoughChance = DEFAULT_ENOUGH_CHANCE,
  options: Partial<AmountOptions> = {},
): Need {
  const usual = millilitresToMake(quantile(total, enoughChance), mask);
  const sigma = onHeadSigma(
    formulaLines(mask, catalogue, options, usual),
    lossesOf(mask, usual),
    mask,
    catalogue,
    weighedOf(options),
  );
  const onHeadMillilitres = provisionFor(total, sigma, enoughChance);
  return { onHeadMillilitres, millilitres: millilitresToMake(onHeadMillilitres, mask) };
}

/**
 * What is usually taken from a bowl of a record, mL, with what clings to its tools and drips.
 * @example usualOf({ total: { median: 100, sigma: 0.3 }, losses: { holdUpMillilitres: 10, dripShare: 0.05 } }) // 115.3
 */
export const usualOf = ({ total, losses }: Pick<SizedBowl, 'total' | 'losses'>): number =>
  total.median / (1 - losses.dripShare) + losses.holdUpMillilitres;

/** What must be made of a mask for one head, mL, as `needOf`. @example needFor(adaSized, riceSilk, CATALOGUE, 0.85) // 192 */
export const needFor = (head: SizedHead, mask: Mask, catalogue: Catalogue, enoughChance?: number): number =>
  needOf(demandFor(head, mask).total, mask, catalogue, enoughChance).millilitres;

const weighedOf = ({ pieceGrams = {} }: Partial<AmountOptions>): readonly string[] => Object.keys(pieceGrams);

/** What several heads take from one bowl, as one log-normal. @throws RangeError for no head */
export function totalDemand(demands: readonly Demand[]): Lognormal {
  return sumOf(
    demands.map(({ total }) => total),
    SHARED_BOWL_CORRELATION,
  );
}

/** What of a shared bowl reaches each head, mL, by what they usually take; in the order they were named. */
export function millilitresByHead({
  demand: first,
  others,
  onHeadMillilitres,
}: Pick<SizedBowl, 'demand' | 'others' | 'onHeadMillilitres'>): readonly number[] {
  const usual = [first, ...others].map(({ total }) => quantile(total, 0.5));
  const all = usual.reduce((sum, one) => sum + one, 0);
  return usual.map((one) => (onHeadMillilitres * one) / all);
}

/** The wearer whose limits hold for all: the youngest age, and sensitive skin if one has it. */
export function strictestWearer(heads: readonly Pick<SizedHead, 'wearer'>[]): Wearer {
  return {
    ageYears: Math.min(...heads.map(({ wearer }) => wearer.ageYears)),
    sensitiveSkin: heads.some(({ wearer }) => wearer.sensitiveSkin),
  };
}

/**
 * The whole way from a head (or several) and a mask to a bowl: demand with its spread, the amount at the wanted chance,
 * losses, and the amounts in pieces and spoons that reach it nearest to the formula.
 *
 * @throws RangeError for an empty formula, an unknown ingredient, or a chance outside 0.5 to 0.99
 * @example sizeBowl(adaSized, riceSilk, CATALOGUE, { spoons: SPOON_SETS.us }).madeMillilitres // 193
 */
export function sizeBowl(head: SizedHead, mask: Mask, catalogue: Catalogue, options: SizeOptions): SizedBowl {
  const { enoughChance = DEFAULT_ENOUGH_CHANCE } = options;
  if (!(enoughChance >= 0.5 && enoughChance <= 0.99)) throw cannot('chance-of-enough');
  const heads = [head, ...(options.others ?? [])];
  const [wanted, ...others] = heads.map((one) => demandFor(one, mask)) as [Demand, ...Demand[]];
  const total = totalDemand([wanted, ...others]);
  const need = needOf(total, mask, catalogue, enoughChance, options);

  const amounts = fitAmounts(
    mask,
    catalogue,
    strictestWearer(heads),
    options,
    millilitresToFit(mask, catalogue, options, need.millilitres),
  );
  const asked: AskedBowl = {
    demand: wanted,
    others,
    total,
    enoughChance,
    wantedOnHeadMillilitres: need.onHeadMillilitres,
    needMillilitres: need.millilitres,
  };
  return filled(asked, amounts, mask, catalogue, options);
}

/**
 * What the amounts must reach, mL: the need, or what a bowl around all there is of something comes to.
 * @example millilitresToFit(riceSilk, CATALOGUE, {}, 190) // 190: nothing is to be used up
 */
export function millilitresToFit(
  mask: Mask,
  catalogue: Catalogue,
  { aroundId, lockedGrams }: Partial<AmountOptions>,
  needMillilitres: number,
): number {
  const grams = aroundId === undefined ? undefined : lockedGrams?.[aroundId];
  const isIn = mask.parts.some(({ ingredientId, share }) => ingredientId === aroundId && share > 0);
  return aroundId === undefined || grams === undefined || !isIn
    ? needMillilitres
    : millilitresAround(mask, catalogue, aroundId, grams);
}

/** What was asked of a bowl, whatever amounts fill it. */
export type AskedBowl = Pick<
  SizedBowl,
  'demand' | 'others' | 'total' | 'enoughChance' | 'wantedOnHeadMillilitres' | 'needMillilitres'
>;

/** A bowl of given amounts for what was asked: what is lost of it, what reaches the head, and how often that is enough. */
export function filled(
  { demand: wanted, others, total, enoughChance, wantedOnHeadMillilitres, needMillilitres }: AskedBowl,
  amounts: FittedAmounts,
  mask: Mask,
  catalogue: Catalogue,
  options: Partial<AmountOptions>,
): SizedBowl {
  const losses = lossesOf(mask, amounts.madeMillilitres);
  const onHeadMillilitres = millilitresOnHead(amounts.madeMillilitres, losses);
  const sigma = onHeadSigma(amounts.lines, losses, mask, catalogue, weighedOf(options));
  const provided = { mean: onHeadMillilitres, sigma };
  return {
    ...amounts,
    demand: wanted,
    others,
    total,
    enoughChance,
    losses,
    wantedOnHeadMillilitres,
    needMillilitres,
    onHeadMillilitres,
    chanceShort: chanceShort(total, provided),
    expectedLeftoverMillilitres: expectedLeftover(total, provided),
  };
}
