import { bend, blob, mirrored, oval, plate, points } from '../curve';
import { gleam, hatch, patch, pen, pips, shape } from '../marks';
import type { Pigment } from '../pigments';
import type { Drawing, Mark } from '../types';
import { EMBLEMS, type Emblem } from './emblem';

const still = (...marks: readonly Mark[]): Drawing => ({ whole: () => marks });
const label: readonly Mark[] = [patch(blob(mirrored(points([50, 45, 70, 46, 71, 78, 50, 80]))), 'cream')];
const BOTTLE = mirrored(points([50, 14, 58, 14, 59, 28, 72, 38, 74, 92, 50, 95]));

/** A bottle of oil, vinegar or syrup, with its sign on the label. */
export const bottle = (fill: Pigment, emblem: Emblem, cap: Pigment = 'wood'): Drawing =>
  still(
    shape(blob(BOTTLE), fill),
    ...label,
    ...EMBLEMS[emblem],
    shape(plate(points([42, 5, 58, 5, 58, 15, 42, 15])), cap),
    gleam(points([31, 44, 30, 60, 31, 82])),
  );
/** A small bottle with a pipette, for what is counted in drops. */
export const dropper = (fill: Pigment, emblem: Emblem): Drawing =>
  still(
    shape(blob(points([50, 2, 56, 6, 56, 20, 44, 20, 44, 6])), 'black'),
    shape(plate(points([38, 20, 62, 20, 62, 31, 38, 31])), 'tin'),
    shape(blob(mirrored(points([50, 31, 62, 32, 75, 44, 76, 92, 50, 95]))), fill),
    ...label,
    ...EMBLEMS[emblem],
  );
/** A jar with a lid. */
export const jar = (fill: Pigment, emblem: Emblem, lid: Pigment = 'tin'): Drawing =>
  still(
    shape(blob(mirrored(points([50, 26, 76, 27, 84, 40, 82, 90, 50, 95]))), fill),
    ...label,
    ...EMBLEMS[emblem],
    shape(plate(points([22, 10, 78, 10, 80, 27, 20, 27])), lid),
    gleam(points([22, 44, 21, 62, 24, 84])),
  );
/** An open tub with what is in it heaped a little. */
export const tub = (fill: Pigment, emblem: Emblem, wall: Pigment = 'white'): Drawing =>
  still(
    shape(blob(points([12, 32, 26, 22, 40, 26, 54, 16, 68, 25, 84, 24, 88, 34, 50, 40])), fill),
    shape(plate(points([10, 31, 90, 31, 80, 93, 20, 93])), wall),
    hatch(points([14, 38, 50, 40, 86, 38])),
    ...EMBLEMS[emblem],
  );
/** A jug that pours milk, broth or water. */
export const jug = (fill: Pigment, emblem: Emblem, wall: Pigment = 'glass'): Drawing =>
  still(
    {
      d: bend(points([78, 36, 95, 42, 94, 66, 77, 76])),
      ink: 'line',
    },
    shape(blob(mirrored(points([50, 16, 74, 16, 72, 34, 80, 60, 74, 92, 50, 94]))), wall),
    patch(blob(mirrored(points([50, 38, 71, 38, 78, 60, 72, 90, 50, 92]))), fill),
    shape(blob(points([26, 16, 14, 10, 20, 24, 29, 34])), wall),
    hatch(points([29, 38, 50, 40, 71, 38])),
    ...EMBLEMS[emblem],
  );
/** A cup of tea or coffee, steaming. */
export const cup = (fill: Pigment, emblem: Emblem): Drawing =>
  still(
    {
      d: bend(points([76, 50, 94, 50, 92, 70, 72, 74])),
      ink: 'line',
    },
    shape(blob(points([16, 40, 84, 40, 80, 70, 66, 88, 34, 88, 20, 70])), 'white'),
    shape(oval(50, 41, 34, 9), fill),
    ...EMBLEMS[emblem].map((mark) => ({ ...mark, isDetail: true })),
    pen(points([40, 26, 44, 18, 38, 8]), { isDetail: true }),
    pen(points([58, 26, 62, 18, 56, 8]), { isDetail: true }),
  );
