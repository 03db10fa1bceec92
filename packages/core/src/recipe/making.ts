import { cannot } from '../message';
import type { Lid, RawRecipe, SolidsYield } from '../ingredient';

/** Water boiled off at a simmer in an 18 cm pan, mL a minute. Assumption of this project. */
export const BOILED_OFF_PER_MINUTE: Readonly<Record<Lid, number>> = { open: 12, ajar: 6, on: 2 };

/** How a made thing is made: the answer to "60 g of rice cream: how much rice, how much water, how long?" */
export interface Making {
  readonly rawGrams: number;
  readonly rawMillilitres: number;
  /** What it is cooked or steeped in. */
  readonly liquidId: string;
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
  readonly lid?: Lid | undefined;
  /** Soaked an hour before: the boil is shorter by a third (assumption of this project). */
  readonly soaked?: boolean | undefined;
  /** Volumes of water to one of the raw thing, as the school has it: 3¾ to 5 for rice. 1 to 30. */
  readonly volumes?: number | undefined;
  /** Mashed by hand instead of blended: all water goes in the pot, it cooks longer, and the cloth keeps more. */
  readonly byHand?: boolean | undefined;
}

/** Mashing by hand: minutes longer in the pot, and how much more stays in the cloth. Assumption of this project. */
const BY_HAND = { moreMinutes: 1.25, moreInCloth: 2 } as const;

/**
 * Cooked weight of a food that only takes up water: dry solids are conserved.
 * @param rawGrams 0 or more
 * @param rawWaterShare water before, 0 or more and below 1
 * @param cookedLiquidShare water after, 0 or more and below 1
 * @example cookedGrams(100, 0.1162, 0.6844) // 280
 */
export function cookedGrams(rawGrams: number, rawWaterShare: number, cookedLiquidShare: number): number {
  return (rawGrams * (1 - rawWaterShare)) / (1 - cookedLiquidShare);
}

/** Share of the solids that stays in the cloth. */
function clothShareOf({ clothShare }: SolidsYield, byHand = false): number {
  return byHand ? Math.min(0.6, clothShare * BY_HAND.moreInCloth) : clothShare;
}

/** Grams made from a gram of the raw thing: the one number that turns either way. */
function madePerRaw({ yield: how }: RawRecipe, byHand?: boolean): number {
  if (how.kind === 'extract') return how.madePerRaw;
  return cookedGrams(1, how.rawWaterShare, how.madeLiquidShare) * (1 - clothShareOf(how, byHand));
}

/**
 * What it takes to have a made thing in a wanted amount.
 * @param madeGrams what is wanted, 0 or more
 * @throws RangeError for less than nothing, or volumes outside 1 to 30
 * @example makingFor(rawRecipeOf(riceCream), 150).rawGrams // 22.1
 */
export function makingFor(recipe: RawRecipe, madeGrams: number, options: MakingOptions = {}): Making {
  if (!(madeGrams >= 0)) throw cannot('less-than-nothing');
  const { volumes } = options;
  if (volumes !== undefined && !(volumes >= 1 && volumes <= 30)) throw cannot('volumes-of-water');
  const { yield: how, pot, raw } = recipe;
  const byHand = how.kind === 'solids' && options.byHand === true;
  const lid = options.lid ?? pot.lid;
  const minutes = Math.round(pot.minutes * (options.soaked ? 2 / 3 : 1) * (byHand ? BY_HAND.moreMinutes : 1));
  const rawGrams = madeGrams / madePerRaw(recipe, byHand);
  const rawMillilitres = rawGrams / raw.gramsPerMillilitre;
  const boiledOffGrams = madeGrams === 0 ? 0 : BOILED_OFF_PER_MINUTE[lid] * minutes;

  let clothGrams: number;
  let blenderGrams = 0;
  let takenUp: number;
  if (how.kind === 'extract') {
    clothGrams = (1 + how.keptPerRaw) * rawGrams;
    takenUp = madeGrams + clothGrams - rawGrams;
  } else {
    const blended = cookedGrams(rawGrams, how.rawWaterShare, how.madeLiquidShare);
    const cooked = byHand ? blended : cookedGrams(rawGrams, how.rawWaterShare, how.cookedLiquidShare);
    clothGrams = blended - madeGrams;
    blenderGrams = blended - cooked;
    takenUp = cooked - rawGrams;
  }
  const needed = takenUp + boiledOffGrams;
  const liquidGrams = volumes === undefined ? needed : volumes * rawMillilitres;
  return {
    rawGrams,
    rawMillilitres,
    liquidId: pot.liquidId,
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

/**
 * What a raw amount in hand makes: "I cooked 90 g dry: how much cream is that?"
 * @example madeFromRaw(rawRecipeOf(riceCream), 90).madeGrams // 610
 */
export function madeFromRaw(recipe: RawRecipe, rawGrams: number, options: MakingOptions = {}): Making {
  return makingFor(recipe, rawGrams * madePerRaw(recipe, options.byHand), options);
}
