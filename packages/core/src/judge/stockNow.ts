import { hasPot, type Catalogue } from '../ingredient';
import { makingTree } from '../recipe';
import { HOUR } from '../time';
import { lotPast, windowOf, type Climate, type Lot } from '../shelf';

/** What a shelf holds at a moment, usable grams by ingredient. */
export interface Stock {
  readonly usableGrams: ReadonlyMap<string, number>;
  /** What would be lost by tomorrow evening if nobody used it. */
  readonly turningGrams: ReadonlyMap<string, number>;
  /** What a usable gram cost, by ingredient, where somebody said; the dearest lot counts. */
  readonly pricePerGram: ReadonlyMap<string, number>;
  /** What lies there but is not ripe, with when about the first of it will be, milliseconds; Infinity where it will not ripen as it lies. */
  readonly ripeAt: ReadonlyMap<string, number>;
}

/** What ends within this many hours is lost otherwise. */
export const TURNS_WITHIN_HOURS = 30;

/** Adds up what may be used now: not past, not hard; dry grain as what it cooks to. */
export function stockNow(lots: readonly Lot[], catalogue: Catalogue, climate: Climate, now: number): Stock {
  const usableGrams = new Map<string, number>();
  const turningGrams = new Map<string, number>();
  const pricePerGram = new Map<string, number>();
  const ripeAt = new Map<string, number>();
  const add = (to: Map<string, number>, id: string, grams: number): unknown => to.set(id, (to.get(id) ?? 0) + grams);
  for (const lot of lots) {
    const { state, readyAt } = lookAt(lot, catalogue, climate, now);
    if (readyAt !== undefined)
      ripeAt.set(lot.ingredientId, Math.min(readyAt, ripeAt.get(lot.ingredientId) ?? Infinity));
    if (state === 'not') continue;
    add(usableGrams, lot.ingredientId, lot.state === 'raw' ? cookedGrams(lot, catalogue) : lot.grams);
    if (lot.pricePerGram !== undefined && lot.state !== 'raw')
      pricePerGram.set(lot.ingredientId, Math.max(lot.pricePerGram, pricePerGram.get(lot.ingredientId) ?? 0));
    if (state === 'turning') add(turningGrams, lot.ingredientId, lot.grams);
    // A whole egg holds a yolk and a white: whoever wants one of them has it.
    if (lot.state === 'whole')
      for (const { id, share } of partsOf(lot.ingredientId, catalogue)) add(usableGrams, id, lot.grams * share);
  }
  return { usableGrams, turningGrams, pricePerGram, ripeAt };
}

/** Lots that would be lost by tomorrow evening. */
export const turningLots = (
  lots: readonly Lot[],
  catalogue: Catalogue,
  climate: Climate,
  now: number,
): ReadonlySet<string> =>
  new Set(lots.filter((lot) => lookAt(lot, catalogue, climate, now).state === 'turning').map(({ id }) => id));

/** Whether a lot may be used now, and when it may where it is not ripe. */
interface Looked {
  readonly state: 'usable' | 'turning' | 'not';
  readonly readyAt?: number;
}

function lookAt(lot: Lot, catalogue: Catalogue, climate: Climate, now: number): Looked {
  const row = catalogue.get(lot.ingredientId);
  if (!row) return { state: 'not' };
  if (lot.state === 'raw') return { state: 'usable' };
  const { endsAt, isPast, ripeness } = windowOf(row, lotPast(lot), climate, now);
  if (isPast) return { state: 'not' };
  if (ripeness && ripeness.stage !== 'ready' && ripeness.stage !== 'last-day')
    return { state: 'not', readyAt: ripeness.ready?.at ?? Infinity };
  return { state: endsAt - now <= TURNS_WITHIN_HOURS * HOUR ? 'turning' : 'usable' };
}

/** What can be separated from a whole thing, with its share of it. */
function partsOf(wholeId: string, catalogue: Catalogue): readonly { readonly id: string; readonly share: number }[] {
  return [...catalogue.values()].flatMap(({ id, traits: { partOf } }) =>
    partOf?.wholeId === wholeId ? [{ id, share: partOf.share }] : [],
  );
}

const HUNDRED = 100;
/** What dry stock comes to once it is cooked. */
function cookedGrams({ ingredientId, grams }: Lot, catalogue: Catalogue): number {
  const row = catalogue.get(ingredientId);
  if (!row || !hasPot(row)) return grams;
  const { making } = makingTree(catalogue, ingredientId, HUNDRED, {});
  return making && making.rawGrams > 0 ? (grams * making.madeGrams) / making.rawGrams : grams;
}
