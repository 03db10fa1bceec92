import { isPerishable, type Keeping } from '../ingredient';

/** A fridge keeps as it should up to here (USDA FSIS and the Food Code, from memory). */
export const COLD_CELSIUS = 5;
/** A weak fridge, up to here, keeps what is not perishable a third as long. Assumption of this project. */
const WEAK_CELSIUS = 8;
const WEAK_TIMES = 3;
export const FROZEN_CELSIUS = -10;
/** Above this the two-hour rule is a one-hour rule (USDA FSIS: 90 °F, from memory). */
export const HOT_CELSIUS = 32;

/**
 * How fast a keeping time is used up at a temperature, as a share of it per hour: the one clock of a lot, of what is cut
 * from it and of the bowl it goes into. Above 5 °C what is perishable is in a room; what keeps for days lasts a third as
 * long in a weak fridge.
 * @example spoilingRate(keepingOf(ingredientById(CATALOGUE, 'yogurt'), 'opened'), 7) // 0.5: gone in two hours
 */
export function spoilingRate(keeping: Keeping, celsius: number): number {
  const { roomHours, warmHours, coldHours, frozenHours } = keeping;
  if (celsius <= FROZEN_CELSIUS) return 1 / (frozenHours ?? coldHours);
  if (celsius <= COLD_CELSIUS) return 1 / coldHours;
  if (celsius > HOT_CELSIUS) return 1 / warmHours;
  if (celsius <= WEAK_CELSIUS && !isPerishable(keeping)) return Math.min(1 / roomHours, WEAK_TIMES / coldHours);
  return 1 / roomHours;
}
