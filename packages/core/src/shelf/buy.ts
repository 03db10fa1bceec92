import { ingredientById, pieceSize, rawRecipeOf, wholeGrams, type Catalogue, type Ingredient } from '../ingredient';
import { message, type Message } from '../message';
import { makingFor, type MakingOptions } from '../recipe';
import type { Day } from '../time';
import type { Climate } from './climate';
import type { Habits } from './habit';
import type { Lot } from './lot';
import { planDraw } from './plan';
import { lastsUntil, stageToBuy, type BuyStage, type ShopTrip } from './trip';

/** A bowl that is to be made, and when. */
export interface WantedBowl {
  readonly name: string;
  /** ISO 8601. */
  readonly at: string;
  readonly lines: readonly { readonly ingredientId: string; readonly grams: number }[];
  /** Ways of the pot, by ingredient. */
  readonly makings?: Readonly<Record<string, MakingOptions>>;
}

/** How much of a dry good or an oil the house wants to have. */
export interface RestockLevel {
  readonly ingredientId: string;
  readonly grams: number;
}

/** A thing on the list of one day with a shop. */
export interface BuyLine {
  readonly ingredientId: string;
  /** The day on which it is bought. */
  readonly day: Day;
  /** What is asked for in a shop: the thing itself, or the raw thing it is made from. */
  readonly what: string;
  /** Usable grams; of the raw thing, grams as it is. Whole pieces and packs, as far as it is known how it is sold. */
  readonly grams: number;
  readonly isRaw: boolean;
  /** In pieces where a shop counts them, rounded up. */
  readonly pieces?: number;
  /** In packs as the household bought them before, rounded up. */
  readonly packs?: { readonly count: number; readonly grams: number };
  /** What that weighs at the till, with peel and stone. */
  readonly shopGrams: number;
  /** As it was last paid, where anybody said. */
  readonly money?: number;
  /** What it is for. */
  readonly reasons: readonly Message[];
  /** For what a bowl wants: by when it must be in the house, and ready where it ripens. ISO 8601. */
  readonly readyBy?: string;
  /** How ripe to choose it, so that it is ready then. */
  readonly buy?: BuyStage;
}

/** What a list to buy rests on. */
export interface Buying {
  readonly levels: readonly RestockLevel[];
  readonly lots: readonly Lot[];
  readonly catalogue: Catalogue;
  readonly climate: Climate;
  /** Milliseconds since 1970, and the day of the household that it falls on. */
  readonly now: number;
  readonly today: Day;
  /** The days with a shop to come, in their order. */
  readonly trips: readonly ShopTrip[];
  readonly habits: Habits;
}

/** What is missing of one thing on one day with a shop. */
interface Missing {
  readonly row: Ingredient;
  readonly trip: ShopTrip;
  /** As it is bought: of what is cooked, of the raw thing. */
  readonly grams: number;
  readonly reasons: readonly Message[];
  /** When the first bowl takes of it, milliseconds since 1970; undefined for what only fills up. */
  readonly firstAt: number | undefined;
}

/**
 * What must be bought for bowls to come, minus what is on the shelf and will still be good then, and to come back up
 * to restock levels. Bowls are served in the order of their days; what one takes the next does not have. Things are bought
 * on the last day with a shop before their bowl, and with those of a bowl before where they still do for both; what is
 * wanted before there is any such day, today.
 * @returns day by day
 */
