import { ingredientById, rawRecipeOf, type Catalogue } from '../../ingredient';
import { COOKED, type DraftLine } from './readLine';
import { gramsOf } from './gramsOf';

/** Volume of a line, mL; 0 where it is none. */
const millilitresOf = ({ amount }: DraftLine): number =>
  amount?.unit.kind === 'volume' ? amount.quantity * amount.unit.millilitres : 0;

/**
 * What is cooked here keeps its liquid in the pot, when there is at least as much of it as of the dry thing: rice its water, starch
 * the milk that it is stirred into.
 */
export function withPots<T extends DraftLine>(lines: readonly T[], text: string, catalogue: Catalogue): readonly T[] {
  if (!/\b(?:boil|simmer|cook|soak|heat|thicken|saucepan)/i.test(text)) return lines;
  let all = lines;
  for (const dry of lines) {
    const { ingredientId, isRaw, amount } = dry;
    const recipe = isRaw && ingredientId ? rawRecipeOf(ingredientById(catalogue, ingredientId)) : undefined;
    if (!recipe || !amount || COOKED.test(amount.description)) continue;
    // The same dry thing may be made in several liquids: the one that stands beside it is meant.
    const made = [...catalogue.values()].flatMap((row) => {
      const own = rawRecipeOf(row);
      return own?.raw.name === recipe.raw.name ? [{ row, liquidId: own.pot.liquidId }] : [];
    });
    const pot = lines.find(
      (line) =>
        made.some(({ liquidId }) => liquidId === line.ingredientId) &&
        millilitresOf(line) >= Math.max(1, millilitresOf(dry)),
    );
    const meant = made.find(({ liquidId }) => liquidId === pot?.ingredientId)?.row;
    if (!pot || !meant) continue;
    all = all.map((line) => {
      if (line === pot) return { ...line, isPots: true };
      return line === dry && meant.id !== ingredientId
        ? { ...line, ingredientId: meant.id, candidates: [meant.id], ...gramsOf(amount, meant, true) }
        : line;
    });
  }
  return all;
}
