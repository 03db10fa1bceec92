import { frozenHoursOf, ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { HouseholdOfWeeks, PlanProblem } from '@amber-ladle/core/plan';
import { ripened, standsAt, type Lot, type Stage } from '@amber-ladle/core/shelf';

const DAY = 86_400_000;

/** What ripens has a rate of its own that nobody knows. */
export interface TrueLot {
  lot: Lot;
  readonly factor: number;
  ripeness: number | undefined;
}

export const stageOf = (ripeness: number): Stage =>
  ripeness >= 2
    ? 'past'
    : ripeness >= 1.75
      ? 'last-day'
      : ripeness >= 1
        ? 'ready'
        : ripeness >= 0.6
          ? 'nearly'
          : 'unripe';

/** How ripe it is a day later, where it stands. */
export function later(
  { lot, factor, ripeness = 0 }: TrueLot,
  catalogue: Catalogue,
  { house }: HouseholdOfWeeks,
  now: number,
): number {
  const row = ingredientById(catalogue, lot.ingredientId);
  const { ripening } = row;
  if (!ripening) return ripeness;
  const { celsius, kind } = standsAt(lot.stays, house.climate, now);
  const freezes = frozenHoursOf(row, lot.state) !== undefined;
  return ripened(ripening, ripeness, { from: 0, to: DAY * factor, celsius, kind }, freezes);
}

/**
 * A problem as whoever knows how each fruit will ripen sees it: fit on a day or not, with nothing between. What is ready goes into the
 * fridge the next morning, as in the month itself.
 */
export function asKnown(
  problem: PlanProblem,
  lots: readonly TrueLot[],
  kitchen: HouseholdOfWeeks,
  now: number,
): PlanProblem {
  const supplies = problem.supplies.map((supply) => {
    const one = lots.find(({ lot }) => lot.id === supply.lotId);
    if (one?.ripeness === undefined || one.lot.state !== 'whole') return supply;
    let { ripeness, lot } = one;
    const chance = supply.chance.map((_, on) => {
      const at = now + on * DAY;
      if (ripeness >= 1 && standsAt(lot.stays, kitchen.house.climate, at).kind === 'counter')
        lot = { ...lot, stays: [...lot.stays, { placeId: 'fridge', from: new Date(at).toISOString() }] };
      const isFit = ripeness >= 1 && ripeness < 2;
      ripeness = later({ ...one, lot, ripeness }, kitchen.house.catalogue, kitchen, at);
      return isFit ? 1 : 0;
    });
    return ripeness >= 2 ? { ...supply, chance, lostShare: 1, leftShare: 1 } : { ...supply, chance };
  });
  return { ...problem, supplies };
}
