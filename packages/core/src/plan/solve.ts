import { cannot } from '../message';
import { dayByDay } from './dayByDay';
import { LOOKS, stepByStep } from './stepByStep';
import { freezingNothing, planModel, withMostLost, type PlanModel } from './model';
import { choiceOf, type Choice } from './plan';
import { tooNear, type Chosen, type PlanProblem } from './problem';
import { outsideKernel, settledBy } from './narrow';
import { relaxation, type Solver, type SolveOptions } from './programme';
import { QuickLook } from './quick';
import { reduced } from './reduce';

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
  /** Most seconds for the search, once there are good answers. */
  readonly seconds: number;
  /** Good enough, as a share of the cost. */
  readonly gap?: number;
  /** The first answer and no more, of which nobody knows how good it is. */
  readonly onlyFirst?: boolean;
  /** Told of the first answer, and of each better one, until the best is told. */
  readonly onBetter?: ((better: Planned) => void) | undefined;
}

export const USUAL_GAP = 0.01;
/** Enough for a programme in which the bowls stand and only pieces are counted. */
const SECONDS_FOR_FIXED = 2;
/** And near enough there: some hundredths of a point. */
const FIXED_GAP = 1e-4;
/** A plan that is better by less than this, points, or by less than this share of its cost, is not worth a change. Assumptions of this project. */
const WORTH_A_CHANGE = { points: 0.5, share: 0.02 };
/** Looks of each of the searches step by step: one at once, for the first answer, and some more. */
const SEARCHES = [500, LOOKS, LOOKS, LOOKS];
/** So much of the time goes into the few bowls that were found good; the rest into all of them. */
const KERNEL_SHARE = 0.7;
const LEAST_SECONDS = 0.2;
/** What going by the day loses may be exceeded by rounding only. */
const ROUNDING_GRAMS = 0.01;

interface Held {
  readonly choice: Choice;
  readonly values: readonly number[];
}

/**
 * The best that can be done with given bowls: which pieces are opened, drawn, frozen, bought. Nothing where they break a rule.
 * @param held further columns that stand
 */
export function withBowls(
  problem: PlanProblem,
  model: PlanModel,
  chosen: readonly Chosen[],
  solver: Solver,
  held: ReadonlyMap<number, number> = new Map(),
): Held | undefined {
  const fixed = new Map([
    ...held,
    ...model.bowls.map(({ column, option, on }): [number, number] => [
      column,
      chosen.some((one) => one.optionId === option.id && one.on === on) ? 1 : 0,
    ]),
  ]);
  const known = new Set(model.bowls.map(({ option, on }) => `${option.id} ${on}`));
  if (chosen.some(({ optionId, on }) => !known.has(`${optionId} ${on}`))) return undefined;
  const small = reduced(model.programme, fixed);
  if (!small) return undefined;
  const found = solver(small.programme, { seconds: SECONDS_FOR_FIXED, gap: FIXED_GAP });
  if (found.status === 'impossible') return undefined;
  const values = small.whole(found.values);
  return { choice: choiceOf(problem, model, values), values };
}

/**
 * A plan: what was planned before or going from day to day, whichever is better; then a few short searches step by step; then the
 * search for the best, with how far from it the plan can be at the most. It is never expected to lose more than going by the day, and
 * it changes nothing of what was planned before that is not worth a change.
 * @throws Error where not even a plan without bowls is possible
 */
