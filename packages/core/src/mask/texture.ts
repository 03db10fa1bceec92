import type { TextureClass } from '../hair';
import { ingredientById, type Catalogue } from '../ingredient';

/** Upper bounds of each class in log₁₀ mPa·s (assumption of this project); stiff has none. */
const UPPER_BOUNDS: readonly (readonly [TextureClass, number])[] = [
  ['runny', 1.8],
  ['pourable', 3.0],
  ['creamy', 4.2],
  ['thick', 5.0],
  ['stiff', Infinity],
];

/** The estimate is good to about half an order of magnitude. Assumption of this project. */
export const TEXTURE_SIGMA_LOG10 = 0.5;

/** The class that a flow figure in log₁₀ mPa·s falls in. @example textureClass(3.2) // 'creamy' */
export function textureClass(flowLog10: number): Exclude<TextureClass, 'oil'> {
  const found = UPPER_BOUNDS.find(([, upper]) => flowLog10 < upper);
  return (found?.[0] ?? 'stiff') as Exclude<TextureClass, 'oil'>;
}

/** Lower and upper bound of a class in log₁₀ mPa·s. */
export function textureBounds(texture: Exclude<TextureClass, 'oil'>): readonly [lower: number, upper: number] {
  const index = UPPER_BOUNDS.findIndex(([name]) => name === texture);
  return [UPPER_BOUNDS[index - 1]?.[1] ?? -Infinity, UPPER_BOUNDS[index]?.[1] ?? Infinity];
}

export interface TexturePart {
  readonly ingredientId: string;
  readonly grams: number;
}

export interface TextureEstimate {
  readonly flowLog10: number;
  readonly texture: Exclude<TextureClass, 'oil'>;
  readonly sigmaLog10: number;
  /** How much each ingredient pulls the mixture above or below the rest of it, in log₁₀ mPa·s. */
  readonly pulls: readonly { readonly ingredientId: string; readonly pull: number }[];
}

/**
 * How thick a mixture comes out: log₁₀ viscosity mixed over mass shares (Arrhenius mixing rule, from memory),
 * with one figure per ingredient. An estimate to an order of magnitude.
 *
 * @param parts at least one with grams above 0
 * @param personalOffset what earlier bowls of this mask taught, in log₁₀ mPa·s
 * @throws RangeError for an empty bowl
 */
export function estimateTexture(
  parts: readonly TexturePart[],
  catalogue: Catalogue,
  personalOffset = 0,
): TextureEstimate {
  const total = parts.reduce((sum, part) => sum + part.grams, 0);
  if (!(total > 0)) throw new RangeError('An empty bowl has no texture.');
  const flows = parts.map((part) => ({ ...part, flow: ingredientById(catalogue, part.ingredientId).flowLog10 }));
  const mixed = flows.reduce((sum, { grams, flow }) => sum + (grams / total) * flow, 0);
  const pulls = flows.map(({ ingredientId, grams, flow }) => {
    const rest = total - grams;
    const without = rest > 0 ? (mixed * total - flow * grams) / rest : mixed;
    return { ingredientId, pull: mixed - without };
  });
  const flowLog10 = mixed + personalOffset;
  return { flowLog10, texture: textureClass(flowLog10), sigmaLog10: TEXTURE_SIGMA_LOG10, pulls };
}

/**
 * Grams of a thinner (or thickener) that bring a mixture to a wanted flow.
 * From (flow·total + figure·x) / (total + x) = wanted.
 * @returns grams to add, 0 or more, or undefined when this ingredient can never bring it there
 */
export function gramsToReach(
  estimate: Pick<TextureEstimate, 'flowLog10'>,
  totalGrams: number,
  ingredientFlowLog10: number,
  wantedFlowLog10: number,
): number | undefined {
  const needed = (estimate.flowLog10 - wantedFlowLog10) * totalGrams;
  const room = wantedFlowLog10 - ingredientFlowLog10;
  if (needed === 0) return 0;
  const grams = needed / room;
  return Number.isFinite(grams) && grams >= 0 ? grams : undefined;
}
