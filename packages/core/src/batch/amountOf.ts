import { ingredientById, type Catalogue } from '../ingredient';
import type { AmountValue } from '../message';
import type { SizedLine } from './amounts';

/** One line of a sized bowl as a sentence can name it: pieces, spoons, drops or grams, with the noun that is counted. */
export function amountOf(line: SizedLine, catalogue: Catalogue): AmountValue {
  const { name, pieces } = ingredientById(catalogue, line.ingredientId);
  const { measuredBy, grams, millilitres } = line;
  return {
    name,
    measuredBy,
    grams,
    millilitres,
    ...(measuredBy === 'piece' && line.pieces !== undefined
      ? { pieces: line.pieces, noun: pieces?.noun ?? '', nouns: pieces?.nouns ?? '' }
      : {}),
  };
}
