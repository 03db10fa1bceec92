import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  CENTIMETRES_PER_INCH,
  fromGrams,
  fromMillilitres,
  GRAMS_PER,
  MILLILITRES_PER,
  toGrams,
  toMillilitres,
} from '.';

describe('units', () => {
  // NIST Handbook 44, appendix C (from memory): 1 US gallon = 231 in³ = 3.785411784 L.
  it('agrees with Handbook 44: 256 tablespoons and 16 cups to the gallon of 231 cubic inches', () => {
    const gallon = (231 * 2.54 ** 3) / 1; // mL
    expect(toMillilitres(256, 'us-tablespoon')).toBeCloseTo(gallon, 8);
    expect(toMillilitres(16, 'us-cup')).toBeCloseTo(gallon, 8);
    expect(toMillilitres(768, 'us-teaspoon')).toBeCloseTo(gallon, 8);
    expect(toMillilitres(128, 'us-fluid-ounce')).toBeCloseTo(gallon, 8);
  });

  // mathjs is a general library. Its own spoons are the rounded 5 and 15 mL, so spoons are checked through the fluid ounce.
  it.each([
    ['us-cup', 'cup', 1],
    ['us-fluid-ounce', 'fluidounce', 1],
    ['us-tablespoon', 'fluidounce', 1 / 2],
    ['us-teaspoon', 'fluidounce', 1 / 6],
  ] as const)('agrees with mathjs on the %s', (ours, theirs, part) => {
    expect(MILLILITRES_PER[ours] / unit(part, theirs).toNumber('ml')).toBeCloseTo(1, 4);
  });

  it('agrees with mathjs on ounces, pounds and inches', () => {
    expect(GRAMS_PER.ounce).toBeCloseTo(unit(1, 'ounce').toNumber('g'), 6);
    expect(GRAMS_PER.pound).toBeCloseTo(unit(1, 'lbm').toNumber('g'), 6);
    expect(CENTIMETRES_PER_INCH).toBeCloseTo(unit(1, 'inch').toNumber('cm'), 12);
  });

  it('holds the imperial and metric figures', () => {
    expect(toMillilitres(20, 'uk-fluid-ounce')).toBeCloseTo(568.26125, 8); // imperial pint
    expect(toMillilitres(1, 'metric-cup')).toBe(250);
    expect(toMillilitres(16, 'pinch')).toBeCloseTo(MILLILITRES_PER['us-teaspoon'], 12);
  });

  it('goes there and back', () => {
    expect(fromMillilitres(toMillilitres(3.7, 'uk-cup'), 'uk-cup')).toBeCloseTo(3.7, 12);
    expect(fromGrams(toGrams(3.7, 'ounce'), 'ounce')).toBeCloseTo(3.7, 12);
  });
});
