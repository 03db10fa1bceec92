import { bend, blob, oval, points } from '../curve';
import { hatch, leaf, patch, pips, shape } from '../marks';
import type { Mark } from '../types';

/** Small signs about the point (50, 62) that tell one bottle or heap from another. */
export const EMBLEMS = {
  none: [] as Mark[],
  leaf: [...leaf([42, 72], [60, 50], 'leaf', 0.34)],
  sprig: [
    {
      d: bend(points([50, 78, 50, 46])),
      ink: 'fine',
    },
    ...leaf([50, 74], [38, 66]),
    ...leaf([50, 74], [62, 66]),
    ...leaf([50, 62], [40, 53]),
    ...leaf([50, 62], [60, 53]),
    ...leaf([50, 52], [50, 42]),
  ],
  olive: [shape(oval(48, 64, 8, 11, 15), 'leaf'), ...leaf([52, 54], [66, 46], 'leafPale')],
  almond: [shape(blob(points([50, 50, 58, 62, 54, 74, 46, 74, 42, 62])), 'wood'), hatch(points([50, 54, 51, 72]))],
  nut: [shape(oval(50, 63, 10, 11), 'brown'), hatch(points([44, 58, 50, 62, 56, 58]))],
  seed: pips(
    [
      [43, 56, 30],
      [55, 58, -20],
      [47, 68, 10],
      [58, 70, 40],
      [40, 70, -30],
    ],
    'brown',
    2.6,
    4.4,
  ),
  blackSeed: pips(
    [
      [43, 56, 30],
      [55, 58, -20],
      [47, 68, 10],
      [58, 70, 40],
      [40, 70, -30],
    ],
    'black',
    2.4,
    3.8,
  ),
  palm: [shape(oval(45, 66, 7, 9), 'oilRed'), shape(oval(56, 64, 7, 9), 'oilRed')],
  grapes: [shape(oval(45, 58, 6, 6), 'grape'), shape(oval(56, 58, 6, 6), 'grape'), shape(oval(50, 68, 6, 6), 'grape')],
  flower: [
    ...[0, 72, 144, 216, 288].map((degrees) => {
      const angle = ((degrees - 90) * Math.PI) / 180;
      return shape(oval(50 + 9 * Math.cos(angle), 62 + 9 * Math.sin(angle), 7, 5, degrees - 90), 'rose');
    }),
    patch(oval(50, 62, 4, 4), 'yolk'),
  ],
  hibiscus: [
    ...[0, 72, 144, 216, 288].map((degrees) => {
      const angle = ((degrees - 90) * Math.PI) / 180;
      return shape(oval(50 + 9 * Math.cos(angle), 62 + 9 * Math.sin(angle), 8, 6, degrees - 90), 'hibiscus');
    }),
    patch(oval(50, 62, 3.4, 3.4), 'yolk'),
  ],
  daisy: [
    ...[0, 60, 120, 180, 240, 300].map((degrees) => {
      const angle = (degrees * Math.PI) / 180;
      return shape(oval(50 + 9 * Math.cos(angle), 62 + 9 * Math.sin(angle), 6, 3.6, degrees), 'white');
    }),
    patch(oval(50, 62, 4.6, 4.6), 'yolk'),
  ],
  marigold: [
    shape(oval(50, 62, 13, 12), 'orange'),
    { d: oval(50, 62, 8, 7), ink: 'fine' },
    patch(oval(50, 62, 3.6, 3.4), 'brown'),
  ],
  lavender: [
    {
      d: bend(points([50, 80, 50, 46])),
      ink: 'fine',
    },
    ...pips(
      [
        [46, 64, 30],
        [54, 64, -30],
        [46, 57, 30],
        [54, 57, -30],
        [47, 50, 30],
        [53, 50, -30],
        [50, 44],
      ],
      'lavender',
      2.6,
      4,
    ),
  ],
  berry: [shape(oval(50, 63, 10, 10), 'guava'), hatch(points([50, 54, 50, 72]))],
  coconut: [shape(oval(50, 63, 13, 12), 'coconut'), patch(oval(50, 63, 9, 8), 'white')],
  grain: [
    {
      d: bend(points([50, 80, 50, 48])),
      ink: 'fine',
    },
    ...pips(
      [
        [45, 66, 30],
        [55, 66, -30],
        [45, 58, 30],
        [55, 58, -30],
        [50, 48],
      ],
      'oat',
      3,
      5,
    ),
  ],
  bean: [
    shape(oval(46, 64, 7, 10, 25), 'coffee'),
    hatch(points([43, 58, 46, 64, 49, 71])),
    shape(oval(57, 60, 6, 9, -20), 'coffee'),
  ],
  citrus: [
    shape(oval(50, 62, 11, 11), 'lemon'),
    {
      d: bend(points([40, 62, 60, 62])),
      ink: 'fine',
    },
    {
      d: bend(points([50, 52, 50, 72])),
      ink: 'fine',
    },
  ],
  orange: [
    shape(oval(50, 62, 11, 11), 'orange'),
    {
      d: bend(points([40, 62, 60, 62])),
      ink: 'fine',
    },
    {
      d: bend(points([50, 52, 50, 72])),
      ink: 'fine',
    },
  ],
  bark: [
    shape(blob(points([40, 54, 60, 50, 61, 56, 41, 60])), 'cinnamon'),
    shape(blob(points([40, 66, 60, 62, 61, 68, 41, 72])), 'cinnamon'),
  ],
  apple: [shape(oval(50, 64, 11, 10), 'apple'), ...leaf([51, 55], [62, 48])],
  drop: [shape(blob(points([50, 48, 58, 62, 56, 72, 50, 75, 44, 72, 42, 62])), 'water')],
  clove: [
    shape(oval(50, 53, 5, 5), 'brown'),
    {
      d: bend(points([50, 57, 50, 76])),
      ink: 'line',
    },
  ],
  avocado: [
    shape(blob(points([50, 48, 58, 62, 55, 74, 45, 74, 42, 62])), 'avocadoNear'),
    patch(oval(50, 66, 4.4, 4.6), 'stone'),
  ],
  hair: [
    {
      d: bend(points([40, 52, 44, 62, 40, 72])),
      ink: 'line',
    },
    {
      d: bend(points([50, 52, 54, 62, 50, 72])),
      ink: 'line',
    },
    {
      d: bend(points([60, 52, 64, 62, 60, 72])),
      ink: 'line',
    },
  ],
  egg: [shape(oval(50, 62, 8, 11), 'shell')],
  maple: [
    shape(blob(points([50, 46, 55, 56, 65, 56, 58, 65, 61, 75, 50, 70, 39, 75, 42, 65, 35, 56, 45, 56])), 'blush'),
  ],
  agave: [
    ...leaf([50, 76], [38, 52], 'aloe', 0.2),
    ...leaf([50, 76], [62, 52], 'aloe', 0.2),
    ...leaf([50, 76], [50, 46], 'aloe', 0.2),
  ],
  bubbles: [
    { d: oval(44, 66, 4, 4), ink: 'fine' },
    { d: oval(55, 58, 5, 5), ink: 'fine' },
    { d: oval(56, 70, 3, 3), ink: 'fine' },
  ],
} satisfies Record<string, readonly Mark[]>;
export type Emblem = keyof typeof EMBLEMS;
