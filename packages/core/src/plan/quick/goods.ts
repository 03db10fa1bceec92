import { PACK_SHARE, PLAN_POINTS as POINTS, type PlanProblem } from '../problem';
import type { QuickTill } from './till';
import type { Want } from './wants';

/** What keeps: how much of it is used, and in what packs it is bought. */
export class QuickGoods {
  /** Of each good: grams that were used, and packs that were bought. */
  private readonly used: Float64Array;
  private readonly packs: Float64Array;
  /** The last day with a shop up to each day; −1 for none. */
  private readonly shopBefore: readonly number[];

  constructor(
    private readonly problem: PlanProblem,
    private readonly till: QuickTill,
  ) {
    const { goods, days } = problem;
    let before = -1;
    this.shopBefore = days.map(({ isShopDay }, on) => (before = isShopDay ? on : before));
    this.used = new Float64Array(goods.length);
    this.packs = new Float64Array(goods.length);
  }

  clear(): void {
    this.used.fill(0);
    this.packs.fill(0);
  }

  /** Takes of something that keeps, and buys what is missing. False where no shop has it by that day. */
  take({ thing, grams }: Want, place: number, on: number): boolean {
    const good = this.problem.goods[place];
    if (!good) return false;
    const used = (this.used[place] ?? 0) + grams;
    this.used[place] = used;
    const packs = this.packs[place] ?? 0;
    const there = good.grams + (packs > 0 ? packs * good.packGrams : 0);
    if (used <= there + 1e-9) return true;
    const day = this.shopBefore[on] ?? -1;
    // What is put together of other things is in no shop: its pack is endless.
    if (day < 0 || !Number.isFinite(good.packGrams)) return false;
    const more = Math.ceil((used - there) / good.packGrams - 1e-9);
    this.packs[place] = packs + more;
    this.till.shop(thing, day);
    this.till.points += (POINTS.pack + POINTS.money * PACK_SHARE * good.worthPerGram * good.packGrams) * more;
    this.till.money += more * good.packGrams * (good.pricePerGram ?? 0);
    return true;
  }
}
