import type { House } from '../house';
import { beatsOf, intervalDays, STRICT } from '../judge';
import type { Mask } from '../mask';
import type { Habits, Lot } from '../shelf';
import { atLocal, daysBetween, localDay, minutesBetween, weekdayOf, type Day } from '../time';
import { optionsFor, sizeIn, type HeadOfWeeks, type LeftOut, type SizeFor } from './options';
import { mayOn, SPARED_SHARE, tooSoon, type Option, type PlanDay, type PlanHead, type PlanProblem } from './problem';
import { suppliesOf, turningIds, usualPriceOf } from './supplies';
import { isShopDay } from './trips';
import { horizonFrom, minutesOn, rhythmOf, stillWished, type Pin, type WeekWishes } from './wishes';

/** A household as weeks are planned for it. */
export interface HouseholdOfWeeks {
  readonly house: House;
  readonly heads: readonly HeadOfWeeks[];
  readonly masks: readonly Mask[];
  readonly lots: readonly Lot[];
  /** How it has bought things so far. */
  readonly habits: Habits;
  /** Bowls that are kept for a day already: they stand like pins. */
  readonly kept: readonly Pin[];
  readonly wishes: WeekWishes;
  /** Bowls of the plan before. */
  readonly former: readonly Pin[];
  /** The present, milliseconds since 1970. */
  readonly now: number;
}

/** A pin that no plan can keep: the mask is nothing for this head, not on that day, or one of them is gone. */
export interface RefusedPin {
  readonly pin: Pin;
  readonly reason: 'not-offered' | 'not-then' | 'unknown';
}

export interface PosedProblem {
  readonly problem: PlanProblem;
  readonly refused: readonly RefusedPin[];
  readonly leftOut: readonly LeftOut[];
}

/** A bowl is reckoned for this time of its day; today's for now. Assumption of this project. */
const USUAL_MINUTES = 17 * 60;
/** Nobody begins what ends later than this. Assumption of this project. */
const LATEST_MINUTES = 23 * 60;
/** Not sooner than this share of its rhythm. Assumption of this project. */
const LEAST_SHARE = 0.7;

/**
 * The weeks of a household in plain numbers: what may be made for whom on which day, what there is and how long it lasts,
 * and what stands already.
 * @throws RangeError as `sizing`
 */
