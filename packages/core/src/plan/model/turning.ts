import { countedShare, PLAN_POINTS as POINTS, type PlanProblem, type Supply } from '../problem';
import type { ModelDraft } from './draft';
import type { Shop } from './shop';
import { lostOfOpened, mayFreeze, usableOn } from './supply';
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
    const goes: Entry[] = usableOn(supply).map((on) => this.uses(supply, on, days));
    if (mayFreeze(supply)) goes.push([this.freezes(supply), 1]);
    goes.push([this.loses(supply, lostShare * unitGrams, units, leftShare * unitGrams), 1]);
    if (supply.boughtOn === undefined) this.draft.row(units, units, goes);
    else this.buys(supply, supply.boughtOn, goes, days);
  }

  /** Used from a day on: drawn from something loose, or a piece that is opened whole and lasts its days. */
  private uses(supply: Supply, on: number, days: number): Entry {
    const { draft } = this;
    const { units, unitGrams, openDays } = supply;
    const risk = (POINTS.risk * (1 - (supply.chance[on] ?? 0))) / HUNDRED;
    const drawOn = (later: number): number => {
      const column = draft.pay('risk', risk, units * unitGrams);
      this.draws.push({ column, supply, on: later, openedOn: on });
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
    draft.row(0, 0, [...of, [open, -unitGrams]]);
    return [open, 1];
  }

  /** @param counts grams that count of each one, where that is not what is lost of it */
  private loses(supply: Supply, grams: number, most: number, counts = grams): number {
    const column = this.draft.pay('lost', (POINTS.lost * supply.weight * counts) / HUNDRED, most);
    if (grams > 0) this.lost.push({ column, supply, grams: grams * countedShare(supply) });
    return column;
  }

  private freezes(supply: Supply): number {
    const { units, unitGrams, weight, leftShare } = supply;
    const half = (POINTS.frozen * POINTS.lost * weight * leftShare * unitGrams) / HUNDRED;
    const column = this.draft.pay('freezing', half, units);
    const does = this.draft.pay('freezing', POINTS.freezing, 1, true);
    this.draft.row(-Infinity, 0, [
      [column, 1],
      [does, -units],
    ]);
    this.frozen.push({ column, supply });
    return column;
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
