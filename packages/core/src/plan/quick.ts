import { frozenFrom, lostOfOpened, mayFreeze } from './model';
import {
  countedShare,
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

/** A piece that is cut, or a tub that is open: the supply by its place, the day, the last day that it may be used, and what is left. */
interface Open {
  readonly supply: number;
  readonly openedOn: number;
  readonly lastOn: number;
  grams: number;
}
/** What an option takes of one thing: of a good, or of supplies, by their places. */
interface Want {
  /** Which thing it is. */
  readonly thing: number;
  readonly good: number | undefined;
  /** In the order in which they are drawn. */
  readonly supplies: readonly number[];
  readonly grams: number;
}

/**
 * A problem made ready to be asked about many sets of bowls, one after the other. Everything has its place in plain arrays, which are
 * cleared and filled anew for each question: an answer takes some hundredths of a millisecond.
 */
export class QuickLook {
  readonly options: ReadonlyMap<string, Option>;
  private readonly wants: ReadonlyMap<string, readonly Want[]>;
  private readonly pins: ReadonlySet<string>;
  /** What a head could meet at all: where nothing can be done, nobody is late and nothing is missed. */
  private readonly within: ReadonlyMap<string, { readonly lateOn: readonly number[]; readonly due: PlanHead['due'] }>;
  /** The last day with a shop up to each day; −1 for none. */
  private readonly shopBefore: readonly number[];
  /** Of each supply: the first day on which bowls may take of it frozen; Infinity for what is not frozen. */
  private readonly frozenFrom: readonly number[];
  /** Of each supply: the chance that it is fit on a day on which it can be frozen. */
  private readonly likeliest: readonly number[];
  /** Of each supply: units that are left in the house, and units that were bought. */
  private readonly left: Float64Array;
  private readonly bought: Float64Array;
  /** Of each supply: whether bowls have taken of it frozen; grams that freezing what is left saves, as they count and as they are lost. */
  private readonly thawed: Uint8Array;
  private readonly saves: Float64Array;
  private readonly savesGrams: Float64Array;
  /** Of each good: grams that were used, and packs that were bought. */
  private readonly used: Float64Array;
  private readonly packs: Float64Array;
  /** Of each thing: what of it is open. */
  private readonly opened: Open[][];
  /** What bowls are spared of a thing, until something of it is left in the end. */
  private readonly spared: { readonly want: Want; readonly on: number; readonly grams: number }[] = [];
  /** Whether a thing is on the list of a day, and whether somebody goes to the shop on it. */
  private readonly list: Uint8Array;
  private readonly trips: Uint8Array;

  /** @param mostLostGrams what is lost beyond it costs dear, as in the programme */
  constructor(
    readonly problem: PlanProblem,
    private readonly mostLostGrams = Infinity,
  ) {
    const { options, supplies, goods, days, heads, pins } = problem;
    this.options = new Map(options.map((option) => [option.id, option]));
    this.pins = new Set(pins.map(({ optionId, on }) => `${optionId} ${on}`));
    this.within = new Map(heads.map((head) => [head.id, this.reachable(head)]));
    const lastFit = ({ chance }: Supply): number =>
      chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
    // What turns first is drawn first, and what is in the house before what is bought.
    const inOrder = supplies
      .map((supply, place) => ({
        supply,
        place,
        isBought: Number(supply.boughtOn !== undefined),
        last: lastFit(supply),
      }))
      .sort((a, b) => a.isBought - b.isBought || a.last - b.last);
    const things = new Map<string, number>();
    const thingOf = (id: string): number => {
      const known = things.get(id) ?? things.size;
      things.set(id, known);
      return known;
    };
    this.wants = new Map(
      options.map(({ id, lines }) => [
        id,
        lines.map(({ ingredientId, grams }): Want => {
          const good = goods.findIndex((one) => one.ingredientId === ingredientId);
          return {
            thing: thingOf(ingredientId),
            good: good < 0 ? undefined : good,
            supplies: inOrder.flatMap(({ supply, place }) => (supply.ingredientId === ingredientId ? [place] : [])),
            grams,
          };
        }),
      ]),
    );
    let before = -1;
    this.shopBefore = days.map(({ isShopDay }, on) => (before = isShopDay ? on : before));
    this.frozenFrom = supplies.map((supply) => (mayFreeze(supply) ? frozenFrom(supply) : Infinity));
    this.likeliest = supplies.map(({ chance }) => Math.max(...chance));
    this.left = new Float64Array(supplies.length);
    this.bought = new Float64Array(supplies.length);
    this.thawed = new Uint8Array(supplies.length);
    this.saves = new Float64Array(supplies.length);
    this.savesGrams = new Float64Array(supplies.length);
    this.used = new Float64Array(goods.length);
    this.packs = new Float64Array(goods.length);
    this.opened = Array.from({ length: things.size }, () => []);
    this.list = new Uint8Array(things.size * days.length);
    this.trips = new Uint8Array(days.length);
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
    const { heads, supplies, budget, former } = this.problem;
    this.clear();
    const bowls = [...chosen].sort((a, b) => a.on - b.on);
    const sum = { points: 0, money: 0 };
    for (const bowl of bowls) {
      sum.points += this.options.get(bowl.optionId)?.points ?? 0;
      for (const want of this.wants.get(bowl.optionId) ?? [])
        if (!(want.good === undefined ? this.draw(want, bowl, sum) : this.use(want, want.good, bowl.on, sum)))
          return Infinity;
    }
    if (budget !== undefined && sum.money > budget) return Infinity;
    this.giveBack(sum);
    let { points } = sum;
    let lost = 0;
    let lostGrams = 0;
    /** What is left of a supply turns, or is frozen where that is less. */
    const leave = (place: number, supply: Supply, grams: number, share: number, lostShare: number): void => {
      const counts = share * grams * supply.weight;
      const gone = lostShare * grams * countedShare(supply);
      lost += counts;
      lostGrams += gone;
      const saves = counts - POINTS.frozen * grams * supply.weight;
      if (saves <= 0 || this.frozenFrom[place] === Infinity) return;
      this.saves[place] = (this.saves[place] ?? 0) + saves;
      this.savesGrams[place] = (this.savesGrams[place] ?? 0) + gone;
    };
    for (const rests of this.opened)
      for (const { supply, openedOn, grams } of rests) {
        const share = lostOfOpened(supplies[supply] as Supply, openedOn, this.trips.length);
        leave(supply, supplies[supply] as Supply, grams, share, share);
      }
    supplies.forEach((supply, place) => {
      leave(place, supply, (this.left[place] ?? 0) * supply.unitGrams, supply.leftShare, supply.lostShare);
      const saves = (POINTS.lost * (this.saves[place] ?? 0)) / HUNDRED;
      if (!this.thawed[place] && saves <= POINTS.freezing) return;
      points += POINTS.freezing - saves;
      lostGrams -= this.savesGrams[place] ?? 0;
    });
    points += (POINTS.lostMore * Math.max(0, lostGrams - this.mostLostGrams)) / HUNDRED;
    points += (POINTS.lost * lost) / HUNDRED + POINTS.trip * count(this.trips) + POINTS.item * count(this.list);
    for (const head of heads) points += this.pointsOfHead(head, bowls);
    for (const { optionId, on } of former)
      if (!chosen.some((one) => one.optionId === optionId && one.on === on)) points += POINTS.changed;
    return points;
  }

  private clear(): void {
    this.problem.supplies.forEach(({ boughtOn, units }, place) => {
      this.left[place] = boughtOn === undefined ? units : 0;
    });
    for (const all of [this.bought, this.used, this.packs, this.list, this.trips]) all.fill(0);
    for (const all of [this.thawed, this.saves, this.savesGrams]) all.fill(0);
    for (const rests of this.opened) rests.length = 0;
    this.spared.length = 0;
  }

  private shop(thing: number, on: number): void {
    this.list[thing * this.trips.length + on] = 1;
    this.trips[on] = 1;
  }

  /** Takes of something that keeps, and buys what is missing. False where no shop has it by that day. */
  private use({ thing, grams }: Want, place: number, on: number, sum: { points: number; money: number }): boolean {
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
    this.shop(thing, day);
    sum.points += (POINTS.pack + POINTS.money * PACK_SHARE * good.worthPerGram * good.packGrams) * more;
    sum.money += more * good.packGrams * (good.pricePerGram ?? 0);
    return true;
  }

  /** Takes of what turns: of what is open, then of what is there, then of what is bought. False where there is too little. */
  private draw(want: Want, bowl: Chosen, sum: { points: number; money: number }): boolean {
    const { sparedShare, supplies } = this.problem;
    const { on } = bowl;
    const spared = want.grams * sparedShare;
    let wanted = want.grams - spared;
    if (spared > 0) this.spared.push({ want, on, grams: spared });
    const open = this.opened[want.thing] ?? [];
    open.sort((a, b) => a.lastOn - b.lastOn);
    for (const one of open) {
      const isFrozen = one.lastOn < on;
      if (one.grams <= 0 || (isFrozen && !this.isInIce(one.supply, on))) continue;
      const taken = Math.min(wanted, one.grams);
      one.grams -= taken;
      wanted -= taken;
      sum.points += isFrozen
        ? this.thaw(one.supply, taken)
        : this.risk(supplies[one.supply] as Supply, one.openedOn, taken);
    }
    while (wanted > 1e-9) {
      const place = this.cheapest(want, on, wanted);
      if (place === undefined) break;
      const supply = supplies[place] as Supply;
      let units = this.left[place] ?? 0;
      if (units <= 1e-9) {
        this.bought[place] = (this.bought[place] ?? 0) + 1;
        this.shop(want.thing, supply.boughtOn as number);
        sum.points += POINTS.money * supply.unitWorth;
        sum.money += supply.unitPrice ?? 0;
        units += 1;
      }
      const isFrozen = this.isInIce(place, on);
      const isLoose = isFrozen || supply.openDays === undefined;
      const taken = Math.min(wanted, (isLoose ? units : 1) * supply.unitGrams);
      wanted -= taken;
      this.left[place] = units - (isLoose ? taken / supply.unitGrams : 1);
      sum.points += isFrozen ? this.thaw(place, taken) : this.risk(supply, on, taken);
      if (!isFrozen && supply.openDays !== undefined)
        open.push({ supply: place, openedOn: on, lastOn: on + supply.openDays, grams: supply.unitGrams - taken });
    }
    if (wanted > 1e-9) {
      if (!this.isPinned(bowl)) return false;
      sum.points += (POINTS.missing * wanted) / HUNDRED;
    }
    return true;
  }

  /** What bowls were spared is given to them, where something that was open on their day, or lies loose, is left in the end. */
  private giveBack(sum: { points: number }): void {
    for (const { want, on, grams } of this.spared) {
      let wanted = grams;
      for (const one of this.opened[want.thing] ?? []) {
        if (one.openedOn > on || one.lastOn < on) continue;
        const taken = Math.min(wanted, one.grams);
        one.grams -= taken;
        wanted -= taken;
        sum.points += this.risk(this.problem.supplies[one.supply] as Supply, one.openedOn, taken);
      }
      for (const place of want.supplies) {
        const supply = this.problem.supplies[place] as Supply;
        if (supply.openDays !== undefined || (supply.chance[on] ?? 0) < LEAST_CHANCE) continue;
        const taken = Math.min(wanted, (this.left[place] ?? 0) * supply.unitGrams);
        this.left[place] = (this.left[place] ?? 0) - taken / supply.unitGrams;
        wanted -= taken;
        sum.points += this.risk(supply, on, taken);
      }
      sum.points += (POINTS.spared * wanted) / HUNDRED;
    }
  }

  /** Where the next grams cost least: by what is lost of a piece that is opened for them, and what would be lost if it were not. */
  private cheapest({ thing, supplies }: Want, on: number, wanted: number): number | undefined {
    let best: number | undefined;
    let least = Infinity;
    for (const place of supplies) {
      const supply = this.problem.supplies[place] as Supply;
      const units = this.left[place] ?? 0;
      const isFrozen = units > 1e-9 && this.isInIce(place, on);
      if (!isFrozen && (supply.chance[on] ?? 0) < LEAST_CHANCE) continue;
      const { boughtOn, unitGrams, leftShare, weight } = supply;
      const openDays = isFrozen ? undefined : supply.openDays;
      if (units <= 1e-9 && (boughtOn === undefined || (this.bought[place] ?? 0) >= supply.units)) continue;
      const taken = Math.min(wanted, (openDays === undefined ? Math.max(units, 1) : 1) * unitGrams);
      const gone =
        openDays === undefined ? 0 : lostOfOpened(supply, on, this.trips.length) * Math.max(0, unitGrams - taken);
      const keptShare = Number.isFinite(this.frozenFrom[place]) ? Math.min(leftShare, POINTS.frozen) : leftShare;
      const kept = keptShare * (openDays === undefined ? taken : unitGrams);
      const isNew = units <= 1e-9;
      const bought = isNew
        ? POINTS.money * supply.unitWorth +
          (this.list[thing * this.trips.length + (boughtOn ?? 0)] ? 0 : POINTS.item) +
          (this.trips[boughtOn ?? 0] ? 0 : POINTS.trip)
        : 0;
      const costs =
        bought +
        (POINTS.lost * weight * (gone - (isNew ? 0 : kept))) / HUNDRED +
        (isFrozen ? (this.thawed[place] ? 0 : POINTS.freezing) : this.risk(supply, on, taken));
      if (costs / taken < least - 1e-12) [best, least] = [place, costs / taken];
    }
    return best;
  }

  /** What froze while it was fit is there for a bowl of this day. */
  private isInIce = (place: number, on: number): boolean => on >= (this.frozenFrom[place] ?? Infinity);

  /** Takes of what was frozen. @returns what it costs that it may have been unfit to freeze, points */
  private thaw(place: number, grams: number): number {
    this.thawed[place] = 1;
    return (POINTS.risk * (1 - (this.likeliest[place] ?? 0)) * grams) / HUNDRED;
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

/** A loop, since it is asked for at every look. */
function count(flags: Uint8Array): number {
  let sum = 0;
  for (const one of flags) sum += one;
  return sum;
}
