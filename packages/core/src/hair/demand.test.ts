import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  demand,
  meanStrandCentimetres,
  nearestLandmark,
  ponytailOf,
  scalpAreaAtAge,
  strandCount,
  strandsInPonytail,
  type HairProfile,
} from '.';
import { aProfile } from '../testing';

const head = (change: Partial<HairProfile> = {}): HairProfile =>
  aProfile({ stretchedLengthCentimetres: 30, ...change });
const full = { coverage: 'roots-to-tips', texture: 'creamy' } as const;

/** A head with N strands exactly, through the ponytail that holds them. */
const withStrands = (strands: number, change: Partial<HairProfile> = {}): HairProfile => {
  const circumferenceMillimetres = 80 * Math.sqrt(strands / strandsInPonytail(80, 70));
  return head({ amount: { kind: 'ponytail', circumferenceMillimetres }, ...change });
};

describe('strands', () => {
  it('counts about 99,000 in a ponytail of 80 mm at 70 µm (own check value)', () => {
    expect(strandsInPonytail(80, 70)).toBeGreaterThan(98_500);
    expect(strandsInPonytail(80, 70)).toBeLessThan(100_000);
  });

  // Robbins, Chemical and Physical Behavior of Human Hair (from memory): 80,000 to 150,000 hairs on an adult head.
  it.each(['medium', 'high'] as const)('keeps density class %s inside the published count', (density) => {
    const count = strandCount(head({ amount: { kind: 'density', density } }));
    expect(count).toBeGreaterThanOrEqual(80_000);
    expect(count).toBeLessThanOrEqual(150_000);
  });

  it('scales a count by eye with the scalp', () => {
    const eye = { amount: { kind: 'eye', look: 'middling' } } as const;
    const adult = strandCount(head(eye));
    expect(strandCount(head({ ...eye, scalpAreaSquareCentimetres: 450 }))).toBeCloseTo(adult * 0.75, 6);
  });
});

