import { inARow } from '../data/inARow';
import { pasteText } from '@amber-ladle/words';
import { checked, maskInputSchema, type MaskInput } from '@amber-ladle/contract';
import type { FiledMask } from '@amber-ladle/core/exchange';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { isUnfit, reasonOf } from '../data/reason';

/** How a file or a page begins, not a mask in words. */
const FILED = /^\s*(?:\{\s*"|\[\s*\{|<(?:!doctype|html|head|body|script|\?xml|!--))/i;

/** True for a file or a page that was pasted as text. @example isFiled('{ "name": "Oat" }') // true */
export const isFiled = (text: string): boolean => FILED.test(text);

/**
 * A mask of somebody else's, believed as far as it can be a mask of this book.
 * @throws Error in words for the page, where it calls for what nobody here knows, or cannot be a mask
 */
export function checkedMask(said: FiledMask, catalogue: Catalogue): MaskInput {
  const strange = said.parts.filter(({ ingredientId }) => !catalogue.has(ingredientId));
  if (strange.length > 0)
    throw new Error(pasteText.callsForStrange(inARow(strange.map(({ ingredientId }) => ingredientId))));
  try {
    return checked(maskInputSchema, said);
  } catch (error) {
    throw isUnfit(error) ? new Error(pasteText.cannotBeAMask(reasonOf(error)), { cause: error }) : error;
  }
}
