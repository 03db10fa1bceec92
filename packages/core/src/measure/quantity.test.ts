import fc from 'fast-check';
import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { inUnit, readNumber, readQuantity, unitsFor } from '.';

describe('a number as somebody wrote it', () => {
  it.each([
    ['12', 12],
    ['12,5', 12.5],
    [' 12.5 ', 12.5],
    ['133,5', 133.5],
    ['0,125', 0.125],
    ['.5', 0.5],
    ['12.', 12],
    ['−18', -18],
    ['-18,5', -18.5],
    ['1250', 1250],
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['1/2', 0.5],
    ['-½', -0.5],
  ])('is read: “%s” as %d', (written, value) => {
    expect(readNumber(written)).toBe(value);
  });

  it.each(['', ' ', '-', 'a lot', '1,250', '-1,250', '12 g', '1.2.3', '1e3', '0x10', ',', '1/0', '--1', '1½½'])(
    'is not guessed at: “%s”',
    (written) => {
      expect(readNumber(written)).toBeNaN();
    },
  );
});

describe('a quantity as somebody wrote it', () => {
  it.each([
    ['46', 'cm', 46],
    ['46 cm', 'cm', 46],
    ['18 in', 'cm', 45.72],
    ['18in.', 'cm', 45.72],
    ['18″', 'cm', 45.72],
    ['1½ inches', 'cm', 3.81],
    ['460 mm', 'cm', 46],
    ['0,46 m', 'cm', 46],
    ['7.5 cm', 'mm', 75],
    ['12 oz', 'g', 340.1943],
    ['1 lb', 'g', 453.5924],
    ['0,34 kg', 'g', 340],
    ['1 litre', 'mL', 1000],
    ['68 °F', '°C', 20],
    ['39F', '°C', 3.8889],
    ['4 °', '°C', 4],
    ['41 °', '°F', 41],
    ['41 degrees', '°F', 41],
    ['5 °C', '°F', 41],
    ['13', 'in', 13],
    ['33.02 cm', 'in', 13],
    ['-18 C', '°C', -18],
    ['20 min', 'min', 20],
    ['3 %', '%', 3],
  ])('is read: “%s” in %s', (written, wanted, value) => {
    expect(readQuantity(written, wanted)).toBe(value);
  });

  it.each([
    ['2 oz', 'cm'],
    ['18 in', 'g'],
    ['1 cup', 'mL'],
    ['20 h', 'min'],
    ['in', 'cm'],
    ['1,250 g', 'g'],
    ['3 in 4', 'cm'],
    ['toString', 'cm'],
    ['3 toString', 'cm'],
  ])('is not guessed at: “%s” in %s', (written, wanted) => {
    expect(readQuantity(written, wanted)).toBeNaN();
  });

  // mathjs is a general library; its inch, ounce and pound are those of NIST Handbook 44.
  it('is turned as a general library turns it', () => {
    const pairs = [
      ['in', 'inch', 'cm'],
      ['mm', 'mm', 'cm'],
      ['oz', 'ounce', 'g'],
      ['lb', 'lbm', 'g'],
      ['dL', 'dl', 'mL'],
    ] as const;
    fc.assert(
      fc.property(fc.constantFrom(...pairs), fc.integer({ min: 1, max: 500 }), ([ours, theirs, into], n) => {
        const same = unit(n, theirs).toNumber(into === 'mL' ? 'ml' : into);
        expect(Math.abs(readQuantity(`${n} ${ours}`, into) - same)).toBeLessThan(1e-4 + same * 1e-6);
      }),
    );
  });

  it('knows what may stand for what', () => {
    expect(unitsFor('cm')).toEqual(['cm', 'mm', 'm', 'in']);
    expect(unitsFor('°C')).toEqual(['°C', '°F']);
    expect(unitsFor('min')).toEqual(['min']);
  });
});

it('takes a number alone as what the household measures in, and what is said as that', () => {
  expect([readQuantity('13', 'cm', 'in'), readQuantity('50 cm', 'cm', 'in'), readQuantity('41 °', '°C', '°F')]).toEqual(
    [33.02, 50, 5],
  );
});

describe('a quantity in another unit', () => {
  it('has the fixed points of both scales of warmth', () => {
    // NIST SP 811, B.8: 0 °C is 32 °F and 100 °C is 212 °F; −40 is the same on both.
    expect([0, 100, -40].map((celsius) => inUnit(celsius, '°C', '°F'))).toEqual([32, 212, -40]);
    expect([32, 212, -40].map((fahrenheit) => inUnit(fahrenheit, '°F', '°C'))).toEqual([0, 100, -40]);
  });

  it('agrees with a general library, there and back', () => {
    for (const [from, into] of [
      ['cm', 'in'],
      ['mm', 'in'],
      ['g', 'oz'],
    ] as const) {
      expect(inUnit(37.5, from, into)).toBeCloseTo(unit(37.5, from).toNumber(into), 4);
      expect(inUnit(inUnit(37.5, from, into), into, from)).toBeCloseTo(37.5, 2);
    }
  });

  it('is none where the kinds differ', () => {
    expect(inUnit(2, 'oz', 'cm')).toBeNaN();
    expect(inUnit(2, '°C', 'cm')).toBeNaN();
  });
});
