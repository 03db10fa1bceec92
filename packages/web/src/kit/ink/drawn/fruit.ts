import { bend, blob, drawnIn, mirrored, oval, type Point, points } from '../curve';
import { gleam, hatch, leaf, patch, pen, pips, shape } from '../marks';
import type { Pigment } from '../pigments';
import type { Drawing, Look, Mark } from '../types';

/** A skin from hard to past. */
const skin =
  (unripe: Pigment, nearly: Pigment, ready: Pigment) =>
  (look: Look): Pigment =>
    look === 'unripe' ? unripe : look === 'nearly' ? nearly : ready;
/** Brown spots come with the last day and stay. */
const spots = (look: Look, at: readonly (readonly number[])[], fill: Pigment = 'brown'): Mark[] =>
  look === 'last-day' ? pips(at.slice(0, 4), fill, 3, 2.2) : look === 'past' ? pips(at, fill, 5, 3.6) : [];
const stalk = (x: number, y: number, tx: number, ty: number): Mark =>
  pen([
    [x, y],
    [(x + tx) / 2 + 1, (y + ty) / 2],
    [tx, ty],
  ]);

const PEAR_SHAPE = mirrored(points([50, 13, 59, 18, 64, 36, 80, 60, 77, 84, 50, 95]));
const AVOCADO = mirrored(points([50, 6, 61, 12, 69, 34, 81, 58, 76, 83, 50, 95]));
const avocadoSkin = skin('avocadoHard', 'avocadoNear', 'avocadoRipe');
export const avocado: Drawing = {
  whole: (look) => [
    shape(blob(AVOCADO), avocadoSkin(look)),
    ...spots(look, points([40, 60, 62, 48, 56, 78, 36, 76, 66, 70]), 'black'),
    gleam(points([36, 40, 30, 56, 31, 70])),
    stalk(50, 7, 52, 1),
  ],
  face: {
    outline: blob(AVOCADO),
    marks: [
      shape(blob(AVOCADO), 'avocadoNear'),
      patch(blob(drawnIn(AVOCADO, 0.88)), 'avocadoFlesh'),
      patch(blob(drawnIn(AVOCADO, 0.62, [50, 58])), 'avocadoHeart'),
      shape(oval(50, 66, 15, 16), 'stone'),
    ],
  },
};

const BANANA: Point[] = points([
  17, 16, 23, 9, 29, 15, 35, 40, 54, 61, 80, 72, 91, 74, 93, 82, 84, 90, 60, 90, 34, 75, 19, 46,
]);
const bananaSkin = skin('bananaHard', 'bananaRipe', 'bananaRipe');
export const banana: Drawing = {
  whole: (look) => [
    shape(blob(BANANA), bananaSkin(look)),
    ...spots(look === 'ready' ? 'last-day' : look, points([34, 58, 52, 74, 70, 80, 27, 38, 44, 68, 80, 80, 60, 70])),
    hatch(points([24, 20, 30, 46, 48, 68, 86, 80])),
    patch(oval(22, 13, 4, 4), 'brown'),
    patch(oval(90, 79, 3, 5), 'brown'),
  ],
  face: {
    outline: blob(BANANA),
    marks: [
      shape(blob(BANANA), 'bananaRipe'),
      patch(blob(drawnIn(BANANA, 0.9, [52, 58])), 'bananaFlesh'),
      ...pips(
        [
          [38, 58, 50],
          [50, 70, 35],
          [64, 77, 18],
        ],
        'brown',
        2.6,
        0.9,
      ),
    ],
  },
};

const PAPAYA = mirrored(points([50, 5, 62, 11, 75, 38, 77, 72, 64, 91, 50, 96]));
export const papaya: Drawing = {
  whole: (look) => [
    shape(blob(PAPAYA), skin('papayaHard', 'pearRipe', 'papayaRipe')(look)),
    ...spots(look, points([42, 48, 60, 62, 50, 80, 64, 40, 38, 68])),
    hatch(points([40, 14, 32, 46, 35, 78])),
    hatch(points([60, 14, 67, 46, 64, 78])),
  ],
  face: {
    outline: blob(PAPAYA),
    marks: [
      shape(blob(PAPAYA), 'papayaRipe'),
      patch(blob(drawnIn(PAPAYA, 0.9)), 'papayaFlesh'),
      patch(blob(drawnIn(PAPAYA, 0.44, [50, 58])), 'core'),
      ...pips(points([46, 42, 54, 46, 47, 54, 55, 58, 46, 64, 53, 70, 49, 76]), 'black', 2.8, 3.2),
    ],
  },
};

