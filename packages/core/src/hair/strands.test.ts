import fc from 'fast-check';
import { expect, it } from 'vitest';
import { ponytailOf, strandsInBraid, strandsInPonytail } from '.';

it('counts a weighed braid by one strand', () => {
  // By hand: a strand of 70 µm and 30 cm is π·(0.0035 cm)²·30 cm·1.32 g/cm³ = 1.524 mg.
  expect(strandsInBraid(0.001524, 30, 70)).toBeCloseTo(1, 3);
  expect(strandsInBraid(152.4, 30, 70)).toBeGreaterThan(99_000);
  expect(strandsInBraid(152.4, 30, 70)).toBeLessThan(101_000);
  expect(() => strandsInBraid(0, 30, 70)).toThrow(RangeError);
});

it('finds the tail that so many strands make, and the way back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 20_000, max: 250_000 }), fc.integer({ min: 45, max: 120 }), (strands, diameter) => {
      expect(strandsInPonytail(ponytailOf(strands, diameter), diameter)).toBeCloseTo(strands, 4);
    }),
  );
  // Own check value: about 99,000 strands of 70 µm make a tail of 80 mm.
  expect(ponytailOf(99_000, 70)).toBeCloseTo(80, 0);
});
