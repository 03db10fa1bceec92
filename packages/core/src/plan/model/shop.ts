import { PLAN_POINTS as POINTS } from '../problem';
import type { ModelDraft } from './draft';

/** The shop: a way for each day, and a line on the list for each thing. */
export class Shop {
  private readonly trips = new Map<number, number>();
  /** The line on the list for a thing on a day. */
  readonly items: { readonly ingredientId: string; readonly on: number; readonly column: number }[] = [];
  /** What is spent: money for each one of a column. */
  readonly spent: (readonly [column: number, money: number])[] = [];

  constructor(private readonly draft: ModelDraft) {}

  /** The way to the shop on a day, 0 or 1. */
  private tripOn(on: number): number {
    const known = this.trips.get(on);
    if (known !== undefined) return known;
    const column = this.draft.pay('shopping', POINTS.trip, 1, true);
    this.trips.set(on, column);
    return column;
  }

  /**
   * Something that is bought wants its line on the list, and a line wants its way.
   * @param amount the column of what is bought
   */
  item(ingredientId: string, on: number, most: number, amount: number): void {
    const item = this.draft.pay('shopping', POINTS.item, 1, true);
    this.items.push({ ingredientId, on, column: item });
    this.draft.row(-Infinity, 0, [
      [amount, 1],
      [item, -most],
    ]);
    this.draft.row(-Infinity, 0, [
      [item, 1],
      [this.tripOn(on), -1],
    ]);
  }
}
