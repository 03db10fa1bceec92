import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chanceShort, expectedLeftover, lognormal, provisionFor, quantile } from '.';

const sigmas = fc.double({ min: 0, max: 0.4, noNaN: true });

describe('enough', () => {
  it('inverts: what is provided for a chance falls short as often as is left of it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        sigmas,
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        (median, own, sigma, chance) => {
          const wanted = lognormal(median, own);
          expect(chanceShort(wanted, { mean: provisionFor(wanted, sigma, chance), sigma })).toBeCloseTo(1 - chance, 7);
        },
      ),
    );
  });

  it('is the quantile where nothing that is provided strays', () => {
    expect(provisionFor(lognormal(160, 0.3), 0, 0.85)).toBeCloseTo(quantile(lognormal(160, 0.3), 0.85), 9);
  });

  it.each([0, 0.12, 0.3])(
    'expects the leftover that numeric integration finds, with a provision of sigma %d',
    (sigma) => {
      const wanted = lognormal(160, 0.3);
      const mean = 200;
      const provided = lognormal(mean * Math.exp(-(sigma ** 2) / 2), sigma);
      const steps = 400;
      let sum = 0;
      for (let i = 0; i < steps; i++)
        for (let j = 0; j < steps; j++)
          sum += Math.max(0, quantile(provided, (j + 0.5) / steps) - quantile(wanted, (i + 0.5) / steps));
      expect(expectedLeftover(wanted, { mean, sigma }) / (sum / steps ** 2)).toBeCloseTo(1, 2);
    },
  );

  it('handles no spread, and nothing at all', () => {
    const ten = lognormal(10, 0);
    expect([9, 11].map((mean) => chanceShort(ten, { mean, sigma: 0 }))).toEqual([1, 0]);
    expect(expectedLeftover(ten, { mean: 12, sigma: 0 })).toBe(2);
    expect(chanceShort(ten, { mean: 0, sigma: 0.1 })).toBe(1);
    expect(expectedLeftover(ten, { mean: 0, sigma: 0.1 })).toBe(0);
  });
});
