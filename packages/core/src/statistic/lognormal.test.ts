import { describe, expect, it } from 'vitest';
import { lognormal, quantile } from './lognormal';

describe('lognormal', () => {
  // Standard normal table: Φ(1.0364) = 0.85, Φ(1.6449) = 0.95 (any statistics handbook).
  it('has the quantiles of the normal table', () => {
    expect(Math.log(quantile(lognormal(1, 1), 0.85))).toBeCloseTo(1.0364, 4);
    expect(Math.log(quantile(lognormal(1, 1), 0.95))).toBeCloseTo(1.6449, 4);
  });

  it('refuses nonsense', () => {
    expect(() => lognormal(0, 1)).toThrow(RangeError);
    expect(() => lognormal(1, -1)).toThrow(RangeError);
  });
});
