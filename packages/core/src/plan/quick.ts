import { lostOfOpened } from './model';
import {
  LEAST_CHANCE,
  mayOn,
  PACK_SHARE,
  PLAN_POINTS as POINTS,
  tooNear,
  tooSoon,
  type Chosen,
  type Option,
  type PlanHead,
  type PlanProblem,
  type Supply,
} from './problem';

const HUNDRED = 100;

/** A piece that is cut, or a tub that is open. */
interface Open {
  readonly supply: Supply;
  readonly openedOn: number;
  grams: number;
}

/** A problem made ready to be asked about many sets of bowls, one after the other. */
export class QuickLook {
  readonly options: ReadonlyMap<string, Option>;
  private readonly supplies = new Map<string, readonly Supply[]>();
  private readonly goods: ReadonlyMap<string, PlanProblem['goods'][number]>;
  private readonly pins: ReadonlySet<string>;
  /** What a head could meet at all: where nothing can be done, nobody is late and nothing is missed. */
  private readonly within: ReadonlyMap<string, { readonly lateOn: readonly number[]; readonly due: PlanHead['due'] }>;

  constructor(readonly problem: PlanProblem) {
    this.options = new Map(problem.options.map((option) => [option.id, option]));
    this.goods = new Map(problem.goods.map((good) => [good.ingredientId, good]));
    this.pins = new Set(problem.pins.map(({ optionId, on }) => `${optionId} ${on}`));
    this.within = new Map(problem.heads.map((head) => [head.id, this.reachable(head)]));
    const lastFit = ({ chance }: Supply): number =>
      chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
    for (const supply of problem.supplies)
      this.supplies.set(supply.ingredientId, [...(this.supplies.get(supply.ingredientId) ?? []), supply]);
    // What turns first is drawn first, and what is in the house before what is bought.
    for (const [id, all] of this.supplies)
      this.supplies.set(
        id,
        [...all].sort(
          (a, b) => Number(a.boughtOn !== undefined) - Number(b.boughtOn !== undefined) || lastFit(a) - lastFit(b),
        ),
      );
  }

  isPinned = ({ optionId, on }: Chosen): boolean => this.pins.has(`${optionId} ${on}`);

  private reachable(head: PlanHead) {
    const { options, heads, days } = this.problem;
    const places = options
      .filter(({ headIds }) => headIds.includes(head.id))
      .flatMap((option) =>
        days.flatMap((_, on) =>
          this.isPinned({ optionId: option.id, on }) || mayOn(option, heads, days, on) ? [{ option, on }] : [],
        ),
      );
    return {
      lateOn: days.flatMap((_, day) => (places.some(({ on }) => on <= day && on > day - head.everyDays) ? [day] : [])),
      due: head.due.filter(({ rhythm, from }) =>
        places.some(({ option, on }) => on >= from && option.rhythms.includes(rhythm)),
      ),
    };
  }

  /** True where bowls keep the rules of heads and days; whether everything is there is for `cost` to say. */
  keepsRules(chosen: readonly Chosen[]): boolean {
    const { heads, days } = this.problem;
    for (const one of chosen) {
      const option = this.options.get(one.optionId);
      if (!option || (!this.isPinned(one) && !mayOn(option, heads, days, one.on))) return false;
    }
    return heads.every((head) => this.keepsApart(head, chosen)) && days.every((_, on) => this.fitsMinutes(on, chosen));
  }

  private keepsApart(head: PlanHead, chosen: readonly Chosen[]): boolean {
    const own = chosen.filter(({ optionId }) => this.options.get(optionId)?.headIds.includes(head.id));
    return own.every((one, i) =>
      own.slice(i + 1).every((other) => {
        if (this.isPinned(one) && this.isPinned(other)) return true;
        const [a, b] = [this.options.get(one.optionId), this.options.get(other.optionId)];
        if (!a || !b) return false;
        const pair = [[a, one.on] as const, [b, other.on] as const] as const;
        return !tooNear([head], ...pair) && !tooSoon([head], ...pair);
      }),
    );
  }

