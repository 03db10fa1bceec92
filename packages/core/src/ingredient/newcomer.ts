import { gramsPerMillilitre } from './density';
import { saidOf } from './catalogue';
import type { Ingredient, MeasuredBy, SaidIngredient } from './types';

/** What a kitchen can say at once of a thing that is not in the book. */
export interface Newcomer {
  readonly id: string;
  readonly name: string;
  /** Grams in a millilitre, where a spoon of it was weighed. */
  readonly gramsPerMillilitre?: number;
  readonly byDrop: boolean;
  /** Made of nuts: an allergen of its own. */
  readonly isNut: boolean;
}

/**
 * A thing that is not in the book, as one that is like it: as thick, as quick to spoil, as careful with, with the same limits, until
 * its household knows better. What can be said at once goes before.
 *
 * @param like what it is like; its allergens and traits are taken over
 * @example newcomer({ id: 'babassu-oil', name: 'Babassu oil', byDrop: false, isNut: true }, oliveOil).allergens // ['nuts']
 */
export function newcomer({ id, name, byDrop, isNut, ...said }: Newcomer, like: Ingredient): SaidIngredient {
  const { pieces: _pieces, composition, recipe: _recipe, ripening: _ripening, ...rest } = saidOf(like, new Map());
  const allergens = new Set([...like.allergens.filter((one) => one !== 'nuts'), ...(isNut ? (['nuts'] as const) : [])]);
  const spoons: [MeasuredBy, ...MeasuredBy[]] = byDrop ? ['drop', 'spoon'] : ['spoon', 'weight'];
  return {
    ...rest,
    id,
    name,
    alsoCalled: [],
    ...(composition ? { composition: { ...composition, source: 'own' as const } } : {}),
    density: {
      gramsPerMillilitre: said.gramsPerMillilitre ?? gramsPerMillilitre(like),
      source: said.gramsPerMillilitre === undefined ? 'own' : 'household',
    },
    measuredBy: spoons,
    flowSource: 'own',
    allergens: [...allergens],
  };
}
