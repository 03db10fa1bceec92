import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawsFrom, lognormal, meanOf, sumOf } from '.';

const anyPart = fc
  .record({ median: fc.double({ min: 1, max: 500, noNaN: true }), sigma: fc.double({ min: 0, max: 0.6, noNaN: true }) })
  .map(({ median, sigma }) => lognormal(median, sigma));

describe('sumOf', () => {
  it('adds means, whatever the correlation', () => {
    fc.assert(
      fc.property(
        fc.array(anyPart, { minLength: 1, maxLength: 5 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (parts, correlation) => {
          const mean = parts.reduce((sum, part) => sum + meanOf(part), 0);
          expect(meanOf(sumOf(parts, correlation)) / mean).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('is narrower than its parts when they are independent, as wide when they go together', () => {
    const part = lognormal(100, 0.3);
    expect(sumOf([part, part], 1).sigma).toBeCloseTo(0.3, 12);
    const apart = sumOf([part, part], 0).sigma;
    expect(apart).toBeLessThan(0.3);
    expect(apart).toBeGreaterThan(0.3 / 2);
  });

  it('comes near drawn sums', () => {
    const draws = drawsFrom(11);
    const [a, b] = [lognormal(160, 0.3), lognormal(60, 0.36)];
    const sum = sumOf([a, b], 0);
    const limit = sum.median * Math.exp(sum.sigma * 1.0364);
    let above = 0;
    for (let i = 0; i < 20_000; i++)
      if (a.median * Math.exp(a.sigma * draws.normal()) + b.median * Math.exp(b.sigma * draws.normal()) > limit)
        above++;
    expect(above / 20_000).toBeGreaterThan(0.14);
    expect(above / 20_000).toBeLessThan(0.16);
  });

  it('refuses nothing and odd correlations', () => {
    expect(() => sumOf([], 0)).toThrow(RangeError);
    expect(() => sumOf([lognormal(1, 0)], 1.2)).toThrow(RangeError);
  });
});

describe('drawsFrom', () => {
  it('repeats with the same seed and differs with another', () => {
    const row = (seed: number) => {
      const draws = drawsFrom(seed);
      return Array.from({ length: 5 }, () => draws.normal());
    };
    expect(row(3)).toEqual(row(3));
    expect(row(3)).not.toEqual(row(4));
  });

  it('has the moments of a standard normal, within four standard errors', () => {
    const draws = drawsFrom(2026);
    const n = 40_000;
    let sum = 0;
    let squares = 0;
    for (let i = 0; i < n; i++) {
      const z = draws.normal();
      sum += z;
      squares += z * z;
    }
    expect(Math.abs(sum / n)).toBeLessThan(4 / Math.sqrt(n));
    expect(Math.abs(squares / n - 1)).toBeLessThan(4 * Math.sqrt(2 / n));
  });
});
