import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chanceAbove, expectedLeftover, lognormal, quantile } from './lognormal';

describe('lognormal', () => {
  // Standard normal table: Φ(1.0364) = 0.85, Φ(1.6449) = 0.95 (any statistics handbook).
  it('has the quantiles of the normal table', () => {
    expect(Math.log(quantile(lognormal(1, 1), 0.85))).toBeCloseTo(1.0364, 4);
    expect(Math.log(quantile(lognormal(1, 1), 0.95))).toBeCloseTo(1.6449, 4);
  });

  it('inverts: the chance above a quantile is its complement', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        (median, sigma, p) => {
          const x = lognormal(median, sigma);
          expect(chanceAbove(x, quantile(x, p))).toBeCloseTo(1 - p, 7);
        },
      ),
    );
  });

  it('expects the leftover that numeric integration finds', () => {
    const x = lognormal(160, 0.3);
    const made = 200;
    let sum = 0;
    const steps = 4000;
    for (let i = 0; i < steps; i++) sum += Math.max(0, made - quantile(x, (i + 0.5) / steps));
    expect(expectedLeftover(x, made)).toBeCloseTo(sum / steps, 1);
  });

  it('handles no spread and refuses nonsense', () => {
    expect(chanceAbove(lognormal(10, 0), 9)).toBe(1);
    expect(chanceAbove(lognormal(10, 0), 11)).toBe(0);
    expect(expectedLeftover(lognormal(10, 0), 12)).toBe(2);
    expect(() => lognormal(0, 1)).toThrow(RangeError);
    expect(() => lognormal(1, -1)).toThrow(RangeError);
  });
});
