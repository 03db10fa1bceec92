import type { PlanProblem } from '../problem';
import type { ModelDraft } from './draft';
import type { Shop } from './shop';
import type { Turning } from './turning';
import type { Entry } from './types';
import { turningIds } from './wanted';
import type { Wants } from './wants';

/** What cuts are made of. */
interface From {
  readonly problem: PlanProblem;
  readonly wants: Wants;
  readonly turning: Turning;
  readonly shop: Shop;
  /** The free bowls of each head, of which there is one on a day at the most. */
  readonly ofHeads: readonly ReadonlySet<number>[];
}

/**
 * Rows that follow from the others where bowls are whole, and cut off what is not. Said for each head and day, where there is
 * one bowl at the most, they bring the bound up at once.
 */
export function cutRows(from: From, draft: ModelDraft): void {
  lineCuts(from, draft);
  openCuts(from, draft);
}

/** A bowl that wants more than was ever there needs its line on a list. */
function lineCuts({ problem, wants, turning, shop, ofHeads }: From, draft: ModelDraft): void {
  const { goods, days, sparedShare } = problem;
  const thereOn = (ingredientId: string, on: number): number =>
    goods.find((good) => good.ingredientId === ingredientId)?.grams ??
    turning
      .givenOn(ingredientId, on)
      .filter(({ supply }) => supply.boughtOn === undefined)
      .reduce((grams, { supply }) => grams + supply.units * supply.unitGrams, 0);
  for (const ingredientId of new Set(shop.items.map((item) => item.ingredientId)))
    for (let on = 0; on < days.length; on++) {
      const there = thereOn(ingredientId, on);
      const short = wants.between(ingredientId, on, on).filter(([, grams]) => grams * (1 - sparedShare) > there);
      const lines = shop.items.filter((item) => item.ingredientId === ingredientId && item.on <= on);
      for (const own of ofHeads) {
        const its = short.filter(([column]) => own.has(column));
        if (its.length > 0)
          draft.row(-Infinity, 0, [
            ...its.map(([column]): Entry => [column, 1]),
            ...lines.map((item): Entry => [item.column, -1]),
          ]);
      }
    }
}

/** A bowl takes of something open; so no part of a piece is opened for a part of a bowl. */
function openCuts({ problem, wants, turning, ofHeads }: From, draft: ModelDraft): void {
  const { days, sparedShare } = problem;
  for (const ingredientId of turningIds(problem))
    for (let on = 0; on < days.length; on++) {
      const least = wants
        .between(ingredientId, on, on)
        .map(([column, grams]): Entry => [column, grams * (1 - sparedShare)]);
      if (least.length === 0) continue;
      const open = turning.opened.filter(
        (one) => one.supply.ingredientId === ingredientId && one.on <= on && on <= one.on + (one.supply.openDays ?? 0),
      );
      const loose = turning
        .givenOn(ingredientId, on)
        .filter(({ supply, isFrozen }) => isFrozen || supply.openDays === undefined);
      const largest = Math.max(...open.map(({ supply }) => supply.unitGrams));
      for (const own of ofHeads) {
        const its = least.filter(([column]) => own.has(column));
        if (its.length === 0) continue;
        const smallest = Math.min(...its.map(([, grams]) => grams));
        draft.row(-Infinity, 0, [
          ...its.map(([column, grams]): Entry => [
            column,
            loose.length > 0 ? 1 : Math.max(1, Math.ceil(grams / largest - 1e-9)),
          ]),
          ...open.map(({ column }): Entry => [column, -1]),
          ...loose.map(({ column }): Entry => [column, -1 / smallest]),
        ]);
      }
    }
}
