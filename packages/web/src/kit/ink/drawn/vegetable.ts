import { blob, drawnIn, mirrored, oval, type Point, points } from '../curve';
import { gleam, hatch, leaf, patch, pen, pips, shape } from '../marks';
import type { Pigment } from '../pigments';
import type { Drawing } from '../types';
import { wheel } from './fruit';

const CUCUMBER: Point[] = points([12, 22, 20, 12, 32, 16, 62, 46, 86, 74, 88, 86, 78, 90, 66, 84, 36, 56, 14, 32]);
export const cucumber: Drawing = {
  whole: () => [
    shape(blob(CUCUMBER), 'cucumber'),
    hatch(points([22, 20, 52, 48, 80, 80])),
    hatch(points([18, 28, 44, 54, 72, 82])),
  ],
  face: {
    outline: blob(CUCUMBER),
    marks: [
      shape(blob(CUCUMBER), 'cucumber'),
      patch(blob(drawnIn(CUCUMBER, 0.9, [50, 51])), 'cucumberFlesh'),
      ...pips(
        points([30, 30, 40, 40, 50, 51, 60, 61, 70, 72]).map(([x = 0, y = 0]) => [x, y, 45]),
        'flesh',
        2,
        4.4,
      ),
    ],
  },
};

const tomatoOutline = oval(50, 57, 43, 38);
export const tomato: Drawing = {
  whole: (look) => [
    shape(tomatoOutline, look === 'unripe' ? 'pearHard' : 'tomato'),
    gleam(points([22, 46, 19, 58, 24, 70])),
    ...leaf([50, 22], [26, 24], 'leaf', 0.2),
    ...leaf([50, 22], [74, 24], 'leaf', 0.2),
    ...leaf([50, 22], [50, 40], 'leaf', 0.2),
    pen(points([50, 22, 52, 9])),
  ],
  face: {
    outline: tomatoOutline,
    marks: [
      shape(tomatoOutline, 'tomato'),
      patch(oval(50, 57, 37, 32), 'tomatoFlesh'),
      ...wheel('tomato'),
      ...pips(points([36, 48, 64, 48, 38, 68, 62, 68]), 'lemon', 1.8, 2.8),
    ],
  },
};
export const spinach: Drawing = {
  whole: () => [
    ...leaf([46, 94], [20, 26], 'rind', 0.34),
    ...leaf([50, 94], [78, 22], 'leaf', 0.34),
    ...leaf([48, 96], [50, 6], 'leaf', 0.3),
  ],
};

const CARROT: Point[] = points([34, 22, 50, 18, 66, 22, 68, 34, 58, 70, 51, 97, 49, 97, 42, 70, 32, 34]);
export const carrot: Drawing = {
  whole: () => [
    ...leaf([49, 22], [28, 2], 'leaf', 0.2),
    ...leaf([51, 22], [72, 2], 'leaf', 0.2),
    ...leaf([50, 22], [50, 0], 'leaf', 0.2),
    shape(blob(CARROT), 'carrot'),
    hatch(points([35, 38, 48, 40])),
    hatch(points([64, 48, 54, 50])),
    hatch(points([42, 62, 50, 63])),
  ],
  face: {
    outline: blob(CARROT),
    marks: [shape(blob(CARROT), 'carrot'), patch(blob(drawnIn(CARROT, 0.5, [50, 48])), 'sweetPotatoFlesh')],
  },
};

/** A root or tuber with its skin and flesh. */
function tuber(points: readonly Point[], skin: Pigment, flesh: Pigment, eyes: readonly (readonly number[])[]): Drawing {
  return {
    whole: () => [
      shape(blob(points), skin),
      ...eyes.map(([x = 0, y = 0]) =>
        hatch([
          [x - 4, y],
          [x, y + 2],
          [x + 4, y],
        ]),
      ),
    ],
    face: { outline: blob(points), marks: [shape(blob(points), skin), patch(blob(drawnIn(points, 0.88)), flesh)] },
  };
}
export const sweetPotato = tuber(
  points([8, 62, 24, 40, 54, 28, 80, 30, 94, 42, 80, 60, 50, 76, 24, 76]),
  'sweetPotato',
  'sweetPotatoFlesh',
  points([34, 52, 56, 44, 70, 52, 48, 64]),
);
export const potato = tuber(
  points([12, 56, 22, 32, 46, 24, 76, 28, 90, 50, 82, 76, 54, 86, 24, 80]),
  'potato',
  'flesh',
  points([34, 46, 58, 40, 70, 60, 44, 70]),
);
export const ginger = tuber(
  points([
    10, 60, 20, 46, 34, 48, 36, 28, 48, 24, 54, 44, 74, 30, 86, 36, 80, 52, 92, 64, 80, 76, 58, 70, 36, 80, 18, 76,
  ]),
  'ginger',
  'flesh',
  points([28, 62, 50, 58, 70, 50]),
);

