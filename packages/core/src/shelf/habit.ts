import { rawRecipeOf, type Catalogue, type Ingredient, type LotState } from '../ingredient';
import { madeFromRaw } from '../recipe';

/** How a household has bought a thing so far. It outlives the lots: a price is known when the jar is empty, too. */
export interface Habit {
  /** Money for a gram as it came home, the last time that somebody said; undefined where nobody ever did. */
  readonly pricePerGram?: number | undefined;
  /** The most that came home at once, grams as it was; undefined where nothing did that could be a pack. */
  readonly mostGrams?: number | undefined;
}
/** By ingredient. */
export type Habits = Readonly<Record<string, Habit>>;

/** Something that once came home. */
export interface CameHome {
  readonly ingredientId: string;
  /** As it came: of what is cooked at home only the raw thing is bought. */
  readonly state: LotState;
  /** Grams as it was. */
  readonly grams: number;
  readonly pricePerGram?: number | undefined;
  /** When, ISO 8601. */
  readonly at: string;
}

/** Less than this is a rest that somebody put on the shelf, and no pack. Assumption of this project. */
const LEAST_PACK_GRAMS = 100;

/** The state in which a shop gives a thing. */
export const stateBought = (row: Ingredient): LotState => (rawRecipeOf(row) ? 'raw' : 'whole');

/**
 * What a household's purchases so far say of the next.
 * @param came in any order; what is unknown to the catalogue or came in another state than a shop gives it is passed over
 * @example
 * const jar = { ingredientId: 'honey', state: 'whole', grams: 340, pricePerGram: 0.02, at: '2026-03-14T09:00:00Z' };
 * habitsFrom([jar], CATALOGUE) // { honey: { pricePerGram: 0.02, mostGrams: 340 } }
 */
export function habitsFrom(came: readonly CameHome[], catalogue: Catalogue): Habits {
  const habits: Record<string, Habit> = {};
  for (const { ingredientId, state, grams, pricePerGram } of [...came].sort((a, b) => a.at.localeCompare(b.at))) {
    const row = catalogue.get(ingredientId);
    if (!row || state !== stateBought(row)) continue;
    const before = habits[ingredientId];
    const most = Math.max(grams, before?.mostGrams ?? 0);
    habits[ingredientId] = {
      ...(most >= LEAST_PACK_GRAMS ? { mostGrams: most } : {}),
      pricePerGram: pricePerGram ?? before?.pricePerGram,
    };
  }
  return habits;
}

/** Money for a usable gram as it was last paid: of what is cooked, a gram of what comes out. Undefined where nobody said. */
export function paidPerGram(row: Ingredient, habits: Habits): number | undefined {
  const paid = habits[row.id]?.pricePerGram;
  const recipe = rawRecipeOf(row);
  return paid === undefined || !recipe ? paid : paid / madeFromRaw(recipe, 1).madeGrams;
}
