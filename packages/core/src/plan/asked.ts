import { dayByDay } from './dayByDay';
import { stepByStep } from './stepByStep';
import { planModel } from './model';
import type { Choice } from './plan';
import { mayOn, tooNear, type Chosen, type Option, type PlanProblem, type Supply } from './problem';
import type { Solver } from './programme';
import { QuickLook } from './quick';
import { withBowls } from './solve';

/** What another choice would change, against the plan. */
export interface Difference {
  /** Points more that it costs; less than 0 where it is better. */
  readonly points: number;
  /** Grams more that are expected to be lost, by ingredient, the most first; less than 0 for what is saved. */
  readonly lost: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly lostGrams: number;
  /** What would have to be bought beside. */
  readonly buys: readonly { readonly ingredientId: string; readonly units: number }[];
  readonly money: number;
  /** What nobody has for it, grams. */
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
}

/** What one choice costs more than another. */
export function differenceOf(now: Choice, then: Choice): Difference {
  const lost = new Map<string, number>();
  for (const { ingredientId, grams } of then.lost) lost.set(ingredientId, (lost.get(ingredientId) ?? 0) + grams);
  for (const { ingredientId, grams } of now.lost) lost.set(ingredientId, (lost.get(ingredientId) ?? 0) - grams);
  const units = new Map<string, number>();
  for (const one of then.purchases) units.set(one.ingredientId, (units.get(one.ingredientId) ?? 0) + one.units);
  for (const one of now.purchases) units.set(one.ingredientId, (units.get(one.ingredientId) ?? 0) - one.units);
  const spent = (choice: Choice): number => choice.purchases.reduce((sum, { money = 0 }) => sum + money, 0);
  return {
    points: then.cost - then.costs.changed - (now.cost - now.costs.changed),
    lost: [...lost]
      .map(([ingredientId, grams]) => ({ ingredientId, grams }))
      .filter(({ grams }) => Math.abs(grams) >= 5)
      .sort((a, b) => b.grams - a.grams),
    lostGrams: then.lostGrams - now.lostGrams,
    buys: [...units].filter(([, more]) => more > 0).map(([ingredientId, more]) => ({ ingredientId, units: more })),
    money: spent(then) - spent(now),
    missing: then.bowls.flatMap(({ missing }) => missing),
  };
}

const same = (one: Chosen, other: Chosen): boolean => one.optionId === other.optionId && one.on === other.on;
const bowlsOf = ({ bowls }: Choice): readonly Chosen[] => bowls.map(({ optionId, on }) => ({ optionId, on }));
const optionOf = (problem: PlanProblem, id: string): Option | undefined => problem.options.find((one) => one.id === id);

/**
 * What it would come to if a bowl stood elsewhere, or were another: everything else stays, but what it is in the way of goes.
 * @returns the difference and the bowls that would go; nothing where it is forbidden on that day
 */
export function ifMoved(
  problem: PlanProblem,
  choice: Choice,
  from: Chosen | undefined,
  to: Chosen,
  solver: Solver,
): { readonly difference: Difference; readonly gone: readonly Chosen[] } | undefined {
  const option = optionOf(problem, to.optionId);
  if (!option || option.canOn[to.on] !== true) return undefined;
  const others = bowlsOf(choice).filter((one) => !same(one, to) && !(from && same(one, from)));
  const gone = others.filter((one) => {
    const its = optionOf(problem, one.optionId);
    return its !== undefined && tooNear(problem.heads, [its, one.on], [option, to.on]);
  });
  const pinnedProblem = { ...problem, pins: [...problem.pins.filter((pin) => !(from && same(pin, from))), to] };
  const stay = [...others.filter((one) => !gone.includes(one)), to];
  const held = withBowls(pinnedProblem, planModel(pinnedProblem), stay, solver);
  return held && { difference: differenceOf(choice, held.choice), gone };
}

/** Another mask in a bowl's place, and what it would change. */
export interface Alternative {
  readonly maskId: string;
  readonly difference: Difference;
}

/** So many are looked at closely. */
const MOST_ALTERNATIVES = 4;

/** The masks that would do best in a bowl's place on its day, everything else as it is; the least dear first. */
export function insteadOf(problem: PlanProblem, choice: Choice, bowl: Chosen, solver: Solver): readonly Alternative[] {
  const quick = new QuickLook(problem);
  const its = optionOf(problem, bowl.optionId);
  const rest = bowlsOf(choice).filter((one) => !same(one, bowl));
  const model = planModel(problem);
  return problem.options
    .filter(
      (option) =>
        option.id !== bowl.optionId &&
        option.headIds.length === its?.headIds.length &&
        option.headIds.every((id) => its.headIds.includes(id)) &&
        mayOn(option, problem.heads, problem.days, bowl.on),
    )
    .map((option) => ({ option, set: [...rest, { optionId: option.id, on: bowl.on }] }))
    .filter(({ set }) => quick.keepsRules(set))
    .map((one) => ({ ...one, cost: quick.cost(one.set) }))
    .filter(({ cost }) => Number.isFinite(cost))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST_ALTERNATIVES)
    .flatMap(({ option, set }): readonly Alternative[] => {
      const held = withBowls(problem, model, set, solver);
      return held ? [{ maskId: option.maskId, difference: differenceOf(choice, held.choice) }] : [];
    })
    .sort((a, b) => a.difference.points - b.difference.points);
}