const BEET = mirrored(points([50, 26, 74, 30, 85, 52, 74, 74, 56, 86, 50, 98]));
export const beetroot: Drawing = {
  whole: () => [
    ...leaf([48, 30], [32, 2], 'leaf', 0.24),
    ...leaf([52, 30], [70, 2], 'leaf', 0.24),
    shape(blob(BEET), 'beetroot'),
    gleam(points([26, 44, 23, 56, 30, 68])),
    hatch(points([38, 78, 50, 82, 60, 79])),
  ],
  face: {
    outline: blob(BEET),
    marks: [
      shape(blob(BEET), 'beetroot'),
      patch(blob(drawnIn(BEET, 0.7)), 'strawberry', 0.5),
      patch(blob(drawnIn(BEET, 0.36)), 'beetroot'),
    ],
  },
};
export const pumpkin: Drawing = {
  whole: () => [
    shape(oval(50, 60, 45, 34), 'pumpkin'),
    hatch(points([34, 29, 20, 58, 34, 92])),
    hatch(points([45, 27, 40, 60, 45, 93])),
    hatch(points([55, 27, 60, 60, 55, 93])),
    hatch(points([66, 29, 80, 58, 66, 92])),
    shape(blob(points([45, 28, 46, 12, 56, 8, 56, 28])), 'leaf'),
  ],
};

const ONION = mirrored(points([50, 12, 56, 22, 80, 40, 88, 62, 76, 84, 50, 90]));
const bulb = (skin: Pigment, flesh: Pigment): Drawing => ({
  whole: () => [
    shape(blob(ONION), skin),
    hatch(points([48, 22, 30, 50, 42, 88])),
    hatch(points([50, 22, 50, 88])),
    hatch(points([52, 22, 70, 50, 58, 88])),
  ],
  face: {
    outline: blob(ONION),
    marks: [
      shape(blob(ONION), skin),
      patch(blob(drawnIn(ONION, 0.92)), flesh),
      { d: blob(drawnIn(ONION, 0.66, [50, 60])), ink: 'fine' },
      { d: blob(drawnIn(ONION, 0.38, [50, 64])), ink: 'fine' },
    ],
  },
});
export const onion = bulb('onion', 'onionFlesh');
export const garlic = bulb('garlic', 'white');

const LEMON: Point[] = points([
  6, 54, 16, 48, 32, 30, 54, 24, 76, 34, 88, 50, 95, 54, 86, 62, 72, 80, 50, 86, 28, 78, 14, 62,
]);
const sharp = (skin: Pigment): Drawing => ({
  whole: () => [
    shape(blob(LEMON), skin),
    gleam(points([28, 42, 22, 54, 28, 66])),
    ...pips(points([46, 44, 62, 56, 50, 68]), 'brown', 1, 1),
  ],
  face: {
    outline: oval(50, 54, 42, 41),
    marks: [
      shape(oval(50, 54, 42, 41), skin),
      patch(oval(50, 54, 37, 36), 'flesh'),
      patch(oval(50, 54, 33, 32), skin, 0.55),
      ...wheel('flesh'),
    ],
  },
});
export const lemon = sharp('lemon');
export const lime = sharp('lime');

const ALOE: Point[] = points([40, 96, 34, 70, 36, 36, 50, 3, 62, 36, 66, 70, 60, 96]);
export const aloeLeaf: Drawing = {
  whole: () => [
    shape(blob(ALOE), 'aloe'),
    ...points([35, 76, 35, 60, 38, 42]).map(([x = 0, y = 0]) =>
      hatch([
        [x, y],
        [x - 5, y - 3],
      ]),
    ),
    ...points([65, 76, 65, 60, 61, 42]).map(([x = 0, y = 0]) =>
      hatch([
        [x, y],
        [x + 5, y - 3],
      ]),
    ),
    gleam(points([45, 80, 44, 50, 50, 22])),
  ],
  face: {
    outline: blob(ALOE),
    marks: [shape(blob(ALOE), 'aloe'), patch(blob(drawnIn(ALOE, 0.8, [50, 60])), 'aloeGel')],
  },
};

const EGG = mirrored(points([50, 8, 68, 18, 82, 52, 74, 82, 50, 94]));
export const egg: Drawing = {
  whole: () => [shape(blob(EGG), 'shell'), gleam(points([30, 42, 26, 58, 32, 74]))],
};
const PUDDLE: Point[] = points([10, 58, 22, 34, 46, 28, 70, 34, 90, 52, 84, 76, 58, 82, 40, 90, 18, 80]);
export const eggWhite: Drawing = {
  whole: () => [
    shape(blob(PUDDLE), 'white'),
    hatch(points([26, 50, 40, 42, 54, 42])),
    hatch(points([62, 68, 74, 64, 80, 56])),
  ],
};
export const eggYolk: Drawing = {
  whole: () => [shape(oval(50, 54, 34, 33), 'yolk'), gleam(points([32, 42, 27, 54, 32, 66]))],
};
