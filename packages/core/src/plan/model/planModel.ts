import { PLAN_POINTS as POINTS, type PlanProblem } from '../problem';
import { bowlColumns, freeBowlsByHead } from './bowls';
import { careRows } from './care';
import { cutRows } from './cuts';
import { ModelDraft } from './draft';
import { minutesRows } from './minutes';
import { Shop } from './shop';
import { Turning } from './turning';
import type { Entry, PlanModel } from './types';
import { Wanted } from './wanted';
import { Wants } from './wants';

const HUNDRED = 100;

/**
 * The mixed-integer programme of a plan. Bowls are chosen (0 or 1) under cadence, minutes and what there is; pieces are
 * opened whole, and what is opened lasts its days; what turns and is not drawn is lost. What is least is
 *
 *   lost + risk + waiting + shopping + work + what suits less
 *
 * in the points of the ranking (`PLAN_POINTS`). The form (facility opening and flows) is standard; Wolsey, "Integer
 * Programming" (2nd ed., 2020), from memory.
 */
export function planModel(problem: PlanProblem): PlanModel {
  const draft = new ModelDraft();
  const bowls = bowlColumns(problem, draft);
  const wants = new Wants(bowls, problem.days.length);
  careRows(problem, bowls, draft);
  minutesRows(problem, bowls, draft);
  const shop = new Shop(draft);
  const turning = new Turning(problem, wants, shop, draft);
  const { missing, packs } = new Wanted(problem, wants, turning, shop, draft);
  cutRows({ problem, wants, turning, shop, ofHeads: freeBowlsByHead(problem, bowls) }, draft);
  if (problem.budget !== undefined) draft.row(-Infinity, problem.budget, shop.spent);
  const { draws, opened, bought, frozen, lost } = turning;
  return { ...draft.done(), bowls, draws, opened, bought, packs, frozen, lost, missing };
}

/** The columns of what is frozen, held at nothing: so goes whoever does not look ahead. */
export const freezingNothing = ({ frozen }: PlanModel): ReadonlyMap<number, number> =>
  new Map(frozen.map(({ column }) => [column, 0]));

/** The same model where what is expected to be lost beyond so many grams costs dear, whoever loses it. */
export function withMostLost(model: PlanModel, mostLostGrams: number): PlanModel {
  if (model.lost.length === 0) return model;
  const draft = new ModelDraft(model);
  const more = draft.pay('lost', POINTS.lostMore / HUNDRED, Infinity);
  draft.row(-Infinity, mostLostGrams, [...model.lost.map(({ column, grams }): Entry => [column, grams]), [more, -1]]);
  return { ...model, ...draft.done() };
}