  private fitsMinutes(on: number, chosen: readonly Chosen[]): boolean {
    const today = chosen.filter((one) => one.on === on);
    if (today.length < 2) return true;
    const all = today.flatMap(({ optionId }) => this.options.get(optionId) ?? []);
    const hands = all.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0);
    const wears = Math.max(...all.map(({ wearMinutes }) => wearMinutes));
    return today.some(this.isPinned) || hands + wears <= (this.problem.days[on]?.minutes ?? 0);
  }

  /** What bowls cost when everything is drawn by the next best: never less than the least they could cost. Infinity where something is missing. */
  cost(chosen: readonly Chosen[]): number {
    const { heads, days, budget, sparedShare } = this.problem;
    const bowls = [...chosen].sort((a, b) => a.on - b.on);
    const left = new Map<Supply, number>();
    const opened = new Map<string, Open[]>();
    const used = new Map<string, number>();
    const bought = new Map<Supply, number>();
    const packs = new Map<string, number>();
    const list = new Set<string>();
    const trips = new Set<number>();
    let points = 0;
    let lostGramsPoints = 0;
    let money = 0;
    const shop = (ingredientId: string, on: number): void => {
      list.add(`${ingredientId} ${on}`);
      trips.add(on);
    };
    for (const { optionId, on } of bowls) {
      const option = this.options.get(optionId) as Option;
      points += option.points;
      for (const { ingredientId, grams } of option.lines) {
        const good = this.goods.get(ingredientId);
        if (good) {
          const before = used.get(ingredientId) ?? 0;
          used.set(ingredientId, before + grams);
          const there = good.grams + (packs.get(ingredientId) ?? 0) * good.packGrams;
          if (before + grams <= there + 1e-9) continue;
          const day = lastShopDay(this.problem, on);
          if (day === undefined) return Infinity;
          const more = Math.ceil((before + grams - there) / good.packGrams - 1e-9);
          packs.set(ingredientId, (packs.get(ingredientId) ?? 0) + more);
          shop(ingredientId, day);
          points += (POINTS.pack + POINTS.money * PACK_SHARE * good.worthPerGram * good.packGrams) * more;
          money += more * good.packGrams * (good.pricePerGram ?? 0);
          continue;
        }
        let wanted = grams;
        const least = grams * sparedShare + 1e-9;
        const open = (opened.get(ingredientId) ?? []).filter(
          (one) => one.grams > 0 && one.openedOn + (one.supply.openDays ?? 0) >= on,
        );
        open.sort((a, b) => a.openedOn + (a.supply.openDays ?? 0) - b.openedOn - (b.supply.openDays ?? 0));
        for (const one of open) {
          const taken = Math.min(wanted, one.grams);
          one.grams -= taken;
          wanted -= taken;
          points += this.risk(one.supply, one.openedOn, taken);
        }
        for (const supply of this.supplies.get(ingredientId) ?? []) {
          if (wanted <= least) break;
          if ((supply.chance[on] ?? 0) < LEAST_CHANCE) continue;
          const isLoose = supply.openDays === undefined;
          let units = left.get(supply) ?? (supply.boughtOn === undefined ? supply.units : 0);
          while (wanted > least) {
            if (units <= 1e-9) {
              if (supply.boughtOn === undefined || (bought.get(supply) ?? 0) >= supply.units) break;
              bought.set(supply, (bought.get(supply) ?? 0) + 1);
              shop(ingredientId, supply.boughtOn);
              points += POINTS.money * supply.unitWorth;
              money += supply.unitPrice ?? 0;
              units += 1;
            }
            if (isLoose) {
              const taken = Math.min(wanted, units * supply.unitGrams);
              units -= taken / supply.unitGrams;
              wanted -= taken;
              points += this.risk(supply, on, taken);
            } else {
              units -= 1;
              const taken = Math.min(wanted, supply.unitGrams);
              wanted -= taken;
              points += this.risk(supply, on, taken);
              const rest = { supply, openedOn: on, grams: supply.unitGrams - taken };
              opened.set(ingredientId, [...(opened.get(ingredientId) ?? []), rest]);
            }
          }
          left.set(supply, units);
        }
        if (wanted > least + 1e-9) {
          if (!this.isPinned({ optionId, on })) return Infinity;
          points += (POINTS.missing * wanted) / HUNDRED;
        } else points += (POINTS.spared * Math.max(0, wanted)) / HUNDRED;
      }
    }
    if (budget !== undefined && money > budget) return Infinity;
    for (const rests of opened.values())
      for (const { supply, openedOn, grams } of rests)
        lostGramsPoints += lostOfOpened(supply, openedOn, days.length) * grams * supply.weight;
    for (const supply of this.problem.supplies) {
      const units = left.get(supply) ?? (supply.boughtOn === undefined ? supply.units : 0);
      let share = supply.leftShare * supply.weight;
      const grams = units * supply.unitGrams;
      if (supply.canFreeze) {
        const frozen = POINTS.freezing + (POINTS.frozen * POINTS.lost * share * grams) / HUNDRED;
        if (frozen < (POINTS.lost * share * grams) / HUNDRED) {
          points += frozen;
          share = 0;
        }
      }
      lostGramsPoints += share * grams;
    }
    points += (POINTS.lost * lostGramsPoints) / HUNDRED;
    points += POINTS.trip * trips.size + POINTS.item * list.size;
    for (const head of heads) points += this.pointsOfHead(head, bowls);
    for (const { optionId, on } of this.problem.former)
      if (!chosen.some((one) => one.optionId === optionId && one.on === on)) points += POINTS.changed;
    return points;
  }

  private risk = (supply: Supply, on: number, grams: number): number =>
    (POINTS.risk * (1 - (supply.chance[on] ?? 0)) * grams) / HUNDRED;

  private pointsOfHead(head: PlanHead, bowls: readonly Chosen[]): number {
    const own = bowls.flatMap(({ optionId, on }) => {
      const option = this.options.get(optionId);
      return option?.headIds.includes(head.id) ? [{ option, on }] : [];
    });
    const all = head.lastOn === undefined ? own.map(({ on }) => on) : [head.lastOn, ...own.map(({ on }) => on)];
    const { lateOn, due } = this.within.get(head.id) ?? { lateOn: [], due: [] };
    const late = lateOn.filter((day) => !all.some((on) => on <= day && on > day - head.everyDays)).length;
    const masks = own.map(({ option }) => option.maskId);
    const missed = due.filter(
      ({ rhythm, from }) => !own.some(({ option, on }) => on >= from && option.rhythms.includes(rhythm)),
    ).length;
    return POINTS.late * late + POINTS.again * (masks.length - new Set(masks).size) + POINTS.due * missed;
  }
}

function lastShopDay({ days }: PlanProblem, on: number): number | undefined {
  for (let day = on; day >= 0; day--) if (days[day]?.isShopDay) return day;
  return undefined;
}
