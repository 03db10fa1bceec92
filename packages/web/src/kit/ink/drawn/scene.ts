import { bend, blob, mirrored, oval, plate, points } from '../curve';
import { gleam, hatch, leaf, patch, pen, pips, shape } from '../marks';
import { DOOR_SCENES } from './door';
import { PLACE_SCENES } from './place';
import type { Pigment } from '../pigments';
import type { Mark } from '../types';

/*
 * What a hand does in a step, and what it looks for: the line that the spoon leaves, the thread that hangs from it, the
 * cloth with nothing left. All of them in a box of 100 × 100.
 */
const steam = (...at: readonly (readonly [number, number])[]): Mark[] =>
  at.map(([x, y]) =>
    pen([
      [x, y],
      [x + 4, y - 7],
      [x - 2, y - 14],
      [x + 3, y - 21],
    ]),
  );
const drop = (x: number, y: number, fill: Pigment, r = 3.4): Mark =>
  shape(
    blob([
      [x, y - r * 1.7],
      [x + r, y + r * 0.3],
      [x, y + r],
      [x - r, y + r * 0.3],
    ]),
    fill,
  );
const bowlAt = (y: number, fill: Pigment, wall: Pigment = 'clayPot'): Mark[] => [
  shape(oval(50, y, 38, 9), fill),
  shape(
    blob([
      [12, y + 1],
      [30, y + 8],
      [50, y + 10],
      [70, y + 8],
      [88, y + 1],
      [80, y + 24],
      [64, y + 38],
      [36, y + 38],
      [20, y + 24],
    ]),
    wall,
  ),
];
const pan = (fill: Pigment): Mark[] => [
  {
    d: bend(points([76, 58, 90, 54, 102, 50])),
    ink: 'line',
  },
  shape(plate(points([74, 56, 100, 47, 101, 53, 76, 64])), 'wood'),
  shape(oval(44, 54, 36, 11), fill),
  shape(blob(points([8, 55, 24, 63, 44, 66, 64, 63, 80, 55, 78, 84, 64, 90, 24, 90, 10, 84])), 'tin'),
];
const spoonIn = (x: number, y: number): Mark[] => [
  pen([
    [x, y],
    [x + 14, y - 26],
    [x + 26, y - 50],
  ]),
  shape(
    plate([
      [x - 2, y - 4],
      [x + 22, y - 50],
      [x + 28, y - 48],
      [x + 4, y - 1],
    ]),
    'wood',
  ),
];
const water = (x: number, from: number, to: number): Mark[] =>
  [-8, 0, 8]
    .map((by) =>
      hatch([
        [x + by, from],
        [x + by + 1, (from + to) / 2],
        [x + by, to],
      ]),
    )
    .map((mark) => ({ ...mark, isDetail: false }));
const tap: readonly Mark[] = [
  shape(blob(points([8, 12, 40, 10, 62, 14, 66, 30, 56, 30, 52, 22, 38, 20, 8, 22])), 'tin'),
];
const shower: readonly Mark[] = [
  {
    d: bend(points([50, 0, 50, 12])),
    ink: 'line',
  },
  shape(blob(points([22, 20, 36, 12, 64, 12, 78, 20, 50, 24])), 'tin'),
  ...[28, 40, 52, 64, 74].flatMap((x, at) => [
    drop(x, 36 + (at % 2) * 10, 'water', 2.6),
    drop(x - 2, 58 + (at % 2) * 8, 'water', 2.6),
    drop(x + 1, 78 + (at % 2) * 7, 'water', 2.6),
  ]),
];
const sieveOver = (fill: Pigment, into: Pigment): Mark[] => [
  pen(points([78, 26, 98, 20])),
  shape(blob(points([16, 26, 78, 26, 66, 46, 47, 52, 28, 46])), 'tin'),
  patch(oval(47, 28, 26, 6), fill),
  hatch(points([30, 34, 40, 46])),
  hatch(points([46, 36, 50, 48])),
  hatch(points([60, 34, 58, 44])),
  drop(40, 58, into, 2.6),
  drop(52, 62, into, 2.6),
  ...bowlAt(66, into).map((mark) => ({ ...mark })),
];
const knife: readonly Mark[] = [
  shape(blob(points([70, 22, 78, 24, 74, 50, 66, 62, 64, 56])), 'tin'),
  shape(plate(points([70, 2, 79, 4, 78, 26, 69, 24])), 'wood'),
];
const board: readonly Mark[] = [
  shape(plate(points([4, 66, 96, 66, 90, 90, 10, 90])), 'wood'),
  hatch(points([14, 74, 60, 76])),
  hatch(points([30, 83, 84, 82])),
];
const bust = (hair: readonly Mark[]): readonly Mark[] => [
  shape(blob(points([6, 99, 20, 86, 40, 80, 60, 80, 80, 86, 94, 99])), 'cloth'),
  {
    ...shape(blob(points([41, 66, 40, 82, 50, 88, 60, 82, 59, 66])), 'shell'),
  },
  shape(oval(50, 46, 24, 28), 'shell'),
  ...hair,
];
const mane: readonly Mark[] = [
  shape(blob(points([50, 14, 70, 20, 79, 44, 80, 74, 66, 82, 50, 84, 34, 82, 20, 74, 21, 44, 30, 20])), 'cocoa'),
  ...[34, 42, 58, 66].map((x) =>
    hatch([
      [50 + (x - 50) * 0.3, 20],
      [x, 48],
      [x + (x > 50 ? 2 : -2), 76],
    ]),
  ),
];

