import { isPerishable, keepingInBowl, TWO_HOUR_RULE, type Ingredient, type Keeping } from '../ingredient';
import { strictestKeeping } from '../recipe';
import { dayAfter } from '../time';
import { spansOf, standsAt, type Climate, type Span, type Stay } from './climate';
import { spoilingRate, FROZEN_CELSIUS } from './keeping';
import type { Place } from './place';

const HOUR = 3_600_000;
/** A mixed bowl of perishable things has a day in the cold at the most (USDA FSIS and common practice, from memory). */
const MIXED: Keeping = { ...TWO_HOUR_RULE, coldHours: 24, source: 'usda-fsis' };

/** How long a mixed bowl keeps, and what in it presses. */
export interface BowlRule {
  /** Each figure the strictest of all that is in it. */
  readonly keeping: Keeping;
  /** What has least time, the strictest first. */
  readonly ingredientIds: readonly [string, ...string[]];
}

/**
 * The rule that holds for a bowl: of several ingredients each figure is the strictest of all, not one's whole row, and
 * never more than two hours in a room and a day in the cold.
 * @returns nothing for a bowl of oils, honey and powders, which no clock presses
 * @example bowlRuleOf([banana, oliveOil])?.keeping.coldHours // 12
 */
export function bowlRuleOf(ingredients: readonly Ingredient[]): BowlRule | undefined {
  const perishable = ingredients
    .map((row) => ({ id: row.id, keeping: keepingInBowl(row) }))
    .filter(({ keeping }) => isPerishable(keeping))
    .sort((a, b) => a.keeping.roomHours - b.keeping.roomHours || a.keeping.coldHours - b.keeping.coldHours);
  const [first, ...more] = perishable;
  if (!first) return undefined;
  const all = strictestKeeping([MIXED, first.keeping, ...more.map(({ keeping }) => keeping)]);
  return { keeping: all, ingredientIds: [first.id, ...more.map(({ id }) => id)] };
}

/**
 * How fast a bowl's budget is spent, as a share of it per hour. Frost stops it where the mask freezes.
 * @example bowlRate({ keeping: keepingOf(yogurt, 'opened') }, 20, false) // 0.5: gone in two hours
 */
export function bowlRate({ keeping }: Pick<BowlRule, 'keeping'>, celsius: number, freezes: boolean): number {
  return freezes && celsius <= FROZEN_CELSIUS ? 0 : spoilingRate(keeping, celsius);
}

export interface BowlPast {
  readonly madeAt: string;
  /** The first may begin before the mixing: what was cooked for it is in it from the moment that it left the pot. */
  readonly stays: readonly Stay[];
  readonly rule: Pick<BowlRule, 'keeping'>;
  /** True when the mask freezes: then frost stops the clock. */
  readonly freezes: boolean;
  /** True when it is for the same day: then midnight ends it as well. */
  readonly sameDay: boolean;
  /** What its parts had used up before they went in: cooked rice that cooled slowly, fruit cut yesterday. 0 to 1. */
  readonly startShare: number;
}

/** What is written down of a bowl once it is mixed. */
export type MixedBowl = Pick<BowlPast, 'madeAt' | 'stays' | 'startShare'>;

/** A mixed bowl with the rules of its mask. @param keeping how the mask keeps */
export function bowlPastOf(
  { madeAt, stays, startShare }: MixedBowl,
  keeping: 'same-day' | 'fridge-till-tomorrow' | 'freezes',
  rule: Pick<BowlRule, 'keeping'>,
): BowlPast {
  return { madeAt, stays, startShare, rule, freezes: keeping === 'freezes', sameDay: keeping === 'same-day' };
}

