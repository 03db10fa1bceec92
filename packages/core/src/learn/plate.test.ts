import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { textureClass } from '../mask';
import { flowOfSpread, learnTexture, PLATE_CENTIMETRES } from '.';

describe('the plate test', () => {
  // Huppert, J. Fluid Mech. 121, 1982 (from memory): 15 mL after 30 s reach about 8 cm at 9·10⁻⁵ m²/s, 6 cm at 1 Pa·s and
  // 3 to 3½ cm at 100 Pa·s, from the middle.
  it.each([
    [15.8, Math.log10(90)],
    [11.7, 3],
    [6.6, 5],
  ])('%d cm across is a flow of 10^%d mPa·s', (across, flow) => {
    expect(flowOfSpread(across)).toBeCloseTo(flow, 1);
  });

  it('falls by eight decades for ten times the width, whatever it is', () => {
    fc.assert(
      fc.property(fc.double({ min: 4, max: 15, noNaN: true }), (across) => {
        expect(flowOfSpread(across) - flowOfSpread(2 * across)).toBeCloseTo(8 * Math.log10(2), 9);
      }),
    );
  });

  it('tells the classes apart by whole centimetres', () => {
    expect([18, 13, 9, 7, 5].map((across) => textureClass(flowOfSpread(across)))).toEqual([
      'runny',
      'pourable',
      'creamy',
      'thick',
      'stiff',
    ]);
  });

  it('asks for what a plate can show', () => {
    for (const across of [PLATE_CENTIMETRES.min - 0.1, PLATE_CENTIMETRES.max + 0.1, NaN])
      expect(() => flowOfSpread(across)).toThrow(RangeError);
    expect(() => flowOfSpread(16, 0)).toThrow(RangeError);
    expect(flowOfSpread(PLATE_CENTIMETRES.max)).toBeLessThan(flowOfSpread(PLATE_CENTIMETRES.min));
  });

  it('teaches more than a felt word does, towards what it shows', () => {
    const [reckoned, shown] = [3.4, 4.4];
    const plate = learnTexture([{ flowLog10: reckoned, plateFlowLog10: shown }]);
    const felt = learnTexture([{ flowLog10: reckoned, felt: 'thick' }]);
    expect(plate.offset).toBeGreaterThan(0.5);
    expect(plate.offset).toBeLessThan(1);
    expect(plate.sigma).toBeLessThan(felt.sigma);
    expect(learnTexture([{ flowLog10: reckoned, plateFlowLog10: reckoned }]).offset).toBeCloseTo(0, 6);
  });
});
