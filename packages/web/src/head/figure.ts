import { blob, mirrored, type Point } from '../kit/ink/curve';
import { CENTRE_X } from './hairShape';

/** A person from behind, down to the hip; every part lies where its landmark is said to be. */
export interface Figure {
  readonly neck: string;
  readonly torso: string;
  readonly top: string;
  readonly straps: readonly string[];
  readonly arms: readonly string[];
  readonly head: string;
  readonly ears: readonly string[];
}
/** Half widths of a grown-up and a child, in units of the drawing. */
const GROWN = { shoulder: 62, chest: 50, waist: 41, hip: 56, arm: 13, neck: 15, head: 34 } as const;
const CHILD = { shoulder: 47, chest: 40, waist: 36, hip: 41, arm: 10, neck: 12, head: 36 } as const;
/** Up to this age a head is drawn as a child's. */
const CHILD_YEARS = 12;

/** @param ageYears 0 or more */
export function figureOf(ageYears: number): Figure {
  const w = ageYears <= CHILD_YEARS ? CHILD : GROWN;
  const right = (points: readonly (readonly [number, number])[]): Point[] => points.map(([x, y]) => [CENTRE_X + x, y]);
  const both = (points: Point[]): string[] => [blob(points), blob(points.map(([x, y]) => [2 * CENTRE_X - x, y]))];
  const torso = mirrored(
    right([
      [0, 140],
      [w.neck + 3, 141],
      [w.shoulder * 0.62, 152],
      [w.shoulder - 4, 164],
      [w.shoulder, 180],
      [w.chest + 3, 206],
      [w.chest - 3, 250],
      [w.waist, 318],
      [w.waist + 4, 342],
      [w.hip, 386],
      [w.hip + 3, 440],
      [w.hip, 500],
      [0, 504],
    ]),
    CENTRE_X,
  );
  const top = mirrored(
    right([
      [0, 216],
      [w.chest * 0.5, 208],
      [w.chest - 1, 208],
      [w.chest - 4, 252],
      [w.waist - 1, 318],
      [w.waist + 3, 342],
      [w.hip - 2, 384],
      [w.hip + 4, 440],
      [w.hip + 4, 500],
      [0, 504],
    ]),
    CENTRE_X,
  );
  const arm = right([
    [w.shoulder - 16, 166],
    [w.shoulder - 3, 162],
    [w.shoulder + 9, 178],
    [w.shoulder + w.arm + 3, 236],
    [w.shoulder + w.arm + 7, 286],
    [w.shoulder + w.arm + 9, 338],
    [w.shoulder + w.arm + 11, 372],
    [w.shoulder + w.arm + 4, 392],
    [w.shoulder + 3, 374],
    [w.shoulder + 4, 338],
    [w.shoulder - 1, 288],
    [w.shoulder - 8, 236],
    [w.shoulder - 15, 200],
  ]);
  return {
    neck: blob(
      mirrored(
        right([
          [0, 104],
          [w.neck, 108],
          [w.neck, 128],
          [w.neck + 5, 142],
          [w.neck + 18, 152],
          [0, 160],
        ]),
        CENTRE_X,
      ),
    ),
    torso: blob(torso),
    top: blob(top),
    straps: both(
      right([
        [w.chest * 0.42, 212],
        [w.shoulder * 0.44, 152],
        [w.shoulder * 0.52, 152],
        [w.chest * 0.56, 211],
      ]),
    ),
    arms: both(arm),
    head: blob(
      mirrored(
        right([
          [0, 33],
          [w.head * 0.62, 40],
          [w.head, 66],
          [w.head - 2, 92],
          [w.head * 0.66, 114],
          [0, 124],
        ]),
        CENTRE_X,
      ),
    ),
    ears: both(
      right([
        [w.head - 3, 76],
        [w.head + 4, 73],
        [w.head + 5, 84],
        [w.head + 1, 95],
        [w.head - 4, 92],
      ]),
    ),
  };
}