const MANGO: Point[] = points([56, 8, 78, 20, 87, 48, 74, 80, 46, 94, 21, 80, 15, 54, 30, 24]);
export const mango: Drawing = {
  whole: (look) => [
    shape(blob(MANGO), skin('mangoHard', 'mangoHard', 'mangoRipe')(look)),
    patch(blob(points([60, 12, 78, 24, 83, 48, 70, 54, 58, 36])), 'blush', look === 'unripe' ? 0.35 : 0.75),
    ...spots(look, points([36, 56, 52, 70, 30, 70, 60, 78, 44, 40])),
    gleam(points([30, 42, 24, 58, 30, 74])),
    stalk(56, 9, 60, 2),
  ],
  face: {
    outline: blob(MANGO),
    marks: [
      shape(blob(MANGO), 'mangoRipe'),
      patch(blob(drawnIn(MANGO, 0.92)), 'mangoFlesh'),
      shape(oval(52, 54, 17, 29, 20), 'core'),
    ],
  },
};

export const pear: Drawing = {
  whole: (look) => [
    shape(blob(PEAR_SHAPE), skin('pearHard', 'pearHard', 'pearRipe')(look)),
    ...spots(look, points([42, 66, 60, 60, 54, 80, 36, 78, 64, 76])),
    gleam(points([36, 52, 28, 66, 30, 78])),
    stalk(50, 14, 55, 3),
    ...leaf([53, 8], [76, 6]),
  ],
  face: {
    outline: blob(PEAR_SHAPE),
    marks: [
      shape(blob(PEAR_SHAPE), 'pearRipe'),
      patch(blob(drawnIn(PEAR_SHAPE, 0.92)), 'flesh'),
      { ...shape(oval(50, 68, 9, 12), 'core'), ink: 'fine' },
      ...pips(
        [
          [46, 68, 10],
          [54, 68, -10],
        ],
        'brown',
      ),
    ],
  },
};

const STRAWBERRY = mirrored(points([50, 24, 72, 20, 87, 34, 82, 58, 64, 84, 50, 95]));
export const strawberry: Drawing = {
  whole: (look) => [
    shape(blob(STRAWBERRY), look === 'past' ? 'plum' : 'strawberry'),
    ...pips(points([34, 42, 50, 40, 66, 42, 42, 54, 58, 54, 50, 67, 37, 65, 63, 66, 50, 80]), 'lemon', 1.4, 2.2),
    ...leaf([50, 26], [24, 22]),
    ...leaf([50, 26], [76, 22]),
    ...leaf([50, 24], [50, 6], 'leaf', 0.34),
  ],
  face: {
    outline: blob(STRAWBERRY),
    marks: [
      shape(blob(STRAWBERRY), 'strawberry'),
      patch(blob(drawnIn(STRAWBERRY, 0.66)), 'strawberryHeart'),
      ...leaf([50, 26], [26, 20]),
      ...leaf([50, 26], [74, 20]),
    ],
  },
};

/** A round fruit about a stone or pips. */
function round(
  colour: (look: Look) => Pigment,
  flesh: Pigment,
  heart: readonly Mark[],
  extra: readonly Mark[],
  tall = 41,
): Drawing {
  const outline = oval(50, 54, 42, tall);
  return {
    whole: (look) => [
      shape(outline, colour(look)),
      ...spots(look, points([42, 60, 62, 50, 54, 74, 34, 46, 66, 68])),
      gleam(points([24, 42, 20, 56, 25, 70])),
      ...extra,
    ],
    face: { outline, marks: [shape(outline, colour('ready')), patch(oval(50, 54, 37, tall - 5), flesh), ...heart] },
  };
}
const always = (one: Pigment) => (): Pigment => one;
const cleft = hatch(points([52, 15, 58, 40, 54, 66]));

export const melon = round(
  skin('leafPale', 'pearHard', 'melon'),
  'melonFlesh',
  [patch(oval(50, 54, 17, 20), 'core'), ...pips(points([44, 48, 54, 46, 48, 58, 56, 62, 44, 66]), 'flesh', 2, 4)],
  [
    hatch(points([34, 16, 26, 52, 34, 90])),
    hatch(points([50, 13, 50, 94])),
    hatch(points([66, 16, 74, 52, 66, 90])),
    stalk(50, 13, 54, 5),
  ],
);
export const watermelon = round(
  always('rind'),
  'watermelon',
  pips(points([34, 46, 48, 40, 64, 46, 40, 60, 56, 58, 68, 62, 48, 74]), 'black', 2, 3.6),
  [
    hatch(points([30, 20, 20, 54, 30, 86])),
    hatch(points([50, 14, 46, 54, 50, 94])),
    hatch(points([70, 20, 80, 54, 70, 86])),
  ],
);
export const peach = round(
  skin('pearHard', 'apricot', 'peach'),
  'peachFlesh',
  [shape(oval(50, 55, 13, 16), 'stone')],
  [patch(blob(points([58, 16, 82, 32, 86, 58, 70, 60, 58, 40])), 'blush', 0.6), cleft, ...leaf([52, 14], [74, 6])],
);
export const plum = round(
  skin('blush', 'plum', 'plum'),
  'plumFlesh',
  [shape(oval(50, 55, 10, 15), 'stone')],
  [cleft, stalk(52, 15, 56, 4)],
  43,
);
export const apricot = round(
  skin('pearHard', 'apricot', 'apricot'),
  'peachFlesh',
  [shape(oval(50, 55, 12, 15), 'stone')],
  [patch(blob(points([24, 40, 34, 30, 38, 56, 26, 64])), 'blush', 0.4), cleft],
);
export const orange = round(always('orange'), 'orangeFlesh', wheel('flesh'), [
  ...pips(points([40, 40, 60, 66, 34, 62, 66, 44]), 'brown', 1, 1),
  patch(oval(50, 17, 4, 3), 'leaf'),
]);
export const guava = round(
  skin('pearHard', 'guava', 'guava'),
  'guavaFlesh',
  [
    patch(oval(50, 54, 19, 19), 'strawberryHeart'),
    ...pips(points([42, 48, 52, 44, 58, 54, 46, 60, 54, 64]), 'core', 1.8, 2.4),
  ],
  [patch(oval(50, 16, 5, 3), 'brown')],
  43,
);
export const kiwi = round(
  skin('potato', 'potato', 'kiwi'),
  'kiwiFlesh',
  [
    patch(oval(50, 54, 11, 12), 'flesh'),
    ...pips(
      Array.from({ length: 12 }, (_, i) => [
        50 + 18 * Math.cos((i * Math.PI) / 6),
        54 + 18 * Math.sin((i * Math.PI) / 6),
        i * 30 + 90,
      ]),
      'black',
      1.5,
      2.8,
    ),
  ],
  [...hatched()],
  37,
);

