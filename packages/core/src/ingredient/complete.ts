import { coldDays } from './keeping';
import { FAMILY_BY_ID } from './data/families';
import type { FamilyRow } from './family';
import type { Traits } from './traits';
import type { Ingredient, SaidIngredient } from './types';

/** What is taken of a thing of which nothing is known: wet, spoils, is measured by spoon. Careful on purpose. */
export const CAREFUL_TRAITS: Traits = {
  roles: ['body'],
  matter: 'wet',
  inBowl: 'cut',
  isPacked: false,
  isFromTap: false,
  stands: 'counter',
  prepared: 'measure',
  blending: 'any',
  goesInCool: false,
  cooksInWarmth: false,
  leavesBits: false,
  keepsItsShare: false,
  isThinner: false,
  partsFromOil: false,
  countsAs: [],
  smells: [],
  skin: [],
  hazards: [],
  swaps: [],
  limits: [],
};

/**
 * A row with everything filled in: its own word first, then its family's, then what is careful. A row that is complete
 * already stays as it is.
 * @param families the family table; a household or a test may hand in a larger one
 * @example completed({ ...plum, family: 'fruit' }).traits.prepared // 'cut'
 */
export function completed(said: SaidIngredient, families: ReadonlyMap<string, FamilyRow> = FAMILY_BY_ID): Ingredient {
  const family = families.get(said.family);
  const keeping = { ...family?.keeping, ...said.keeping };
  return {
    ...said,
    traits: { ...CAREFUL_TRAITS, ...family?.traits, ...said.traits },
    keeping: Object.keys(keeping).length > 0 ? keeping : { cut: coldDays(1, 'own') },
    alsoCalled: said.alsoCalled ?? [],
  };
}
