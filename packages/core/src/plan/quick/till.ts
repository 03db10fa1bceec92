import { PLAN_POINTS as POINTS } from '../problem';

/** What bowls have cost so far: points and money, the lines on the list and the ways to the shop. */
export class QuickTill {
  points = 0;
  money = 0;
  /** Whether a thing is on the list of a day, and whether somebody goes to the shop on it. */
  private readonly list: Uint8Array;
  private readonly trips: Uint8Array;

  constructor(
    things: number,
    readonly days: number,
  ) {
    this.list = new Uint8Array(things * days);
    this.trips = new Uint8Array(days);
  }

  clear(): void {
    this.points = 0;
    this.money = 0;
    this.list.fill(0);
    this.trips.fill(0);
  }

  shop(thing: number, on: number): void {
    this.list[thing * this.days + on] = 1;
    this.trips[on] = 1;
  }

  /** What it would cost beside the thing itself to bring it home on a day, points. */
  onTheWay = (thing: number, on: number): number =>
    (this.list[thing * this.days + on] ? 0 : POINTS.item) + (this.trips[on] ? 0 : POINTS.trip);

  /** All ways and lines, points. */
  get ways(): number {
    return POINTS.trip * count(this.trips) + POINTS.item * count(this.list);
  }
}

/** A loop, since it is asked for at every look. */
function count(flags: Uint8Array): number {
  let sum = 0;
  for (const one of flags) sum += one;
  return sum;
}
