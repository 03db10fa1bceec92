import { HAIR_STYLES } from '../hair';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aProfile } from '../testing';
import { acidRinse, molarity, paceOf, sectionAmounts, sectionsOf, weakAcidPh, wearState, ACETIC_PKA } from '.';

const T0 = Date.parse('2026-03-14T10:00:00Z');
const MINUTE = 60_000;

describe('sections', () => {
  const anyHead = fc.record({
    style: fc.constantFrom(...HAIR_STYLES),
    stretchedLengthCentimetres: fc.integer({ min: 2, max: 110 }),
    density: fc.constantFrom('low', 'medium', 'high' as const),
  });

  it('are four to eight, share out to one, and their volumes sum to the bowl', () => {
    fc.assert(
      fc.property(anyHead, fc.double({ min: 0, max: 900, noNaN: true }), ({ density, ...rest }, millilitres) => {
        const sections = sectionsOf(aProfile({ ...rest, amount: { kind: 'density', density } }));
        // Four to eight sections: common practice, no published source.
        expect([4, 6, 8]).toContain(sections.length);
        expect(sections.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
        const amounts = sectionAmounts(sections, millilitres, 120);
        expect(amounts.reduce((sum, one) => sum + one.millilitres, 0)).toBeCloseTo(millilitres, 9);
        for (const { millilitres: each, fillings } of amounts) expect(fillings).toBeCloseTo(each / 120, 9);
      }),
    );
  });

  it('are finer for more hair and for braids', () => {
    const count = (change: Parameters<typeof aProfile>[0]) => sectionsOf(aProfile(change)).length;
    expect(count({ amount: { kind: 'density', density: 'low' } })).toBe(4);
    expect(count({ amount: { kind: 'density', density: 'high' } })).toBe(8);
    expect(count({ style: 'braids', stretchedLengthCentimetres: 10 })).toBe(8);
    expect(count({ style: 'cornrows', stretchedLengthCentimetres: 10 })).toBe(8);
  });

  it('tell by the third section that the bowl will not last', () => {
    const amounts = sectionAmounts(sectionsOf(aProfile()), 240);
    const done = (n: number) => new Set(amounts.slice(0, n).map(({ id }) => id));
    expect(paceOf(amounts, done(2), 10)).toBeUndefined();
    expect(paceOf(amounts, done(3), 60)).toMatchObject({ isShort: true });
    expect(paceOf(amounts, done(3), 130)).toMatchObject({ isShort: false });
    expect(paceOf(amounts, done(6), 0)).toBeUndefined();
    expect(() => sectionAmounts([], -1)).toThrow(RangeError);
    expect(() => sectionAmounts([], 1, 0)).toThrow(RangeError);
  });
});

describe('wear time', () => {
  const wear = { minimumMinutes: 20, aimMinutes: 40, limitMinutes: 60 };
  it.each([
    [0, 'early'],
    [19, 'early'],
    [20, 'fine'],
    [39, 'fine'],
    [40, 'aim'],
    [46, 'aim'],
    [47, 'late'],
    [60, 'over'],
    [600, 'over'],
  ])('after %d minutes is %s', (minutes, phase) => {
    expect(wearState(wear, '2026-03-14T10:00:00Z', T0 + minutes * MINUTE).phase).toBe(phase);
  });
  it('knows its marks as moments', () => {
    const state = wearState(wear, '2026-03-14T10:00:00Z', T0);
    expect([state.minimumAt, state.aimAt, state.limitAt].map((at) => (at - T0) / MINUTE)).toEqual([20, 40, 60]);
  });
});

describe('the acid rinse', () => {
  // Weak-acid formula with pKa 4.756 (CRC Handbook, from memory): vinegar of 5 % w/v is 0.833 mol/L.
  it.each([
    [0, 2.42],
    [1, 2.57],
    [3, 2.72],
    [15, 3.02],
  ])('of one part to %d of water has about pH %d', (parts, ph) => {
    expect(molarity(5)).toBeCloseTo(0.833, 3);
    expect(acidRinse(400, 5, parts).estimatedPh).toBeCloseTo(ph, 2);
  });

  it('diluted by hand: 400 mL at one to three is 100 of vinegar and 300 of water, 1.25 %', () => {
    const rinse = acidRinse(400, 5, 3);
    expect(rinse).toMatchObject({ vinegarMillilitres: 100, waterMillilitres: 300, percent: 1.25 });
  });

  it('asks for vinegar that is on a label, and for something to rinse with', () => {
    expect(acidRinse(100, 25, 0)).toMatchObject({ vinegarMillilitres: 100, waterMillilitres: 0, percent: 25 });
    expect(() => acidRinse(0, 5, 3)).toThrow(/cannot.rinse-of-nothing/);
    for (const label of [0, 25.1, NaN]) expect(() => acidRinse(400, label, 3)).toThrow(/cannot.acid-of-label/);
    expect(() => acidRinse(400, 5, -1)).toThrow(/cannot.parts-of-water/);
  });

  it('comes near the exact equilibrium, and is weaker for more water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        (label, parts) => {
          const { percent, estimatedPh } = acidRinse(300, label, parts);
          // Ka = h² / (C − h), solved exactly for h.
          const ka = 10 ** -ACETIC_PKA;
          const h = (-ka + Math.sqrt(ka * ka + 4 * ka * molarity(percent))) / 2;
          expect(Math.abs(-Math.log10(h) - estimatedPh)).toBeLessThan(0.02);
          expect(acidRinse(300, label, parts + 1).estimatedPh).toBeGreaterThan(estimatedPh);
        },
      ),
    );
    expect(weakAcidPh(1)).toBeCloseTo(ACETIC_PKA / 2, 12);
  });

  it.each([
    [0, 5, 1],
    [100, 0, 1],
    [100, 30, 1],
    [100, 5, -1],
  ])('refuses %d mL of %d %% with %d parts', (wanted, label, parts) => {
    expect(() => acidRinse(wanted, label, parts)).toThrow(RangeError);
  });
});
