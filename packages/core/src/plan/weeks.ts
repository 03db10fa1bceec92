import type { RankTerm } from '../judge';
import type { Day } from '../time';
import type { LeftOut, SizeFor } from './options';
import type { Choice, PlanDraw, Purchase } from './plan';
import { freezeOn } from './model';
import { LEAST_CHANCE, type Option, type PlanDay, type PlanProblem } from './problem';
import { problemOf, type HouseholdOfWeeks, type PosedProblem, type RefusedPin } from './problemOf';
import type { Solver } from './programme';
import { plan, type Planned, type PlanOptions } from './solve';

/** A bowl of the coming weeks, with everything that is said of it. */
export interface WeekBowl {
  readonly day: Day;
  readonly on: number;
  /** When it is reckoned for, milliseconds since 1970. */
  readonly at: number;
  readonly maskId: string;
  readonly headIds: readonly string[];
  readonly madeMillilitres: number;
  readonly minutes: number;
  readonly lines: Option['lines'];
  readonly draws: readonly PlanDraw[];
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly isPinned: boolean;
  /** The ranking's reasons, by head. */
  readonly terms: Readonly<Record<string, readonly RankTerm[]>>;
}

/** Something on the shelf along the days: how fit it is, and how it dwindles. */
export interface WeekLane {
  readonly lotId: string;
  readonly ingredientId: string;
  /** Usable grams now. */
  readonly grams: number;
  readonly chance: readonly number[];
  /** Usable grams at the end of each day, as far as bowls draw from it. */
  readonly leftGrams: readonly number[];
  /** What is expected to be lost, and what is frozen in time, grams. */
  readonly lostGrams: number;
  readonly frozenGrams: number;
  /** The last day on which it is as good as sure to be fit for the freezer; undefined where nothing of it is frozen. */
  readonly freezeOn: number | undefined;
  /** Usable grams in the freezer at the end of each day. */
  readonly iceGrams: readonly number[];
  /** It goes into the cold once it is ready. */
  readonly needsCold: boolean;
}

/** The coming weeks of a household, ready to be shown. */
export interface Weeks {
  readonly days: readonly PlanDay[];
  readonly bowls: readonly WeekBowl[];
  readonly lanes: readonly WeekLane[];
  readonly purchases: readonly (Purchase & { readonly day: Day })[];
  readonly lost: Choice['lost'];
  readonly lostGrams: number;
  /** Days that each head waits beyond its rhythm. */
  readonly late: readonly { readonly headId: string; readonly days: number }[];
  readonly spent: number;
  /** Things on the list of which nobody said a price. */
  readonly unpriced: number;
  readonly cost: number;
  readonly costs: Choice['costs'];
  /** What going by the day would come to. */
  readonly byDay: { readonly lostGrams: number; readonly cost: number };
  readonly gap: number;
  readonly isProven: boolean;
  readonly refused: readonly RefusedPin[];
  readonly leftOut: readonly LeftOut[];
}

/** A problem with the plan that was found for it: what is asked further is asked of these two. */
export interface PlannedWeeks {
  readonly posed: PosedProblem;
  readonly planned: Planned;
}

/** As `PlanOptions`; told of each better answer as of weeks. */
export type WeeksOptions = Omit<PlanOptions, 'onBetter'> & {
  readonly onBetter?: ((better: PlannedWeeks) => void) | undefined;
};

/**
 * The whole job: the weeks of a household are put into numbers, and planned.
 * @param soon sizes what it has time for: where that leaves bowls out and nothing was planned before, a first answer is told of the others,
 * while the rest are still to be sized
 * @throws RangeError as `sizing`
 */
export function planWeeks(
  household: HouseholdOfWeeks,
  solver: Solver,
  { onBetter, ...options }: WeeksOptions,
  size?: SizeFor,
  soon?: SizeFor,
): PlannedWeeks {
  const telling = (posed: PosedProblem): PlanOptions['onBetter'] =>
    onBetter &&
    ((better) => {
      onBetter({ posed, planned: better });
    });
  if (soon && household.former.length === 0) {
    const unsized: string[] = [];
    const some = problemOf(household, (heads, mask) => {
      const bowl = soon(heads, mask);
      if (!bowl) unsized.push(mask.id);
      return bowl;
    });
    if (unsized.length > 0) plan(some.problem, solver, { ...options, onlyFirst: true, onBetter: telling(some) });
  }
  const posed = problemOf(household, size);
  return { posed, planned: plan(posed.problem, solver, { ...options, onBetter: telling(posed) }) };
}

