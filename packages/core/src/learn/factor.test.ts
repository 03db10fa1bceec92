import fc from 'fast-check';
import { erf } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { drawsFrom, quantile } from '../statistic';
import {
  evidenceOf,
  factorBand,
  factorSteps,
  fading,
  HALF_LIFE_DAYS,
  learnFactor,
  nextUse,
  priorSigma,
  USE_NOISE,
  type Evidence,
  type FactorOptions,
} from '.';

const NOW = Date.parse('2026-03-14T09:00:00Z');
const DAY = 86_400_000;
const options: FactorOptions = { amount: 'density', now: NOW };
const daysAgo = (days: number): string => new Date(NOW - days * DAY).toISOString();
const used = (ratio: number, rest: Partial<Evidence> = {}): Evidence => ({
  kind: 'exact',
  at: daysAgo(0),
  texture: 'creamy',
  logRatio: Math.log(ratio),
  noise: USE_NOISE,
  ...rest,
});
const ranOut = (ratio: number, rest: Partial<Evidence> = {}): Evidence => used(ratio, { kind: 'at-least', ...rest });
const recommended = (evidence: readonly Evidence[], chance = 0.85, how = options): number =>
  quantile(nextUse(learnFactor(evidence, how), chance), chance);

const anyEvidence = fc
  .record({
    kind: fc.constantFrom('exact' as const, 'partial' as const, 'at-least' as const),
    days: fc.integer({ min: 0, max: 900 }),
    texture: fc.constantFrom('creamy' as const, 'runny' as const),
    logRatio: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
    noise: fc.double({ min: 0.1, max: 0.4, noNaN: true }),
  })
  .map(({ days, ...rest }): Evidence => ({ ...rest, at: daysAgo(days) }));

describe('the personal factor', () => {
  it('leaves the first bowl exactly as it was without learning', () => {
    for (const amount of ['ponytail', 'density', 'eye'] as const)
      for (const chance of [0.5, 0.6, 0.85, 0.99]) {
        const sigma = { ponytail: 0.27, density: 0.3, eye: 0.36 }[amount];
        const plain = quantile({ median: 1, sigma }, chance);
        expect(recommended([], chance, { amount, now: NOW }) / plain).toBeCloseTo(1, 4);
      }
  });

  // Normal prior and normal observations: posterior precision is the sum of precisions (any text on Bayesian statistics).
  it('is the closed form of conjugate normals where every bowl had an amount', () => {
    const ratios = [0.7, 0.8, 0.75];
    const [prior, noise] = [priorSigma('density') ** -2, USE_NOISE ** -2];
    const mean = (noise * ratios.reduce((sum, ratio) => sum + Math.log(ratio), 0)) / (prior + 3 * noise);
    const belief = learnFactor(
      ratios.map((ratio) => used(ratio)),
      options,
    );
    expect(Math.log(factorBand(belief).median)).toBeCloseTo(mean, 4);
    const sigma = (prior + 3 * noise) ** -0.5;
    expect(Math.log(factorBand(belief).high)).toBeCloseTo(mean + 1.28155 * sigma, 3);
  });

  it('agrees with an independent integration over k itself for any mixture of bowls', () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { minLength: 1, maxLength: 6 }), (evidence) => {
        const ours = factorBand(learnFactor(evidence, options)).median;
        expect(independentMedian(evidence) / ours).toBeCloseTo(1, 2);
      }),
      { numRuns: 40 },
    );
  });

  it('never recommends less after a bowl that ran out', () => {
    fc.assert(
      fc.property(
        fc.array(anyEvidence, { maxLength: 6 }),
        fc.double({ min: -0.9, max: 0.9, noNaN: true }),
        fc.integer({ min: 0, max: 600 }),
        fc.double({ min: 0.5, max: 0.99, noNaN: true }),
        fc.constantFrom(undefined, 'creamy' as const, 'runny' as const),
        (evidence, logRatio, days, chance, texture) => {
          const how = { ...options, texture };
          const before = recommended(evidence, chance, how);
          const after = recommended([...evidence, ranOut(Math.exp(logRatio), { at: daysAgo(days) })], chance, how);
          expect(after).toBeGreaterThanOrEqual(before * (1 - 1e-9));
        },
      ),
      { numRuns: 150 },
    );
  });

  it('does not care in which order the bowls are told', () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { minLength: 2, maxLength: 6 }), (evidence) => {
        expect(recommended([...evidence].reverse())).toBeCloseTo(recommended(evidence), 9);
      }),
      { numRuns: 30 },
    );
  });

  it('forgets by half in a year', () => {
    expect(fading(daysAgo(HALF_LIFE_DAYS), NOW)).toBeCloseTo(0.5, 10);
    expect(fading(daysAgo(2 * HALF_LIFE_DAYS), NOW)).toBeCloseTo(0.25, 10);
    const [fresh, old] = [recommended([used(0.6)]), recommended([used(0.6, { at: daysAgo(730) })])];
    expect(fresh).toBeLessThan(old);
    expect(old).toBeLessThan(recommended([]));
  });

  it('tells a texture apart from the third bowl with an amount on, and learns from the others all the same', () => {
    const thin = [0.6, 0.62, 0.58].map((ratio) => used(ratio, { texture: 'runny' }));
    const rich = [1.1, 1.15, 1.12].map((ratio) => used(ratio, { texture: 'creamy' }));
    const at = (texture: 'runny' | 'creamy' | 'thick') =>
      factorBand(learnFactor([...thin, ...rich], { ...options, texture })).median;
    expect(at('runny')).toBeLessThan(at('thick'));
    expect(at('thick')).toBeLessThan(at('creamy'));
    expect(learnFactor(thin.slice(1), { ...options, texture: 'runny' }).isOfTexture).toBe(false);
  });

  it('comes to a simulated person’s own factor, and runs short as often as it says', () => {
    const people = 2000;
    const first = recommended([]);
    const draws = drawsFrom(7);
    let short = 0;
    let bowls = 0;
    let off = 0;
    for (let person = 0; person < people; person++) {
      const k = Math.exp(priorSigma('density') * draws.normal());
      const evidence: Evidence[] = [];
      for (let bowl = 0; bowl < 4; bowl++) {
        const made = bowl === 0 ? first : recommended(evidence);
        const takes = k * Math.exp(USE_NOISE * draws.normal());
        bowls++;
        if (takes > made) short++;
        // A bowl that ran out only tells that it did.
        evidence.push(takes > made ? ranOut(made, { noise: USE_NOISE }) : used(takes));
      }
      off += Math.abs(Math.log(factorBand(learnFactor(evidence, options)).median / k)) / people;
    }
    expect(short / bowls).toBeGreaterThan(0.12);
    expect(short / bowls).toBeLessThan(0.18);
    expect(off).toBeLessThan(0.09);
  }, 60_000);

  it('narrows bowl by bowl, and says which bowl taught it', () => {
    const steps = factorSteps(
      [used(0.7, { at: daysAgo(5) }), used(0.72, { at: daysAgo(30) }), used(0.69, { at: daysAgo(12) })],
      options,
    );
    expect(steps.map(({ evidence }) => evidence?.at)).toEqual([undefined, daysAgo(30), daysAgo(12), daysAgo(5)]);
    const widths = steps.map(({ sigma }) => sigma);
    expect([...widths].sort((a, b) => b - a)).toEqual(widths);
    expect(factorSteps([], options)).toHaveLength(1);
  });
});