export function plan(problem: PlanProblem, solver: Solver, options: PlanOptions): Planned {
  const free = planModel(problem);
  const days = dayByDay(problem);
  const byDay =
    withBowls(problem, free, days, solver, freezingNothing(free)) ?? withBowls(problem, free, problem.pins, solver);
  if (!byDay) throw cannot('no-plan');
  const mostLostGrams = byDay.choice.lostGrams + ROUNDING_GRAMS;
  const model = withMostLost(free, mostLostGrams);
  const { lostGrams, cost, costs } = byDay.choice;
  const going = { lostGrams, cost, costs };
  const former = problem.former.length > 0 ? withBowls(problem, model, standing(problem), solver) : undefined;
  // Going by the day loses nothing beyond its own limit.
  const padded = model.programme.cost.map((_, column) => byDay.values[column] ?? 0);
  let first: Held = former && former.choice.cost < cost ? former : { ...byDay, values: padded };
  const tell = (): void => options.onBetter?.({ ...first.choice, bound: 0, gap: 1, isProven: false, byDay: going });
  if (former) tell();
  const better = (held: Held | undefined): boolean => {
    if (!held || held.choice.cost >= first.choice.cost) return false;
    first = held;
    return true;
  };
  const quick = new QuickLook(problem, mostLostGrams);
  const search = stepByStep(quick);
  const sets: (readonly Chosen[])[] = [days, standing(problem)];
  let quickest = Infinity;
  SEARCHES.slice(0, options.onlyFirst ? 1 : undefined).forEach((looks, seed) => {
    const bowls = search([days, standing(problem)], { looks, seed });
    sets.push(bowls);
    const its = quick.cost(bowls);
    if ((its < quickest && better(withBowls(problem, model, bowls, solver))) || seed === 0) tell();
    quickest = Math.min(quickest, its);
  });

  if (options.onlyFirst) return { ...first.choice, bound: 0, gap: 1, isProven: false, byDay: going };

  const left = (used: number): number => Math.max(LEAST_SECONDS, options.seconds - used);
  const gap = options.gap ?? USUAL_GAP;
  const relaxed = solver(relaxation(model.programme), { seconds: options.seconds, gap: 0 });
  const shut = outsideKernel(model, sets, relaxed);
  const few = searched(problem, model, shut, first, solver, { seconds: KERNEL_SHARE * left(relaxed.seconds), gap });
  if (better(few.held)) tell();
  const settled = settledBy(model.programme, relaxed, first.choice.cost);
  const all = { seconds: left(relaxed.seconds + few.seconds), gap };
  const last = searched(problem, model, settled, first, solver, all);
  const known = first.choice.cost;
  better(last.held);
  // What is settled is so for everything that costs less than what was known before.
  const bound = Math.max(0, relaxed.status === 'best' ? relaxed.bound : 0, Math.min(known, last.bound));
  const worth = Math.max(WORTH_A_CHANGE.points, WORTH_A_CHANGE.share * first.choice.cost);
  const keepsFormer = former && former.choice.cost - first.choice.cost < worth;
  const { choice } = keepsFormer ? former : first;
  return {
    ...choice,
    bound: Math.min(bound, choice.cost),
    gap: choice.cost > 0 ? Math.max(0, (choice.cost - bound) / choice.cost) : 0,
    isProven: last.isBest,
    byDay: going,
  };
}

interface Searched {
  readonly held: Held | undefined;
  readonly bound: number;
  readonly isBest: boolean;
  readonly seconds: number;
}

/** Searches for what is better than a solution while some columns stand. */
function searched(
  problem: PlanProblem,
  model: PlanModel,
  stands: ReadonlyMap<number, number>,
  from: Held,
  solver: Solver,
  options: SolveOptions,
): Searched {
  const small = reduced(model.programme, stands);
  // Nothing is left but what is known.
  if (!small) return { held: undefined, bound: from.choice.cost, isBest: true, seconds: 0 };
  const start = small.columns.map((column) => from.values[column] ?? 0);
  const found = solver(small.programme, { ...options, start });
  const bound = Number.isFinite(found.bound) ? found.bound + small.cost : -Infinity;
  const { status, seconds } = found;
  if (status === 'impossible') return { held: undefined, bound, isBest: false, seconds };
  const values = small.whole(found.values);
  return { held: { choice: choiceOf(problem, model, values), values }, bound, isBest: status === 'best', seconds };
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
