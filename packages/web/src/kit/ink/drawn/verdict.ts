import { bend, blob, oval, points } from '../curve';
import { patch, pen, pips, shape } from '../marks';
import type { Mark } from '../types';

type Level = 1 | 2 | 3;
/** From poor to good, three of each. */
type States = readonly [readonly Mark[], readonly Mark[], readonly Mark[]];

/** A lock of hair whose strands stray by so much. */
function lock(stray: number, shine: boolean, bow = 10): Mark[] {
  const strand = (x: number, at: number): Mark =>
    pen([
      [x, 6],
      [x + bow + stray * Math.sin(at * 2.1), 30],
      [x - bow * 0.6 - stray * Math.cos(at * 1.7), 62],
      [x + stray * Math.sin(at * 3.3), 94],
    ]);
  return [
    shape(blob(points([34, 8, 50, 4, 66, 8, 74, 34, 60, 62, 66, 94, 50, 97, 36, 94, 30, 62, 44, 34])), 'cocoa'),
    ...[38, 46, 54, 62].map((x, at) => strand(x, at)),
    ...(stray > 6
      ? [
          [20, 30, 8, 22],
          [80, 44, 94, 36],
          [24, 76, 8, 84],
          [76, 78, 92, 88],
        ].map(([x = 0, y = 0, tx = 0, ty = 0]) =>
          pen([
            [x, y],
            [(x + tx) / 2, y - 6],
            [tx, ty],
          ]),
        )
      : []),
    ...(stray > 0 && stray <= 6 ? [pen(points([76, 60, 84, 54, 92, 58]))] : []),
    ...(shine ? [patch(blob(points([58, 18, 64, 24, 60, 42, 56, 40])), 'white', 0.75)] : []),
  ];
}
const strandCoated = (at: readonly (readonly [number, number, number])[]): Mark[] => [
  {
    d: bend(points([50, 2, 46, 34, 54, 66, 50, 98])),
    ink: 'line',
  },
  ...at.map(([y, rx, ry]) => shape(oval(50, y, rx, ry), 'avocadoFlesh')),
];
const drops = (count: number): Mark[] => [
  shape(blob(points([12, 20, 50, 12, 88, 20, 84, 40, 50, 46, 16, 40])), 'cocoa'),
  ...points([30, 66, 52, 82, 72, 64])
    .slice(0, count)
    .map(([x = 0, y = 0]) =>
      shape(
        blob([
          [x, y - 12],
          [x + 8, y + 2],
          [x, y + 9],
          [x - 8, y + 2],
        ]),
        'avocadoFlesh',
      ),
    ),
];
const flower = (petals: number, isWilted: boolean): Mark[] => [
  {
    d: bend(isWilted ? points([50, 98, 52, 66, 34, 44]) : points([50, 98, 48, 70, 50, 46])),
    ink: 'line',
  },
  ...Array.from({ length: petals }, (_, i) => {
    const angle = (2 * Math.PI * i) / petals - Math.PI / 2;
    const [x, y] = isWilted ? [30, 46] : [50, 34];
    return shape(
      oval(x + 17 * Math.cos(angle), y + 17 * Math.sin(angle), 13, 9, (angle * 180) / Math.PI),
      isWilted ? 'brown' : 'rose',
    );
  }),
  shape(oval(isWilted ? 30 : 50, isWilted ? 46 : 34, 9, 9), 'yolk'),
];
const comb = (left: number): Mark[] => [
  shape(blob(points([10, 18, 90, 18, 90, 34, 10, 34])), 'wood'),
  ...[20, 34, 48, 62, 76].map((x): Mark => ({
    d: bend([
      [x, 34],
      [x + 1, 60],
      [x, 84],
    ]),
    ink: 'line',
  })),
  ...points([24, 56, 52, 66, 70, 52, 40, 76, 62, 78])
    .slice(0, left)
    .map(([x = 0, y = 0]) => shape(oval(x, y, 8, 6), 'avocadoFlesh')),
];
const cloth = (bits: number, film: number): Mark[] => [
  shape(blob(points([10, 14, 50, 8, 90, 14, 94, 52, 88, 90, 50, 94, 12, 90, 6, 52])), 'cloth'),
  ...(film > 0 ? [patch(oval(50, 52, 30, 24), 'avocadoFlesh', film)] : []),
  ...pips(points([34, 36, 62, 40, 46, 58, 70, 64, 30, 70]).slice(0, bits), 'brown', 4.6, 3.6),
];
const scalp = (sore: number, tight: boolean): Mark[] => [
  shape(oval(50, 54, 42, 36), 'shell'),
  ...(tight ? [pen(points([24, 44, 38, 52, 24, 62])), pen(points([76, 44, 62, 52, 76, 62]))] : []),
  ...points([40, 44, 60, 50, 48, 64, 66, 66, 34, 62])
    .slice(0, sore)
    .map(([x = 0, y = 0]) => patch(oval(x, y, 6, 6), 'blush')),
];
const hanging = (bend_: number): Mark[] => [
  shape(oval(50, 22, 22, 20), 'shell'),
  shape(
    blob([
      [26, 20],
      [50, 2],
      [74, 20],
      [76 + bend_, 50],
      [70 + bend_, 94],
      [50, 88],
      [30 - bend_, 94],
      [24 - bend_, 50],
    ]),
    'cocoa',
  ),
];

const STATES: Readonly<Record<string, States>> = {
  slip: [comb(5), comb(2), comb(0)],
  spread: [
    strandCoated([
      [26, 20, 12],
      [72, 22, 13],
    ]),
    strandCoated([
      [24, 15, 16],
      [60, 9, 12],
      [84, 14, 9],
    ]),
    strandCoated([[50, 12, 44]]),
  ],
  drip: [drops(3), drops(1), drops(0)],
  smell: [flower(4, true), flower(4, false), flower(7, false)],
  ease: [comb(5), comb(2), comb(0)],
  residue: [cloth(5, 0), cloth(0, 0.5), cloth(0, 0)],
  feel: [lock(9, false), lock(4, false), lock(0, true)],
  soft: [lock(9, false, 0), lock(4, false, 4), lock(0, true, 12)],
  shine: [lock(2, false), lock(0, false), lock(0, true)],
  definition: [lock(9, false, 2), lock(3, false, 8), lock(0, false, 20)],
  frizz: [lock(12, false), lock(5, false), lock(0, false)],
  weight: [hanging(-8), hanging(2), hanging(14)],
  scalp: [scalp(5, false), scalp(0, true), scalp(0, false)],
};

/** How something was, as a small picture: poor, middling or good. None for what has no picture. */
export const verdictOf = (quality: string, level: Level): readonly Mark[] => STATES[quality]?.[level - 1] ?? [];