export const SCENES = {
  ...DOOR_SCENES,
  ...PLACE_SCENES,
  press: sieveOver('onionFlesh', 'oilPale'),
  crack: [
    ...bowlAt(60, 'yolk'),
    shape(blob(points([20, 12, 46, 6, 50, 24, 40, 30, 34, 26, 26, 34])), 'shell'),
    shape(blob(points([58, 26, 64, 32, 72, 26, 80, 34, 78, 12, 56, 8])), 'shell'),
    drop(50, 44, 'yolk', 5),
  ],
  separate: [
    ...bowlAt(62, 'white'),
    shape(blob(points([26, 22, 40, 30, 50, 24, 60, 30, 74, 22, 66, 44, 50, 50, 34, 44])), 'shell'),
    shape(oval(50, 24, 15, 9), 'yolk'),
    drop(38, 56, 'white', 3),
  ],
  drain: [
    shape(blob(points([42, 58, 36, 30, 50, 2, 64, 30, 58, 58])), 'aloe'),
    drop(50, 66, 'lemon', 3.4),
    shape(blob(mirrored(points([50, 56, 76, 57, 70, 92, 50, 95]))), 'glass', { opacity: 0.7 }),
    patch(oval(50, 88, 17, 5), 'lemon', 0.9),
  ],
  fillet: [
    ...board,
    shape(blob(points([8, 58, 30, 44, 66, 42, 94, 52, 66, 64, 30, 66])), 'aloe'),
    patch(blob(points([18, 57, 34, 50, 64, 48, 84, 53, 64, 59, 34, 61])), 'aloeGel'),
    ...knife,
  ],
  bake: [
    ...steam([40, 26], [58, 24]),
    shape(plate(points([6, 58, 94, 58, 84, 88, 16, 88])), 'tin'),
    shape(blob(points([18, 56, 30, 40, 56, 34, 80, 46, 84, 58, 50, 62])), 'sweetPotato'),
  ],
  'cook-soft': [
    ...steam([30, 38], [54, 36]),
    ...pan('water'),
    shape(oval(34, 54, 12, 6), 'potato'),
    shape(oval(56, 54, 11, 5), 'carrot'),
    pen(points([62, 52, 74, 20])),
    pen(points([70, 22, 73, 12])),
    pen(points([75, 24, 80, 14])),
  ],
  'drain-soft': sieveOver('carrot', 'water'),
  cut: [
    ...board,
    shape(blob(points([14, 66, 12, 50, 30, 38, 50, 44, 58, 66])), 'avocadoNear'),
    patch(blob(points([19, 64, 18, 52, 31, 43, 46, 48, 52, 64])), 'avocadoFlesh'),
    shape(oval(33, 56, 7, 6), 'stone'),
    ...knife,
  ],
  measure: [
    shape(oval(50, 34, 36, 8), 'yolk'),
    shape(blob(points([14, 35, 86, 35, 74, 52, 50, 57, 26, 52])), 'white'),
    shape(plate(points([22, 58, 78, 58, 86, 92, 14, 92])), 'cloth'),
    shape(plate(points([32, 68, 68, 68, 68, 84, 32, 84])), 'aloeGel'),
    pen(points([38, 80, 38, 73])),
    pen(points([48, 80, 48, 73])),
    pen(points([58, 80, 60, 73])),
  ],
  mix: [
    ...bowlAt(58, 'avocadoFlesh'),
    {
      d: bend(points([36, 52, 50, 58, 64, 54, 58, 50, 44, 55])),
      ink: 'fine',
    },
    pen(points([54, 56, 74, 6])),
    { d: oval(58, 42, 7, 16, 20), ink: 'line' },
    { d: oval(58, 42, 3, 15, 20), ink: 'fine' },
  ],
  strain: [
    shape(blob(points([26, 6, 44, 2, 56, 2, 74, 6, 60, 22, 70, 44, 50, 54, 30, 44, 40, 22])), 'cloth'),
    hatch(points([46, 8, 42, 24, 40, 44])),
    hatch(points([54, 8, 58, 24, 60, 44])),
    drop(44, 62, 'bananaFlesh', 3),
    drop(56, 64, 'bananaFlesh', 3),
    ...bowlAt(68, 'bananaFlesh'),
  ],
  'strain-gel': [
    shape(blob(points([16, 12, 50, 20, 84, 12, 74, 40, 50, 52, 26, 40])), 'cloth'),
    patch(oval(50, 24, 22, 8), 'flax'),
    pen(points([50, 50, 49, 58, 50, 66])),
    pen(points([42, 48, 42, 60])),
    ...bowlAt(68, 'oat'),
  ],
  'warm-starch': [
    ...steam([20, 40], [62, 38]),
    ...pan('rice'),
    {
      d: bend(points([18, 54, 34, 57, 56, 53])),
      ink: 'line',
    },
    ...spoonIn(56, 54),
  ],
  'boil-gel': [
    ...steam([16, 44]),
    ...pan('oat'),
    ...pips(points([26, 52, 36, 56, 48, 51, 60, 55]), 'flax', 2.4, 1.6),
    shape(oval(62, 18, 9, 6, -30), 'wood'),
    pen(points([68, 14, 94, 0])),
    pen(points([58, 24, 55, 38, 57, 52])),
  ],
  rinse: [
    ...tap,
    ...water(60, 32, 56),
    shape(blob(points([22, 56, 96, 56, 84, 80, 59, 86, 34, 80])), 'tin'),
    patch(oval(59, 58, 32, 7), 'rice'),
    ...pips(points([44, 57, 56, 60, 68, 57, 78, 59]), 'oat', 2.4, 1.4),
    ...water(58, 87, 99),
  ],
  soak: [
    ...bowlAt(50, 'water'),
    ...pips(points([30, 50, 42, 53, 54, 49, 66, 52, 48, 47]), 'rice', 3, 1.8),
    { d: oval(50, 30, 9, 9), ink: 'line' },
    pen(points([50, 24, 50, 30, 55, 33])),
  ],
  boil: [
    ...steam([22, 38], [44, 34], [64, 38]),
    ...pan('water'),
    ...points([24, 53, 40, 56, 56, 52, 66, 56]).map(([x = 0, y = 0]): Mark => ({ d: oval(x, y, 3, 2.2), ink: 'fine' })),
  ],
  'blend-hot': [
    shape(plate(points([34, 8, 66, 8, 62, 60, 38, 60])), 'glass'),
    patch(plate(points([36, 30, 64, 30, 61, 58, 39, 58])), 'rice'),
    hatch(points([40, 40, 50, 46, 60, 40])),
    shape(plate(points([36, 2, 64, 2, 64, 9, 36, 9])), 'black'),
    shape(blob(points([32, 60, 68, 60, 76, 94, 24, 94])), 'clayPot'),
    shape(oval(50, 78, 6, 6), 'cream'),
  ],
  steep: [
    shape(blob(mirrored(points([50, 30, 78, 32, 72, 86, 50, 92]))), 'glass'),
    patch(blob(mirrored(points([50, 44, 74, 45, 69, 84, 50, 89]))), 'tea'),
    ...leaf([44, 74], [58, 56]),
    ...leaf([52, 82], [66, 70]),
    { d: oval(50, 14, 9, 9), ink: 'line' },
    pen(points([50, 8, 50, 14, 55, 17])),
  ],
  cool: [
    ...bowlAt(54, 'rice'),
    ...steam([34, 40]),
    hatch(points([60, 20, 60, 36])),
    shape(oval(60, 40, 5, 5), 'blush'),
    {
      d: bend(points([56, 36, 56, 14, 60, 10, 64, 14, 64, 36])),
      ink: 'line',
    },
  ],
  melt: [
    ...pan('water'),
    shape(blob(mirrored(points([44, 26, 60, 27, 60, 60, 44, 64]), 44)), 'glass'),
    patch(blob(mirrored(points([44, 38, 57, 38, 57, 58, 44, 61]), 44)), 'oil'),
    gleam(points([34, 32, 34, 52])),
  ],
  make: [...bowlAt(56, 'cream'), ...spoonIn(54, 54)],
  last: [...bowlAt(58, 'honey'), ...spoonIn(50, 52), drop(34, 40, 'honey', 4), drop(40, 26, 'honey', 3)],
  detangle: [
    ...bust(mane),
    shape(blob(points([58, 40, 96, 30, 98, 38, 62, 48])), 'wood'),
    ...[64, 72, 80, 88].map((x) =>
      pen([
        [x, 44 - (x - 64) * 0.25],
        [x - 4, 58 - (x - 64) * 0.25],
      ]),
    ),
  ],
  wash: [
    ...bust(mane),
    ...points([30, 26, 46, 16, 62, 22, 70, 34, 36, 38, 54, 30]).map(([x = 0, y = 0]) =>
      shape(oval(x, y, 7, 6), 'white'),
    ),
  ],
  section: [
    ...bust(mane),
    {
      d: bend(points([50, 14, 50, 82])),
      ink: 'line',
    },
    {
      d: bend(points([22, 48, 50, 44, 78, 48])),
      ink: 'line',
    },
    shape(blob(points([28, 30, 42, 34, 40, 40, 26, 36])), 'honey'),
    shape(blob(points([60, 34, 74, 30, 76, 36, 62, 40])), 'honey'),
  ],
  wet: [
    ...bust(mane),
    shape(blob(points([78, 10, 92, 12, 96, 38, 80, 38])), 'water'),
    shape(plate(points([74, 4, 90, 4, 90, 12, 78, 12])), 'tin'),
    drop(66, 12, 'water', 2.6),
    drop(60, 22, 'water', 2.6),
    drop(68, 26, 'water', 2.6),
  ],
  apply: [
    ...bust(mane),
    patch(blob(points([52, 18, 68, 24, 74, 46, 72, 70, 56, 74, 50, 46])), 'avocadoFlesh'),
    shape(plate(points([62, 34, 82, 22, 86, 30, 66, 42])), 'black'),
    pen(points([84, 26, 99, 14])),
  ],
  wear: [
    ...bust([
      shape(blob(points([50, 12, 74, 20, 78, 46, 70, 56, 50, 60, 30, 56, 22, 46, 26, 20])), 'glass', { opacity: 0.95 }),
      hatch(points([24, 48, 50, 54, 76, 48])),
      hatch(points([50, 14, 44, 30, 46, 50])),
      hatch(points([52, 14, 60, 32, 58, 50])),
      gleam(points([32, 26, 28, 36])),
    ]),
  ],
  hood: [
    ...bust([]),
    pen(points([88, 30, 94, 60, 92, 96])),
    shape(blob(points([50, 2, 80, 10, 92, 34, 90, 46, 70, 40, 50, 38, 30, 40, 10, 46, 8, 34, 20, 10])), 'tin'),
    hatch(points([14, 38, 50, 30, 86, 38])),
    ...[34, 50, 66].map((x) => pen(points([x, 44, x + 2, 50, x - 1, 56]), { isDetail: true })),
  ],
  'rinse-hair': shower,
  'acid-rinse': [
    ...bust(mane),
    shape(blob(points([62, 2, 92, 2, 90, 26, 66, 26])), 'glass'),
    patch(blob(points([64, 12, 90, 12, 88, 24, 67, 24])), 'oilPale'),
    drop(60, 18, 'oilPale', 3),
    drop(54, 28, 'oilPale', 3),
  ],
  empty: [...bowlAt(54, 'cloth')],
  basket: [
    shape(blob(points([10, 50, 90, 50, 82, 90, 18, 90])), 'wood'),
    {
      d: bend(points([16, 50, 30, 14, 70, 14, 84, 50])),
      ink: 'line',
    },
    hatch(points([16, 62, 84, 62])),
    hatch(points([18, 76, 82, 76])),
    hatch(points([36, 50, 38, 90])),
    hatch(points([64, 50, 62, 90])),
  ],
  page: [
    shape(plate(points([20, 6, 80, 6, 80, 94, 20, 94])), 'white'),
    hatch(points([30, 22, 70, 22])),
    hatch(points([30, 36, 66, 36])),
    hatch(points([30, 50, 70, 50])),
    hatch(points([30, 64, 54, 64])),
    ...leaf([58, 86], [74, 66]),
  ],
} satisfies Record<string, readonly Mark[]>;
export type Scene = keyof typeof SCENES;

const BY_KIND: Readonly<Record<string, Scene>> = {
  prepare: 'cut',
  soak: 'soak',
  boil: 'boil',
  cool: 'cool',
  measure: 'measure',
  mix: 'mix',
  strain: 'strain',
  detangle: 'detangle',
  wash: 'wash',
  section: 'section',
  wet: 'wet',
  apply: 'apply',
  wear: 'wear',
  rinse: 'rinse-hair',
  'acid-rinse': 'acid-rinse',
  own: 'make',
};
/**
 * The picture of a step.
 * @param titleId the id of its title, such as `step.boil-gel.title`
 * @param kind what it is about, where its title has no picture of its own
 */
export function sceneOf(titleId: string, kind: string): readonly Mark[] {
  const byTitle: Readonly<Record<string, readonly Mark[]>> = SCENES;
  return byTitle[titleId.split('.')[1] ?? ''] ?? SCENES[BY_KIND[kind] ?? 'make'];
}
