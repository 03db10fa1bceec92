import { curveCatmullRom, curveCatmullRomClosed, curveLinearClosed, line } from 'd3-shape';

export type Point = readonly [x: number, y: number];

const digits = 1;
const through = (curve: Parameters<ReturnType<typeof line<Point>>['curve']>[0]) =>
  line<Point>().curve(curve).digits(digits);
const closed = through(curveCatmullRomClosed);
const open = through(curveCatmullRom);
const straight = through(curveLinearClosed);

/** A closed, round shape through points. */
export const blob = (points: readonly Point[]): string => closed([...points]) ?? '';
/** An open, bent line through points. */
export const bend = (points: readonly Point[]): string => open([...points]) ?? '';
/** A closed shape with corners. */
export const plate = (points: readonly Point[]): string => straight([...points]) ?? '';

/** An oval about a centre, turned by some degrees. */
export function oval(cx: number, cy: number, rx: number, ry: number, degrees = 0): string {
  const turn = (degrees * Math.PI) / 180;
  return blob(
    Array.from({ length: 8 }, (_, i): Point => {
      const angle = (i * Math.PI) / 4;
      const [x, y] = [rx * Math.cos(angle), ry * Math.sin(angle)];
      return [cx + x * Math.cos(turn) - y * Math.sin(turn), cy + x * Math.sin(turn) + y * Math.cos(turn)];
    }),
  );
}

/** Points drawn towards a centre, as a flesh lies within its skin. @param to 1 leaves them, 0 puts all into the centre */
export function drawnIn(points: readonly Point[], to: number, [cx, cy]: Point = [50, 52]): Point[] {
  return points.map(([x, y]) => [cx + (x - cx) * to, cy + (y - cy) * to]);
}

/** The other half of a shape that is the same left and right of the middle, from its points on the right, top to bottom. */
export function mirrored(right: readonly Point[], middle = 50): Point[] {
  const left = right.filter(([x]) => x !== middle).map(([x, y]): Point => [2 * middle - x, y]);
  return [...right, ...left.reverse()];
}

/** Points from their coordinates, one after the other. @example points([1, 2, 3, 4]) // [[1, 2], [3, 4]] */
export const points = (flat: readonly number[]): Point[] =>
  Array.from({ length: flat.length / 2 }, (_, at): Point => [flat[2 * at] ?? 0, flat[2 * at + 1] ?? 0]);
