import {
  ingredientById,
  pieceSize,
  rawRecipeOf,
  wholeGrams,
  type Catalogue,
  type Ingredient,
  type Ripening,
} from '../ingredient';
import { message, type Message } from '../message';
import { makingFor, type MakingOptions } from '../recipe';
import type { Climate } from './climate';
import type { Lot } from './lot';
import { planDraw } from './plan';
import { USUAL_CELSIUS } from './place';
import { ripened, TOUCHED } from './ripeness';

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

export interface BuyLine {
  readonly ingredientId: string;
  /** What is asked for in a shop: the thing itself, or the raw thing it is made from. */
  readonly what: string;
  /** Usable grams; of the raw thing, grams as it is. */
  readonly grams: number;
  readonly isRaw: boolean;
  /** In pieces where a shop counts them, rounded up. */
  readonly pieces?: number;
  /** What that weighs at the till, with peel and stone. */
  readonly shopGrams: number;
  /** What it is for. */
  readonly reasons: readonly Message[];
  /** For what ripens: by when it must be ready. ISO 8601. */
  readonly readyBy?: string;
  /** How ripe to choose it, so that it is ready then. */
  readonly buy?: BuyStage;
}

/** How ripe something is bought. */
export type BuyStage = 'unripe' | 'nearly' | 'ready';

/** The hardest that will be ready then, standing where such fruit stands; ripe where none will be. */
function stageToBuy(ripening: Ripening, climate: Climate, now: number, then: number): BuyStage {
  const counter = climate.places.find(({ kind }) => kind === 'counter');
  const span = { from: now, to: then, celsius: counter?.celsius ?? USUAL_CELSIUS.counter, kind: 'counter' as const };
  const isReady = (stage: BuyStage): boolean => ripened(ripening, TOUCHED[stage], span) >= 1;
  return (['unripe', 'nearly', 'ready'] as const).find(isReady) ?? 'ready';
}

/**
 * What must be bought for bowls to come, minus what is on the shelf and will still be good then, and to come back up
 * to restock levels. Bowls are served in the order of their days; what one takes the next does not have.
 */
export function buyList(
  bowls: readonly WantedBowl[],
  levels: readonly RestockLevel[],
  lots: readonly Lot[],
  catalogue: Catalogue,
  climate: Climate,
  now: number,
): readonly BuyLine[] {
  interface Missing {
    grams: number;
    reasons: Message[];
    readyBy?: string;
  }
  const missing = new Map<string, Missing>();
  const miss = (ingredientId: string, grams: number, reason: Message, readyBy?: string): void => {
    if (grams < 0.5) return;
    const known = missing.get(ingredientId);
    missing.set(ingredientId, {
      grams: (known?.grams ?? 0) + grams,
      reasons: [...(known?.reasons ?? []), reason],
      ...((known?.readyBy ?? readyBy) ? { readyBy: known?.readyBy ?? readyBy ?? '' } : {}),
    });
  };
  let left = [...lots];
  for (const bowl of [...bowls].sort((a, b) => a.at.localeCompare(b.at))) {
    const then = Math.max(now, Date.parse(bowl.at));
    const plan = planDraw(bowl.lines, left, catalogue, climate, then, bowl.makings);
    for (const { ingredientId, shortGrams, takes } of plan) {
      const { isFromTap } = ingredientById(catalogue, ingredientId).traits;
      if (!isFromTap) miss(ingredientId, shortGrams, message('buy.for-bowl', { name: bowl.name }), bowl.at);
      for (const take of takes)
        left = left.map((lot) => (lot.id === take.lotId ? { ...lot, grams: lot.grams - take.grams } : lot));
    }
  }
  for (const { ingredientId, grams } of levels) {
    const there = left.filter((lot) => lot.ingredientId === ingredientId).reduce((sum, lot) => sum + lot.grams, 0);
    miss(ingredientId, grams - there, message('buy.in-the-house'));
  }
  return [...missing].map(([id, { grams, reasons, readyBy }]): BuyLine => {
    const row = ingredientById(catalogue, id);
    const recipe = rawRecipeOf(row);
    const isRestock = readyBy === undefined;
    const rawGrams = recipe ? (isRestock ? grams : makingFor(recipe, grams).rawGrams) : 0;
    const { ripening } = row;
    return {
      ingredientId: id,
      what: recipe ? recipe.raw.name : row.name,
      grams: recipe ? rawGrams : grams,
      isRaw: recipe !== undefined,
      ...shopUnits(row, recipe ? rawGrams : grams, recipe !== undefined),
      reasons: [...new Map(reasons.map((reason) => [JSON.stringify(reason), reason])).values()],
      ...(readyBy ? { readyBy } : {}),
      ...(ripening && readyBy ? { buy: stageToBuy(ripening, climate, now, Date.parse(readyBy)) } : {}),
    };
  });
}

function shopUnits(row: Ingredient, grams: number, isRaw: boolean): Pick<BuyLine, 'pieces' | 'shopGrams'> {
  if (isRaw || !row.pieces || row.measuredBy[0] !== 'piece') return { shopGrams: grams };
  const each = pieceSize(row).usableGrams;
  // A crumb over a whole piece does not buy another.
  const pieces = Math.max(1, Math.ceil(grams / each - 0.1));
  return { pieces, shopGrams: wholeGrams(pieces * each, row.pieces.refuseShare) };
}
