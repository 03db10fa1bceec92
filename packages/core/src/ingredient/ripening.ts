import type { SourceId } from '../source';

/** How a kind ripens after it is picked. Days are USDA FoodKeeper and common practice, from memory. */
export interface Ripening {
  /** Days from hard, as bought, to ready, at 20 °C. */
  readonly readyDays: number;
  /** Days from ready to past, at 20 °C. */
  readonly spanDays: number;
  /** Below this many °C a hard one hardly ripens any more (Kader, Postharvest Technology, from memory). */
  readonly chillCelsius: number;
  /** Days that a ready one keeps in the fridge, and no longer. */
  readonly coldDays: number;
  /** Days that a hard one may wait in the fridge. Assumption of this project. */
  readonly hardColdDays: number;
  readonly source: SourceId;
}
