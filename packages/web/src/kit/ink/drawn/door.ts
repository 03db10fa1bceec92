import { bend, blob, oval, plate, points } from '../curve';
import { hatch, patch, pen, shape } from '../marks';
import type { Mark } from '../types';

/** A phone held upright, its screen empty. */
const phone = (x: number, y: number): Mark[] => [
  shape(plate(points([x, y, x + 38, y, x + 38, y + 68, x, y + 68])), 'black'),
  patch(plate(points([x + 4, y + 6, x + 34, y + 6, x + 34, y + 60, x + 4, y + 60])), 'white'),
  patch(oval(x + 19, y + 64, 1.8, 1.8), 'white'),
];

/** How a phone comes into the house, and learns to trust it. */
export const DOOR_SCENES = {
  'door-open': [
    shape(plate(points([14, 96, 14, 10, 70, 10, 70, 96])), 'wood'),
    patch(plate(points([20, 96, 20, 16, 64, 16, 64, 96])), 'yolk', 0.7),
    shape(plate(points([20, 96, 20, 16, 44, 24, 44, 98])), 'brown'),
    patch(oval(39, 60, 2, 2.6), 'yolk'),
    pen(points([4, 96, 96, 96])),
    ...phone(58, 44).map((mark) => ({ ...mark })),
    shape(oval(77, 72, 8, 8), 'yolk'),
    pen(points([77, 72, 77, 68])),
  ],
  'door-question': [
    ...phone(31, 16),
    shape(plate(points([50, 26, 62, 46, 38, 46])), 'yolk'),
    pen(points([50, 33, 50, 39])),
    patch(oval(50, 42.6, 1.3, 1.3), 'black'),
    hatch(points([38, 53, 62, 53])),
    hatch(points([38, 58, 56, 58])),
    shape(blob(points([38, 64, 62, 64, 62, 72, 38, 72])), 'leaf'),
    shape(blob(points([56, 70, 62, 66, 68, 72, 80, 78, 86, 90, 82, 104, 62, 104, 58, 88])), 'peach'),
  ],
  'door-trust': [
    ...phone(54, 22),
    shape(plate(points([8, 26, 44, 22, 48, 72, 12, 76])), 'flesh'),
    hatch(points([15, 36, 38, 33])),
    hatch(points([16, 44, 40, 41])),
    hatch(points([17, 52, 34, 50])),
    shape(plate(points([32, 66, 30, 82, 36, 77, 42, 81, 40, 64])), 'rose'),
    shape(oval(36, 62, 7, 7), 'orange'),
    { d: bend(points([50, 46, 56, 40, 62, 44])), ink: 'line' },
    { d: bend(points([65, 50, 71, 58, 82, 40])), ink: 'line' },
  ],
} satisfies Record<string, readonly Mark[]>;
