import { frozenHoursOf, ingredientById, pieceSize, rawRecipeOf, type Catalogue, type Ingredient } from '../ingredient';
import { madeFromRaw } from '../recipe';
import {
  lotBought,
  lotPast,
  paidPerGram,
  standsAt,
  stateBought,
  usualHours,
  windowOf,
  FROZEN_CELSIUS,
  type Climate,
  type Habits,
  type Lot,
} from '../shelf';
import { daysOpen, lotForecast } from './forecast';
import { PLAN_POINTS, type Good, type PlanDay, type Supply } from './problem';

/** What a shop sells at once of what is not counted in pieces, usable grams, where the household never bought any. Assumption of this project. */
const PACK_GRAMS = { packed: 350, raw: 500, other: 250 } as const;
/** Nobody carries home more pieces of one thing than this. Assumption of this project. */
const MOST_UNITS = 6;
/** What is to be used up counts so many times. Assumption of this project. */
const USE_UP_WEIGHT = 3;

/** What is left of a tub or a bag that was bought for a bowl is food as well: so much of it counts as lost. Assumption of this project. */
const PACK_WEIGHT = 0.1;

/** What is asked about an ingredient that bowls want. */
export interface SupplyWish {
  readonly lots: readonly Lot[];
  readonly catalogue: Catalogue;
  readonly climate: Climate;
  readonly now: number;
  readonly days: readonly PlanDay[];
  readonly useUpIds: ReadonlySet<string>;
  /** How the household buys. */
  readonly habits: Habits;
  /** What a gram of what is bought usually costs here. */
  readonly usualPrice: number;
}

/**
 * Where an ingredient can come from in the days to come: as a good, where nothing of it turns within them, or as supplies,
 * each lot and each shop day by itself. Whole eggs, raw grain: usable grams of what it becomes.
 * @param mostGrams the most that any plan could want of it
 */
export function suppliesOf(
  ingredientId: string,
  wish: SupplyWish,
  mostGrams: number,
): { readonly good?: Good; readonly supplies: readonly Supply[] } {
  const row = ingredientById(wish.catalogue, ingredientId);
  const lots = wish.lots.filter((lot) => lot.ingredientId === ingredientId && lot.grams > 0.5);
  const pricePerGram = paidPerGram(row, wish.habits);
  const pack = packOf(row, wish.habits);
  const keeps = (lot: Lot): boolean => lot.state === 'raw' || outlasts(row, lot, wish);
  // What is put together of other things is in no shop; a carrot that is boiled soft is bought as a carrot.
  const canBuy = row.recipe?.yield.kind !== 'blend';
  // What is to be used up is looked at lot by lot, whether it turns or not.
  const isWished = wish.useUpIds.has(ingredientId) && lots.length > 0;
  if (!isWished && lots.every(keeps) && keepsWhenBought(row, wish.days.length)) {
    const grams = lots.reduce((sum, lot) => sum + usableOf(row, lot), 0);
    const worthPerGram = pricePerGram ?? usualWorth(row, wish.usualPrice);
    return {
      good: { ingredientId, grams, pricePerGram, worthPerGram, packGrams: canBuy ? pack : Infinity },
      supplies: [],
    };
  }
  const there = lots.map((lot) => supplyOfLot(row, lot, wish, keeps(lot)));
  const bought = canBuy
    ? wish.days.flatMap(({ isShopDay }, on) =>
        isShopDay ? [boughtOn(row, on, wish, pack, pricePerGram, mostGrams)] : [],
      )
    : [];
  return { supplies: [...there, ...bought] };
}

/** Usable grams of a lot: of the raw thing, what it makes. */
function usableOf(row: Ingredient, { state, grams }: Lot): number {
  const recipe = rawRecipeOf(row);
  return state === 'raw' && recipe ? madeFromRaw(recipe, grams).madeGrams : grams;
}

/** What a shop gives at once, usable grams: a piece, or a pack as large as the household has bought before. */
function packOf(row: Ingredient, habits: Habits): number {
  if (row.pieces && row.measuredBy[0] === 'piece') return pieceSize(row).usableGrams;
  const bought = habits[row.id]?.mostGrams;
  const recipe = rawRecipeOf(row);
  if (recipe) return madeFromRaw(recipe, bought ?? PACK_GRAMS.raw).madeGrams;
  return bought ?? (row.traits.isPacked ? PACK_GRAMS.packed : PACK_GRAMS.other);
}

/** Money for a usable gram where nobody said a price: of what is cooked the dry thing is paid for. */
function usualWorth(row: Ingredient, usualPrice: number): number {
  const recipe = rawRecipeOf(row);
  return recipe ? usualPrice / madeFromRaw(recipe, 1).madeGrams : usualPrice;
}

/** True for what outlasts the horizon from the shop on, opened at any time. */
function keepsWhenBought(row: Ingredient, days: number): boolean {
  const state = stateBought(row);
  if (state === 'raw') return true;
  if (row.ripening) return false;
  const hours = days * 24;
  const open = row.traits.isPacked ? 'opened' : 'cut';
  return usualHours(row, 'whole') > hours && usualHours(row, open) > hours;
}

/** True for a lot that outlasts the horizon, opened at any time within it. */
function outlasts(
  row: Ingredient,
  lot: Lot,
  { climate, now, days }: Pick<SupplyWish, 'climate' | 'now' | 'days'>,
): boolean {
  const { endsAt, isPast, ripeness } = windowOf(row, lotPast(lot), climate, now);
  const end = days.at(-1)?.at ?? now;
  if (isPast || ripeness || endsAt <= end) return false;
  return lot.state !== 'whole' || keepsWhenBought(row, days.length);
}

