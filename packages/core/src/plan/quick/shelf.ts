import { frozenFrom, lostOfOpened, mayFreeze } from '../model';
import { countedShare, LEAST_CHANCE, PLAN_POINTS as POINTS, type PlanProblem, type Supply } from '../problem';
import type { QuickTill } from './till';
import type { Want } from './wants';

const HUNDRED = 100;
/** Less than this of a unit, or of a gram, is nothing. */
const CRUMB = 1e-9;

/** A supply with its place among all, and what is known of it beforehand. */
interface Known extends Supply {
  readonly place: number;
  /** The first day on which bowls may take of it frozen; Infinity for what is not frozen. */
  readonly frozenFrom: number;
  /** The chance that it is fit on a day on which it can be frozen. */
  readonly likeliest: number;
}

/** A piece that is cut, or a tub that is open: the day, the last day that it may be used, and what is left. */
interface Open {
  readonly supply: Known;
  readonly openedOn: number;
  readonly lastOn: number;
  grams: number;
}

/** What turns: drawn by the next best, opened, frozen in time, bought, and lost. */
export class QuickShelf {
  private readonly supplies: readonly Known[];
  /** Of each supply: units that are left in the house, and units that were bought. */
  private readonly left: Float64Array;
  private readonly bought: Float64Array;
  /** Of each supply: whether bowls have taken of it frozen; grams that freezing what is left saves, as they count and as they are lost. */
  private readonly thawed: Uint8Array;
  private readonly saves: Float64Array;
  private readonly savesGrams: Float64Array;
  /** Of each thing: what of it is open. */
  private readonly opened: Open[][];
  /** What bowls are spared of a thing, until something of it is left in the end. */
  private readonly spared: { readonly want: Want; readonly on: number; readonly grams: number }[] = [];
  /** What is lost: grams as they count, and as they are. */
  private lost = 0;
  private lostGrams = 0;

  constructor(
    private readonly problem: PlanProblem,
    private readonly till: QuickTill,
    things: number,
  ) {
    this.supplies = problem.supplies.map((supply, place) => ({
      ...supply,
      place,
      frozenFrom: mayFreeze(supply) ? frozenFrom(supply) : Infinity,
      likeliest: Math.max(...supply.chance),
    }));
    const { length } = this.supplies;
    this.left = new Float64Array(length);
    this.bought = new Float64Array(length);
    this.thawed = new Uint8Array(length);
    this.saves = new Float64Array(length);
    this.savesGrams = new Float64Array(length);
    this.opened = Array.from({ length: things }, () => []);
  }

  clear(): void {
    for (const { place, boughtOn, units } of this.supplies) this.left[place] = boughtOn === undefined ? units : 0;
    for (const all of [this.bought, this.thawed, this.saves, this.savesGrams]) all.fill(0);
    for (const rests of this.opened) rests.length = 0;
    this.spared.length = 0;
    this.lost = 0;
    this.lostGrams = 0;
  }

  /**
   * Takes of what turns: of what is open, then of what is there, then of what is bought.
   * @param mayLack true for a bowl that stands whatever it lacks
   * @returns false where there is too little
   */
  take(want: Want, on: number, mayLack: boolean): boolean {
    const spared = want.grams * this.problem.sparedShare;
    if (spared > 0) this.spared.push({ want, on, grams: spared });
    const open = this.opened[want.thing] ?? [];
    let wanted = this.ofOpen(open, want.grams - spared, on);
    while (wanted > CRUMB) {
      const supply = this.cheapest(want, on, wanted);
      if (!supply) break;
      wanted -= this.from(supply, want, on, wanted, open);
    }
    if (wanted > CRUMB) {
      if (!mayLack) return false;
      this.till.points += (POINTS.missing * wanted) / HUNDRED;
    }
    return true;
  }

  /** Takes of what is open, what turns first first; of what was frozen of it where it is past. @returns what is still wanted, grams */
  private ofOpen(open: Open[], grams: number, on: number): number {
    let wanted = grams;
    open.sort((a, b) => a.lastOn - b.lastOn);
    for (const one of open) {
      const isFrozen = one.lastOn < on;
      if (one.grams <= 0 || (isFrozen && on < one.supply.frozenFrom)) continue;
      const taken = Math.min(wanted, one.grams);
      one.grams -= taken;
      wanted -= taken;
      this.till.points += isFrozen ? this.thaw(one.supply, taken) : risk(one.supply, one.openedOn, taken);
    }
    return wanted;
  }

  /** Takes of a supply, and opens or buys a unit of it where that is needed. @returns what it gives, grams */
  private from(supply: Known, { thing }: Want, on: number, wanted: number, open: Open[]): number {
    const { place, boughtOn, unitGrams, openDays, unitWorth, unitPrice } = supply;
    let units = this.left[place] ?? 0;
    if (units <= CRUMB && boughtOn !== undefined) {
      this.bought[place] = (this.bought[place] ?? 0) + 1;
      this.till.shop(thing, boughtOn);
      this.till.points += POINTS.money * unitWorth;
      this.till.money += unitPrice ?? 0;
      units += 1;
    }
    const isFrozen = on >= supply.frozenFrom;
    const isLoose = isFrozen || openDays === undefined;
    const taken = Math.min(wanted, (isLoose ? units : 1) * unitGrams);
    this.left[place] = units - (isLoose ? taken / unitGrams : 1);
    this.till.points += isFrozen ? this.thaw(supply, taken) : risk(supply, on, taken);
    if (!isLoose) open.push({ supply, openedOn: on, lastOn: on + openDays, grams: unitGrams - taken });
    return taken;
  }

