import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import type { TextureClass } from '../hair';
import { TEXTURE_SIGMA_LOG10, textureBounds } from '../mask';
import { momentsOf, normalBelief, observed, type LogLikelihood } from '../statistic';

/** How a bowl of a mask came out against what was reckoned: as it felt, or as a spoonful spread on a plate. */
export type FeltTexture = {
  /** What was reckoned without any offset, log₁₀ mPa·s. */
  readonly flowLog10: number;
} & ({ readonly felt: Exclude<TextureClass, 'oil'> } | { readonly plateFlowLog10: number });

export interface TextureOffset {
  /** To add to what is reckoned, log₁₀ mPa·s; 0 before any bowl. */
  readonly offset: number;
  readonly sigma: number;
  readonly count: number;
}

/** One bowl of a mask differs from the next by so much, and so does the word for it, log₁₀. Assumption of this project. */
const FELT_NOISE = 0.3;

/**
 * What a plate reads is off by so much beside: half a centimetre in the width is two tenths of a decade, and the plate is not
 * level to a hair. Assumption of this project.
 */
const PLATE_NOISE = 0.2;

/**
 * How much thicker or thinner a mask comes out in this kitchen than reckoned. A felt class is an interval of flow, an
 * interval-censored observation of the estimate plus the offset; a plate's reading is a figure; the posterior is taken on a grid.
 * @example learnTexture([{ flowLog10: 3.6, felt: 'thick' }]).offset // 0.63: thicker than reckoned
 */
export function learnTexture(felt: readonly FeltTexture[]): TextureOffset {
  const prior = normalBelief(0, TEXTURE_SIGMA_LOG10, 0.02, 2.6);
  const likelihoods = felt.map((one): LogLikelihood => {
    const { flowLog10 } = one;
    if ('plateFlowLog10' in one) {
      const sigma = Math.hypot(FELT_NOISE, PLATE_NOISE);
      return (offset) => -0.5 * ((one.plateFlowLog10 - flowLog10 - offset) / sigma) ** 2;
    }
    const [low, high] = textureBounds(one.felt);
    return (offset) => {
      const at = (bound: number): number => normalCdf((bound - flowLog10 - offset) / FELT_NOISE, 0, 1);
      return Math.log(Math.max(1e-300, at(high) - at(low)));
    };
  });
  const { mean, sigma } = momentsOf(observed(prior, likelihoods));
  return { offset: felt.length === 0 ? 0 : mean, sigma, count: felt.length };
}
