import type { Ripening } from '../ingredient';

/** How a kind ripens in this kitchen, over how its row says. */
export interface Pace {
  /** 1 as the row says, 1.2 a fifth faster. */
  readonly factor: number;
  /** Four of five kitchens that saw the same lie within. */
  readonly low: number;
  readonly high: number;
  /** So many lots were watched. */
  readonly lots: number;
}
/** By ingredient. */
export type Paces = Readonly<Record<string, Pace>>;

/** A kind's ripening at a kitchen's pace. How long a ready one keeps in the cold stays as published. */
export const paced = (ripening: Ripening, pace: Pace | undefined): Ripening =>
  pace
    ? { ...ripening, readyDays: ripening.readyDays / pace.factor, spanDays: ripening.spanDays / pace.factor }
    : ripening;