describe('demand', () => {
  it('takes 12 mL for the scalp and 97 for 110,000 strands of 24 cm (own check value)', () => {
    // 110,000 × π × 70 µm × 24 cm is 5.81 m²; 31.5 × 5.81^0.64 is 97.09.
    const { scalpMillilitres, lengthsMillilitres, total } = demand(
      withStrands(110_000, { evenness: 'blunt', stretchedLengthCentimetres: 24 / 0.9 }),
      full,
    );
    expect(scalpMillilitres).toBeCloseTo(12, 9);
    expect(lengthsMillilitres).toBeCloseTo(97.09, 2);
    expect(total.median).toBeCloseTo(109.09, 2);
  });

  // [P5] common practice, no published source: onions for scalp juice 1, 1½, 2 for short, medium, very long.
  it('takes up to about twice the scalp juice for very long hair', () => {
    const juice = (centimetres: number) =>
      demand(head({ stretchedLengthCentimetres: centimetres }), { coverage: 'scalp', texture: 'runny' }).total.median;
    expect(juice(30) / juice(10)).toBeGreaterThan(1.1);
    expect(juice(30) / juice(10)).toBeLessThan(1.6);
    expect(juice(75) / juice(10)).toBeGreaterThan(1.6);
    expect(juice(75) / juice(10)).toBeLessThan(2.3);
  });

  it('gives no more for the ends where only the scalp is treated', () => {
    const total = (coverage: 'scalp' | 'lengths', endsExtraShare: number) =>
      demand(head(), { coverage, texture: 'runny', endsExtraShare }).total.median;
    expect(total('scalp', 0.3)).toBe(total('scalp', 0));
    expect(total('lengths', 0.3)).toBeGreaterThan(total('lengths', 0));
  });

  it('grows by less than the hair does: a lock is coated, not each strand', () => {
    const lengths = (stretchedLengthCentimetres: number) =>
      demand(head({ stretchedLengthCentimetres }), full).lengthsMillilitres;
    expect(lengths(60) / lengths(30)).toBeCloseTo(2 ** 0.64, 9);
    expect(lengths(60) / lengths(30)).toBeLessThan(1.6);
  });

  it('counts the same middling head alike by tail, by density and by eye', () => {
    const of = (amount: HairProfile['amount']) => strandCount(head({ amount }));
    const medium = of({ kind: 'density', density: 'medium' });
    expect(of({ kind: 'eye', look: 'middling' })).toBeCloseTo(medium, 6);
    // A medium tail is 50 to 100 mm round (common practice, no published source); this one lies in its middle.
    const tail = ponytailOf(medium, 70);
    expect(of({ kind: 'ponytail', circumferenceMillimetres: tail })).toBeCloseTo(medium, 6);
    expect(tail).toBeGreaterThan(70);
    expect(tail).toBeLessThan(90);
  });

  it('never falls with length, density, diameter or scalp, and falls with braids', () => {
    const length = fc.double({ min: 1, max: 150, noNaN: true });
    const texture = fc.constantFrom('oil', 'runny', 'pourable', 'creamy', 'thick' as const);
    const coverage = fc.constantFrom('scalp', 'lengths', 'roots-to-tips' as const);
    fc.assert(
      fc.property(length, length, texture, coverage, (a, b, t, c) => {
        const [short, long] = [Math.min(a, b), Math.max(a, b)];
        const of = (change: Partial<HairProfile>) => demand(head(change), { coverage: c, texture: t }).total.median;
        const base = of({ stretchedLengthCentimetres: short });
        expect(of({ stretchedLengthCentimetres: long })).toBeGreaterThanOrEqual(base - 1e-9);
        expect(of({ stretchedLengthCentimetres: short, amount: { kind: 'density', density: 'high' } })).toBeGreaterThan(
          base,
        );
        expect(of({ stretchedLengthCentimetres: short, strandDiameterMicrometres: 90 })).toBeGreaterThan(base);
        expect(of({ stretchedLengthCentimetres: short, style: 'braids' })).toBeLessThan(base);
        // Braids or cornrows take about the same (common practice, no published source).
        expect(of({ stretchedLengthCentimetres: short, style: 'cornrows' })).toBe(
          of({ stretchedLengthCentimetres: short, style: 'braids' }),
        );
      }),
    );
  });

  it('adds scalp and lengths up, and scales with the personal factor', () => {
    const whole = demand(head(), full);
    expect(whole.scalpMillilitres + whole.lengthsMillilitres).toBeCloseTo(whole.total.median, 9);
    expect(demand(head(), { ...full, coverage: 'lengths' }).total.median).toBeCloseTo(whole.lengthsMillilitres, 9);
    const taught = demand(head(), { ...full, personalFactor: { median: 1.2, sigma: 0.1 } });
    expect(taught.total.median).toBeCloseTo(whole.total.median * 1.2, 9);
    expect(taught.total.sigma).toBe(0.1);
  });

  it('narrows when the tail was measured and widens when it was judged by eye', () => {
    const sigma = (amount: HairProfile['amount']) => demand(head({ amount }), full).total.sigma;
    expect(sigma({ kind: 'ponytail', circumferenceMillimetres: 80 })).toBeLessThan(
      sigma({ kind: 'density', density: 'low' }),
    );
    expect(sigma({ kind: 'density', density: 'low' })).toBeLessThan(sigma({ kind: 'eye', look: 'plenty' }));
  });
});

it('knows landmarks, evenness and the scalp of a growing child', () => {
  expect(nearestLandmark(33).id).toBe('shoulder');
  expect(meanStrandCentimetres(head({ evenness: 'short-layers' }))).toBeCloseTo(18.6, 9);
  expect([4, 8, 12, 16, 40].map(scalpAreaAtAge)).toEqual([450, 450, 525, 600, 600]);
});
