import { LANDMARKS } from '@amber-ladle/core/hair';
import { aProfile } from '@amber-ladle/core/testing';
import { expect, it } from 'vitest';
import { centimetresAt, DRAWN_CENTIMETRES, hairOutline, strandPaths, tipY } from './hairShape';

const profile = aProfile({ amount: { kind: 'eye', look: 'middling' }, evenness: 'blunt' });

it('maps lengths to heights and back', () => {
  for (const { centimetres } of LANDMARKS) expect(centimetresAt(tipY(centimetres))).toBe(centimetres);
  expect(centimetresAt(-500)).toBe(2);
  expect(centimetresAt(5000)).toBe(DRAWN_CENTIMETRES);
});

it('draws hair that ends where it was measured, wider when there is more', () => {
  for (const stretchedLengthCentimetres of [4, 9, 30, 85])
    expect(hairOutline({ ...profile, stretchedLengthCentimetres })).not.toMatch(/NaN|undefined/);
  const widest = (outline: string) => Math.max(...[...outline.matchAll(/[\d.]+/g)].map(Number).filter((n) => n < 250));
  const long = { ...profile, stretchedLengthCentimetres: 40 };
  expect(widest(hairOutline({ ...long, amount: { kind: 'eye', look: 'plenty' } }))).toBeGreaterThanOrEqual(
    widest(hairOutline({ ...long, amount: { kind: 'eye', look: 'sparse' } })),
  );
  expect(strandPaths({ ...profile, style: 'braids' }).length).toBeLessThan(strandPaths(profile).length);
});
