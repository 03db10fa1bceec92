import type { Rhythm } from '../ingredient';
import type { RankTerm } from '../judge';
import type { Day } from '../time';

/** A day of the horizon as a plan sees it. */
export interface PlanDay {
  readonly day: Day;
  /** When a bowl would be made on it, milliseconds since 1970. */
  readonly at: number;
  /** Minutes in hand, from the knife to the rinse. */
  readonly minutes: number;
  readonly isShopDay: boolean;
}

/** A head as a plan sees it. Days are counted from 0, today; what was before is less than 0. */
export interface PlanHead {
  readonly id: string;
  readonly everyDays: number;
  /** Not sooner after the last one. */
  readonly leastDays: number;
  /** The days on which it can have a bowl. */
  readonly canOn: readonly boolean[];
  /** Day of the last bowl; undefined for none. */
  readonly lastOn: number | undefined;
  /** What it has become, or becomes, time for: met once within the horizon or missed. */
  readonly due: readonly { readonly rhythm: Rhythm; readonly from: number }[];
  /** Days between two uses of what harms when it comes too often. */
  readonly strictDays: Readonly<Partial<Record<Rhythm, number>>>;
}

/** A bowl that could be made: a mask for one or more heads, as sizing makes it. */
export interface Option {
  readonly id: string;
  readonly maskId: string;
  readonly headIds: readonly string[];
  readonly handsOnMinutes: number;
  readonly wearMinutes: number;
  readonly madeMillilitres: number;
  /** What it draws, usable grams of what lies on a shelf: whole eggs for a yolk. Nothing of what is from the tap or in drops. */
  readonly lines: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly rhythms: readonly Rhythm[];
  readonly repeatDays: number | undefined;
  /** How much less it suits than the best for these heads, and the work it is; points, 0 or more. */
  readonly points: number;
  /** The ranking's reasons, by head. */
  readonly terms: Readonly<Record<string, readonly RankTerm[]>>;
  /** The days on which nothing forbids it. */
  readonly canOn: readonly boolean[];
}

/** Something that can be drawn from: a lot that turns, or what a shop would give on a day. */
export interface Supply {
  readonly id: string;
  readonly ingredientId: string;
  /** The lot on the shelf; undefined for what is still to be bought. */
  readonly lotId: string | undefined;
  /** The day on which it is bought; undefined for what is there. */
  readonly boughtOn: number | undefined;
  /** Whole pieces or packs there are, or can be bought at the most; 1 for what is loose. */
  readonly units: number;
  /** Usable grams of one. */
  readonly unitGrams: number;
  /** Further days that an opened one may be used; undefined for what is open already or opens nothing. */
  readonly openDays: number | undefined;
  /** The chance that it may be used on each day: ripe enough, and not past. */
  readonly chance: readonly number[];
  /** True where it is used on a day only if it went into the cold in time. */
  readonly needsCold: readonly boolean[];
  /** The chance that what is left at the end of the horizon is past by then, 0 to 1. */
  readonly lostShare: number;
  /** The share of what is left that counts against a plan: the same, or all of it where it is to be used up. */
  readonly leftShare: number;
  /** How much a lost gram of it counts, beside others. */
  readonly weight: number;
  readonly canFreeze: boolean;
  /** Money for a unit, where known; for what is to be bought. */
  readonly unitPrice: number | undefined;
  /** What a unit is weighed at: its price, or what such things cost this household. */
  readonly unitWorth: number;
}

/** Of what is left so much counts as lost: the rest of a pack that was bought for a bowl is food as well. */
export const countedShare = ({ weight }: Supply): number => Math.min(1, weight);

/** Something that outlasts the horizon however often it is opened: only how much there is counts. */
export interface Good {
  readonly ingredientId: string;
  /** Usable grams in the house. */
  readonly grams: number;
  /** Money for a gram, where known. */
  readonly pricePerGram: number | undefined;
  /** What a gram is weighed at: its price, or what such things cost this household. */
  readonly worthPerGram: number;
  /** Usable grams of what a shop sells of it at once. */
  readonly packGrams: number;
}

/** A bowl on a day, before anybody says what it draws. */
export interface Chosen {
  readonly optionId: string;
  readonly on: number;
}

