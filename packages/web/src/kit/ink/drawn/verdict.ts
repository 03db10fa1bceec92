import { bend, blob, oval, points, type Point } from '../curve';
import { hatch, patch, pen, pips, shape } from '../marks';
import type { Pigment } from '../pigments';
import type { Mark } from '../types';

type Level = 1 | 2 | 3;
/** From poor to good, three of each. */
type States = readonly [readonly Mark[], readonly Mark[], readonly Mark[]];

interface Fall {
  /** How far its lower edge is jagged. */
  readonly jagged?: number;
  /** How far it stands off as a cloud. */
  readonly cloud?: number;
  /** How far it swings to and fro. */
  readonly swing?: number;
  /** How far it stands away from the neck below. */
  readonly width?: number;
  /** The light on it, from none to 1. */
  readonly gloss?: number;
  readonly paint?: Pigment;
}
/** Hair that falls to the shoulders about a face. */
function fall({ jagged = 0, cloud = 0, swing = 0, width = 0, gloss = 0, paint = 'sweetPotato' }: Fall): Mark[] {
  const swung = (y: number): number => swing * Math.sin(((y - 30) / 60) * 4 * Math.PI);
  const right: Point[] = [
    [50, 4 - cloud * 0.2],
    [66 + cloud * 0.5, 9 - cloud * 0.2],
    ...[24, 35, 46, 57, 68, 79].map((y, at): Point => [
      76 + cloud + (width * (y - 14)) / 60 + swung(y) + (at % 2 === 0 ? cloud * 0.5 : -cloud * 0.35),
      y,
    ]),
  ];
  const ends = [74, 66, 58, 50, 42, 34, 26].map((x, at): Point => [
    50 + (x - 50) * (1 + width / 40),
    88 + (at % 2 === 0 ? jagged : -jagged),
  ]);
  const left = right.slice(1).map(([x, y]): Point => [100 - x, y]);
  const lock = (way: 1 | -1): Mark => hatch([50, 62, 74, 84].map((y): Point => [50 + way * (22 + swung(y)), y]));
  const shine = (way: 1 | -1): Mark =>
    patch(
      blob(
        [
          [22, 20],
          [25, 30],
          [25, 30 + 34 * gloss],
          [20, 30 + 30 * gloss],
          [19, 28],
        ].map(([x = 0, y = 0]): Point => [50 + way * x, y]),
      ),
      'white',
      0.75,
    );
  return [
    shape(blob([...right, ...ends, ...left.reverse()]), paint),
    lock(1),
    lock(-1),
    shape(blob(points([42, 52, 58, 52, 59, 72, 84, 84, 90, 98, 10, 98, 16, 84, 41, 72])), 'shell'),
    shape(blob(points([32, 30, 50, 16, 68, 30, 65, 50, 50, 64, 35, 50])), 'shell'),
    shape(blob(points([50, 8, 64, 12, 71, 26, 70, 42, 63, 28, 50, 17, 37, 28, 30, 42, 29, 26, 36, 12])), paint),
    ...(gloss > 0 ? [shine(1), shine(-1)] : []),
    ...(gloss === 1 ? [pen(points([92, 4, 92, 20])), pen(points([84, 12, 100, 12]))] : []),
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
  shape(blob(points([12, 20, 50, 12, 88, 20, 84, 40, 50, 46, 16, 40])), 'sweetPotato'),
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
  feel: [fall({ jagged: 6, cloud: 3 }), fall({ jagged: 2 }), fall({ width: 3, gloss: 0.5 })],
  soft: [fall({ jagged: 6, cloud: 3 }), fall({ jagged: 2 }), fall({ width: 3, swing: 2, gloss: 0.5 })],
  shine: [fall({ paint: 'brown' }), fall({ gloss: 0.4 }), fall({ gloss: 1 })],
  definition: [fall({ cloud: 7, jagged: 4 }), fall({ swing: 2 }), fall({ width: 4, swing: 6 })],
  frizz: [fall({ cloud: 13, jagged: 5 }), fall({ cloud: 6, jagged: 2 }), fall({ gloss: 0.3 })],
  weight: [fall({ width: -9 }), fall({ width: 1 }), fall({ width: 13 })],
  scalp: [scalp(5, false), scalp(0, true), scalp(0, false)],
};

/** How something was, as a small picture: poor, middling or good. None for what has no picture. */
export const verdictOf = (quality: string, level: Level): readonly Mark[] => STATES[quality]?.[level - 1] ?? [];
