import type { TextureClass } from '../hair';
import { mixedFlow, type Catalogue } from '../ingredient';
import { OIL_TREATMENT_SHARE, oilShareOf, rowsOf } from './careful';
import { textureClass } from './texture';
import type { Mask } from './types';

/** What a formula comes out as: an oil has no flow that is asked for. */
function comesOut(
  mask: Pick<Mask, 'parts'>,
  catalogue: Catalogue,
  offset: number,
): Pick<Mask, 'texture' | 'flowLog10'> {
  const rows = rowsOf(mask, catalogue);
  if (oilShareOf(rows) >= OIL_TREATMENT_SHARE) return { texture: 'oil' };
  const flowLog10 = mixedFlow(rows.map((row) => ({ row, grams: row.share }))).flowLog10 + offset;
  return { texture: textureClass(flowLog10), flowLog10 };
}

/**
 * The texture that a formula has, whatever it is called: mostly oil lies as an oil does, all else as thick as it is
 * estimated to come out. What is sized goes by this, so that no wrong word can double a bowl.
 *
 * @param offset how much thicker this kitchen makes it than reckoned, log₁₀ mPa·s
 * @throws RangeError for an empty formula or an unknown ingredient
 * @example textureOf(riceSilk, CATALOGUE) // 'creamy'
 */
export const textureOf = (mask: Pick<Mask, 'parts'>, catalogue: Catalogue, offset = 0): TextureClass =>
  comesOut(mask, catalogue, offset).texture;

/**
 * A mask with the texture and the flow that it comes out with, whatever it is called. What is sized goes by this.
 * @param offset as {@link textureOf}
 * @throws RangeError for an empty formula or an unknown ingredient
 * @example asItComesOut({ ...riceSilk, texture: 'runny' }, CATALOGUE).texture // 'creamy'
 */
export function asItComesOut(mask: Mask, catalogue: Catalogue, offset = 0): Mask {
  const { flowLog10: _before, ...rest } = mask;
  return { ...rest, ...comesOut(mask, catalogue, offset) };
}
