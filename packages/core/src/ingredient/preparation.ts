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
  /** What it is cooked or steeped in: `water`, an oil, or another made thing. */
  readonly liquidId: string;
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
  /** Liquid to add while it boils, where the school starts with less than it takes up, grams. */
  readonly topUpGrams: number;
  readonly boiledOffGrams: number;
  /** Liquid poured away, where the school starts with more than it takes up, grams. */
  readonly pouredOffGrams: number;
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
  /** Volumes of water to one of the raw thing, as the school has it: 3¾ to 5 for rice. 1 to 30. */
  readonly volumes?: number;
  /** Mashed by hand instead of blended: all water goes in the pot, it cooks longer, and the cloth keeps more. */
  readonly byHand?: boolean;
}

/** Mashing by hand: minutes longer in the pot, and how much more stays in the cloth. Assumption of this project. */
const BY_HAND = { moreMinutes: 1.25, moreInCloth: 2 } as const;

export const PREPARATIONS: readonly Preparation[] = [
  {
    ingredientId: 'rice-cream',
    raw: 'white rice, dry',
    rawGramsPerMillilitre: 185 / 236.5882365,
    yield: { kind: 'solids', rawWaterShare: 0.116, cookedWaterShare: 0.85, madeWaterShare: 0.88, clothShare: 0.08 },
    liquidId: 'water',
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
    liquidId: 'water',
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
    liquidId: 'water',
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
    liquidId: 'water',
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
    liquidId: 'water',
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
    liquidId: 'almond-oil',
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

/** True for what is cooked or steeped before it goes into the bowl. */
export const hasPot = (ingredientId: string): boolean => preparationOf(ingredientId) !== undefined;

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

/** Share of the solids that stays in the cloth. */
function clothShareOf({ clothShare }: SolidsYield, byHand = false): number {
  return byHand ? Math.min(0.6, clothShare * BY_HAND.moreInCloth) : clothShare;
}

/** Grams made from a gram of the raw thing: the one number that turns either way. */
function madePerRaw({ yield: how }: Preparation, byHand?: boolean): number {
  if (how.kind === 'extract') return how.madePerRaw;
  return cookedGrams(1, how.rawWaterShare, how.madeWaterShare) * (1 - clothShareOf(how, byHand));
}

/**
 * What it takes to have a made thing in a wanted amount.
 * @param madeGrams what is wanted, 0 or more
 * @throws RangeError for less than nothing, or volumes outside 1 to 30
 */
export function makingFor(preparation: Preparation, madeGrams: number, options: MakingOptions = {}): Making {
  if (!(madeGrams >= 0)) throw new RangeError('An amount is nothing or more.');
  const { volumes } = options;
  if (volumes !== undefined && !(volumes >= 1 && volumes <= 30))
    throw new RangeError('Between 1 and 30 volumes of water go in the pot.');
  const { yield: how } = preparation;
  const byHand = how.kind === 'solids' && options.byHand === true;
  const lid = options.lid ?? preparation.lid;
  const minutes = Math.round(preparation.minutes * (options.soaked ? 2 / 3 : 1) * (byHand ? BY_HAND.moreMinutes : 1));
  const rawGrams = madeGrams / madePerRaw(preparation, byHand);
  const rawMillilitres = rawGrams / preparation.rawGramsPerMillilitre;
  const boiledOffGrams = madeGrams === 0 ? 0 : BOILED_OFF_PER_MINUTE[lid] * minutes;

  let clothGrams: number;
  let blenderGrams = 0;
  let takenUp: number;
  if (how.kind === 'extract') {
    clothGrams = (1 + how.keptPerRaw) * rawGrams;
    takenUp = madeGrams + clothGrams - rawGrams;
  } else {
    const blended = cookedGrams(rawGrams, how.rawWaterShare, how.madeWaterShare);
    const cooked = byHand ? blended : cookedGrams(rawGrams, how.rawWaterShare, how.cookedWaterShare);
    clothGrams = blended - madeGrams;
    blenderGrams = blended - cooked;
    takenUp = cooked - rawGrams;
  }
  const needed = takenUp + boiledOffGrams;
  const liquidGrams = volumes === undefined ? needed : volumes * rawMillilitres;
  return {
    rawGrams,
    rawMillilitres,
    liquidGrams,
    blenderGrams,
    topUpGrams: Math.max(0, needed - liquidGrams),
    boiledOffGrams,
    pouredOffGrams: Math.max(0, liquidGrams - needed),
    clothGrams,
    madeGrams,
    minutes,
    lid,
  };
}

/** What a raw amount in hand makes: "I cooked 90 g dry: how much cream is that?" */
export function madeFromRaw(preparation: Preparation, rawGrams: number, options: MakingOptions = {}): Making {
  return makingFor(preparation, rawGrams * madePerRaw(preparation, options.byHand), options);
}
