import { makingFor, preparationOf } from '@amber-ladle/core/ingredient';
import { kitchenRound, spoonBreakdown, writeSpoons, type Spoon } from '@amber-ladle/core/measure';

const LID_WORDS = { open: 'without a lid', ajar: 'with the lid ajar', on: 'with the lid on' } as const;

/**
 * How much goes in the pot for a made ingredient, in one sentence; empty for one that comes as it is.
 * @param grams of the finished thing, 0 or more
 */
export function makingWords(ingredientId: string, grams: number, spoons: readonly Spoon[]): string {
  const preparation = preparationOf(ingredientId);
  if (!preparation || grams === 0) return '';
  const making = makingFor(preparation, grams);
  const spooned = writeSpoons(spoonBreakdown(making.rawMillilitres, spoons));
  const from = `From ${kitchenRound(making.rawGrams)} g ${preparation.raw} (${spooned})`;
  if (preparation.liquidId !== 'water') return `${from} in ${kitchenRound(making.liquidGrams)} g of almond oil.`;
  const boiled = `${kitchenRound(making.liquidGrams)} mL water, ${making.minutes} min ${LID_WORDS[making.lid]}`;
  const blender = making.blenderGrams > 1 ? `; ${kitchenRound(making.blenderGrams)} mL more at the blender` : '';
  return `${from} and ${boiled}${blender}.`;
}