export function problemOf(household: HouseholdOfWeeks, size: SizeFor = sizeIn(household.house)): PosedProblem {
  const { house, masks, lots, now } = household;
  const { zone, catalogue, climate } = house;
  const today = localDay(now, zone);
  const wishes = stillWished(household.wishes, today);
  const days = horizonFrom(today, wishes.horizonDays).map((day) => planDay(wishes, day, now, zone));
  const indexOf = (day: Day): number => daysBetween(today, day);
  const inHorizon = ({ day }: Pin): boolean => day >= today && indexOf(day) < days.length;
  const asked = [...household.kept, ...wishes.pins].filter(inHorizon);
  const { options, leftOut } = optionsFor(
    house,
    household.heads,
    masks,
    days,
    wishes.noes,
    asked,
    now,
    turningIds({ lots, catalogue, climate, now, days }),
    size,
  );
  const idOf = ({ maskId, headIds }: Pin): string | undefined =>
    options.find((one) => one.maskId === maskId && sameHeads(one.headIds, headIds))?.id;
  const heads = household.heads.map((head) => planHead(household, head, days, today));

  const refused: RefusedPin[] = [];
  const accepted: [Option, number][] = [];
  const pins = asked.flatMap((pin) => {
    const optionId = idOf(pin);
    const on = indexOf(pin.day);
    const isOffered = options.find(({ id }) => id === optionId)?.canOn[on] === true;
    const option = options.find(({ id }) => id === optionId);
    // What is kept for its day was decided; a wish does not go before cadence.
    const isSoon =
      option !== undefined &&
      wishes.pins.includes(pin) &&
      accepted.some(([other, otherOn]) => tooSoon(heads, [option, on], [other, otherOn]));
    if (option && isOffered && !isSoon) {
      if (!accepted.some(([other, otherOn]) => other === option && otherOn === on)) accepted.push([option, on]);
      return [{ optionId: option.id, on }];
    }
    refused.push({ pin, reason: reasonOf(pin, optionId !== undefined) });
    return [];
  });
  function reasonOf({ maskId, headIds }: Pin, isOption: boolean): RefusedPin['reason'] {
    if (isOption) return 'not-then';
    const isKnown =
      masks.some(({ id }) => id === maskId) && headIds.every((id) => heads.some((head) => head.id === id));
    return isKnown ? 'not-offered' : 'unknown';
  }
  const once = pins.filter(
    (pin, i) => pins.findIndex(({ optionId, on }) => optionId === pin.optionId && on === pin.on) === i,
  );
  const usable = options.filter(
    (option) =>
      once.some(({ optionId }) => optionId === option.id) || days.some((_, on) => mayOn(option, heads, days, on)),
  );

  const most = new Map<string, number>();
  for (const { lines } of usable)
    for (const { ingredientId, grams } of lines)
      most.set(ingredientId, Math.max(grams * 2, most.get(ingredientId) ?? 0));
  // What lies there and no bowl wants is lost whatever is planned: it is no part of the choice.
  const wish = {
    lots,
    catalogue,
    climate,
    now,
    days,
    useUpIds: new Set(wishes.useUpIds),
    habits: household.habits,
    usualPrice: usualPriceOf(household.habits),
  };
  const from = [...most].map(([id, grams]) => suppliesOf(id, wish, grams));
  const former = household.former.filter(inHorizon).flatMap((pin) => {
    const optionId = idOf(pin);
    return optionId === undefined ? [] : [{ optionId, on: indexOf(pin.day) }];
  });
  return {
    problem: {
      days,
      heads,
      options: usable,
      supplies: from.flatMap(({ supplies }) => supplies),
      goods: from.flatMap(({ good }) => good ?? []),
      pins: once,
      budget: wishes.budget,
      sparedShare: SPARED_SHARE,
      former,
    },
    refused,
    leftOut,
  };
}

const sameHeads = (some: readonly string[], others: readonly string[]): boolean =>
  some.length === others.length && some.every((id) => others.includes(id));

function planDay(wishes: WeekWishes, day: Day, now: number, zone: string): PlanDay {
  const isToday = localDay(now, zone) === day;
  const at = isToday ? now : atLocal(day, USUAL_MINUTES, zone);
  const left = minutesBetween(now, atLocal(day, LATEST_MINUTES, zone));
  return {
    day,
    at,
    minutes: Math.max(0, isToday ? Math.min(minutesOn(wishes, day), left) : minutesOn(wishes, day)),
    isShopDay: isShopDay(wishes, day, now, zone),
  };
}

function planHead(
  { house, wishes }: HouseholdOfWeeks,
  { id, wore, story }: HeadOfWeeks,
  days: readonly PlanDay[],
  today: Day,
): PlanHead {
  const { zone, schools } = house;
  const { everyDays, weekdays } = rhythmOf(wishes, id);
  const last = wore.map(({ at }) => localDay(Date.parse(at), zone)).filter((day) => day <= today);
  const lastDay = last.sort().at(-1);
  const lastOn = lastDay === undefined ? undefined : daysBetween(today, lastDay);
  const leastDays = Math.max(1, Math.ceil(everyDays * LEAST_SHARE));
  const end = days.length;
  const due = beatsOf(wore, schools, story, zone)
    .map(({ rhythm, dueAt }) => ({ rhythm, from: Math.max(0, daysBetween(today, localDay(dueAt, zone))) }))
    .filter(({ from }) => from < end);
  const strictDays = Object.fromEntries([...STRICT].map((rhythm) => [rhythm, intervalDays(rhythm, schools, story)]));
  return {
    id,
    everyDays,
    leastDays,
    canOn: days.map(
      ({ day }, on) =>
        (lastOn === undefined || on >= lastOn + leastDays) &&
        (weekdays.length === 0 || weekdays.includes(weekdayOf(day))),
    ),
    lastOn,
    due,
    strictDays,
  };
}
