import { ingredientById, keepingInBowl, spoilsInBowl, type Catalogue, type Ingredient } from '../ingredient';
import type { TimedValue } from '../message';
import type { Mask } from './types';

/** Longer than this on a head is overnight: in a warm bed, out of sight. Assumption of this project, minutes. */
export const OVERNIGHT_MINUTES = 240;

/** Oil and butter from here on want a second shampoo, or a word; share of the bowl (common practice, no published source). */
export const OILY_SHARE = 1 / 3;
/** From here on a mask is an oil treatment, and lies and is sized like one (common practice, no published source). */
export const OIL_TREATMENT_SHARE = 1 / 2;

/** The rows of a mask with their shares. @throws RangeError for an unknown ingredient */
export const rowsOf = (
  mask: Pick<Mask, 'parts'>,
  catalogue: Catalogue,
): readonly (Ingredient & { readonly share: number })[] =>
  mask.parts.map(({ ingredientId, share }) => ({ ...ingredientById(catalogue, ingredientId), share }));

/**
 * What in a mask spoils on a head, each with the hours that it has in a room: the one rule by which nothing perishable
 * stays on overnight.
 * @example spoilsOnHead([ingredientById(CATALOGUE, 'aloe-gel')]) // [{ name: 'Aloe gel', hours: 2 }], and its row
 */
export function spoilsOnHead<Row extends Ingredient>(
  rows: readonly Row[],
): readonly (TimedValue & { readonly row: Row })[] {
  return rows.filter(spoilsInBowl).map((row) => ({ row, name: row.name, hours: keepingInBowl(row).roomHours }));
}

/** True when a mask is meant to stay on overnight, or may. */
export const isOvernight = ({ aimMinutes, limitMinutes }: Mask['wear']): boolean =>
  Math.max(aimMinutes, limitMinutes) > OVERNIGHT_MINUTES;

/**
 * The longest that any of these may stay on a head, minutes: what cooks or dries first, four hours for what spoils.
 * @example mostWearMinutes([avocado, oliveOil]) // 240
 */
export function mostWearMinutes(rows: readonly Ingredient[]): number {
  return rows.reduce((least, row) => {
    const spoils = spoilsInBowl(row) ? OVERNIGHT_MINUTES : Infinity;
    return Math.min(least, row.traits.mostWearMinutes ?? Infinity, spoils);
  }, Infinity);
}

/**
 * Oil and butter in a bowl, share by mass, 0 to 1.
 * @example oilShareOf([{ ...oliveOil, share: 0.2 }, { ...banana, share: 0.8 }]) // 0.2
 */
export const oilShareOf = (rows: readonly (Ingredient & { readonly share: number })[]): number =>
  rows.reduce((sum, { traits, share }) => sum + (traits.matter === 'fat' ? share : 0), 0);

/**
 * A mask with the rules of its ingredients applied to it: what cooks gets cool water, no heat, no long wear and no day
 * but its own; what spoils is not worn overnight; what stains goes on before the shampoo; bits go through a cloth. It
 * only ever tightens.
 * @throws RangeError for an unknown ingredient
 */
export function tightened<
  M extends Pick<Mask, 'parts' | 'heat' | 'rinse' | 'wear' | 'otherWears' | 'slot' | 'strained' | 'keeping'>,
>(mask: M, catalogue: Catalogue): M {
  const rows = rowsOf(mask, catalogue);
  const cooks = rows.some(({ traits }) => traits.cooksInWarmth);
  const most = mostWearMinutes(rows);
  const limitMinutes = Math.min(mask.wear.limitMinutes, most);
  const aimMinutes = Math.min(mask.wear.aimMinutes, limitMinutes);
  // Another length that is too long is none; it is not made a shorter one.
  const others = mask.otherWears?.filter((wear) => wear.limitMinutes <= most);
  return {
    ...mask,
    ...(others ? { otherWears: others } : {}),
    heat: cooks ? 'never' : mask.heat,
    rinse: cooks ? { ...mask.rinse, temperature: 'cool-to-lukewarm' } : mask.rinse,
    wear: { minimumMinutes: Math.min(mask.wear.minimumMinutes, aimMinutes), aimMinutes, limitMinutes },
    keeping: cooks ? 'same-day' : mask.keeping,
    slot: rows.some(({ stains }) => stains) ? 'before-shampoo' : mask.slot,
    strained: mask.strained || rows.some(({ traits }) => traits.leavesBits),
  };
}