/** Days that heads wait beyond their rhythm, where something could have been done. */
export function lateDays(
  { heads, days }: Pick<PlanProblem, 'heads' | 'days'>,
  bowls: readonly { readonly headIds: readonly string[]; readonly on: number }[],
): Weeks['late'] {
  return heads.map(({ id, everyDays, lastOn, canOn }) => {
    const own = bowls.filter(({ headIds }) => headIds.includes(id)).map(({ on }) => on);
    const all = lastOn === undefined ? own : [lastOn, ...own];
    const within = (on: number, day: number): boolean => on <= day && on > day - everyDays;
    const could = (day: number): boolean => canOn.some((can, on) => can && within(on, day));
    return {
      headId: id,
      days: days.filter((_, day) => could(day) && !all.some((on) => within(on, day))).length,
    };
  });
}

/** A choice of bowls as it is shown. */
export function toldWeeks({ posed, planned }: PlannedWeeks): Weeks {
  const { problem, refused, leftOut } = posed;
  const { days } = problem;
  const bowls = planned.bowls.map((bowl): WeekBowl => {
    const option = problem.options.find(({ id }) => id === bowl.optionId);
    const { day = '', at = 0 } = days[bowl.on] ?? {};
    return {
      day,
      at,
      on: bowl.on,
      maskId: bowl.maskId,
      headIds: bowl.headIds,
      madeMillilitres: option?.madeMillilitres ?? 0,
      minutes: (option?.handsOnMinutes ?? 0) + (option?.wearMinutes ?? 0),
      lines: option?.lines ?? [],
      draws: bowl.draws,
      missing: bowl.missing,
      isPinned: bowl.isPinned,
      terms: option?.terms ?? {},
    };
  });
  const { lost, lostGrams, cost, costs, gap, isProven, byDay } = planned;
  return {
    days,
    bowls,
    lanes: lanesOf(problem, planned),
    purchases: planned.purchases.map((one) => ({ ...one, day: days[one.on]?.day ?? '' })),
    lost,
    lostGrams,
    late: lateDays(problem, planned.bowls),
    spent: planned.purchases.reduce((sum, { money = 0 }) => sum + money, 0),
    unpriced: planned.purchases.filter(({ money }) => money === undefined).length,
    cost,
    costs,
    byDay: { lostGrams: byDay.lostGrams, cost: byDay.cost },
    gap,
    isProven,
    refused,
    leftOut,
  };
}

/** What turns and lies on the shelf, what ends first on top. */
function lanesOf({ supplies, days }: PlanProblem, choice: Choice): readonly WeekLane[] {
  return supplies
    .filter(({ lotId, lostShare }) => lotId !== undefined && lostShare > 0.02)
    .map((supply): WeekLane => {
      const grams = supply.units * supply.unitGrams;
      const draws = choice.bowls.flatMap(({ on, draws: all }) =>
        all.filter(({ supplyId }) => supplyId === supply.id).map((draw) => ({ ...draw, on })),
      );
      const drawnBy = (day: number, some = draws): number =>
        some.reduce((sum, draw) => sum + (draw.on <= day ? draw.grams : 0), 0);
      const frozenGrams = choice.freezes.find(({ supplyId }) => supplyId === supply.id)?.grams ?? 0;
      const thawed = draws.filter(({ isFrozen }) => isFrozen);
      const frozenOn = freezeOn(supply);
      return {
        lotId: supply.lotId ?? '',
        ingredientId: supply.ingredientId,
        grams,
        chance: supply.chance,
        leftGrams: days.map((_, on) => Math.max(0, grams - drawnBy(on))),
        lostGrams: choice.lost.find(({ supplyId }) => supplyId === supply.id)?.grams ?? 0,
        frozenGrams,
        freezeOn: frozenGrams > 0 ? frozenOn : undefined,
        iceGrams: days.map((_, on) => (on < frozenOn ? 0 : Math.max(0, frozenGrams - drawnBy(on, thawed)))),
        needsCold: choice.chills.includes(supply.id),
      };
    })
    .sort((a, b) => lastFit(a.chance) - lastFit(b.chance) || (a.lotId < b.lotId ? -1 : 1));
}

const lastFit = (chance: readonly number[]): number =>
  chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
