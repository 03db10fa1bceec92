import { addDays, weekdayOf, type Day } from '../time';

/** How often a head is to have a bowl, and on which days of the week it can. */
export interface WashRhythm {
  /** Days from one bowl to the next, 1 to 28. */
  readonly everyDays: number;
  /** 0 for Sunday to 6; none is any day. */
  readonly weekdays: readonly number[];
}

/** A bowl that stands: whatever else is planned, this one on this day. */
export interface Pin {
  readonly day: Day;
  readonly maskId: string;
  readonly headIds: readonly string[];
}

/** What is not wanted from one day to another, both counted in: an ingredient, a mask, or any bowl at all; for one head or for all. */
export interface No {
  readonly from: Day;
  readonly to: Day;
  readonly ingredientId?: string | undefined;
  readonly maskId?: string | undefined;
  readonly headId?: string | undefined;
}

/** What a household wants of its weeks. */
export interface WeekWishes {
  /** 7 to 28. */
  readonly horizonDays: number;
  readonly rhythms: Readonly<Record<string, WashRhythm>>;
  /** Minutes in hand by day of the week, Sunday first, from the knife to the rinse. */
  readonly weekdayMinutes: readonly number[];
  /** Minutes of single days that are other than their weekday: 0 for one that is full. */
  readonly dayMinutes: Readonly<Record<Day, number>>;
  /** Days of the week on which somebody is in a shop. */
  readonly shopWeekdays: readonly number[];
  readonly pins: readonly Pin[];
  readonly noes: readonly No[];
  /** Ingredients that are to be used up before all others. */
  readonly useUpIds: readonly string[];
  /** Most that may be spent within the horizon, in the household's money. */
  readonly budget?: number | undefined;
}

/** A bowl a week on any evening, two hours on weekdays and four at the weekend, and a shop on any day. Assumptions of this project. */
export const USUAL_RHYTHM: WashRhythm = { everyDays: 7, weekdays: [] };
export const USUAL_WISHES: WeekWishes = {
  horizonDays: 14,
  rhythms: {},
  weekdayMinutes: [240, 120, 120, 120, 120, 120, 240],
  dayMinutes: {},
  shopWeekdays: [3, 6],
  pins: [],
  noes: [],
  useUpIds: [],
};

export const rhythmOf = ({ rhythms }: Pick<WeekWishes, 'rhythms'>, headId: string): WashRhythm =>
  rhythms[headId] ?? USUAL_RHYTHM;

/**
 * Minutes in hand on a day.
 * @example minutesOn({ weekdayMinutes: [90, 45, 45, 45, 45, 45, 90], dayMinutes: { '2026-03-14': 0 } }, '2026-03-14') // 0: that Saturday is full
 */
export const minutesOn = (
  { weekdayMinutes, dayMinutes }: Pick<WeekWishes, 'weekdayMinutes' | 'dayMinutes'>,
  day: Day,
): number => dayMinutes[day] ?? weekdayMinutes[weekdayOf(day)] ?? 0;

/** True where something is not wanted on a day. */
export const isNo = (
  no: No,
  day: Day,
  bowl: {
    readonly maskId: string;
    readonly headIds: readonly string[];
    readonly ingredientIds: ReadonlySet<string>;
  },
): boolean =>
  day >= no.from &&
  day <= no.to &&
  (no.headId === undefined || bowl.headIds.includes(no.headId)) &&
  (no.maskId === undefined || no.maskId === bowl.maskId) &&
  (no.ingredientId === undefined || bowl.ingredientIds.has(no.ingredientId));

/** The days of a horizon, today first. @example horizonFrom('2026-02-27', 3) // ['2026-02-27', '2026-02-28', '2026-03-01'] */
export const horizonFrom = (today: Day, days: number): readonly Day[] =>
  Array.from({ length: days }, (_, i) => addDays(today, i));

/** Pins moved, dropped or added as a drag does it: the head's pin of a day stands once. */
export function pinned(wishes: WeekWishes, pin: Pin, instead?: Pin): WeekWishes {
  const isSame = (one: Pin, other: Pin): boolean =>
    one.day === other.day && one.headIds.some((id) => other.headIds.includes(id));
  return {
    ...wishes,
    pins: [...wishes.pins.filter((one) => !isSame(one, pin) && !(instead && isSame(one, instead))), pin],
  };
}

/** Wishes without what lies in the past: a pin of yesterday asks for nothing. */
export const stillWished = (wishes: WeekWishes, today: Day): WeekWishes => ({
  ...wishes,
  pins: wishes.pins.filter(({ day }) => day >= today),
  noes: wishes.noes.filter(({ to }) => to >= today),
  dayMinutes: Object.fromEntries(Object.entries(wishes.dayMinutes).filter(([day]) => day >= today)),
});
