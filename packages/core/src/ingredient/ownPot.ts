import type { ExtractYield, Lid, Method, Recipe, SolidsYield } from './recipe';

/** The ways with a pot or a jar that a kitchen can say of a made thing of its own. */
export const POT_METHODS = ['boil-and-strain', 'boil-and-blend', 'stir-over-heat', 'steep'] as const satisfies Method[];
export type PotMethod = (typeof POT_METHODS)[number];

/** A pot as a kitchen can say it: what it weighs, times and sees. */
export interface SaidPot {
  readonly method: PotMethod;
  readonly rawName: string;
  /** The raw thing as it is spooned. */
  readonly rawGramsPerMillilitre: number;
  readonly liquidId: string;
  /** At a boil or a simmer; what steeps has none. */
  readonly minutes: number;
  readonly lid: Lid;
  /** Where something is strained out: grams made from a gram of it. */
  readonly madePerRaw: number;
  /** Where it stays in: its solids in the finished thing, share by mass, 0 to 1. */
  readonly solidsShare: number;
  readonly standMinutes: number;
}

/** Water in a dry grain or flour, share by mass: about that of white rice and of oats, from memory. */
const DRY_WATER = 0.11;
/** Liquid in a grain that is boiled mushy, share by mass. Assumption of this project, as for the rice of the book. */
const COOKED_LIQUID = 0.85;
/** Solids that a cloth keeps of what is blended and pressed, share. Assumption of this project. */
const CLOTH_KEEPS = 0.1;
/** Grams of liquid that a gram of something strained out keeps. Assumption of this project. */
const KEPT_PER_RAW = 1.5;

/**
 * The recipe of a pot that a household says itself. What no kitchen weighs (the water of a dry grain, what a cloth keeps) stays
 * as it was known of the thing, and is assumed of one that is new.
 * @param before the recipe that is corrected, where there is one
 * @example
 * const pot = { rawName: 'flax', rawGramsPerMillilitre: 0.7, liquidId: 'water', minutes: 10, lid: 'off', standMinutes: 5 };
 * recipeOfPot({ ...pot, method: 'boil-and-strain', madePerRaw: 7 }).yield // { kind: 'extract', madePerRaw: 7, keptPerRaw: 1.5 }
 */
export function recipeOfPot(said: SaidPot, before?: Recipe): Recipe {
  const { method, rawName, rawGramsPerMillilitre, liquidId, minutes, lid, standMinutes } = said;
  const known = before?.raw?.name === rawName ? before.raw : undefined;
  return {
    method,
    raw: { ...(known ?? { alsoCalled: [] }), name: rawName, gramsPerMillilitre: rawGramsPerMillilitre },
    pot: { liquidId, minutes: method === 'steep' ? 0 : minutes, lid },
    yield: method === 'boil-and-strain' || method === 'steep' ? extractOf(said, before) : solidsOf(said, before),
    standMinutes,
    how: before?.how ?? '',
    source: 'household',
  };
}

const extractOf = ({ madePerRaw }: SaidPot, before: Recipe | undefined): ExtractYield => ({
  kind: 'extract',
  madePerRaw,
  keptPerRaw: before?.yield.kind === 'extract' ? before.yield.keptPerRaw : KEPT_PER_RAW,
});

function solidsOf({ method, solidsShare }: SaidPot, before: Recipe | undefined): SolidsYield {
  const madeLiquidShare = 1 - solidsShare;
  const known = before?.yield.kind === 'solids' && before.method === method ? before.yield : undefined;
  const isBlended = method === 'boil-and-blend';
  // What is warmed until it draws a line has all of its liquid in it from the start.
  const cooked = isBlended ? (known?.cookedLiquidShare ?? COOKED_LIQUID) : madeLiquidShare;
  return {
    kind: 'solids',
    rawWaterShare: known?.rawWaterShare ?? DRY_WATER,
    cookedLiquidShare: Math.min(madeLiquidShare, cooked),
    madeLiquidShare,
    clothShare: known?.clothShare ?? (isBlended ? CLOTH_KEEPS : 0),
  };
}