/** Everything that decides a plan, in plain numbers. */
export interface PlanProblem {
  readonly days: readonly PlanDay[];
  readonly heads: readonly PlanHead[];
  readonly options: readonly Option[];
  readonly supplies: readonly Supply[];
  readonly goods: readonly Good[];
  readonly pins: readonly Chosen[];
  readonly budget: number | undefined;
  /** A bowl may go without so much of what it wants of a thing, rather than opening another piece. */
  readonly sparedShare: number;
  /** What stood in the plan before: kept where nothing speaks against it. */
  readonly former: readonly Chosen[];
}

/** What is left of a pack that keeps is in the house for the next bowl: half of it is paid for this one. Assumption of this project. */
export const PACK_SHARE = 0.5;

/** Below this chance nothing is planned on a lot: as likely hard or past as fit. Assumption of this project. */
export const LEAST_CHANCE = 0.5;

/** What is usually spared of a thing rather than opening another piece: about what drawing from the shelf spares. Assumption of this project. */
export const SPARED_SHARE = 0.12;

/**
 * What everything weighs in a plan, in the points of the ranking. A fruit more in the bin is worse than two needs that a mask does
 * not meet, what is frozen counts as three quarters gone until somebody wears it, and a unit of money is as bad as 50 g of
 * fruit: tried out on simulated months, so that a third less is thrown away and no more is spent. Assumptions of this project.
 */
export const PLAN_POINTS = {
  /** For 100 g that are lost. */
  lost: 8,
  /** For 100 g that a bowl goes without: a trifle, so that it is done only where it saves something. */
  spared: 0.2,
  /** For 100 g more than going by the day would lose: practically never. */
  lostMore: 16,
  /** Share of a loss that remains as long as something lies in the freezer: nobody has worn it yet. */
  frozen: 0.75,
  freezing: 0.3,
  /** For 100 g that are planned on with an even chance only. */
  risk: 2,
  /** For each day that a head waits beyond its rhythm. */
  late: 2,
  /** For a way to the shop, and for each thing on the list. */
  trip: 0.8,
  item: 0.5,
  /** For each pack of what keeps: no more of them than are needed. */
  pack: 0.02,
  money: 4,
  /** For each hour from knife to rinse. */
  hour: 0.5,
  /** What it is time for, and does not come. */
  due: 1.5,
  /** The same mask for the same head once more. */
  again: 0.8,
  /** For 100 g of a pinned bowl that nobody has. */
  missing: 20,
  /** A bowl of the plan before that is gone. */
  changed: 1,
} as const;

/** True where two bowls share a head and stand nearer to each other than it has them. */
export const tooNear = (
  heads: readonly PlanHead[],
  [one, oneOn]: readonly [Option, number],
  [other, otherOn]: readonly [Option, number],
): boolean =>
  heads.some(
    ({ id, leastDays }) =>
      one.headIds.includes(id) && other.headIds.includes(id) && Math.abs(oneOn - otherOn) < leastDays,
  );

/**
 * True where cadence itself is broken by two bowls of a head: what harms when it comes too often, and the days that a mask
 * asks for between two of its own. No wish goes before that.
 */
export const tooSoon = (
  heads: readonly PlanHead[],
  [one, oneOn]: readonly [Option, number],
  [other, otherOn]: readonly [Option, number],
): boolean => {
  const apart = Math.abs(oneOn - otherOn);
  const both = heads.filter(({ id }) => one.headIds.includes(id) && other.headIds.includes(id));
  if (both.length > 0 && one.maskId === other.maskId && apart < (one.repeatDays ?? 0)) return true;
  return both.some(({ strictDays }) =>
    one.rhythms.some((rhythm) => other.rhythms.includes(rhythm) && apart < (strictDays[rhythm] ?? 0)),
  );
};

/** The days on which an option may be planned. */
export const mayOn = (option: Option, heads: readonly PlanHead[], days: readonly PlanDay[], on: number): boolean =>
  option.canOn[on] === true &&
  option.headIds.every((id) => heads.find((head) => head.id === id)?.canOn[on] === true) &&
  option.handsOnMinutes + option.wearMinutes <= (days[on]?.minutes ?? 0);
