import { PACK_SHARE, PLAN_POINTS as POINTS, type Good, type PlanProblem } from '../problem';
import type { ModelDraft } from './draft';
import type { Shop } from './shop';
import type { Turning } from './turning';
import type { Entry, MissingColumn, PackColumn } from './types';
import type { Wants } from './wants';

const HUNDRED = 100;

/** Things that turn, and are drawn day by day; what keeps is reckoned over all days. */
export function turningIds({ goods, supplies, options }: PlanProblem): ReadonlySet<string> {
  const kept = new Set(goods.map((good) => good.ingredientId));
  return new Set(
    [...supplies, ...options.flatMap(({ lines }) => lines)]
      .map((one) => one.ingredientId)
      .filter((id) => !kept.has(id)),
  );
}

/** What bowls want comes from somewhere: drawn, bought, spared; what a pinned bowl wants may be missing, and costs dear. */
export class Wanted {
  readonly missing: MissingColumn[] = [];
  readonly packs: PackColumn[] = [];

  constructor(
    private readonly problem: PlanProblem,
    private readonly wants: Wants,
    private readonly turning: Turning,
    private readonly shop: Shop,
    private readonly draft: ModelDraft,
  ) {
    for (const ingredientId of turningIds(problem))
      for (let on = 0; on < problem.days.length; on++) this.fresh(ingredientId, on);
    for (const good of problem.goods) this.keeps(good);
  }

  private lack(ingredientId: string, most: number, on: number | undefined): readonly number[] {
    if (most === 0) return [];
    const column = this.draft.pay('missing', POINTS.missing / HUNDRED, most);
    this.missing.push({ column, ingredientId, on });
    return [column];
  }

  /** What is drawn of a thing on a day is what bowls want of it on that day, or a little less. */
  private fresh(ingredientId: string, on: number): void {
    const { draft } = this;
    const wanted = this.wants.between(ingredientId, on, on);
    const taken = this.turning.givenOn(ingredientId, on).map(({ column }): Entry => [column, 1]);
    // Nothing is drawn on a day on which nobody wants it.
    if (wanted.length === 0) {
      draft.row(0, 0, taken);
      return;
    }
    const most = Math.max(...wanted.map(([, grams]) => grams)) * wanted.length;
    const spared = draft.pay('lost', POINTS.spared / HUNDRED, most);
    draft.row(-Infinity, 0, [
      [spared, 1],
      ...wanted.map(([column, grams]): Entry => [column, -this.problem.sparedShare * grams]),
    ]);
    const lacks = this.lack(ingredientId, this.wants.pinnedGrams(ingredientId, on, on), on);
    draft.row(0, 0, [
      ...taken,
      [spared, 1],
      ...lacks.map((column): Entry => [column, 1]),
      ...wanted.map(([column, grams]): Entry => [column, -grams]),
    ]);
  }

  /** Of what keeps there is enough by each day: what is in the house, and packs from days with a shop. */
  private keeps({ ingredientId, grams, packGrams, pricePerGram, worthPerGram }: Good): void {
    const { draft, wants, shop } = this;
    const { days } = this.problem;
    const last = days.length - 1;
    const all = wants.between(ingredientId, 0, last);
    if (all.length === 0) return;
    const most = all.reduce((sum, [, wanted]) => sum + wanted, 0);
    if (most <= grams) return;
    const lacks = this.lack(ingredientId, wants.pinnedGrams(ingredientId, 0, last), undefined);
    const from: { readonly on: number; readonly column: number }[] = [];
    for (const on of days.flatMap(({ isShopDay }, day) => (isShopDay ? [day] : []))) {
      if (wants.between(ingredientId, on, last).length === 0) continue;
      const column = draft.pay('shopping', 0, most);
      const worth = PACK_SHARE * worthPerGram * (Number.isFinite(packGrams) ? packGrams : 0);
      const packed = draft.pay('shopping', POINTS.pack + POINTS.money * worth, Math.ceil(most / packGrams), true);
      draft.row(-Infinity, 0, [
        [column, 1],
        [packed, -packGrams],
      ]);
      shop.item(ingredientId, on, Math.ceil(most / packGrams), packed);
      wants.only(draft, ingredientId, on, last, packed, packGrams);
      this.packs.push({ column: packed, ingredientId, on });
      from.push({ on, column });
      if (pricePerGram) shop.spent.push([packed, pricePerGram * packGrams]);
    }
    const ends = [...new Set([...from.map(({ on }) => on - 1), last])].filter((on) => on >= 0);
    for (const end of ends)
      draft.row(-Infinity, grams, [
        ...wants.between(ingredientId, 0, end),
        ...lacks.map((column): Entry => [column, -1]),
        ...from.filter(({ on }) => on <= end).map(({ column }): Entry => [column, -1]),
      ]);
  }
}