/** What a bowl is good for: what would be lost, and who would wait, without it. */
export function withoutBowl(
  problem: PlanProblem,
  choice: Choice,
  bowl: Chosen,
  solver: Solver,
): Difference | undefined {
  const free = { ...problem, pins: problem.pins.filter((pin) => !same(pin, bowl)) };
  const held = withBowls(
    free,
    planModel(free),
    bowlsOf(choice).filter((one) => !same(one, bowl)),
    solver,
  );
  return held && differenceOf(choice, held.choice);
}

/** What is done if something is not ripe yet on its day: what comes instead, and when its own mask has its turn. */
export interface Otherwise {
  readonly lotId: string;
  readonly ingredientId: string;
  /** Day of the horizon for which it is planned. */
  readonly on: number;
  readonly headIds: readonly string[];
  readonly maskId: string;
  /** The chance that it happens, 0 to 1. */
  readonly chance: number;
  /** What is made on that day then; undefined for nothing. */
  readonly insteadMaskId: string | undefined;
  /** When the same mask is made then; undefined where it is not within the horizon. */
  readonly laterOn: number | undefined;
}

/** What is surer than this needs no other plan. Assumption of this project. */
const SURE = 0.93;
const MOST_OTHERWISE = 3;
/** Another plan for what may be needs no second decimal. */
const LOOKS_OTHERWISE = 5_000;
/** So much later it is ready, in days, if it is late. Assumption of this project: the late end of the band of most kinds. */
const LATER_DAYS = 2;

/**
 * For each bowl that counts on fruit which may still be hard on its day: what the plan is then. Everything before that day is
 * as it was; from it on the search goes again, with the fruit two days later.
 */
export function otherwise(problem: PlanProblem, choice: Choice): readonly Otherwise[] {
  return choice.bowls
    .flatMap((bowl) =>
      bowl.draws
        .filter(({ lotId, chance }) => lotId !== undefined && chance < SURE)
        .map((draw) => ({ bowl, draw, supply: problem.supplies.find(({ id }) => id === draw.supplyId) })),
    )
    .filter(({ bowl, supply }) => supply !== undefined && isRipening(supply, bowl.on))
    .slice(0, MOST_OTHERWISE)
    .map(({ bowl, draw, supply }): Otherwise => {
      const late = {
        ...problem,
        pins: choice.bowls.filter(({ on }) => on < bowl.on).map(({ optionId, on }) => ({ optionId, on })),
        supplies: problem.supplies.map((one) => (one === supply ? laterBy(one, bowl.on) : one)),
      };
      const start = bowlsOf(choice).filter(({ on }) => on < bowl.on);
      const found = stepByStep(new QuickLook(late))([dayByDay(late), start], { looks: LOOKS_OTHERWISE });
      const maskOf = ({ optionId }: Chosen): Option | undefined => optionOf(problem, optionId);
      const ours = found.filter(
        (one) => one.on >= bowl.on && maskOf(one)?.headIds.some((id) => bowl.headIds.includes(id)),
      );
      return {
        lotId: draw.lotId ?? '',
        ingredientId: draw.ingredientId,
        on: bowl.on,
        headIds: bowl.headIds,
        maskId: bowl.maskId,
        chance: 1 - draw.chance,
        insteadMaskId: ours.map((one) => (one.on === bowl.on ? maskOf(one)?.maskId : undefined)).find(Boolean),
        laterOn: ours.find((one) => one.on > bowl.on && maskOf(one)?.maskId === bowl.maskId)?.on,
      };
    });
}

/** True where the doubt is that it is not ready yet, and not that it is past: later it is likelier. */
const isRipening = ({ chance }: Supply, on: number): boolean => {
  const before = Math.max(0, ...chance.slice(0, on));
  return before < (chance[on] ?? 0) && (chance[on] ?? 0) < SURE;
};

/** The same fruit ready so much later: hard until then, and good as long as it was to be. */
function laterBy(supply: Supply, on: number): Supply {
  return {
    ...supply,
    chance: supply.chance.map((_, day) => (day < on + LATER_DAYS ? 0 : (supply.chance[day - LATER_DAYS] ?? 0))),
  };
}
