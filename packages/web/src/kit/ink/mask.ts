import type { Point } from './curve';

/** A bowl from the side: a parabola, so that what lies up to a height fills height^1.5 of it. */
export const BOWL = { rim: 50, foot: 94, half: 44, middle: 50 } as const;
const halfAt = (share: number): number => BOWL.half * Math.sqrt(share);
const yAt = (height: number): number => BOWL.foot - height * (BOWL.foot - BOWL.rim);

/** A layer of the bowl cut open. */
export interface BowlLayer {
  readonly id: string;
  readonly outline: readonly Point[];
}

/**
 * A formula in a bowl that is cut open: each part fills as much of what one sees as its share is.
 * @param parts shares of 1, summing to 1
 * @returns from the foot to the rim, the most below
 * @example bowlLayers([{ id: 'a', share: 1 }])[0].outline.length // 26
 */
export function bowlLayers(parts: readonly { readonly id: string; readonly share: number }[]): readonly BowlLayer[] {
  let below = 0;
  return [...parts]
    .sort((a, b) => b.share - a.share)
    .map(({ id, share }) => {
      const [from, to] = [heightOf(below), heightOf(below + share)];
      below += share;
      const steps = Array.from({ length: 13 }, (_, i) => from + ((to - from) * i) / 12);
      const right = steps.map((height): Point => [BOWL.middle + halfAt(height), yAt(height)]);
      const left = steps.map((height): Point => [BOWL.middle - halfAt(height), yAt(height)]).reverse();
      return { id, outline: [...right, ...left] };
    });
}
const heightOf = (share: number): number => Math.min(1, share) ** (2 / 3);
