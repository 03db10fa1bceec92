import { cannot } from '../message';
import { completed } from './complete';
import { BASES } from './data/baseAndWater';
import { DAIRY, HONEYS, PLANT_MILKS } from './data/dairyAndMilk';
import { POWDERS } from './data/dryAndSharp';
import { EGG_AND_ALOE } from './data/eggAndAloe';
import { FRUIT } from './data/fruit';
import { JUICES } from './data/juice';
import { BREWS, GELS, GRAINS, PROTEINS, STARCHES } from './data/madeInAPot';
import { BUTTERS, OILS } from './data/oilAndButter';
import { SCENTS } from './data/scent';
import { VEGETABLES } from './data/vegetable';
import type { Ingredient, SaidIngredient } from './types';

/** A set of ingredients looked up by id. */
export type Catalogue = ReadonlyMap<string, Ingredient>;

/** The built-in ingredients. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...FRUIT,
  ...VEGETABLES,
  ...JUICES,
  ...EGG_AND_ALOE,
  ...GRAINS,
  ...STARCHES,
  ...GELS,
  ...DAIRY,
  ...PLANT_MILKS,
  ...HONEYS,
  ...OILS,
  ...BUTTERS,
  ...POWDERS,
  ...SCENTS,
  ...BREWS,
  ...PROTEINS,
  ...BASES,
];

export const CATALOGUE: Catalogue = catalogueOf(INGREDIENTS);

/** @throws RangeError when two rows share an id */
export function catalogueOf(ingredients: readonly Ingredient[]): Catalogue {
  const byId = new Map(ingredients.map((row) => [row.id, row]));
  if (byId.size !== ingredients.length) throw new RangeError('Two ingredients share an id.');
  return byId;
}

/** The built-in catalogue with a household's own and corrected rows laid over it, each completed from its family. */
export function overlaid(own: readonly SaidIngredient[], onto: Catalogue = CATALOGUE): Catalogue {
  return own.length === 0
    ? onto
    : new Map([...onto, ...own.map((row) => [row.id, completed(withKnown(row, onto))] as const)]);
}

/** A correction of a built-in row says figures; what else is known of the thing stays with it. */
function withKnown(said: SaidIngredient, onto: Catalogue): SaidIngredient {
  const known = onto.get(said.id);
  if (!known || known.family !== said.family) return said;
  return {
    ...(known.ripening ? { ripening: known.ripening } : {}),
    ...(known.recipe && !said.recipe ? { recipe: known.recipe } : {}),
    ...said,
    traits: { ...known.traits, ...said.traits },
    keeping: { ...known.keeping, ...said.keeping },
    alsoCalled: said.alsoCalled ?? known.alsoCalled,
  };
}

/** @throws RangeError for an id the catalogue does not hold */
export function ingredientById(catalogue: Catalogue, id: string): Ingredient {
  const found = catalogue.get(id);
  if (!found) throw cannot('no-ingredient', { id });
  return found;
}

/**
 * The other way round: of a filled-in row only what it says beyond the built-in row it corrects, or beyond its family,
 * so that a row sent back for one changed word freezes nothing that it never said.
 * @example saidOf({ ...plum, alsoCalled: ['damson'] }).keeping // {}: of its keeping nothing was said anew
 */
export function saidOf(row: Ingredient, onto: Catalogue = CATALOGUE): SaidIngredient {
  const { traits: _traits, keeping: _keeping, ...rest } = row;
  const { traits, keeping } = onto.get(row.id) ?? completed(rest);
  return { ...row, traits: beyond(row.traits, traits), keeping: beyond(row.keeping, keeping) };
}

function beyond<T extends object>(said: T, usual: T): Partial<T> {
  const known = new Map<string, unknown>(Object.entries(usual));
  const own = Object.entries(said).filter(([key, value]) => JSON.stringify(value) !== JSON.stringify(known.get(key)));
  return Object.fromEntries(own) as Partial<T>;
}
