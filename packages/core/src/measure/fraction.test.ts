import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestCooksFraction, readFraction, writeFraction } from './fraction';

describe('fractions', () => {
  it.each([
    [0, '0'],
    [0.5, '½'],
    [2 / 3, '⅔'],
    [1.25, '1¼'],
    [2.97, '3'],
    [0.13, '⅛'],
    [7.66, '7⅔'],
  ])('writes %d as %s', (value, text) => {
    expect(writeFraction(value)).toBe(text);
  });

  it.each([
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['1 1/2', 1.5],
    ['⅔', 2 / 3],
    ['3/4', 0.75],
    ['2.5', 2.5],
    ['2,5', 2.5],
    ['12', 12],
  ])('reads %s', (text, value) => {
    expect(readFraction(text)).toBeCloseTo(value, 12);
  });

  it.each(['', 'a', '1/0', '1½½', '-1', '1 2', '½ cup'])('refuses “%s”', (text) => {
    expect(readFraction(text)).toBeUndefined();
  });

  it('reads back whatever it writes, within half the widest step', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 50, noNaN: true }), (value) => {
        const written = readFraction(writeFraction(value));
        expect(written).toBeCloseTo(nearestCooksFraction(value), 9);
        expect(Math.abs((written ?? NaN) - value)).toBeLessThanOrEqual(1 / 16 + 1e-9);
      }),
    );
  });
});
