/** The measuring glass: straight walls, so that a height is a volume. In units of the drawing. */
export const GLASS = { top: 30, bottom: 372, left: 152, right: 272, width: 424 } as const;
/** At most so many figures stand on its wall. */
const MOST_TICKS = 7;

/** What the glass holds and how it is marked. */
export interface VesselScale {
  readonly stepMillilitres: number;
  readonly millilitres: number;
  /** Where the surface of so much stands. */
  readonly yOf: (millilitres: number) => number;
  readonly ticks: readonly number[];
}

/**
 * A glass that is just large enough, marked in round steps.
 * @param most the largest volume that has to stand in it, in mL, 0 or more
 * @example vesselScale(183).millilitres // 200
 */
export function vesselScale(most: number): VesselScale {
  const room = most * 1.08;
  const step = [10, 25, 50, 100, 200, 250, 500].find((candidate) => room / candidate <= MOST_TICKS) ?? 1000;
  const millilitres = Math.max(step, Math.ceil(room / step) * step);
  return {
    stepMillilitres: step,
    millilitres,
    yOf: (some) => GLASS.bottom - (some / millilitres) * (GLASS.bottom - GLASS.top),
    ticks: Array.from({ length: Math.floor(millilitres / step) }, (_, i) => (i + 1) * step),
  };
}

/** Words beside heights, moved apart as little as it takes so that none covers another. @returns from below up, in the order given */
export function apart(heights: readonly number[], gap: number, lowest: number): number[] {
  let below = lowest + gap;
  return heights.map((y) => {
    below = Math.min(y, below - gap);
    return below;
  });
}
