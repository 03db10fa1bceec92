import { bend, blob, oval, type Point } from './curve';
import { PIGMENTS, type Pigment } from './pigments';
import type { Mark } from './types';

/** A filled shape with an ink line about it. */
export const shape = (d: string, fill: Pigment, more: Partial<Mark> = {}): Mark => ({
  d,
  fill: PIGMENTS[fill],
  ink: 'line',
  ...more,
});
/** A flat patch of paint without a line. */
export const patch = (d: string, fill: Pigment, opacity = 1): Mark => ({
  d,
  fill: PIGMENTS[fill],
  ink: 'none',
  opacity,
});
/** A line of the pen. */
export const pen = (points: readonly Point[], more: Partial<Mark> = {}): Mark => ({
  d: bend(points),
  ink: 'line',
  ...more,
});
/** A fine line that a small drawing goes without. */
export const hatch = (points: readonly Point[]): Mark => ({ d: bend(points), ink: 'fine', isDetail: true });
/** Small seeds, spots or pips, each `[x, y]` or `[x, y, degrees]`. */
export const pips = (at: readonly (readonly number[])[], fill: Pigment, rx = 2.2, ry = 3.4): Mark[] =>
  at.map(([x = 0, y = 0, turn = 0]) => ({ d: oval(x, y, rx, ry, turn), fill: PIGMENTS[fill], ink: 'none' }));
/** The gleam on a skin that the light falls on from the left. */
export const gleam = (points: readonly Point[]): Mark => ({ d: bend(points), ink: 'fine', isDetail: true });

/** A leaf from its stalk to its tip. */
export function leaf([x, y]: Point, [tx, ty]: Point, fill: Pigment = 'leaf', wide = 0.3): Mark[] {
  const [dx, dy] = [tx - x, ty - y];
  const at = (along: number, side: number): Point => [x + dx * along - dy * side, y + dy * along + dx * side];
  return [
    shape(blob([[x, y], at(0.35, wide), at(0.7, wide * 0.75), [tx, ty], at(0.7, -wide * 0.75), at(0.35, -wide)]), fill),
    hatch([at(0.08, 0), at(0.45, wide * 0.08), at(0.85, 0)]),
  ];
}
