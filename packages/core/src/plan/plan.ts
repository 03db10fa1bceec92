import { COST_KINDS, type CostKind, type PlanModel } from './model';
import type { PlanProblem, Supply } from './problem';

/** Where something in a bowl comes from. */
export interface PlanDraw {
  readonly ingredientId: string;
  readonly supplyId: string;
  readonly lotId: string | undefined;
  readonly boughtOn: number | undefined;
  readonly grams: number;
  /** The chance that it is fit on the day it is opened, or by the day it is frozen; 0 to 1. */
  readonly chance: number;
  /** It was frozen within the plan, and comes out of the freezer for this bowl. */
  readonly isFrozen: boolean;
}

export interface PlannedBowl {
  readonly optionId: string;
  readonly maskId: string;
  readonly headIds: readonly string[];
  /** Day of the horizon, 0 for today. */
  readonly on: number;
  readonly draws: readonly PlanDraw[];
  /** Grams that nobody has, of a bowl that was pinned. */
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly isPinned: boolean;
}

export interface Purchase {
  readonly ingredientId: string;
  readonly on: number;
  /** Whole pieces or packs. */
  readonly units: number;
  /** Usable grams of them. */
  readonly grams: number;
  /** Money, where a price is known. */
  readonly money: number | undefined;
}

/** What is chosen, and what becomes of everything. */
export interface Choice {
  readonly bowls: readonly PlannedBowl[];
  readonly purchases: readonly Purchase[];
  /** What is frozen while it is good, grams by supply; bowls of later days may draw of it. */
  readonly freezes: readonly { readonly supplyId: string; readonly grams: number }[];
  /** Supplies that have to go into the cold once they are ready. */
  readonly chills: readonly string[];
  /** What is expected to be lost, grams by supply; of what is still to be bought too, though of the rest of a pack only what counts. */
  readonly lost: readonly { readonly supplyId: string; readonly ingredientId: string; readonly grams: number }[];
  readonly lostGrams: number;
  /** What of it costs what, points. */
  readonly costs: Readonly<Record<CostKind, number>>;
  /** All of it together, points. */
  readonly cost: number;
}

const SOME = 1e-4;

/** What a solution of a programme means. */
export function choiceOf(problem: PlanProblem, model: PlanModel, values: readonly number[]): Choice {
  const at = (column: number): number => values[column] ?? 0;
  const costs = Object.fromEntries(COST_KINDS.map((kind) => [kind, 0])) as Record<CostKind, number>;
  model.kinds.forEach((kind, column) => (costs[kind] += (model.programme.cost[column] ?? 0) * at(column)));

  const drawn = model.draws.filter(({ column }) => at(column) > SOME);
  const lost = new Map<string, { supplyId: string; ingredientId: string; grams: number }>();
  for (const { column, supply, grams } of model.lost) {
    const { id: supplyId, ingredientId } = supply;
    const before = lost.get(supplyId)?.grams ?? 0;
    lost.set(supplyId, { supplyId, ingredientId, grams: before + grams * at(column) });
  }
  const cold = (supply: Supply): boolean =>
    drawn.some((one) => one.supply === supply && !one.isFrozen && supply.needsCold[one.openedOn] === true);
  return {
    bowls: bowlsOf(problem, model, at),
    purchases: purchasesOf(problem, model, at),
    freezes: model.frozen
      .filter(({ column }) => at(column) > SOME)
      .map(({ column, supply }) => ({ supplyId: supply.id, grams: at(column) })),
    chills: problem.supplies.filter((supply) => supply.lotId !== undefined && cold(supply)).map(({ id }) => id),
    lost: [...lost.values()].filter(({ grams }) => grams > 0.5),
    lostGrams: [...lost.values()].reduce((sum, { grams }) => sum + grams, 0),
    costs,
    cost: Object.values(costs).reduce((sum, points) => sum + points, 0),
  };
}

type At = (column: number) => number;

/** The bowls that are chosen, in the order of their days, each with what it draws. */
function bowlsOf(problem: PlanProblem, model: PlanModel, at: At): readonly PlannedBowl[] {
  const left = new Map(model.draws.map(({ column }) => [column, at(column)]));
  const lacks = new Map(model.missing.map(({ column }) => [column, at(column)]));
  const take = (from: Map<number, number>, column: number, wanted: number): number => {
    const taken = Math.min(wanted, from.get(column) ?? 0);
    from.set(column, (from.get(column) ?? 0) - taken);
    return taken > SOME ? taken : 0;
  };
  return model.bowls
    .filter(({ column }) => at(column) > 0.5)
    .sort((a, b) => a.on - b.on || (a.option.id < b.option.id ? -1 : 1))
    .map(({ option, on }): PlannedBowl => {
      const draws = new Map<string, PlanDraw>();
      const missing: { ingredientId: string; grams: number }[] = [];
      for (const { ingredientId, grams } of option.lines) {
        let wanted = grams;
        for (const { column, supply, on: drawnOn, openedOn, isFrozen } of model.draws) {
          if (drawnOn !== on || supply.ingredientId !== ingredientId) continue;
          const taken = take(left, column, wanted);
          if (taken === 0) continue;
          wanted -= taken;
          const key = `${supply.id} ${isFrozen}`;
          const known = draws.get(key);
          const chance = isFrozen ? Math.max(...supply.chance) : (supply.chance[openedOn] ?? 0);
          draws.set(key, {
            ingredientId,
            supplyId: supply.id,
            lotId: supply.lotId,
            boughtOn: supply.boughtOn,
            grams: taken + (known?.grams ?? 0),
            chance: Math.min(chance, known?.chance ?? 1),
            isFrozen,
          });
        }
        for (const lack of model.missing) {
          if (lack.ingredientId !== ingredientId || (lack.on !== undefined && lack.on !== on)) continue;
          const lacking = take(lacks, lack.column, grams);
          if (lacking > 0) missing.push({ ingredientId, grams: lacking });
        }
      }
      return {
        optionId: option.id,
        maskId: option.maskId,
        headIds: option.headIds,
        on,
        draws: [...draws.values()],
        missing,
        isPinned: problem.pins.some((pin) => pin.optionId === option.id && pin.on === on),
      };
    });
}

function purchasesOf({ goods }: PlanProblem, model: PlanModel, at: At): readonly Purchase[] {
  const turning = model.bought.map(({ column, supply }): Purchase => {
    const units = Math.round(at(column));
    return {
      ingredientId: supply.ingredientId,
      on: supply.boughtOn ?? 0,
      units,
      grams: units * supply.unitGrams,
      money: supply.unitPrice === undefined ? undefined : units * supply.unitPrice,
    };
  });
  const keeping = model.packs.map(({ column, ingredientId, on }): Purchase => {
    const units = Math.round(at(column));
    const { packGrams = 0, pricePerGram } = goods.find((one) => one.ingredientId === ingredientId) ?? {};
    const grams = units * packGrams;
    return { ingredientId, on, units, grams, money: pricePerGram === undefined ? undefined : grams * pricePerGram };
  });
  return [...turning, ...keeping]
    .filter(({ units }) => units > 0)
    .sort((a, b) => a.on - b.on || (a.ingredientId < b.ingredientId ? -1 : 1));
}