/** The segments of a cut citrus fruit. */
export function wheel(fill: Pigment): Mark[] {
  const spokes = Array.from({ length: 4 }, (_, i): Mark => {
    const angle = (i * Math.PI) / 4;
    const [x, y] = [33 * Math.cos(angle), 32 * Math.sin(angle)];
    return {
      d: bend([
        [50 - x, 54 - y],
        [50, 54],
        [50 + x, 54 + y],
      ]),
      ink: 'fine',
    };
  });
  return [...spokes, patch(oval(50, 54, 4, 4), fill)];
}
/** Short hairs on a skin. */
function hatched(): Mark[] {
  return points([32, 40, 46, 32, 62, 38, 38, 60, 54, 54, 70, 60, 46, 76, 62, 74]).map(([x = 0, y = 0]) =>
    hatch([
      [x, y],
      [x + 3, y + 5],
    ]),
  );
}

const APPLE = mirrored(points([50, 25, 67, 18, 86, 32, 86, 62, 69, 90, 50, 90]));
export const apple: Drawing = {
  whole: (look) => [
    shape(blob(APPLE), look === 'unripe' ? 'appleHard' : 'apple'),
    ...spots(look, points([42, 66, 62, 58, 54, 78, 34, 52, 68, 72])),
    gleam(points([25, 38, 21, 54, 27, 70])),
    stalk(50, 26, 54, 8),
    ...leaf([53, 16], [78, 8]),
  ],
  face: {
    outline: blob(APPLE),
    marks: [
      shape(blob(APPLE), 'apple'),
      patch(blob(drawnIn(APPLE, 0.92)), 'flesh'),
      { ...shape(oval(50, 58, 10, 12), 'core'), ink: 'fine' },
      ...pips(
        [
          [46, 58, 10],
          [54, 58, -10],
        ],
        'brown',
      ),
    ],
  },
};

/** Berries that come as many. */
const bunch = (at: readonly Point[], r: number, fill: Pigment, extra: readonly Mark[]): Drawing => ({
  whole: (look) => [
    ...at.flatMap(([x, y]) => [
      shape(oval(x, y, r, r), look === 'past' ? 'brown' : fill),
      gleam([
        [x - r * 0.5, y - r * 0.3],
        [x - r * 0.3, y - r * 0.55],
      ]),
    ]),
    ...extra,
  ],
});
export const grape = bunch(
  points([34, 38, 52, 36, 70, 40, 42, 54, 60, 54, 34, 66, 52, 70, 68, 66, 46, 84]),
  11,
  'grape',
  [stalk(52, 28, 56, 6), ...leaf([55, 14], [82, 14])],
);
export const blueberry = bunch(points([34, 44, 62, 40, 48, 62, 74, 62, 28, 70]), 16, 'blueberry', [
  ...points([62, 37, 48, 59, 34, 41]).map(([x = 0, y = 0]) =>
    hatch([
      [x - 5, y - 3],
      [x, y + 1],
      [x + 5, y - 3],
    ]),
  ),
]);

const PINEAPPLE = mirrored(points([50, 32, 66, 34, 77, 54, 74, 82, 50, 97]));
export const pineapple: Drawing = {
  whole: () => [
    ...leaf([50, 36], [50, 2], 'leaf', 0.2),
    ...leaf([48, 36], [26, 10], 'leaf', 0.2),
    ...leaf([52, 36], [74, 10], 'leaf', 0.2),
    shape(blob(PINEAPPLE), 'pineapple'),
    ...[44, 58, 72, 86].flatMap((y) => [
      hatch([
        [28, y],
        [50, y - 12],
        [73, y + 3],
      ]),
      hatch([
        [72, y],
        [50, y - 12],
        [27, y + 3],
      ]),
    ]),
  ],
};
