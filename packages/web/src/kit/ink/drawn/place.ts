import { blob, oval, plate, points } from '../curve';
import { hatch, leaf, patch, pen, shape } from '../marks';
import type { Pigment } from '../pigments';
import type { Mark } from '../types';

const cupboard = (paint: Pigment): Mark[] => [
  shape(blob(points([22, 8, 50, 6, 78, 8, 80, 50, 78, 92, 50, 94, 22, 92, 20, 50])), paint),
  pen(points([21, 38, 50, 39, 79, 38])),
];
/** Three arms of an ice flower. */
const ice = (x: number, y: number, r: number): Mark[] =>
  [0, 60, 120].map((degrees) => {
    const [dx, dy] = [r * Math.cos((degrees * Math.PI) / 180), r * Math.sin((degrees * Math.PI) / 180)];
    return pen([
      [x - dx, y - dy],
      [x, y],
      [x + dx, y + dy],
    ]);
  });

/** Where produce stands, by the kind of place; and what else is listed beside it. */
export const PLACE_SCENES = {
  'place-fridge': [
    ...cupboard('glass'),
    pen(points([29, 18, 28, 24, 29, 31])),
    pen(points([29, 47, 28, 58, 29, 69])),
    ...leaf([62, 84], [62, 58]),
  ],
  'place-freezer': [...cupboard('water'), ...ice(53, 66, 15), pen(points([29, 18, 28, 24, 29, 31]))],
  'place-counter': [
    shape(oval(36, 50, 15, 15), 'apple'),
    shape(oval(62, 47, 16, 16), 'orange'),
    ...leaf([62, 32], [78, 24]),
    shape(blob(points([8, 52, 50, 56, 92, 52, 84, 82, 50, 88, 16, 82])), 'wood'),
    hatch(points([14, 66, 50, 71, 86, 66])),
  ],
  'place-bag': [
    shape(oval(56, 24, 15, 15), 'apple'),
    ...leaf([56, 10], [70, 6]),
    shape(
      plate(points([20, 34, 27, 28, 34, 34, 42, 28, 50, 34, 58, 28, 66, 34, 73, 28, 80, 34, 84, 92, 16, 92])),
      'oat',
    ),
    hatch(points([30, 48, 28, 68, 30, 84])),
    hatch(points([70, 48, 72, 68, 70, 84])),
  ],
  'place-outside': [
    shape(oval(74, 22, 13, 13), 'yolk'),
    shape(plate(points([6, 44, 30, 16, 56, 44])), 'stone'),
    shape(plate(points([14, 46, 90, 46, 84, 88, 20, 88])), 'wood'),
    patch(plate(points([22, 52, 82, 52, 80, 60, 24, 60])), 'leafPale'),
    hatch(points([18, 68, 86, 68])),
  ],
  phone: [
    shape(blob(points([30, 4, 50, 3, 70, 4, 73, 50, 70, 96, 50, 97, 30, 96, 27, 50])), 'black'),
    patch(plate(points([33, 13, 67, 13, 67, 84, 33, 84])), 'flesh'),
    shape(blob(points([38, 46, 50, 49, 62, 46, 58, 62, 50, 65, 42, 62])), 'clayPot'),
    patch(oval(50, 90.5, 3, 3), 'flesh'),
  ],
  laptop: [
    shape(plate(points([18, 16, 82, 16, 84, 66, 16, 66])), 'black'),
    patch(plate(points([23, 21, 77, 21, 78, 61, 22, 61])), 'flesh'),
    shape(blob(points([36, 36, 50, 39, 64, 36, 59, 52, 50, 55, 41, 52])), 'clayPot'),
    shape(plate(points([8, 68, 92, 68, 97, 80, 3, 80])), 'tin'),
  ],
  box: [
    shape(plate(points([10, 40, 90, 40, 86, 90, 14, 90])), 'wood'),
    shape(plate(points([6, 26, 94, 26, 94, 42, 6, 42])), 'brown'),
    shape(plate(points([42, 42, 58, 42, 57, 54, 43, 54])), 'yolk'),
    hatch(points([16, 66, 84, 66])),
  ],
} satisfies Record<string, readonly Mark[]>;
