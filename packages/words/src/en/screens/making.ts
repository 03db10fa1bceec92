import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { makingTree, potsOf, type InPot, type MakingOptions, type SharedPot } from '@amber-ladle/core/recipe';
import { kitchenRound, spoonBreakdown, writeSpoons, type Spoon } from '@amber-ladle/core/measure';

const LID_WORDS = { open: 'without a lid', ajar: 'with the lid ajar', on: 'with the lid on' } as const;

/** Ways of the pot, by ingredient. */
export type Makings = Readonly<Record<string, MakingOptions>>;
/** An amount of a bowl, as far as making it goes. */
export interface AmountToMake {
  readonly ingredientId: string;
  /** Of the finished thing, 0 or more. */
  readonly grams: number;
}

/**
 * How each made thing of a bowl is made, in one sentence, by ingredient; nothing of what comes as it is. Things that
 * share a pot are told once, at the one that takes longest.
 */
export function makingWords(
  amounts: readonly AmountToMake[],
  spoons: readonly Spoon[],
  catalogue: Catalogue,
  makings: Makings = {},
): ReadonlyMap<string, string> {
  const name = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  const words = new Map<string, string>();
  for (const pot of potsOf(amounts, catalogue, makings)) {
    const [first, ...more] = pot.holds;
    words.set(first.ingredientId, potWords(pot, spoons, name(pot.liquidId)));
    for (const { ingredientId } of more) words.set(ingredientId, `In one pot with ${name(first.ingredientId)}.`);
  }
  for (const { ingredientId, grams } of amounts) {
    if (grams === 0 || words.has(ingredientId)) continue;
    const { from } = makingTree(catalogue, ingredientId, grams, makings);
    const parts = from.map((part) => `${kitchenRound(part.grams)} g ${name(part.ingredientId)}`);
    if (parts.length > 0) words.set(ingredientId, `Made of ${parts.join(', ')}.`);
  }
  return words;
}

const rawWords = ({ recipe, making }: InPot, spoons: readonly Spoon[]): string =>
  `${kitchenRound(making.rawGrams)} g ${recipe.raw.name} (${writeSpoons(spoonBreakdown(making.rawMillilitres, spoons))})`;

function potWords(pot: SharedPot, spoons: readonly Spoon[], liquid: string): string {
  const from = `From ${pot.holds.map((one) => rawWords(one, spoons)).join(' and ')}`;
  if (pot.minutes === 0) return `${from} in ${kitchenRound(pot.liquidGrams)} g of ${liquid}.`;
  const boiled = `${kitchenRound(pot.liquidGrams)} mL ${liquid}, ${pot.minutes} min ${LID_WORDS[pot.lid]}`;
  const rest = [
    ...(pot.topUpGrams > 1 ? [`top up with ${kitchenRound(pot.topUpGrams)} mL as it boils`] : []),
    ...(pot.pouredOffGrams > 1 ? [`pour off about ${kitchenRound(pot.pouredOffGrams)} mL`] : []),
    ...(pot.blenderGrams > 1 ? [`${kitchenRound(pot.blenderGrams)} mL more at the blender`] : []),
  ];
  return `${[`${from} and ${boiled}`, ...rest].join('; ')}.`;
}
