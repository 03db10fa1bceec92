import type { Catalogue } from '../ingredient';
import { bowlMillilitresPerGram, type Mask } from '../mask';
import { drawsFrom } from '../statistic';
import { SHARED_BOWL_CORRELATION, type SizedBowl } from './size';
import { lineSigma, LOSS_SIGMA } from './spread';

export interface ShortfallOptions {
  /** 1,000 to 1,000,000. */
  readonly samples?: number;
  readonly seed?: number;
  /** Ingredients whose pieces were weighed. */
  readonly weighed?: readonly string[];
  /** Which spreads to draw; all of them unless said otherwise. With demand alone a closed form exists. */
  readonly spreads?: { readonly pieces: boolean; readonly losses: boolean };
}

/** What many simulated uses of one bowl came to. */
export interface Shortfall {
  readonly samples: number;
  readonly chanceShort: number;
  /** Standard error of the chance. */
  readonly chanceError: number;
  readonly expectedLeftoverMillilitres: number;
  readonly leftoverError: number;
  /** What the amounts really come to in the bowl: one in ten below, one in ten above, mL. */
  readonly madeLowMillilitres: number;
  readonly madeHighMillilitres: number;
  /** Chance of running short against the amount aimed for, by rising amount. */
  readonly curve: readonly ShortfallPoint[];
}

export interface ShortfallPoint {
  readonly millilitres: number;
  readonly chanceShort: number;
}

const CURVE = { from: 0.35, to: 2, points: 34 } as const;

/**
 * The chance that a bowl comes up short, with what a formula leaves out: pieces weigh more or less than their size says,
 * spoons are heaped, tools keep more or less. Each sample draws what the heads take, what each measured amount really
 * is and what is lost; it also says by what factor the bowl would have had to be larger, and the sorted factors are
 * the whole curve from one run.
 *
 * @throws RangeError for a number of samples outside 1,000 to 1,000,000
 * @example simulateShortfall(sizeBowl(adaSized, riceSilk, CATALOGUE, { spoons: SPOON_SETS.us }), riceSilk, CATALOGUE).chanceShort // 0.14
 */
export function simulateShortfall(
  sized: SizedBowl,
  mask: Mask,
  catalogue: Catalogue,
  options: ShortfallOptions = {},
): Shortfall {
  const { samples = 20_000, seed = 1, spreads = { pieces: true, losses: true } } = options;
  if (!(samples >= 1000 && samples <= 1_000_000)) throw new RangeError('Between a thousand and a million samples.');
  const draws = drawsFrom(seed);
  const demands = [sized.demand, ...sized.others].map(({ total }) => total);
  const amounts = sized.lines.map((line) => ({
    millilitres: line.grams * bowlMillilitresPerGram(mask, catalogue, line.ingredientId),
    sigma: spreads.pieces ? lineSigma(line, catalogue, options.weighed ?? []) : 0,
  }));
  const common = Math.sqrt(SHARED_BOWL_CORRELATION);
  const own = Math.sqrt(1 - SHARED_BOWL_CORRELATION);

  const factors = new Float64Array(samples);
  const made = new Float64Array(samples);
  let left = 0;
  let leftSquares = 0;
  let short = 0;
  for (let sample = 0; sample < samples; sample++) {
    const shared = demands.length > 1 ? draws.normal() : 0;
    let wanted = 0;
    for (const { median, sigma } of demands) {
      const z = demands.length > 1 ? common * shared + own * draws.normal() : draws.normal();
      wanted += median * Math.exp(sigma * z);
    }
    let bowl = 0;
    for (const { millilitres, sigma } of amounts)
      bowl += sigma === 0 ? millilitres : millilitres * Math.exp(sigma * draws.normal() - sigma ** 2 / 2);
    const stray = (sigma: number): number => (spreads.losses ? Math.exp(sigma * draws.normal() - sigma ** 2 / 2) : 1);
    const holdUp = sized.losses.holdUpMillilitres * stray(LOSS_SIGMA.holdUp);
    const drip = Math.min(0.5, sized.losses.dripShare * stray(LOSS_SIGMA.drip));

    const leftover = Math.max(0, bowl - holdUp) * (1 - drip) - wanted;
    if (leftover < 0) short++;
    else {
      left += leftover;
      leftSquares += leftover ** 2;
    }
    made[sample] = bowl;
    factors[sample] = (wanted / (1 - drip) + holdUp) / bowl;
  }
  factors.sort();
  made.sort();
  const chanceShort = short / samples;
  const meanLeft = left / samples;
  return {
    samples,
    chanceShort,
    chanceError: Math.sqrt((chanceShort * (1 - chanceShort)) / samples),
    expectedLeftoverMillilitres: meanLeft,
    leftoverError: Math.sqrt(Math.max(0, leftSquares / samples - meanLeft ** 2) / samples),
    madeLowMillilitres: made[Math.floor(0.1 * samples)] ?? 0,
    madeHighMillilitres: made[Math.floor(0.9 * samples)] ?? 0,
    curve: Array.from({ length: CURVE.points }, (_, i) => {
      const factor = CURVE.from + (i / (CURVE.points - 1)) * (CURVE.to - CURVE.from);
      return { millilitres: factor * sized.madeMillilitres, chanceShort: shareAbove(factors, factor) };
    }),
  };
}

/** The share of sorted values above a limit. */
function shareAbove(sorted: Float64Array, limit: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((sorted[middle] ?? 0) > limit) high = middle;
    else low = middle + 1;
  }
  return (sorted.length - low) / sorted.length;
}
