import type { SourceId } from '../source';

/** What kind of thing it is in a kitchen. Swaps stay within a family where they can. */
export const FAMILIES = [
  'fruit',
  'vegetable',
  'root',
  'egg',
  'aloe',
  'grain',
  'seed-gel',
  'starch',
  'dairy',
  'plant-milk',
  'honey',
  'oil',
  'butter',
  'powder',
  'pepper',
  'clay',
  'soda',
  'acid',
  'humectant',
  'scent',
  'base',
  'water',
] as const;

export type Family = (typeof FAMILIES)[number];

/** What an ingredient does in a mask. */
export const ROLES = ['body', 'oil', 'humectant', 'active', 'thinner', 'acid', 'scent'] as const;
export type Role = (typeof ROLES)[number];

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
  'coconut',
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
}

/** A made thing of one's own: a formula of other ingredients, with what straining takes from it. */
export interface MadeOf {
  readonly parts: readonly { readonly ingredientId: string; readonly share: number }[];
  /** Share of what goes in that stays in the cloth or the jar, 0 to below 1. */
  readonly keptBackShare: number;
  /** Hands-on and waiting together, minutes. */
  readonly minutes: number;
  readonly how: string;
}

export interface Ingredient {
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
  /** Given for one that is made ahead or on the side from others; those may be made themselves. */
  readonly madeOf?: MadeOf;
  /** A practical word on choosing or handling it. */
  readonly advice: string;
}
