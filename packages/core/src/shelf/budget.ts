import { endOfDay } from 'date-fns';
import { tz } from '@date-fns/tz';
import type { Family, Ingredient } from '../ingredient';
import type { SourceId } from '../source';
import { spansOf, type Climate, type Span, type Stay } from './climate';
import type { Place } from './place';
import { COLD_CELSIUS, FROZEN_CELSIUS, HOT_CELSIUS, standsAt } from './window';

const HOUR = 3_600_000;

/** How many hours a mixed bowl has: in a room, in the heat, in the cold. */
export interface BowlRule {
  readonly roomHours: number;
  readonly hotHours: number;
  readonly coldHours: number;
  readonly source: SourceId;
}

/** USDA FSIS two-hour rule and a day in the cold, from memory. */
export const USUAL_BOWL_RULE: BowlRule = { roomHours: 2, hotHours: 1, coldHours: 24, source: 'usda-fsis' };

/** Families that turn in a bowl; the rest keep for months and set no clock. */
const PERISHABLE: ReadonlySet<Family> = new Set<Family>([
  'fruit',
  'vegetable',
  'root',
  'egg',
  'aloe',
  'grain',
  'seed-gel',
  'starch',
  'dairy',
  'plant-milk',
  'acid',
  'base',
  'water',
]);
/** Shelf-stable bought things among those families. */
const KEEPS = new Set(['cider-vinegar', 'conditioner', 'water', 'mayonnaise']);
/** Where a family is stricter than the usual. Cooked rice has to be cool within the hour (UK FSA, from memory). */
const STRICTER: Readonly<Record<string, BowlRule>> = {
  'rice-cream': { roomHours: 1, hotHours: 1, coldHours: 24, source: 'uk-fsa' },
  banana: { roomHours: 2, hotHours: 1, coldHours: 12, source: 'foodkeeper' },
};

/** The rule that holds for a bowl: the strictest of its ingredients. */
export interface StrictestRule {
  readonly rule: BowlRule;
  readonly ingredientId: string;
}

/** @returns nothing for a bowl of oils, honey and powders, which no clock presses */
export function bowlRuleOf(ingredients: readonly Ingredient[]): StrictestRule | undefined {
  const all = ingredients
    .filter(({ id, family }) => PERISHABLE.has(family) && !KEEPS.has(id))
    .map(({ id }) => ({ ingredientId: id, rule: STRICTER[id] ?? USUAL_BOWL_RULE }));
  return all.reduce<StrictestRule | undefined>(
    (strictest, one) => (!strictest || isStricter(one.rule, strictest.rule) ? one : strictest),
    undefined,
  );
}
const isStricter = (a: BowlRule, b: BowlRule): boolean =>
  a.roomHours !== b.roomHours ? a.roomHours < b.roomHours : a.coldHours < b.coldHours;

/** How fast a bowl's budget is spent, as a share of it per hour. */
export function bowlRate(rule: BowlRule, celsius: number, freezes: boolean): number {
  if (celsius <= FROZEN_CELSIUS) return freezes ? 0 : 1 / rule.coldHours;
  if (celsius <= COLD_CELSIUS) return 1 / rule.coldHours;
  return 1 / (celsius > HOT_CELSIUS ? rule.hotHours : rule.roomHours);
}

export interface BowlPast {
  readonly madeAt: string;
  readonly stays: readonly Stay[];
  readonly rule: BowlRule;
  /** True when the mask freezes: then frost stops the clock. */
  readonly freezes: boolean;
  /** True when it is for the same day: then midnight ends it as well. */
  readonly sameDay: boolean;
  /** What its parts had used up before they went in: cooked rice that cooled slowly, an egg that stood. 0 to 1. */
  readonly startShare: number;
}

/** What is written down of a bowl once it is mixed. */
export type MixedBowl = Pick<BowlPast, 'madeAt' | 'stays' | 'startShare'>;

/** A mixed bowl with the rules of its mask. @param keeping how the mask keeps */
export function bowlPastOf(
  { madeAt, stays, startShare }: MixedBowl,
  keeping: 'same-day' | 'fridge-till-tomorrow' | 'freezes',
  rule: BowlRule,
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

/** Budget spent over spans: the integral of the rate. Additive, so a span may be split anywhere. */
export function spent(rule: BowlRule, spans: readonly Span[], freezes: boolean): number {
  return spans.reduce((sum, { from, to, celsius }) => sum + bowlRate(rule, celsius, freezes) * ((to - from) / HOUR), 0);
}

/** Midnight at the end of the day of a moment, in a time zone. Days of 23 and 25 hours are what they are. */
export function midnightAfter(instant: string, timeZone: string): number {
  return endOfDay(new Date(instant), { in: tz(timeZone) }).getTime() + 1;
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
  const made = Date.parse(past.madeAt);
  const spans = spansOf(past.stays, climate, made, now);
  const used = past.startShare + spent(past.rule, spans, past.freezes);
  const end = (celsius: number): number => {
    if (used >= 1) return whenSpent(past, spans, now);
    const rate = bowlRate(past.rule, celsius, past.freezes);
    return rate === 0 ? Infinity : now + ((1 - used) / rate) * HOUR;
  };
  const endsAtHere = end(standsAt(past.stays, climate, now).celsius);
  const midnightAt = past.sameDay ? midnightAfter(past.madeAt, timeZone) : undefined;
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
function whenSpent({ rule, freezes, startShare, madeAt }: BowlPast, spans: readonly Span[], now: number): number {
  let left = 1 - startShare;
  if (left <= 0) return Date.parse(madeAt);
  for (const span of spans) {
    const rate = bowlRate(rule, span.celsius, freezes) / HOUR;
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
  const points = [{ at: Date.parse(past.madeAt), share }];
  for (const span of spansOf(past.stays, climate, Date.parse(past.madeAt), until)) {
    share += spent(past.rule, [span], past.freezes);
    points.push({ at: span.to, share });
  }
  return points;
}