/** What lies there and turns before the horizon ends. */
export const turningIds = (
  wish: Pick<SupplyWish, 'lots' | 'catalogue' | 'climate' | 'now' | 'days'>,
): ReadonlySet<string> =>
  new Set(
    wish.lots
      .filter((lot) => lot.grams > 0.5 && lot.state !== 'raw')
      .filter((lot) => !outlasts(ingredientById(wish.catalogue, lot.ingredientId), lot, wish))
      .map(({ ingredientId }) => ingredientId),
  );

function supplyOfLot(row: Ingredient, lot: Lot, wish: SupplyWish, keeps: boolean): Supply {
  const { days, climate, now, useUpIds } = wish;
  const isWished = useUpIds.has(row.id);
  const pieceGrams = lot.state === 'whole' ? lot.pieceGrams : undefined;
  const isPack = lot.state === 'whole' && pieceGrams === undefined && row.traits.isPacked;
  const isFrozen = standsAt(lot.stays, climate, now).celsius <= FROZEN_CELSIUS;
  const grams = usableOf(row, lot);
  // In the freezer it lies in portions: as much comes out as a bowl wants, and the rest stays frozen.
  const units = pieceGrams && !isFrozen ? Math.max(1, Math.round(grams / pieceGrams)) : 1;
  const base = {
    id: lot.id,
    ingredientId: row.id,
    lotId: lot.id,
    boughtOn: undefined,
    units,
    unitGrams: grams / units,
    openDays:
      !isFrozen && (pieceGrams !== undefined || isPack) ? Math.min(days.length, daysOpen(row, isPack)) : undefined,
    weight: isWished ? USE_UP_WEIGHT : 1,
    unitPrice: undefined,
    unitWorth: 0,
  };
  if (keeps)
    return {
      ...base,
      openDays: undefined,
      chance: days.map(() => 1),
      needsCold: days.map(() => false),
      lostShare: 0,
      leftShare: isWished ? 1 : isFrozen ? PLAN_POINTS.frozen : 0,
      canFreeze: false,
    };
  const { chance, needsCold, lostShare } = lotForecast(
    row,
    lot,
    climate,
    now,
    days.map(({ at }) => at),
  );
  const hasFreezer = climate.places.some(({ kind }) => kind === 'freezer');
  return {
    ...base,
    chance,
    needsCold,
    lostShare,
    // What was frozen rather than lost is worth as much to a bowl that wears it as it cost to freeze it.
    leftShare: isWished ? 1 : isFrozen ? Math.max(lostShare, PLAN_POINTS.frozen) : lostShare,
    canFreeze: frozenHoursOf(row, lot.state) !== undefined && hasFreezer && !isFrozen,
  };
}

/**
 * What a shop would give on a day: ripe where it ripens, and as fresh as such things are sold. It is opened before the next day
 * with a shop; what is needed later is bought later.
 */
function boughtOn(
  row: Ingredient,
  on: number,
  { days, climate, usualPrice }: SupplyWish,
  pack: number,
  pricePerGram: number | undefined,
  mostGrams: number,
): Supply {
  const at = days[on]?.at ?? 0;
  const isPiece = row.pieces !== undefined && row.measuredBy[0] === 'piece';
  const isPack = !isPiece && row.traits.isPacked;
  const lot = lotBought(row, at, pack, climate);
  const next = days.findIndex(({ isShopDay }, day) => isShopDay && day > on);
  const later = days.slice(on).map((day) => day.at);
  const none = days.slice(0, on);
  const keeps = lot.state === 'raw';
  const { chance, needsCold, lostShare } = keeps
    ? { chance: later.map(() => 1), needsCold: later.map(() => false), lostShare: 0 }
    : lotForecast(row, lot, climate, at, later);
  return {
    id: `${row.id} bought ${on}`,
    ingredientId: row.id,
    lotId: undefined,
    boughtOn: on,
    units: Math.max(1, Math.min(MOST_UNITS, Math.ceil(mostGrams / pack))),
    unitGrams: pack,
    openDays: isPiece || isPack ? Math.min(days.length, daysOpen(row, isPack)) : undefined,
    chance: [...none.map(() => 0), ...chance].map((one, day) => (next >= 0 && day >= next ? 0 : one)),
    needsCold: [...none.map(() => false), ...needsCold],
    lostShare,
    leftShare: lostShare,
    weight: isPiece ? 1 : PACK_WEIGHT,
    canFreeze: false,
    unitPrice: pricePerGram === undefined ? undefined : pricePerGram * pack,
    unitWorth: (pricePerGram ?? usualWorth(row, usualPrice)) * pack,
  };
}

/** Money for a gram where nobody said a price and nothing like it was ever bought. Assumption of this project. */
const UNKNOWN_PRICE = 0.008;

/** What a gram of what this household buys costs in the middle: what is weighed where no price is known. */
export function usualPriceOf(habits: Habits): number {
  const known = Object.values(habits)
    .flatMap(({ pricePerGram }) => (pricePerGram === undefined ? [] : [pricePerGram]))
    .sort((a, b) => a - b);
  return known[Math.floor(known.length / 2)] ?? UNKNOWN_PRICE;
}
