import { PLAN_POINTS as POINTS, type Chosen, type Option, type PlanProblem } from '../problem';
import { QuickGoods } from './goods';
import { QuickHeads } from './heads';
import { QuickShelf } from './shelf';
import { QuickTill } from './till';
import { wantsOf, type Want } from './wants';

const HUNDRED = 100;

/**
 * A problem made ready to be asked about many sets of bowls, one after the other. Everything has its place in plain arrays, which are
 * cleared and filled anew for each question: an answer takes some hundredths of a millisecond.
 */
export class QuickLook {
  private readonly heads: QuickHeads;
  private readonly wants: ReadonlyMap<string, readonly Want[]>;
  private readonly till: QuickTill;
  private readonly goods: QuickGoods;
  private readonly shelf: QuickShelf;

  /** @param mostLostGrams what is lost beyond it costs dear, as in the programme */
  constructor(
    readonly problem: PlanProblem,
    private readonly mostLostGrams = Infinity,
  ) {
    this.heads = new QuickHeads(problem);
    const { byOption, things } = wantsOf(problem);
    this.wants = byOption;
    this.till = new QuickTill(things, problem.days.length);
    this.goods = new QuickGoods(problem, this.till);
    this.shelf = new QuickShelf(problem, this.till, things);
  }

  get options(): ReadonlyMap<string, Option> {
    return this.heads.options;
  }

  isPinned = (one: Chosen): boolean => this.heads.isPinned(one);

  /** True where bowls keep the rules of heads and days; whether everything is there is for `cost` to say. */
  keepsRules = (chosen: readonly Chosen[]): boolean => this.heads.keepsRules(chosen);

  /** What bowls cost when everything is drawn by the next best: never less than the least they could cost. Infinity where something is missing. */
  cost(chosen: readonly Chosen[]): number {
    const { till, goods, shelf } = this;
    const { budget, former } = this.problem;
    till.clear();
    goods.clear();
    shelf.clear();
    const bowls = [...chosen].sort((a, b) => a.on - b.on);
    for (const bowl of bowls) {
      till.points += this.options.get(bowl.optionId)?.points ?? 0;
      for (const want of this.wants.get(bowl.optionId) ?? []) {
        const isThere =
          want.good === undefined
            ? shelf.take(want, bowl.on, this.isPinned(bowl))
            : goods.take(want, want.good, bowl.on);
        if (!isThere) return Infinity;
      }
    }
    if (budget !== undefined && till.money > budget) return Infinity;
    shelf.giveBack();
    const lostGrams = shelf.settle();
    const more = (POINTS.lostMore * Math.max(0, lostGrams - this.mostLostGrams)) / HUNDRED;
    let gone = 0;
    for (const { optionId, on } of former)
      if (!chosen.some((one) => one.optionId === optionId && one.on === on)) gone += POINTS.changed;
    return till.points + more + till.ways + this.heads.points(bowls) + gone;
  }
}
