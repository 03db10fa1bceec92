import {
  ingredientById,
  makingTree,
  preparationOf,
  type Catalogue,
  type Making,
  type MakingOptions,
  type Preparation,
} from '@amber-ladle/core/ingredient';
import { kitchenRound, spoonBreakdown, writeSpoons, type Spoon } from '@amber-ladle/core/measure';

const LID_WORDS = { open: 'without a lid', ajar: 'with the lid ajar', on: 'with the lid on' } as const;

/** Ways of the pot, by ingredient. */
export type Makings = Readonly<Record<string, MakingOptions>>;

/**
 * How much goes in the pot for a made ingredient, in one sentence; empty for one that comes as it is.
 * @param grams of the finished thing, 0 or more
 */
export function makingWords(
  ingredientId: string,
  grams: number,
  spoons: readonly Spoon[],
  catalogue: Catalogue,
  makings: Makings = {},
): string {
  if (grams === 0) return '';
  const { making, from } = makingTree(catalogue, ingredientId, grams, makings);
  const preparation = preparationOf(ingredientId);
  if (making && preparation) return potWords(preparation, making, spoons, catalogue);
  if (from.length === 0) return '';
  const parts = from.map((part) => {
    const name = ingredientById(catalogue, part.ingredientId).name.toLowerCase();
    return `${kitchenRound(part.grams)} g ${name}`;
  });
  return `Made of ${parts.join(', ')}.`;
}

function potWords(preparation: Preparation, making: Making, spoons: readonly Spoon[], catalogue: Catalogue): string {
  const spooned = writeSpoons(spoonBreakdown(making.rawMillilitres, spoons));
  const from = `From ${kitchenRound(making.rawGrams)} g ${preparation.raw} (${spooned})`;
  if (preparation.liquidId !== 'water') {
    const liquid = ingredientById(catalogue, preparation.liquidId).name.toLowerCase();
    return `${from} in ${kitchenRound(making.liquidGrams)} g of ${liquid}.`;
  }
  const boiled = `${kitchenRound(making.liquidGrams)} mL water, ${making.minutes} min ${LID_WORDS[making.lid]}`;
  const rest = [
    ...(making.topUpGrams > 1 ? [`top up with ${kitchenRound(making.topUpGrams)} mL as it boils`] : []),
    ...(making.pouredOffGrams > 1 ? [`pour off about ${kitchenRound(making.pouredOffGrams)} mL`] : []),
    ...(making.blenderGrams > 1 ? [`${kitchenRound(making.blenderGrams)} mL more at the blender`] : []),
  ];
  return `${[`${from} and ${boiled}`, ...rest].join('; ')}.`;
}
