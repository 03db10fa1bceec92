import { HAIR_PATTERNS } from '@amber-ladle/contract';
import { LANDMARKS } from '@amber-ladle/core/hair';
import { aProfile } from '@amber-ladle/core/testing';
import { expect, it } from 'vitest';
import { figureOf } from './figure';
import {
  CENTRE_X,
  centimetresAt,
  DRAWN_CENTIMETRES,
  fallShare,
  fallsToY,
  hairLocks,
  hairOutline,
  strandPaths,
  tipY,
} from './hairShape';

const profile = aProfile({ amount: { kind: 'eye', look: 'middling' }, evenness: 'blunt' });
/** All points that a path goes through or bends towards. */
const pointsOf = (d: string): [number, number][] => {
  const numbers = [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number);
  return numbers.flatMap((x, at) => (at % 2 === 0 ? [[x, numbers[at + 1] ?? 0]] : []));
};
const widest = (d: string): number => Math.max(...pointsOf(d).map(([x]) => Math.abs(x - CENTRE_X)));
const lowest = (d: string): number => Math.max(...pointsOf(d).map(([, y]) => y));

it('maps lengths to heights and back', () => {
  for (const { centimetres } of LANDMARKS) expect(centimetresAt(tipY(centimetres))).toBe(centimetres);
  expect(centimetresAt(-500)).toBe(2);
  expect(centimetresAt(5000)).toBe(DRAWN_CENTIMETRES);
});

it('draws hair that ends where it falls to, whatever its pattern', () => {
  for (const pattern of HAIR_PATTERNS)
    for (const stretchedLengthCentimetres of [30, 45, 60, 85]) {
      const outline = hairOutline({ ...profile, stretchedLengthCentimetres }, pattern);
      expect(outline).not.toMatch(/NaN|undefined/);
      const falls = fallsToY({ ...profile, stretchedLengthCentimetres }, pattern);
      // The hem hangs at most two centimetres beside what was measured.
      if (falls > 105) expect(Math.abs(lowest(outline) - falls)).toBeLessThan(8);
    }
});

it('draws more hair wider', () => {
  const long = { ...profile, stretchedLengthCentimetres: 40 };
  expect(widest(hairOutline({ ...long, amount: { kind: 'eye', look: 'plenty' } }, 'waves'))).toBeGreaterThan(
    widest(hairOutline({ ...long, amount: { kind: 'eye', look: 'sparse' } }, 'waves')),
  );
});

it('lets coils shrink to less than half and stand wide, and stretches them in twists', () => {
  const long = { ...profile, stretchedLengthCentimetres: 50 };
  // Common practice, no published source: coils shrink to half or less.
  expect(fallShare('coils', 'loose')).toBeLessThanOrEqual(0.5);
  expect(fallsToY(long, 'straight')).toBe(tipY(50));
  expect(widest(hairOutline(long, 'coils'))).toBeGreaterThan(widest(hairOutline(long, 'straight')));
  expect(fallsToY({ ...long, style: 'twists' }, 'coils')).toBeGreaterThan(fallsToY(long, 'coils') + 80);
});

it('draws loose hair in strands, twists and braids one by one down to their tips', () => {
  for (const style of ['twists', 'braids', 'cornrows'] as const) {
    const locked = { ...profile, style, stretchedLengthCentimetres: 50 };
    const locks = hairLocks(locked, 'curls');
    expect(strandPaths(locked, 'curls')).toEqual([]);
    const deepest = Math.max(...locks.map(({ course }) => lowest(course)));
    expect(Math.abs(deepest - fallsToY(locked, 'curls'))).toBeLessThan(14);
  }
  expect(hairLocks(profile, 'coils')).toEqual([]);
  expect(strandPaths(profile, 'coils').length).toBeGreaterThan(5);
});

it('draws a crop about the skull and nothing below the chin', () => {
  for (const pattern of HAIR_PATTERNS)
    expect(lowest(hairOutline({ ...profile, stretchedLengthCentimetres: 9 }, pattern))).toBeLessThan(tipY(20));
});

it('draws children narrower in the shoulders and as large in the head', () => {
  const [child, grown] = [figureOf(8), figureOf(30)];
  expect(widest(child.torso)).toBeLessThan(widest(grown.torso));
  expect(widest(child.head)).toBeGreaterThanOrEqual(widest(grown.head));
});
