import { capsFor, capsOver, type NamedCap, type Wearer } from '../batch';
import { gramsPerMillilitre, ingredientById } from '../ingredient';
import { composed, estimateTexture, tightened, type Amount, type Mask, type TextureEstimate } from '../mask';
import type { House } from './house';

/** What a bowl that somebody wrote down is like. */
export interface WrittenBowl {
  readonly mask: Mask;
  readonly millilitres: number;
  readonly texture: TextureEstimate;
  /** Limits that it breaks on this wearer. */
  readonly over: readonly NamedCap[];
}

/**
 * A bowl from its amounts, as it stands: how thick, how much, and over which limits; nothing is fitted.
 * @param like what a mask of these amounts is like otherwise: its wear, its rinse
 * @throws RangeError for no amount, one that is not above nothing, or an unknown ingredient
 */
export function writtenBowl(
  { catalogue }: Pick<House, 'catalogue'>,
  amounts: readonly Amount[],
  like: Omit<Mask, 'parts'>,
  wearer: Wearer,
): WrittenBowl {
  const mask = tightened<Mask>({ ...like, parts: composed(amounts, catalogue) }, catalogue);
  const grams = new Map<string, number>();
  for (const one of amounts) grams.set(one.ingredientId, (grams.get(one.ingredientId) ?? 0) + one.grams);
  const millilitres = [...grams].reduce(
    (sum, [id, weight]) => sum + weight / gramsPerMillilitre(ingredientById(catalogue, id)),
    0,
  );
  const over = capsOver(
    capsFor(mask, catalogue, wearer, millilitres),
    mask.parts.map(({ ingredientId }) => grams.get(ingredientId) ?? 0),
  );
  return { mask, millilitres, texture: estimateTexture(amounts, catalogue), over };
}
