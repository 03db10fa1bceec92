import { countedShare, PLAN_POINTS as POINTS, type PlanProblem, type Supply } from '../problem';
import type { ModelDraft } from './draft';
import type { Shop } from './shop';
import { frozenFrom, lostOfOpened, mayFreeze, usableOn } from './supply';
import type { DrawColumn, Entry, LostColumn, SupplyColumn } from './types';
import type { Wants } from './wants';

const HUNDRED = 100;

/** Where what turns may go: into bowls, into the freezer, or lost. */
export class Turning {
  readonly draws: DrawColumn[] = [];
  readonly opened: (SupplyColumn & { readonly on: number })[] = [];
  readonly bought: SupplyColumn[] = [];
  readonly frozen: SupplyColumn[] = [];
  readonly lost: LostColumn[] = [];
  private readonly byThingAndDay = new Map<string, DrawColumn[]>();

  constructor(
    { supplies, days }: PlanProblem,
    private readonly wants: Wants,
    private readonly shop: Shop,
    private readonly draft: ModelDraft,
  ) {
    for (const supply of supplies) this.add(supply, days.length);
    for (const draw of this.draws) {
      const key = `${draw.supply.ingredientId} ${draw.on}`;
      const known = this.byThingAndDay.get(key);
      if (known) known.push(draw);
      else this.byThingAndDay.set(key, [draw]);
    }
  }

  /** What can be drawn of a thing on a day. */
  givenOn(ingredientId: string, on: number): readonly DrawColumn[] {
    return this.byThingAndDay.get(`${ingredientId} ${on}`) ?? [];
  }

  /** What is there of a supply goes somewhere, all of it: in units, except what is drawn from something loose. */
  private add(supply: Supply, days: number): void {
    const { units, unitGrams, lostShare, leftShare } = supply;
    const rests: number[] | undefined = mayFreeze(supply) ? [] : undefined;
    const goes: Entry[] = usableOn(supply).map((on) => this.uses(supply, on, days, rests));
    if (rests) goes.push([this.freezes(supply, rests, days), 1]);
    goes.push([this.loses(supply, lostShare * unitGrams, units, leftShare * unitGrams), 1]);
    if (supply.boughtOn === undefined) this.draft.row(units, units, goes);
    else this.buys(supply, supply.boughtOn, goes, days);
  }

  /**
   * Used from a day on: drawn from something loose, or a piece that is opened whole and lasts its days.
   * @param rests where the columns go of what is left of a piece and frozen; nothing for what does not freeze
   */
  private uses(supply: Supply, on: number, days: number, rests: number[] | undefined): Entry {
    const { draft } = this;
    const { units, unitGrams, openDays } = supply;
    const risk = (POINTS.risk * (1 - (supply.chance[on] ?? 0))) / HUNDRED;
    const drawOn = (later: number): number => {
      const column = draft.pay('risk', risk, units * unitGrams);
      this.draws.push({ column, supply, on: later, openedOn: on, isFrozen: false });
      return column;
    };
    if (openDays === undefined) return [drawOn(on), 1 / unitGrams];
    const open = draft.pay('lost', 0, units, true);
    this.opened.push({ column: open, supply, on });
    // Nothing is cut for nobody: a rest that is half lost would look better than a fruit that is left whole.
    this.wants.only(draft, supply.ingredientId, on, on, open, unitGrams);
    const of: Entry[] = [];
    for (let later = on; later <= Math.min(days - 1, on + openDays); later++) of.push([drawOn(later), 1]);
    of.push([this.loses(supply, lostOfOpened(supply, on, days), units * unitGrams), 1]);
    if (rests) {
      const rest = draft.pay('freezing', 0, units * unitGrams);
      rests.push(rest);
      of.push([rest, 1]);
    }
    draft.row(0, 0, [...of, [open, -unitGrams]]);
    return [open, 1];
  }

  /** @param counts grams that count of each one, where that is not what is lost of it */
  private loses(supply: Supply, grams: number, most: number, counts = grams): number {
    const column = this.draft.pay('lost', (POINTS.lost * supply.weight * counts) / HUNDRED, most);
    if (grams > 0) this.lost.push({ column, supply, grams: grams * countedShare(supply) });
    return column;
  }

  /**
   * Whole ones and rests that are frozen in time. A bowl of a later day takes of them as much as it wants; what stays in the freezer is
   * not lost, and not yet worn.
   * @returns the column of units that are frozen as they are
   */
  private freezes(supply: Supply, rests: readonly number[], days: number): number {
    const { draft } = this;
    const { units, unitGrams, weight, ingredientId, chance } = supply;
    const most = units * unitGrams;
    const whole = draft.pay('freezing', 0, units);
    const grams = draft.pay('freezing', 0, most);
    const stays = draft.pay('freezing', (POINTS.frozen * POINTS.lost * weight) / HUNDRED, most);
    const does = draft.pay('freezing', POINTS.freezing, 1, true);
    draft.row(0, 0, [[whole, unitGrams], ...rests.map((rest): Entry => [rest, 1]), [grams, -1]]);
    draft.row(-Infinity, 0, [
      [grams, 1],
      [does, -most],
    ]);
    this.frozen.push({ column: grams, supply });
    const risk = (POINTS.risk * (1 - Math.max(...chance))) / HUNDRED;
    const goes: Entry[] = [[stays, 1]];
    for (let on = frozenFrom(supply); on < days; on++) {
      if (this.wants.between(ingredientId, on, on).length === 0) continue;
      const column = draft.pay('risk', risk, most);
      this.draws.push({ column, supply, on, openedOn: on, isFrozen: true });
      goes.push([column, 1]);
    }
    draft.row(0, 0, [...goes, [grams, -1]]);
    return whole;
  }

  private buys(supply: Supply, on: number, goes: readonly Entry[], days: number): void {
    const { ingredientId, units, unitGrams, unitWorth, unitPrice } = supply;
    const column = this.draft.pay('shopping', POINTS.money * unitWorth, units, true);
    this.bought.push({ column, supply });
    this.shop.item(ingredientId, on, units, column);
    this.wants.only(this.draft, ingredientId, on, days - 1, column, unitGrams);
    this.draft.row(0, 0, [...goes, [column, -1]]);
    if (unitPrice) this.shop.spent.push([column, unitPrice]);
  }
}
