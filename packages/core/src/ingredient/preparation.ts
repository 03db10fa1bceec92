import type { SourceId } from '../source';

/** How a lid lies on an 18 cm pan. */
export type Lid = 'open' | 'ajar' | 'on';

/** Water boiled off at a simmer in an 18 cm pan, mL a minute. Assumption of this project. */
export const BOILED_OFF_PER_MINUTE: Readonly<Record<Lid, number>> = { open: 12, ajar: 6, on: 2 };

/** A made thing that a mask calls for: what it is made from, and how. */
export interface Preparation {
  /** The made ingredient's id. */
  readonly ingredientId: string;
  /** What is weighed out: "white rice, dry". */
  readonly raw: string;
  /** Grams in a millilitre of the raw thing as it is spooned. */
  readonly rawGramsPerMillilitre: number;
  readonly yield: SolidsYield | ExtractYield;
  readonly liquid: 'water' | 'oil';
  /** At a boil or a simmer; 0 when nothing is cooked. */
  readonly minutes: number;
  readonly lid: Lid;
  readonly source: SourceId;
  /** A word on the making. */
  readonly advice: string;
}

/**
 * Something that swells and stays in: dry solids are conserved through pot and blender,
 * less the share that the cloth keeps.
 */
export interface SolidsYield {
  readonly kind: 'solids';
  /** Water in the raw thing, share by mass. */
  readonly rawWaterShare: number;
  /** Water once it is overcooked in the pot, share by mass; what is still missing goes in at the blender. */
  readonly cookedWaterShare: number;
  /** Water in the finished thing, share by mass. */
  readonly madeWaterShare: number;
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

/** How a made thing is made: the answer to "60 g of rice cream: how much rice, how much water, how long?" */
export interface Making {
  readonly rawGrams: number;
  readonly rawMillilitres: number;
  /** Liquid at the start, in the pot or the jar, grams (of water: mL). */
  readonly liquidGrams: number;
  /** Liquid added at the blender, grams. */
  readonly blenderGrams: number;
  readonly boiledOffGrams: number;
  readonly clothGrams: number;
  readonly madeGrams: number;
  readonly minutes: number;
  readonly lid: Lid;
}

/** Other ways of the schools: they change water and time, never what comes out. */
export interface MakingOptions {
  readonly lid?: Lid;
  /** Soaked an hour before: the boil is shorter by a third (assumption of this project). */
  readonly soaked?: boolean;
}

export const PREPARATIONS: readonly Preparation[] = [
  {
    ingredientId: 'rice-cream',
    raw: 'white rice, dry',
    rawGramsPerMillilitre: 185 / 236.5882365,
    yield: { kind: 'solids', rawWaterShare: 0.116, cookedWaterShare: 0.85, madeWaterShare: 0.88, clothShare: 0.08 },
    liquid: 'water',
    minutes: 25,
    lid: 'ajar',
    source: 'usda-sr',
    advice: 'Overcook it until it falls mushy between the fingers; strain it hot.',
  },
  {
    ingredientId: 'oat-cream',
    raw: 'rolled oats',
    rawGramsPerMillilitre: 81 / 236.5882365,
    yield: { kind: 'solids', rawWaterShare: 0.108, cookedWaterShare: 0.87, madeWaterShare: 0.92, clothShare: 0.15 },
    liquid: 'water',
    minutes: 12,
    lid: 'ajar',
    source: 'usda-sr',
    advice: 'Stir; it catches sooner than rice. Strain it hot.',
  },
  {
    ingredientId: 'starch-slurry',
    raw: 'maize starch',
    rawGramsPerMillilitre: 128 / 236.5882365,
    yield: { kind: 'solids', rawWaterShare: 0.083, cookedWaterShare: 0.96, madeWaterShare: 0.96, clothShare: 0 },
    liquid: 'water',
    minutes: 4,
    lid: 'open',
    source: 'usda-sr',
    advice: 'Stir it into the water cold, then warm; ready when the spoon leaves a line.',
  },
  {
    ingredientId: 'flax-gel',
    raw: 'whole flaxseed',
    rawGramsPerMillilitre: 10.3 / 14.78676478125,
    yield: { kind: 'extract', madePerRaw: 7, keptPerRaw: 1.5 },
    liquid: 'water',
    minutes: 7,
    lid: 'open',
    source: 'own',
    advice: 'Strain at once: cold, the gel will not pass.',
  },
  {
    ingredientId: 'okra-gel',
    raw: 'okra pods, sliced',
    rawGramsPerMillilitre: 0.5,
    yield: { kind: 'extract', madePerRaw: 2.5, keptPerRaw: 0.4 },
    liquid: 'water',
    minutes: 7,
    lid: 'open',
    source: 'own',
    advice: 'Strain at once, pressing gently.',
  },
  {
    ingredientId: 'rose-infused-oil',
    raw: 'dried rose petals',
    rawGramsPerMillilitre: 0.08,
    yield: { kind: 'extract', madePerRaw: 16, keptPerRaw: 2 },
    liquid: 'oil',
    minutes: 0,
    lid: 'open',
    source: 'own',
    advice: 'Two weeks in a closed jar out of the sun; the petals bone dry.',
  },
];

/** The way a made ingredient is made, or undefined for one that comes as it is. */
export function preparationOf(ingredientId: string): Preparation | undefined {
  return PREPARATIONS.find((preparation) => preparation.ingredientId === ingredientId);
}

/**
 * Cooked weight of a food that only takes up water: dry solids are conserved.
 * @param rawGrams 0 or more
 * @param rawWaterShare water before, 0 or more and below 1
 * @param cookedWaterShare water after, 0 or more and below 1
 * @example cookedGrams(100, 0.1162, 0.6844) // 280
 */
export function cookedGrams(rawGrams: number, rawWaterShare: number, cookedWaterShare: number): number {
  return (rawGrams * (1 - rawWaterShare)) / (1 - cookedWaterShare);
}

/** Grams made from a gram of the raw thing: the one number that turns either way. */
function madePerRaw(preparation: Preparation): number {
  const { yield: how } = preparation;
  if (how.kind === 'extract') return how.madePerRaw;
  return cookedGrams(1, how.rawWaterShare, how.madeWaterShare) * (1 - how.clothShare);
}

/**
 * What it takes to have a made thing in a wanted amount.
 * @param madeGrams what is wanted, 0 or more
 * @throws RangeError for less than nothing
 */
export function makingFor(preparation: Preparation, madeGrams: number, options: MakingOptions = {}): Making {
  if (!(madeGrams >= 0)) throw new RangeError('An amount is nothing or more.');
  const { yield: how } = preparation;
  const lid = options.lid ?? preparation.lid;
  const minutes = Math.round(preparation.minutes * (options.soaked ? 2 / 3 : 1));
  const rawGrams = madeGrams / madePerRaw(preparation);
  const boiledOffGrams = madeGrams === 0 ? 0 : BOILED_OFF_PER_MINUTE[lid] * minutes;
  const shared = { rawGrams, rawMillilitres: rawGrams / preparation.rawGramsPerMillilitre, madeGrams, minutes, lid };
  if (how.kind === 'extract') {
    const clothGrams = (1 + how.keptPerRaw) * rawGrams;
    return {
      ...shared,
      boiledOffGrams,
      clothGrams,
      liquidGrams: madeGrams + clothGrams + boiledOffGrams - rawGrams,
      blenderGrams: 0,
    };
  }
  const cooked = cookedGrams(rawGrams, how.rawWaterShare, how.cookedWaterShare);
  const blended = cookedGrams(rawGrams, how.rawWaterShare, how.madeWaterShare);
  return {
    ...shared,
    boiledOffGrams,
    clothGrams: blended - madeGrams,
    liquidGrams: cooked - rawGrams + boiledOffGrams,
    blenderGrams: blended - cooked,
  };
}

/** What a raw amount in hand makes: "I cooked 90 g dry: how much cream is that?" */
export function madeFromRaw(preparation: Preparation, rawGrams: number, options: MakingOptions = {}): Making {
  return makingFor(preparation, rawGrams * madePerRaw(preparation), options);
}
