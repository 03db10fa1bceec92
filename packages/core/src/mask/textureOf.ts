import type { TextureClass } from '../hair';
import type { Catalogue } from '../ingredient';
import { OIL_TREATMENT_SHARE, oilShareOf, rowsOf } from './careful';
import { estimateTexture } from './texture';
import type { Mask } from './types';

/**
 * The texture that a formula has, whatever it is called: mostly oil lies as an oil does, all else as thick as it is
 * estimated to come out. What is sized goes by this, so that no wrong word can double a bowl.
 *
 * @param offset how much thicker this kitchen makes it than reckoned, log₁₀ mPa·s
 * @throws RangeError for an empty formula or an unknown ingredient
 * @example textureOf(riceSilk, CATALOGUE) // 'creamy'
 */
export function textureOf(mask: Pick<Mask, 'parts'>, catalogue: Catalogue, offset = 0): TextureClass {
  if (oilShareOf(rowsOf(mask, catalogue)) >= OIL_TREATMENT_SHARE) return 'oil';
  const parts = mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share }));
  return estimateTexture(parts, catalogue, offset).texture;
}

/**
 * A mask with the texture and the flow that it comes out with, whatever it is called. What is sized goes by this.
 * @param offset as {@link textureOf}
 * @throws RangeError for an empty formula or an unknown ingredient
 * @example asItComesOut({ ...riceSilk, texture: 'runny' }, CATALOGUE).texture // 'creamy'
 */
export function asItComesOut(mask: Mask, catalogue: Catalogue, offset = 0): Mask {
  const { flowLog10: _before, ...rest } = mask;
  const texture = textureOf(mask, catalogue, offset);
  if (texture === 'oil') return { ...rest, texture };
  const parts = mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share }));
  return { ...rest, texture, flowLog10: estimateTexture(parts, catalogue, offset).flowLog10 };
}
