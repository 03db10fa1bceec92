import type { TextureClass } from '../hair';
import { ingredientById, mixedFlow, RUNNY_BELOW, type Catalogue } from '../ingredient';

/** From thin to stiff, as they stand on a scale; oil stands on none. */
export const SCALE_TEXTURES = ['runny', 'pourable', 'creamy', 'thick', 'stiff'] as const;
export type ScaleTexture = (typeof SCALE_TEXTURES)[number];

/** Upper bounds of each class in log₁₀ mPa·s (assumption of this project); stiff has none. */
const UPPER_BOUNDS: readonly (readonly [TextureClass, number])[] = [
  ['runny', RUNNY_BELOW],
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
  /** Oil that egg binds when it is beaten in, as a share of the bowl; 0 where there is none. */
  readonly boundOilShare: number;
  /** How much each ingredient pulls the mixture above or below the rest of it, in log₁₀ mPa·s. */
  readonly pulls: readonly { readonly ingredientId: string; readonly pull: number }[];
}

/**
 * How thick a mixture comes out, and what does that: {@link mixedFlow} over what is in the bowl. An estimate to an order of
 * magnitude.
 *
 * @param parts at least one with grams above 0
 * @param personalOffset what earlier bowls of this mask taught, in log₁₀ mPa·s
 * @throws RangeError for an empty bowl
 * @example
 * const parts = [{ ingredientId: 'rice-cream', grams: 100 }, { ingredientId: 'water', grams: 100 }];
 * estimateTexture(parts, CATALOGUE).flowLog10 // 3.1: six parts in a hundred of starch hold all that water
 */
export function estimateTexture(
  parts: readonly TexturePart[],
  catalogue: Catalogue,
  personalOffset = 0,
): TextureEstimate {
  const flows = parts.map(({ ingredientId, grams }) => ({ row: ingredientById(catalogue, ingredientId), grams }));
  const { flowLog10: mixed, boundOilShare } = mixedFlow(flows);
  const pulls = parts.map(({ ingredientId, grams }, i) => {
    const others = flows.filter((_, k) => k !== i);
    const isAll = grams <= 0 || !others.some((other) => other.grams > 0);
    return { ingredientId, pull: isAll ? 0 : mixed - mixedFlow(others).flowLog10 };
  });
  const flowLog10 = mixed + personalOffset;
  return { flowLog10, texture: textureClass(flowLog10), sigmaLog10: TEXTURE_SIGMA_LOG10, boundOilShare, pulls };
}
