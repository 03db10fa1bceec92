import type { SourceId } from '../source';

/** How a lid lies on an 18 cm pan. */
export const LIDS = ['open', 'ajar', 'on'] as const;
export type Lid = (typeof LIDS)[number];

/** The ways of making something. */
export const METHODS = [
  /** Boiled mushy, blended or mashed, pressed through hot: creams of grain. */
  'boil-and-blend',
  /** Stirred in cold and warmed until it draws a line: starch. */
  'stir-over-heat',
  /** Boiled and strained at once: gels of seeds, pods and weed; teas. */
  'boil-and-strain',
  /** Boiled soft as it is: roots and pumpkin. */
  'cook-soft',
  /** Baked soft as it is, which keeps more in. */
  'bake-soft',
  /** Left in oil or water and strained. */
  'steep',
  /** Stirred, beaten or whisked together. */
  'stir-together',
] as const;
export type Method = (typeof METHODS)[number];

/** The dry or fresh thing that is weighed out, where it is not an ingredient of its own. */
export interface RawThing {
  /** As it is asked for: "white rice, dry". */
  readonly name: string;
  /** What people also call it; from memory. */
  readonly alsoCalled: readonly string[];
  /** Grams in a millilitre as it is spooned. */
  readonly gramsPerMillilitre: number;
  /** Cooked for the table and not for a bowl: as it is spooned then, and how much of it is water. */
  readonly cooked?: { readonly gramsPerMillilitre: number; readonly waterShare: number };
}

/** A pot on a ring. */
export interface Pot {
  /** What it is cooked in: water, milk, an oil, or another made thing; the parts of the bowl come on top of it. */
  readonly liquidId: string;
  /** At a boil or a simmer; 0 for what only stands. */
  readonly minutes: number;
  readonly lid: Lid;
}

/** A tray in the oven. */
export interface Oven {
  readonly degreesC: number;
  readonly minutes: number;
}

/** Something that swells and stays in: dry solids are conserved through pot and blender, less what the cloth keeps. */
export interface SolidsYield {
  readonly kind: 'solids';
  /** Water in the raw thing, share by mass. */
  readonly rawWaterShare: number;
  /** What is not its own solids once it is overcooked in the pot, share by mass: water, or the milk it swells in. What is still missing goes in at the blender. */
  readonly cookedLiquidShare: number;
  /** The same in the finished thing. */
  readonly madeLiquidShare: number;
  /** Solids that stay in the cloth, share. Assumption of this project. */
  readonly clothShare: number;
}

/** Something that gives to a liquid and is strained out: gel from seeds, an oil from petals. */
export interface ExtractYield {
  readonly kind: 'extract';
  /** Grams made from a gram of the raw thing. */
  readonly madePerRaw: number;
  /** Grams of liquid that the strained-out part keeps, to a gram of the raw thing. */
  readonly keptPerRaw: number;
}

/** Ingredients put together; a share of what goes in stays in the cloth or the jar. */
export interface BlendYield {
  readonly kind: 'blend';
  readonly parts: readonly { readonly ingredientId: string; readonly share: number }[];
  /** 0 to below 1. */
  readonly keptBackShare: number;
}

/** The piece itself, cooked: a carrot boiled soft is a carrot. */
export interface ItselfYield {
  readonly kind: 'itself';
}

/**
 * How a made thing is made, built in or the household's own: what goes in, its pot, what comes out, and the way of it.
 * A raw thing with solids or an extract, a blend of ingredients, or the piece itself cooked.
 */
export interface Recipe {
  readonly method: Method;
  readonly raw?: RawThing;
  readonly pot?: Pot;
  readonly oven?: Oven;
  readonly yield: SolidsYield | ExtractYield | BlendYield | ItselfYield;
  /** Beside the pot: stirring, standing, steeping, minutes. */
  readonly standMinutes: number;
  /** In the maker's words, for what is the household's own. */
  readonly how: string;
  readonly source: SourceId;
}

/** A recipe with a raw thing in a pot or a jar: what can be reckoned both ways. */
export type RawRecipe = Recipe & {
  readonly raw: RawThing;
  readonly pot: Pot;
  readonly yield: SolidsYield | ExtractYield;
};

/** The recipe of what is made from a raw thing; undefined for what comes as it is, is blended, or is cooked as it is. */
export function rawRecipeOf({ recipe }: { readonly recipe?: Recipe | undefined }): RawRecipe | undefined {
  const { raw, pot, yield: how } = recipe ?? {};
  if (!recipe || !raw || !pot || !how) return undefined;
  return how.kind === 'solids' || how.kind === 'extract' ? { ...recipe, raw, pot, yield: how } : undefined;
}

/** True for what is cooked or steeped from a raw thing before it goes into the bowl. */
export const hasPot = (row: { readonly recipe?: Recipe | undefined }): boolean => rawRecipeOf(row) !== undefined;

/** True for what stands over heat on its way into the bowl. */
export const isCooked = ({ recipe }: { readonly recipe?: Recipe | undefined }): boolean =>
  (recipe?.pot?.minutes ?? recipe?.oven?.minutes ?? 0) > 0;
