import { monthsIn } from '../time';
import type { MovementKind } from './stock';

/** A movement with what a gram of its lot cost. */
export interface ValuedMovement {
  readonly kind: MovementKind;
  readonly grams: number;
  readonly at: string;
  readonly pricePerGram?: number | undefined;
  readonly reason?: string | undefined;
  readonly bowlId?: string | undefined;
}

export interface Worth {
  readonly money: number;
  readonly grams: number;
  /** Grams for which nobody said a price: the money is at least this much. */
  readonly unpricedGrams: number;
}

/** What movements out of stock were worth. */
export function worthOf(movements: readonly ValuedMovement[]): Worth {
  let money = 0;
  let grams = 0;
  let unpricedGrams = 0;
  for (const movement of movements) {
    const out = -movement.grams;
    grams += out;
    if (movement.pricePerGram === undefined) unpricedGrams += out;
    else money += out * movement.pricePerGram;
  }
  return { money, grams, unpricedGrams };
}

export interface MonthOfWaste extends Worth {
  /** As 2026-03, in the household's time zone. */
  readonly month: string;
  readonly byReason: Readonly<Record<string, number>>;
}

/**
 * What was thrown away, by month of the household, the earliest first; grams by reason beside.
 * @param movements discards and their undoings; everything else is passed over
 */
export function wasteByMonth(movements: readonly ValuedMovement[], timeZone: string): readonly MonthOfWaste[] {
  const monthAt = monthsIn(timeZone);
  const months = new Map<string, ValuedMovement[]>();
  for (const movement of movements) {
    if (movement.kind !== 'discard') continue;
    const month = monthAt(Date.parse(movement.at));
    const known = months.get(month);
    if (known) known.push(movement);
    else months.set(month, [movement]);
  }
  return [...months]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([month, all]) => {
      const byReason: Record<string, number> = {};
      for (const { reason = '', grams } of all) byReason[reason] = (byReason[reason] ?? 0) - grams;
      return { month, byReason, ...worthOf(all) };
    });
}