export interface BowlBudget {
  /** Share of the budget used, 0 to above 1. */
  readonly usedShare: number;
  /** When it is used up if it stays, whatever midnight says. Milliseconds since 1970; Infinity where frost holds it. */
  readonly endsAtHere: number;
  /** The same, were it put in the fridge (a place) now. */
  readonly endsAtIfCold?: number;
  /** Midnight of a same-day bowl, in the household's time zone. */
  readonly midnightAt?: number;
  /** The first of these that holds. */
  readonly endsAt: number;
  readonly isPast: boolean;
  readonly endedBy: 'budget' | 'midnight';
}

/**
 * Budget spent over spans: the integral of the rate. Additive, so a span may be split anywhere.
 * @example spent({ keeping: keepingOf(yogurt, 'opened') }, [{ from: 0, to: 3_600_000, celsius: 20 }], false) // 0.5
 */
export function spent(rule: Pick<BowlRule, 'keeping'>, spans: readonly Span[], freezes: boolean): number {
  return spans.reduce((sum, { from, to, celsius }) => sum + bowlRate(rule, celsius, freezes) * ((to - from) / HOUR), 0);
}

/**
 * When a bowl's clock began: at the mixing, or when what was cooked for it left the pot. Milliseconds since 1970.
 * @example beganAt({ madeAt: '2026-03-14T09:00:00Z', stays: [] }) // now
 */
export function beganAt({ madeAt, stays }: Pick<BowlPast, 'madeAt' | 'stays'>): number {
  const made = Date.parse(madeAt);
  return stays[0] ? Math.min(made, Date.parse(stays[0].from)) : made;
}

/**
 * How much of a bowl's time is used, and until when it may be worn.
 *
 * @param fridge where it would be put to last longer; left out when there is none
 * @param now milliseconds since 1970
 */
export function bowlBudget(
  past: BowlPast,
  climate: Climate,
  timeZone: string,
  now: number,
  fridge?: Place,
): BowlBudget {
  const spans = spansOf(past.stays, climate, beganAt(past), now);
  const used = past.startShare + spent(past.rule, spans, past.freezes);
  const end = (celsius: number): number => {
    if (used >= 1) return whenSpent(past, spans, now);
    const rate = bowlRate(past.rule, celsius, past.freezes);
    return rate === 0 ? Infinity : now + ((1 - used) / rate) * HOUR;
  };
  const endsAtHere = end(standsAt(past.stays, climate, now).celsius);
  const midnightAt = past.sameDay ? dayAfter(past.madeAt, timeZone) : undefined;
  const endsAt = Math.min(endsAtHere, midnightAt ?? Infinity);
  return {
    usedShare: used,
    endsAtHere,
    ...(fridge ? { endsAtIfCold: end(fridgeCelsius(fridge, climate, now)) } : {}),
    ...(midnightAt === undefined ? {} : { midnightAt }),
    endsAt,
    isPast: now >= endsAt,
    endedBy: midnightAt !== undefined && midnightAt < endsAtHere ? 'midnight' : 'budget',
  };
}

const fridgeCelsius = (fridge: Place, climate: Climate, now: number): number =>
  standsAt([{ placeId: fridge.id, from: new Date(now).toISOString() }], climate, now).celsius;

/** The moment at which the budget was used up, before now. */
function whenSpent(past: BowlPast, spans: readonly Span[], now: number): number {
  let left = 1 - past.startShare;
  if (left <= 0) return beganAt(past);
  for (const span of spans) {
    const rate = bowlRate(past.rule, span.celsius, past.freezes) / HOUR;
    const used = rate * (span.to - span.from);
    if (used >= left) return span.from + left / rate;
    left -= used;
  }
  return now;
}

/** The budget over time, for a chart: a point at every change of temperature. */
export function budgetCourse(
  past: BowlPast,
  climate: Climate,
  until: number,
): readonly { at: number; share: number }[] {
  let share = past.startShare;
  const began = beganAt(past);
  const points = [{ at: began, share }];
  for (const span of spansOf(past.stays, climate, began, until)) {
    share += spent(past.rule, [span], past.freezes);
    points.push({ at: span.to, share });
  }
  return points;
}
