import { MILLILITRES_PER, type VolumeUnit } from './volume';
import { nearestCooksFraction, writeFraction } from './fraction';

/** One spoon or cup in the drawer: a unit and the part of it that this spoon holds. */
export interface Spoon {
  /** Stable name, such as `us-half-teaspoon`. */
  readonly id: string;
  readonly unit: VolumeUnit;
  /** How much of the unit it holds: 1, ½, ¼ … */
  readonly part: number;
}

export type MeasureSystem = 'us' | 'metric' | 'uk';

export interface SpoonCount {
  readonly spoon: Spoon;
  readonly count: number;
}

export interface SpoonBreakdown {
  /** Largest spoon first; empty for nothing. */
  readonly counts: readonly SpoonCount[];
  readonly millilitres: number;
  /** Millilitres measured less millilitres wanted. */
  readonly errorMillilitres: number;
}

/** Short names as they are written on a measures card. */
const SHORT: Partial<Record<VolumeUnit, string>> = {
  'us-teaspoon': 'tsp',
  'us-tablespoon': 'tbsp',
  'us-cup': 'cup',
  'metric-teaspoon': 'tsp',
  'metric-tablespoon': 'tbsp',
  'metric-cup': 'cup',
  'uk-cup': 'half-pint cup',
};

const set = (system: MeasureSystem, sizes: readonly (readonly [VolumeUnit, number])[]): readonly Spoon[] =>
  sizes.map(([unit, part]) => ({ id: `${system}:${unit}:${writeFraction(part)}`, unit, part }));

/** The spoons and cups usual in each system; the owner keeps the ones she has. */
export const SPOON_SETS: Readonly<Record<MeasureSystem, readonly Spoon[]>> = {
  us: set('us', [
    ['us-cup', 1],
    ['us-cup', 1 / 2],
    ['us-cup', 1 / 3],
    ['us-cup', 1 / 4],
    ['us-tablespoon', 1],
    ['us-teaspoon', 1],
    ['us-teaspoon', 1 / 2],
    ['us-teaspoon', 1 / 4],
  ]),
  metric: set('metric', [
    ['metric-cup', 1],
    ['metric-cup', 1 / 2],
    ['metric-cup', 1 / 3],
    ['metric-cup', 1 / 4],
    ['metric-tablespoon', 1],
    ['metric-teaspoon', 1],
    ['metric-teaspoon', 1 / 2],
    ['metric-teaspoon', 1 / 4],
  ]),
  uk: set('uk', [
    ['uk-cup', 1],
    ['uk-cup', 1 / 2],
    ['uk-cup', 1 / 4],
    ['metric-tablespoon', 1],
    ['metric-teaspoon', 1],
    ['metric-teaspoon', 1 / 2],
    ['metric-teaspoon', 1 / 4],
  ]),
};

/** What a spoon holds, in millilitres. @example spoonMillilitres({ unit: 'metric-teaspoon', part: 1 / 2 }) // 2.5 */
export function spoonMillilitres(spoon: Spoon): number {
  return spoon.part * MILLILITRES_PER[spoon.unit];
}

/** The name on a card: `½ tsp`, `1 cup`. */
export function spoonName(spoon: Spoon): string {
  return `${writeFraction(spoon.part)} ${SHORT[spoon.unit] ?? spoon.unit}`;
}

/**
 * How far a spooned volume may lie from the wanted one: 3 %, or half the smallest spoon,
 * which is the nearest that filling with the smallest spoon can always come.
 * @example spoonTolerance(100, SPOON_SETS.us) // 3
 */
export function spoonTolerance(millilitres: number, spoons: readonly Spoon[]): number {
  return Math.max(0.03 * millilitres, Math.min(...spoons.map(spoonMillilitres)) / 2);
}