/** A heap of powder, grain or clay. */
export const heap = (fill: Pigment, emblem: Emblem, grains: Pigment = 'brown'): Drawing =>
  still(
    shape(blob(points([4, 86, 18, 70, 34, 46, 50, 30, 64, 44, 82, 68, 96, 86, 76, 92, 50, 94, 24, 92])), fill),
    ...pips(points([36, 60, 48, 44, 60, 58, 28, 78, 72, 76, 84, 82, 16, 84]), grains, 1.3, 1.3).map((mark) => ({
      ...mark,
      isDetail: true,
    })),
    ...EMBLEMS[emblem],
  );
/** A bowl of something spooned, its top as it stands. */
export const bowlOf = (fill: Pigment, specks: Pigment | undefined, emblem: Emblem = 'none'): Drawing =>
  still(
    shape(oval(50, 40, 44, 13), fill),
    ...(specks ? pips(points([34, 38, 50, 44, 64, 36, 44, 34, 72, 42, 26, 42, 57, 40]), specks, 2.4, 1.5) : []),
    shape(blob(points([5, 42, 28, 52, 50, 54, 72, 52, 95, 42, 86, 72, 66, 90, 34, 90, 14, 72])), 'clayPot'),
    ...EMBLEMS[emblem],
  );
/** A block of butter, cut at one end. */
export const block = (fill: Pigment, emblem: Emblem): Drawing =>
  still(
    shape(plate(points([8, 50, 34, 34, 94, 34, 70, 50])), fill),
    shape(plate(points([8, 50, 70, 50, 70, 86, 8, 86])), fill),
    shape(plate(points([70, 50, 94, 34, 94, 70, 70, 86])), fill),
    ...EMBLEMS[emblem].map((mark) => ({ ...mark, isDetail: true })),
  );
/** A tall glass of beer. */
export const glass = (fill: Pigment): Drawing =>
  still(
    shape(blob(points([24, 14, 76, 14, 70, 94, 30, 94])), 'glass'),
    patch(blob(points([27, 34, 73, 34, 68, 91, 32, 91])), fill),
    hatch(points([27, 34, 50, 37, 73, 34])),
    ...EMBLEMS.bubbles,
  );
/** A pod, or seeds that lie there. */
export const podOf = (fill: Pigment): Drawing =>
  still(
    shape(blob(points([12, 20, 24, 18, 50, 40, 74, 66, 92, 92, 70, 82, 40, 62, 18, 36])), fill),
    hatch(points([18, 22, 46, 46, 86, 86])),
    hatch(points([14, 28, 38, 54, 76, 82])),
    pen(points([14, 20, 6, 10])),
  );
const SEEDS = Array.from({ length: 17 }, (_, i) => {
  const angle = i * 2.4;
  const far = 8 * Math.sqrt(i);
  return [50 + far * Math.cos(angle), 54 + far * 0.86 * Math.sin(angle), i * 47] as const;
});
export const seeds = (fill: Pigment, rx: number, ry: number): Drawing =>
  still(...SEEDS.map(([x, y, turn]) => shape(oval(x, y, rx, ry, turn), fill)));
/** Half a coconut, open. */
export const coconutHalf: Drawing = still(
  shape(blob(points([6, 46, 14, 74, 34, 92, 66, 92, 86, 74, 94, 46])), 'coconut'),
  shape(oval(50, 46, 44, 20), 'white'),
  patch(oval(50, 48, 30, 12), 'water', 0.8),
  hatch(points([18, 66, 24, 76])),
  hatch(points([46, 76, 52, 88])),
  hatch(points([72, 70, 70, 82])),
);
/** A honey pot with the dipper in it. */
export const honeyPot: Drawing = still(
  pen(points([66, 30, 88, 2])),
  shape(blob(mirrored(points([50, 30, 74, 32, 88, 58, 76, 92, 50, 94]))), 'honey'),
  shape(oval(50, 31, 30, 8), 'wood'),
  patch(oval(54, 31, 20, 5), 'honey'),
  shape(blob(points([24, 36, 34, 36, 33, 54, 28, 62, 23, 54])), 'honey'),
  gleam(points([20, 54, 20, 66, 27, 82])),
);
/** Sheets of gelatine. */
export const sheets: Drawing = still(
  shape(plate(points([14, 26, 70, 16, 78, 70, 22, 80])), 'cream'),
  shape(plate(points([28, 38, 84, 30, 90, 82, 34, 92])), 'cream'),
  hatch(points([34, 46, 82, 84])),
  hatch(points([80, 40, 40, 86])),
);