export function buyList(bowls: readonly WantedBowl[], buying: Buying): readonly BuyLine[] {
  const { levels, lots, catalogue, climate, now, today, trips } = buying;
  const byHand: ShopTrip = { day: today, from: -Infinity, at: now };
  const tripFor = (then: number): ShopTrip => trips.findLast(({ from }) => from <= then) ?? byHand;
  const missing: Missing[] = [];
  const miss = (row: Ingredient, grams: number, reason: Message, then?: number): void => {
    if (grams < 0.5) return;
    const doesForBoth = ({ trip, firstAt }: Missing): boolean =>
      then === undefined || firstAt === undefined || lastsUntil(row, climate, trip.at, firstAt, then);
    const at = missing.findIndex((one) => one.row === row && doesForBoth(one));
    const known = missing[at];
    if (known) missing[at] = { ...known, grams: known.grams + grams, reasons: [...known.reasons, reason] };
    else {
      const trip = then === undefined ? (trips[0] ?? byHand) : tripFor(then);
      missing.push({ row, trip, grams, reasons: [reason], firstAt: then });
    }
  };
  let left = [...lots];
  for (const bowl of [...bowls].sort((a, b) => a.at.localeCompare(b.at))) {
    const then = Math.max(now, Date.parse(bowl.at));
    const plan = planDraw(bowl.lines, left, catalogue, climate, then, bowl.makings);
    for (const { ingredientId, shortGrams, takes } of plan) {
      const row = ingredientById(catalogue, ingredientId);
      const recipe = rawRecipeOf(row);
      const grams = recipe && shortGrams > 0 ? makingFor(recipe, shortGrams).rawGrams : shortGrams;
      if (!row.traits.isFromTap) miss(row, grams, message('buy.for-bowl', { name: bowl.name }), then);
      for (const take of takes)
        left = left.map((lot) => (lot.id === take.lotId ? { ...lot, grams: lot.grams - take.grams } : lot));
    }
  }
  for (const { ingredientId, grams } of levels) {
    const row = ingredientById(catalogue, ingredientId);
    // A level of what is cooked is one of the raw thing; what is cooked already counts for no bag of it.
    const counts = ({ ingredientId: id, state }: Lot): boolean =>
      id === row.id && (state === 'raw' || !rawRecipeOf(row));
    const there = left.filter(counts).reduce((sum, lot) => sum + lot.grams, 0);
    miss(row, grams - there, message('buy.in-the-house'));
  }
  return missing.map((one) => lineOf(one, buying)).sort((a, b) => a.day.localeCompare(b.day));
}

function lineOf({ row, trip, grams, reasons, firstAt }: Missing, { climate, habits }: Buying): BuyLine {
  const recipe = rawRecipeOf(row);
  const units = shopUnits(row, grams, habits[row.id]?.mostGrams);
  const paid = habits[row.id]?.pricePerGram;
  const buy = firstAt === undefined ? undefined : stageToBuy(row, climate, trip.at, firstAt);
  return {
    ingredientId: row.id,
    day: trip.day,
    what: recipe ? recipe.raw.name : row.name,
    isRaw: recipe !== undefined,
    ...units,
    ...(paid === undefined ? {} : { money: paid * units.grams }),
    reasons: [...new Map(reasons.map((reason) => [JSON.stringify(reason), reason])).values()],
    ...(firstAt === undefined ? {} : { readyBy: new Date(firstAt).toISOString() }),
    ...(buy ? { buy } : {}),
  };
}

/** A crumb over a whole piece does not buy another. */
const CRUMB_SHARE = 0.1;
const unitsFor = (grams: number, each: number): number => Math.max(1, Math.ceil(grams / each - CRUMB_SHARE));

function shopUnits(
  row: Ingredient,
  grams: number,
  packGrams: number | undefined,
): Pick<BuyLine, 'grams' | 'pieces' | 'packs' | 'shopGrams'> {
  if (!rawRecipeOf(row) && row.pieces && row.measuredBy[0] === 'piece') {
    const each = pieceSize(row).usableGrams;
    const pieces = unitsFor(grams, each);
    return { grams: pieces * each, pieces, shopGrams: wholeGrams(pieces * each, row.pieces.refuseShare) };
  }
  if (packGrams === undefined) return { grams, shopGrams: grams };
  const count = unitsFor(grams, packGrams);
  return { grams: count * packGrams, packs: { count, grams: packGrams }, shopGrams: count * packGrams };
}
