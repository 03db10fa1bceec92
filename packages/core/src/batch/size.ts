import { demand, type Demand, type HairProfile } from '../hair';
import type { Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import { chanceAbove, expectedLeftover, quantile, type Lognormal } from '../statistic';
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
}

export const DEFAULT_ENOUGH_CHANCE = 0.85;

export interface SizedBowl extends FittedAmounts {
  readonly demand: Demand;
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
 * The whole way from a head and a mask to a bowl: demand with its spread, the amount at the wanted chance,
 * losses, and the amounts in pieces and spoons that reach it nearest to the formula.
 *
 * @throws RangeError for an empty formula, an unknown ingredient, or a chance outside 0.5 to 0.99
 */
export function sizeBowl(head: SizedHead, mask: Mask, catalogue: Catalogue, options: SizeOptions): SizedBowl {
  const { enoughChance = DEFAULT_ENOUGH_CHANCE } = options;
  if (!(enoughChance >= 0.5 && enoughChance <= 0.99)) throw new RangeError('The chance of enough is 50 to 99 %.');
  const wanted = demandFor(head, mask);
  const losses = lossesOf(mask);
  const wantedOnHeadMillilitres = quantile(wanted.total, enoughChance);
  const needMillilitres = millilitresToMake(wantedOnHeadMillilitres, losses);

  const amounts = fitAmounts(mask, catalogue, head.wearer, options, needMillilitres);
  const onHeadMillilitres = millilitresOnHead(amounts.madeMillilitres, losses);
  return {
    ...amounts,
    demand: wanted,
    enoughChance,
    losses,
    wantedOnHeadMillilitres,
    needMillilitres,
    onHeadMillilitres,
    chanceShort: chanceAbove(wanted.total, onHeadMillilitres),
    expectedLeftoverMillilitres: expectedLeftover(wanted.total, onHeadMillilitres),
  };
}
