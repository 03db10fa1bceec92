import { demand, type Demand, type HairProfile } from '../hair';
import type { Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import { chanceAbove, expectedLeftover, quantile, sumOf, type Lognormal } from '../statistic';
import { fitAmounts, type AmountOptions, type FittedAmounts } from './amounts';
import type { Wearer } from './caps';
import { lossesOf, millilitresOnHead, millilitresToMake, type Losses } from './losses';

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
  readonly chanceShort: number;
  readonly expectedLeftoverMillilitres: number;
}

/** What a head takes of a mask, as a log-normal with its reasons. */
export function demandFor({ profile, personalFactor }: SizedHead, mask: Mask): Demand {
  return demand(profile, {
    coverage: mask.coverage,
    texture: mask.texture,
    endsExtraShare: mask.endsExtraShare,
    ...(personalFactor ? { personalFactor } : {}),
  });
}

/**
 * What must be made of a mask for one head, mL, so that it suffices with a chance.
 * @param enoughChance above 0, below 1; a half is what the head usually takes
 */
export function needFor(head: SizedHead, mask: Mask, enoughChance = DEFAULT_ENOUGH_CHANCE): number {
  return millilitresToMake(quantile(demandFor(head, mask).total, enoughChance), lossesOf(mask));
}

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
 */
export function sizeBowl(head: SizedHead, mask: Mask, catalogue: Catalogue, options: SizeOptions): SizedBowl {
  const { enoughChance = DEFAULT_ENOUGH_CHANCE } = options;
  if (!(enoughChance >= 0.5 && enoughChance <= 0.99)) throw new RangeError('The chance of enough is 50 to 99 %.');
  const heads = [head, ...(options.others ?? [])];
  const [wanted, ...others] = heads.map((one) => demandFor(one, mask)) as [Demand, ...Demand[]];
  const total = totalDemand([wanted, ...others]);
  const losses = lossesOf(mask);
  const wantedOnHeadMillilitres = quantile(total, enoughChance);
  const needMillilitres = millilitresToMake(wantedOnHeadMillilitres, losses);

  const amounts = fitAmounts(mask, catalogue, strictestWearer(heads), options, needMillilitres);
  const onHeadMillilitres = millilitresOnHead(amounts.madeMillilitres, losses);
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
    chanceShort: chanceAbove(total, onHeadMillilitres),
    expectedLeftoverMillilitres: expectedLeftover(total, onHeadMillilitres),
  };
}
