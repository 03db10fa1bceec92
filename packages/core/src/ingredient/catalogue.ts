import { EGG_AND_ALOE } from './data/eggAndAloe';
import { FRUIT } from './data/fruit';
import { GRAIN_AND_DAIRY } from './data/grainAndDairy';
import { OIL_AND_OTHER } from './data/oilAndOther';
import { VEGETABLES } from './data/vegetable';
import type { Ingredient } from './types';

/** A set of ingredients looked up by id. */
export type Catalogue = ReadonlyMap<string, Ingredient>;

/** The built-in ingredients. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...FRUIT,
  ...VEGETABLES,
  ...EGG_AND_ALOE,
  ...GRAIN_AND_DAIRY,
  ...OIL_AND_OTHER,
];

export const CATALOGUE: Catalogue = catalogueOf(INGREDIENTS);

/** @throws RangeError when two rows share an id */
export function catalogueOf(ingredients: readonly Ingredient[]): Catalogue {
  const byId = new Map(ingredients.map((row) => [row.id, row]));
  if (byId.size !== ingredients.length) throw new RangeError('Two ingredients share an id.');
  return byId;
}

/** The built-in ingredients with a household's own and corrected rows laid over them. */
export function overlaid(own: readonly Ingredient[]): Catalogue {
  return own.length === 0 ? CATALOGUE : new Map([...CATALOGUE, ...own.map((row) => [row.id, row] as const)]);
}

/** @throws RangeError for an id the catalogue does not hold */
export function ingredientById(catalogue: Catalogue, id: string): Ingredient {
  const found = catalogue.get(id);
  if (!found) throw new RangeError(`No ingredient is called “${id}”.`);
  return found;
}
