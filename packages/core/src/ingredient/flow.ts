import type { Ingredient } from './types';

/** What is thinner than this, in log₁₀ mPa·s, runs: the upper bound of the class, and what counts as water to starch and syrup. */
export const RUNNY_BELOW = 1.8;

/**
 * Cooked starch thickens by its solids: log₁₀ η = 5.24·log₁₀(1 + c / 0.02). Fitted by hand to 4 % 2.5, 8 % 3.6, 12 % 4.4 and
 * 16 % 5.0 (kitchen figures, from memory), and on all four to 0.06.
 */
const STARCH = { power: 5.24, half: 0.02 };

/**
 * Sugar thickens steeply as the water gets less: log₁₀ η = a·s / (1 − b·s), the form of Mooney (J. Colloid Sci. 6, 1951).
 * Fitted to sucrose in water at 20 °C (Bates; ICUMSA, from memory), and right to 0.1 from nothing to 70 %.
 */
const SYRUP = { a: 1.157, b: 1.012 };

/**
 * Drops of oil in something wetter: log₁₀ η rises by −2.2·log₁₀(1 − φ / 0.88), as Krieger and Dougherty have it
 * (Trans. Soc. Rheol. 3, 1959) with the room that soft drops of many sizes have. Exponent and room are ours: they put a
 * mayonnaise of four fifths oil where a spoon finds it.
 */
const DROPS = { power: 2.2, room: 0.88, most: 0.8 };

/** Oil that a gram of egg or mayonnaise can bind, less its own fat, in grams: a yolk takes a good 100 mL (common practice). */
const OIL_BOUND = 8;

/** Log₁₀ mPa·s of cooked starch in water, by its share of solids, 0 to 0.2. @example starchFlow(0.08) // 3.66 */
export const starchFlow = (solidsShare: number): number => STARCH.power * Math.log10(1 + solidsShare / STARCH.half);

/** The share of solids that has this flow: the other way round. @example starchSolids(starchFlow(0.1)) // 0.1 */
export const starchSolids = (flowLog10: number): number =>
  STARCH.half * (10 ** (Math.max(0, flowLog10) / STARCH.power) - 1);

/** Log₁₀ mPa·s of sugar in water, by its share of the mass, 0 to 0.8. @example syrupFlow(0.5) // 1.17 */
export const syrupFlow = (sugarShare: number): number => (SYRUP.a * sugarShare) / (1 - SYRUP.b * sugarShare);

/** The share of sugar that has this flow: the other way round. @example syrupSugar(syrupFlow(0.5)) // 0.5 */
export const syrupSugar = (flowLog10: number): number => {
  const flow = Math.max(0, flowLog10);
  return flow / (SYRUP.a + SYRUP.b * flow);
};

/** How much thicker drops of oil make what they lie in, log₁₀, by their share of the whole. */
const dropsRise = (share: number): number => -DROPS.power * Math.log10(1 - Math.min(DROPS.most, share) / DROPS.room);

/** One thing in a mixture. */
export interface FlowPart {
  readonly row: Pick<Ingredient, 'flowLog10' | 'composition'> & {
    readonly traits: Pick<Ingredient['traits'], 'matter' | 'thickens'>;
  };
  /** 0 or more. */
  readonly grams: number;
}

/** How thick a mixture is, and what in it does not follow the plain rule. */
export interface MixedFlow {
  readonly flowLog10: number;
  /** Oil that egg binds when it is beaten in, as a share of the whole; 0 where there is none. */
  readonly boundOilShare: number;
}

const sumOf = (parts: readonly FlowPart[], of: (part: FlowPart) => number = ({ grams }) => grams): number =>
  parts.reduce((sum, part) => sum + of(part), 0);

/**
 * How thick a mixture comes out. Log₁₀ viscosity mixed over mass shares (Arrhenius' rule, from memory), with one figure for each
 * thing as it is, save where cooks know better:
 *
 * - what runs, cooked starch and syrup are one water: starch thickens it by its solids in all of it, and so does sugar,
 *   each at the strength that gives the thing by itself its own figure. What fruit and yogurt hold of water is theirs;
 * - oil that egg or mayonnaise binds lies in drops and thickens, where free oil would thin.
 *
 * @param parts at least one with grams above 0
 * @throws RangeError for an empty mixture
 * @example mixedFlow([{ row: honey, grams: 50 }, { row: water, grams: 50 }]).flowLog10 // 0.7: five times as thick as water
 * @example mixedFlow([{ row: eggYolk, grams: 18 }, { row: oliveOil, grams: 14 }]).flowLog10 // 3.7: creamy
 */
export function mixedFlow(parts: readonly FlowPart[]): MixedFlow {
  const total = sumOf(parts);
  if (!(total > 0)) throw new RangeError('An empty bowl has no texture.');
  const fats = parts.filter(({ row }) => row.traits.matter === 'fat');
  const oil = sumOf(fats);
  const binds = sumOf(parts, ({ row, grams }) =>
    row.traits.thickens === 'emulsion' ? OIL_BOUND * grams * (1 - (row.composition?.fatGrams ?? 0) / 100) : 0,
  );
  const lies = total - oil;
  const bound = Math.min(oil, binds, (lies * DROPS.most) / (1 - DROPS.most));
  const fatFlow = oil > 0 ? sumOf(fats, ({ row, grams }) => grams * row.flowLog10) / oil : 0;
  if (lies <= 0) return { flowLog10: fatFlow, boundOilShare: 0 };

  const wet = wetFlow(parts.filter(({ row }) => row.traits.matter !== 'fat'));
  const thickened = wet + dropsRise(bound / (bound + lies));
  return {
    flowLog10: ((lies + bound) * thickened + (oil - bound) * fatFlow) / total,
    boundOilShare: bound / total,
  };
}

/** All that is not fat: one water with what thickens it, and the rest by the plain rule. */
function wetFlow(parts: readonly FlowPart[]): number {
  const total = sumOf(parts);
  const isOfWater = ({ row: { traits, flowLog10 } }: FlowPart): boolean =>
    traits.thickens === 'cooked-starch' ||
    traits.thickens === 'syrup' ||
    (traits.matter === 'wet' && flowLog10 < RUNNY_BELOW);
  const inWater = parts.filter(isOfWater);
  const water = sumOf(inWater);
  const rest = sumOf(
    parts.filter((part) => !isOfWater(part)),
    ({ row, grams }) => grams * row.flowLog10,
  );
  if (water <= 0) return rest / total;

  const share = (of: (row: FlowPart['row']) => number): number =>
    sumOf(inWater, ({ row, grams }) => grams * of(row)) / water;
  const starch = share(({ traits, flowLog10 }) => (traits.thickens === 'cooked-starch' ? starchSolids(flowLog10) : 0));
  const sugar = share(({ traits, flowLog10 }) => (traits.thickens === 'syrup' ? syrupSugar(flowLog10) : 0));
  const thin = share(({ traits, flowLog10 }) =>
    traits.thickens === 'cooked-starch' || traits.thickens === 'syrup' ? 0 : flowLog10,
  );
  return (rest + water * (starchFlow(starch) + syrupFlow(sugar) + thin)) / total;
}
