import { polygonArea } from 'd3-polygon';
import { pointsOnPath } from 'points-on-path';

/**
 * Where a straight cut from top to bottom leaves a share of a shape on its left.
 * @param outline a closed SVG path
 * @param share of its area, 0 to 1
 * @returns the x of the cut, in units of the path
 * @example cutAt('M0 0H100V50H0Z', 0.25) // 25
 */
export function cutAt(outline: string, share: number): number {
  const points = (pointsOnPath(outline, 0.2)[0] ?? []) as [number, number][];
  const xs = points.map(([x]) => x);
  const whole = Math.abs(polygonArea(points));
  let [from, to] = [Math.min(...xs), Math.max(...xs)];
  for (let halved = 0; halved < 30; halved++) {
    const x = (from + to) / 2;
    if (Math.abs(polygonArea(leftOf(points, x))) < share * whole) from = x;
    else to = x;
  }
  return (from + to) / 2;
}

/** What of a polygon lies left of an upright line. */
function leftOf(points: readonly [number, number][], x: number): [number, number][] {
  return points.flatMap((here, at): [number, number][] => {
    const next = points[(at + 1) % points.length] ?? here;
    const crosses = here[0] <= x !== next[0] <= x;
    const y = here[1] + ((x - here[0]) / (next[0] - here[0])) * (next[1] - here[1]);
    return [...(here[0] <= x ? [here] : []), ...(crosses ? [[x, y] as [number, number]] : [])];
  });
}
