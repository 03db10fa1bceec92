import { isPerishable, keepingOf, type Ingredient, type LotState } from '../ingredient';

/** Where produce and bowls stand. A bag is a closed bag with an apple or a banana in it. */
export const PLACE_KINDS = ['counter', 'bag', 'outside', 'fridge', 'freezer'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  /** What it usually has, °C, where no thermometer tells. */
  readonly celsius: number;
}

/** The usual temperature of a kind of place, °C. Assumption of this project; a freezer at −18 is the usual standard. */
export const USUAL_CELSIUS: Readonly<Record<PlaceKind, number>> = {
  counter: 20,
  bag: 20,
  outside: 14,
  fridge: 4,
  freezer: -18,
};

/**
 * The kind of place where a thing is put when nobody says: in the cold what its row stands there, and what is perishable
 * in its state. Common practice, no published source; the rows follow USDA FoodKeeper.
 * @example usualKind(ingredientById(CATALOGUE, 'carrot'), 'whole') // 'fridge'
 * @example usualKind(ingredientById(CATALOGUE, 'coconut-milk'), 'whole') // 'counter'
 * @example usualKind(ingredientById(CATALOGUE, 'coconut-milk'), 'opened') // 'fridge'
 */
export function usualKind(row: Ingredient, state: LotState): 'counter' | 'fridge' {
  if (row.traits.stands === 'fridge') return 'fridge';
  return state !== 'whole' && isPerishable(keepingOf(row, state)) ? 'fridge' : 'counter';
}

/**
 * How long a thing keeps in a state where it is put when nobody says, hours.
 * @example usualHours(ingredientById(CATALOGUE, 'coconut-milk'), 'opened') // 72
 */
export function usualHours(row: Ingredient, state: LotState): number {
  const { coldHours, roomHours } = keepingOf(row, state);
  return usualKind(row, state) === 'fridge' ? coldHours : roomHours;
}

/**
 * The place of the household where a thing is put when nobody says.
 * @returns its id; the first place where there is none of that kind, '' where there is none at all
 */
export function usualPlace(row: Ingredient, state: LotState, places: readonly Place[]): string {
  const kind = usualKind(row, state);
  return (places.find((place) => place.kind === kind) ?? places[0])?.id ?? '';
}
