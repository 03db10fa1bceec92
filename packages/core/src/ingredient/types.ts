import type { SourceId } from '../source';
import type { Keepings } from './keeping';
import type { Recipe } from './recipe';
import type { Ripening } from './ripening';
import type { Traits } from './traits';

/** What kind of thing it is in a kitchen: the id of a row of the family table. */
export type Family = string;

/** How a cook measures it. */
export const MEASURED_BY = ['piece', 'spoon', 'weight', 'pinch', 'drop'] as const;
export type MeasuredBy = (typeof MEASURED_BY)[number];

export const ALLERGENS = [
  'egg',
  'milk',
  'nuts',
  'sesame',
  'soy',
  'wheat',
  'oats',
  'mustard',
  'bee-products',
  'avocado',
  'banana',
  'papaya',
  'mango',
  'kiwi',
  'coconut',
  'celery',
  'sulphites',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** Grams per 100 g of the edible part. Carbohydrate is without fibre. */
export interface Composition {
  readonly waterGrams: number;
  readonly proteinGrams: number;
  readonly fatGrams: number;
  readonly carbohydrateGrams: number;
  readonly fibreGrams: number;
  readonly ashGrams: number;
  readonly source: SourceId;
}

/** A size of piece as it is bought, by what can be eaten (or used) of it. */
export interface PieceSize {
  readonly id: string;
  readonly name: string;
  /** Usable grams: without peel, stone, shell or rind. */
  readonly usableGrams: number;
  readonly source: SourceId;
}

export interface Pieces {
  /** One piece and several: `yolk`, `yolks`. */
  readonly noun: string;
  readonly nouns: string;
  /** From small to large. */
  readonly sizes: readonly PieceSize[];
  readonly usualSize: string;
  /** The parts a piece can be cut in: 1 for an egg, 4 where quarters make sense. */
  readonly cutInto: number;
  /** Peel, stone, shell or rind, as a share of the whole piece's weight, 0 to 1. */
  readonly refuseShare: number;
  readonly refuseSource: SourceId;
  /** Spread of single pieces around their size, as a coefficient of variation. Assumption of this project. */
  readonly weightSpread: number;
  /** Usable grams in a centimetre of it, where it is bought and cut by length: a leaf of aloe. */
  readonly gramsPerCentimetre?: number;
  /** False where the noun names no ingredient by itself: a leaf, a clove. */
  readonly nounIsName?: false;
}

/** The figures that every ingredient has, whatever its family. */
interface Figures {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  /** What is handled: "mashed", "plain, full fat", "from a thick leaf, pulsed". */
  readonly state: string;
  readonly composition?: Composition;
  /** Given where a household figure exists; else it follows from the composition. */
  readonly density?: { readonly gramsPerMillilitre: number; readonly source: SourceId };
  readonly pieces?: Pieces;
  /** Ways it can be measured, the usual one first. */
  readonly measuredBy: readonly [MeasuredBy, ...MeasuredBy[]];
  /**
   * Log₁₀ of viscosity in mPa·s at room temperature, to an order of magnitude. For a dry powder
   * the figure that makes the mixing rule come out right at a few per cent, not a viscosity of its own.
   */
  readonly flowLog10: number;
  readonly flowSource: SourceId;
  /** Share that stays in the cloth when the bowl is strained, 0 to 1. Assumption of this project. */
  readonly strainedOutShare: number;
  readonly allergens: readonly Allergen[];
  /** True where latex allergy is known to cross. */
  readonly crossesWithLatex: boolean;
  readonly stains: boolean;
  /** How it is made, for what does not come as it is: a gel, a cream, a juice, an infused oil. */
  readonly recipe?: Recipe;
  /** For what ripens after it is picked. */
  readonly ripening?: Ripening;
  /** A practical word on choosing or handling it. */
  readonly advice: string;
}

/**
 * One row of the catalogue: everything that is known of a thing, and the only place where it stands. No rule elsewhere
 * names an ingredient or lists families; it reads the row.
 */
export interface Ingredient extends Figures {
  readonly traits: Traits;
  /** How long it keeps, by what has been done to it. */
  readonly keeping: Keepings;
  /** What people also call it. Common kitchen English, from memory. */
  readonly alsoCalled: readonly string[];
}

/** A row as it is said: what its family says of it may stay unsaid. Built-in tables and a household's own rows are such. */
export interface SaidIngredient extends Figures {
  readonly traits?: Partial<Traits>;
  readonly keeping?: Keepings;
  readonly alsoCalled?: readonly string[];
}
