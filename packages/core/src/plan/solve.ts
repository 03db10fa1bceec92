import { dayByDay } from './dayByDay';
import { improved } from './improve';
import { planModel, type PlanModel } from './model';
import { choiceOf, type Choice } from './plan';
import { tooNear, type Chosen, type PlanProblem } from './problem';
import { withFixed, type Solver } from './programme';

/** How good a plan is known to be. */
export interface Proof {
  /** No plan costs less than this, points. */
  readonly bound: number;
  /** How far its cost may lie above that, as a share of it, 0 or more. */
  readonly gap: number;
  readonly isProven: boolean;
}

export interface Planned extends Choice, Proof {
  /** What going by the day would come to, for whoever wants to compare. */
  readonly byDay: Pick<Choice, 'lostGrams' | 'cost' | 'costs'>;
}

export interface PlanOptions {
  /** Most seconds for the search, once there is a first answer. */
  readonly seconds: number;
  /** Good enough, as a share of the cost. */
  readonly gap?: number;
  /** Told of the first good answer, before the search for the best begins. */
  readonly onFirst?: ((first: Planned) => void) | undefined;
}

export const USUAL_GAP = 0.01;
/** Enough for a programme in which the bowls stand and only pieces are counted. */
const SECONDS_FOR_FIXED = 2;
/** A plan that is better by less than this, points, or by less than this share of its cost, is not worth a change. Assumptions of this project. */
const WORTH_A_CHANGE = { points: 0.5, share: 0.02 };
/** What going by the day loses may be exceeded by rounding only. */
const ROUNDING_GRAMS = 0.01;

interface Held {
  readonly choice: Choice;
  readonly values: readonly number[];
}

/** The best that can be done with given bowls: which pieces are opened, drawn, frozen, bought. Nothing where they break a rule. */
export function withBowls(
  problem: PlanProblem,
  model: PlanModel,
  chosen: readonly Chosen[],
  solver: Solver,
): Held | undefined {
  const fixed = new Map(
    model.bowls.map(({ column, option, on }) => [
      column,
      chosen.some((one) => one.optionId === option.id && one.on === on) ? 1 : 0,
    ]),
  );
  const known = new Set(model.bowls.map(({ option, on }) => `${option.id} ${on}`));
  if (chosen.some(({ optionId, on }) => !known.has(`${optionId} ${on}`))) return undefined;
  const { status, values } = solver(withFixed(model.programme, fixed), { seconds: SECONDS_FOR_FIXED, gap: 1e-6 });
  return status === 'impossible' ? undefined : { choice: choiceOf(problem, model, values), values };
}

/**
 * A plan: the first answer by going from day to day, or what was planned before where that is better, and then the search
 * for the best. It is never expected to lose more than going by the day, and it changes nothing of what was planned before
 * that is not worth a change.
 * @throws Error where not even a plan without bowls is possible
 */
export function plan(problem: PlanProblem, solver: Solver, options: PlanOptions): Planned {
  const free = planModel(problem);
  const days = dayByDay(problem);
  const byDay = withBowls(problem, free, days, solver) ?? withBowls(problem, free, problem.pins, solver);
  if (!byDay) throw new Error('There is no plan that keeps the rules.');
  const mostLostGrams = byDay.choice.lostGrams + ROUNDING_GRAMS;
  const model = planModel(problem, mostLostGrams);
  const former = problem.former.length > 0 ? withBowls(problem, model, standing(problem), solver) : undefined;
  const nearBest = withBowls(problem, model, improved(problem, [days, standing(problem)], { mostLostGrams }), solver);
  const first = [former, nearBest].reduce<Held>(
    (best, one) => (one && one.choice.cost < best.choice.cost ? one : best),
    byDay,
  );
  const { lostGrams, cost, costs } = byDay.choice;
  const going = { lostGrams, cost, costs };
  options.onFirst?.({ ...first.choice, bound: 0, gap: 1, isProven: false, byDay: going });
  const found = solver(model.programme, {
    seconds: options.seconds,
    gap: options.gap ?? USUAL_GAP,
    start: first.values,
  });
  const bound = Math.min(first.choice.cost, Number.isFinite(found.bound) ? Math.max(0, found.bound) : 0);
  const best =
    found.status === 'impossible' ? first : { choice: choiceOf(problem, model, found.values), values: found.values };
  const worth = Math.max(WORTH_A_CHANGE.points, WORTH_A_CHANGE.share * best.choice.cost);
  const keepsFormer = former && former.choice.cost - best.choice.cost < worth;
  const { choice } = keepsFormer ? former : best.choice.cost <= first.choice.cost ? best : first;
  const gap = choice.cost > 0 ? Math.max(0, (choice.cost - bound) / choice.cost) : 0;
  return { ...choice, bound, gap, isProven: found.status === 'best', byDay: going };
}

/** What was planned before, with what is pinned since: where the two meet, the pin stands. */
function standing({ former, pins, options, heads }: PlanProblem): readonly Chosen[] {
  const byId = new Map(options.map((option) => [option.id, option]));
  const clashes = (one: Chosen, pin: Chosen): boolean => {
    const [its, pinned] = [byId.get(one.optionId), byId.get(pin.optionId)];
    return its !== undefined && pinned !== undefined && tooNear(heads, [its, one.on], [pinned, pin.on]);
  };
  return [...former.filter((one) => !pins.some((pin) => clashes(one, pin))), ...pins];
}
