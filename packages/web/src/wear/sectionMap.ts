/** The head from above, nose up: an egg of two half axes about a centre, in units of the drawing. */
export const SKULL = { centre: 160, radiusX: 118, radiusY: 138 } as const;

/** One band of a side, from front to back. */
export interface MapBand {
  readonly id: string;
  readonly side: -1 | 1;
  readonly top: number;
  readonly bottom: number;
}

/** Half as wide as the skull is at a height. */
export const halfWidthAt = (y: number): number =>
  SKULL.radiusX * Math.sqrt(Math.max(0, 1 - ((y - SKULL.centre) / SKULL.radiusY) ** 2));

/** The share of the skull seen from above that lies in front of a height. */
function shareInFront(y: number): number {
  const t = Math.min(1, Math.max(-1, (y - SKULL.centre) / SKULL.radiusY));
  return (Math.asin(t) + t * Math.sqrt(1 - t * t)) / Math.PI + 0.5;
}
/** The height that has a share of the skull in front of it. */
function yAtShare(share: number): number {
  let [from, to] = [SKULL.centre - SKULL.radiusY, SKULL.centre + SKULL.radiusY];
  for (let halved = 0; halved < 40; halved++) {
    const y = (from + to) / 2;
    if (shareInFront(y) < share) from = y;
    else to = y;
  }
  return (from + to) / 2;
}

/**
 * The sections of a head as bands left and right of the parting, each as large as its share of the head.
 * @param sections in pairs that end in `-left` and `-right`, shares of 1
 * @example mapBands([{ id: 'all-left', share: 0.5 }, { id: 'all-right', share: 0.5 }]).length // 2
 */
export function mapBands(sections: readonly { readonly id: string; readonly share: number }[]): MapBand[] {
  let from = 0;
  return sections
    .filter(({ id }) => id.endsWith('-left'))
    .flatMap(({ id, share }): MapBand[] => {
      const [top, bottom] = [yAtShare(from), yAtShare(from + 2 * share)];
      from += 2 * share;
      const right = id.replace('-left', '-right');
      return [
        { id, side: -1, top, bottom },
        ...(sections.some((one) => one.id === right) ? [{ id: right, side: 1, top, bottom } as const] : []),
      ];
    });
}

/** The outline of a band along the skull. */
export function bandPath({ side, top, bottom }: MapBand): string {
  const steps = 32;
  const edge = Array.from({ length: steps + 1 }, (_, i) => {
    const y = top + ((bottom - top) * i) / steps;
    return `${(SKULL.centre + side * halfWidthAt(y)).toFixed(1)} ${y.toFixed(1)}`;
  });
  return `M${SKULL.centre} ${top.toFixed(1)}L${edge.join('L')}L${SKULL.centre} ${bottom.toFixed(1)}Z`;
}