  /** Where the next grams cost least: by what is lost of a piece that is opened for them, and what would be lost if it were not. */
  private cheapest({ thing, supplies }: Want, on: number, wanted: number): Known | undefined {
    let best: Known | undefined;
    let least = Infinity;
    for (const place of supplies) {
      const supply = this.supplies[place];
      if (!supply) continue;
      const units = this.left[place] ?? 0;
      const isNew = units <= CRUMB;
      const isFrozen = !isNew && on >= supply.frozenFrom;
      if (!isFrozen && (supply.chance[on] ?? 0) < LEAST_CHANCE) continue;
      const { boughtOn, unitGrams, leftShare, weight } = supply;
      if (isNew && (boughtOn === undefined || (this.bought[place] ?? 0) >= supply.units)) continue;
      const isLoose = isFrozen || supply.openDays === undefined;
      const taken = Math.min(wanted, (isLoose ? Math.max(units, 1) : 1) * unitGrams);
      const gone = isLoose ? 0 : lostOfOpened(supply, on, this.till.days) * Math.max(0, unitGrams - taken);
      const keptShare = Number.isFinite(supply.frozenFrom) ? Math.min(leftShare, POINTS.frozen) : leftShare;
      const kept = isNew ? 0 : keptShare * (isLoose ? taken : unitGrams);
      const costs =
        (isNew ? POINTS.money * supply.unitWorth + this.till.onTheWay(thing, boughtOn ?? 0) : 0) +
        (POINTS.lost * weight * (gone - kept)) / HUNDRED +
        (isFrozen ? (this.thawed[place] ? 0 : POINTS.freezing) : risk(supply, on, taken));
      if (costs / taken < least - 1e-12) [best, least] = [supply, costs / taken];
    }
    return best;
  }

  /** Takes of what was frozen. @returns what it costs that it may have been unfit to freeze, points */
  private thaw({ place, likeliest }: Known, grams: number): number {
    this.thawed[place] = 1;
    return (POINTS.risk * (1 - likeliest) * grams) / HUNDRED;
  }

  /** What bowls were spared is given to them, where something that was open on their day, or lies loose, is left in the end. */
  giveBack(): void {
    for (const { want, on, grams } of this.spared) {
      let wanted = grams;
      for (const one of this.opened[want.thing] ?? []) {
        if (one.openedOn > on || one.lastOn < on) continue;
        const taken = Math.min(wanted, one.grams);
        one.grams -= taken;
        wanted -= taken;
        this.till.points += risk(one.supply, one.openedOn, taken);
      }
      for (const place of want.supplies) {
        const supply = this.supplies[place];
        if (!supply || supply.openDays !== undefined || (supply.chance[on] ?? 0) < LEAST_CHANCE) continue;
        const taken = Math.min(wanted, (this.left[place] ?? 0) * supply.unitGrams);
        this.left[place] = (this.left[place] ?? 0) - taken / supply.unitGrams;
        wanted -= taken;
        this.till.points += risk(supply, on, taken);
      }
      this.till.points += (POINTS.spared * wanted) / HUNDRED;
    }
  }

  /** What becomes of all that is left: it turns, or is frozen in time where that is less. @returns what is expected to be lost, grams */
  settle(): number {
    for (const rests of this.opened)
      for (const { supply, openedOn, grams } of rests) {
        const share = lostOfOpened(supply, openedOn, this.till.days);
        this.leave(supply, grams, share, share);
      }
    for (const supply of this.supplies) {
      const { place, unitGrams, leftShare, lostShare } = supply;
      this.leave(supply, (this.left[place] ?? 0) * unitGrams, leftShare, lostShare);
      const saves = (POINTS.lost * (this.saves[place] ?? 0)) / HUNDRED;
      if (!this.thawed[place] && saves <= POINTS.freezing) continue;
      this.till.points += POINTS.freezing - saves;
      this.lostGrams -= this.savesGrams[place] ?? 0;
    }
    this.till.points += (POINTS.lost * this.lost) / HUNDRED;
    return this.lostGrams;
  }

  private leave(supply: Known, grams: number, share: number, lostShare: number): void {
    const { place, weight } = supply;
    const counts = share * grams * weight;
    const gone = lostShare * grams * countedShare(supply);
    this.lost += counts;
    this.lostGrams += gone;
    const saves = counts - POINTS.frozen * grams * weight;
    if (saves <= 0 || supply.frozenFrom === Infinity) return;
    this.saves[place] = (this.saves[place] ?? 0) + saves;
    this.savesGrams[place] = (this.savesGrams[place] ?? 0) + gone;
  }
}

const risk = (supply: Supply, on: number, grams: number): number =>
  (POINTS.risk * (1 - (supply.chance[on] ?? 0)) * grams) / HUNDRED;