/**
 * The fewest spoons and cups that measure a volume within {@link spoonTolerance};
 * among equally few, the nearest to the wanted volume.
 *
 * Searches counts 1, 2, 3 … with the spoons in falling order; a branch is dropped as soon as
 * filling up with its largest remaining spoon could no longer reach the volume.
 *
 * @param millilitres 0 or more
 * @param spoons at least one; those the owner has
 * @throws RangeError for an empty drawer or a volume that is negative or not finite
 * @example spoonBreakdown(37, SPOON_SETS.us).millilitres // 36.97: two tablespoons and one and a half teaspoons
 */
export function spoonBreakdown(millilitres: number, spoons: readonly Spoon[]): SpoonBreakdown {
  if (spoons.length === 0) throw new RangeError('A spoon breakdown needs at least one spoon.');
  if (!(millilitres >= 0) || !Number.isFinite(millilitres)) throw new RangeError('A volume is 0 mL or more.');
  if (millilitres === 0) return { counts: [], millilitres: 0, errorMillilitres: 0 };

  const drawer = [...spoons].sort((a, b) => spoonMillilitres(b) - spoonMillilitres(a));
  const sizes = drawer.map(spoonMillilitres);
  const tolerance = spoonTolerance(millilitres, spoons);
  const largest = sizes[0] ?? 0;

  for (let pieces = Math.max(1, Math.ceil((millilitres - tolerance) / largest)); ; pieces++) {
    const best = nearestWithPieces(millilitres, tolerance, sizes, pieces);
    if (best) {
      const counts = drawer.map((spoon, i) => ({ spoon, count: best[i] ?? 0 })).filter(({ count }) => count > 0);
      const measured = counts.reduce((sum, { spoon, count }) => sum + count * spoonMillilitres(spoon), 0);
      return { counts, millilitres: measured, errorMillilitres: measured - millilitres };
    }
  }
}

/** Counts per size (falling) that use exactly `pieces` spoons and come nearest, or undefined outside the tolerance. */
function nearestWithPieces(
  wanted: number,
  tolerance: number,
  sizes: readonly number[],
  pieces: number,
): number[] | undefined {
  let best: number[] | undefined;
  let bestError = tolerance + 1e-9;
  const counts = new Array<number>(sizes.length).fill(0);

  const place = (index: number, left: number, sum: number): void => {
    if (left === 0) {
      const error = Math.abs(sum - wanted);
      if (error < bestError - 1e-12) {
        bestError = error;
        best = [...counts];
      }
      return;
    }
    const size = sizes[index];
    if (size === undefined || sum + left * size < wanted - bestError) return;
    for (let count = left; count >= 0; count--) {
      if (sum + count * size > wanted + bestError) continue;
      counts[index] = count;
      place(index + 1, left - count, sum + count * size);
    }
    counts[index] = 0;
  };

  place(0, pieces, 0);
  return best;
}

/**
 * A breakdown as a card writes it: spoons of one unit are added up where the sum is
 * a fraction that a cook has a sign for, and stand side by side where it is not (½ and ⅓ cup).
 * @example writeSpoons(spoonBreakdown(37, SPOON_SETS.us)) // '2 tbsp + 1½ tsp'
 */
export function writeSpoons(breakdown: SpoonBreakdown): string {
  const perUnit = new Map<VolumeUnit, SpoonCount[]>();
  for (const count of breakdown.counts)
    perUnit.set(count.spoon.unit, [...(perUnit.get(count.spoon.unit) ?? []), count]);
  const written = [...perUnit].flatMap(([unit, counts]) => {
    const total = counts.reduce((sum, { spoon, count }) => sum + count * spoon.part, 0);
    const parts =
      Math.abs(nearestCooksFraction(total) - total) < 1e-6
        ? [total]
        : counts.map(({ spoon, count }) => count * spoon.part);
    return parts.map((quantity) => `${writeFraction(quantity)} ${SHORT[unit] ?? unit}`);
  });
  return written.join(' + ') || '0';
}