describe('evidenceOf', () => {
  const bowl = {
    at: daysAgo(0),
    texture: 'creamy' as const,
    modelMillilitres: 150,
    madeMillilitres: 200,
    holdUpMillilitres: 16,
    dripShare: 0.015,
    heads: 1,
  };

  it('takes what was used from what was made, what clings and drips left out', () => {
    const told = evidenceOf(bowl, { kind: 'left', millilitres: 40, how: 'measured' });
    expect(told?.kind).toBe('exact');
    expect(Math.exp(told?.logRatio ?? 0) * 150).toBeCloseTo((200 - 40 - 16) * 0.985, 9);
    expect(told?.noise).toBe(USE_NOISE);
  });

  it('trusts an eye less than a scale, and a shared bowl less than one’s own', () => {
    const noise = (how: 'measured' | 'judged', heads: number) =>
      evidenceOf({ ...bowl, heads }, { kind: 'left', millilitres: 60, how })?.noise ?? 0;
    expect(noise('judged', 1)).toBeGreaterThan(noise('measured', 1));
    expect(noise('measured', 2)).toBeGreaterThan(noise('measured', 1));
  });

  it('reads a bowl that ran out after five of eight sections as a part of what it should have been', () => {
    const whole = evidenceOf(bowl, { kind: 'ran-out', covered: 1 });
    const part = evidenceOf(bowl, { kind: 'ran-out', covered: 5 / 8 });
    expect(part?.kind).toBe('partial');
    expect((part?.logRatio ?? 0) - (whole?.logRatio ?? 0)).toBeCloseTo(Math.log(8 / 5), 9);
    expect(part?.noise).toBeGreaterThan(whole?.noise ?? 1);
    expect(evidenceOf(bowl, { kind: 'ran-out' })?.kind).toBe('at-least');
  });

  it('learns nothing from more left than was made', () => {
    expect(evidenceOf(bowl, { kind: 'left', millilitres: 230, how: 'measured' })).toBeUndefined();
  });
});

/** The posterior median over k by Simpson's rule in k, with mathjs' error function: nothing shared with the grid. */
function independentMedian(evidence: readonly Evidence[]): number {
  const normal = (z: number): number => (1 + erf(z / Math.SQRT2)) / 2;
  const density = (k: number): number => {
    const log = Math.log(k);
    let sum = -0.5 * (log / priorSigma('density')) ** 2 - log;
    for (const { kind, at, logRatio, noise } of evidence) {
      const weight = 2 ** (-(NOW - Date.parse(at)) / DAY / 365.25);
      sum +=
        kind === 'at-least'
          ? weight * Math.log(Math.max(1e-300, normal((log - logRatio) / noise)))
          : -(weight * (logRatio - log) ** 2) / (2 * noise ** 2);
    }
    return Math.exp(sum);
  };
  const [from, to, pieces] = [0.2, 5.2, 4000];
  const width = (to - from) / pieces;
  const areas: number[] = [];
  for (let i = 0; i < pieces; i++) {
    const a = from + i * width;
    areas.push((width / 6) * (density(a) + 4 * density(a + width / 2) + density(a + width)));
  }
  const half = areas.reduce((sum, area) => sum + area, 0) / 2;
  let sum = 0;
  const at = areas.findIndex((area) => (sum += area) >= half);
  return from + (at + 1 - (sum - half) / (areas[at] ?? 1)) * width;
}
