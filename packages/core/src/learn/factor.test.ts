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
  NOISES,
  priorSigma,
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
  noise: 0,
  ...rest,
});
const ranOut = (ratio: number, rest: Partial<Evidence> = {}): Evidence => used(ratio, { kind: 'at-least', ...rest });
const recommended = (evidence: readonly Evidence[], chance = 0.85, how = options): number =>
  quantile(nextUse(evidence, how, chance), chance);

const anyEvidence = fc
  .record({
    kind: fc.constantFrom('exact' as const, 'partial' as const, 'at-least' as const, 'between' as const),
    days: fc.integer({ min: 0, max: 900 }),
    texture: fc.constantFrom('creamy' as const, 'runny' as const),
    logRatio: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
    noise: fc.double({ min: 0, max: 0.3, noNaN: true }),
    half: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
  })
  .map(({ days, half, ...rest }): Evidence => ({
    ...rest,
    at: daysAgo(days),
    ...(rest.kind === 'between' ? { logLow: rest.logRatio - half, logHigh: rest.logRatio + half } : {}),
  }));

describe('the personal factor', () => {
  it('is what is left of the model’s spread when the noise of a use is taken out', () => {
    expect(priorSigma('density')).toBeCloseTo(Math.sqrt(0.3 ** 2 - 0.15 ** 2), 9);
    expect(priorSigma('eye')).toBeGreaterThan(priorSigma('density'));
    expect(priorSigma('ponytail')).toBeLessThan(priorSigma('density'));
  });

  it('makes no larger bowl after one that was just what the model expected', () => {
    for (const amount of ['ponytail', 'density', 'eye'] as const) {
      const sigma = { ponytail: 0.27, density: 0.3, eye: 0.36 }[amount];
      const first = quantile({ median: 1, sigma }, 0.85);
      const second = recommended([used(1)], 0.85, { amount, now: NOW });
      expect(second / first).toBeLessThan(1.05);
      expect(second).toBeGreaterThan(1.15);
    }
  });

  it('learns how much a head’s bowls differ: contradicting ones widen what is believed and what comes next', () => {
    const series = (spread: number) =>
      Array.from({ length: 6 }, (_, i) => used(i % 2 === 0 ? 1 - spread : 1 / (1 - spread), { at: daysAgo(i * 7) }));
    const band = (spread: number) => {
      const { high, low } = factorBand(learnFactor(series(spread), options));
      return high / low;
    };
    expect(band(0.4)).toBeGreaterThan(1.2 * band(0.05));
    expect(recommended(series(0.4))).toBeGreaterThan(1.2 * recommended(series(0.05)));
    const noises = (spread: number) =>
      learnFactor(series(spread), options).log.reduce((sum, { noise, weight }) => sum + noise * weight, 0);
    expect(noises(0.05)).toBeLessThan(0.15);
    expect(noises(0.4)).toBeGreaterThan(0.3);
  });

  it('makes the next bowl smaller the more was left of this one, always', () => {
    const judged = (left: number, days: number) =>
      evidenceOf({ ...HALF, at: daysAgo(days) }, { kind: 'left', millilitres: left, how: 'judged' })!;
    fc.assert(
      fc.property(
        fc.array(
          anyEvidence.map((one) => ({ ...one, at: daysAgo(30 + Math.abs(Date.parse(one.at) - NOW) / DAY) })),
          {
            maxLength: 5,
          },
        ),
        fc.double({ min: 0, max: 150, noNaN: true }),
        fc.double({ min: 0, max: 150, noNaN: true }),
        (before, a, b) => {
          const [less, more] = [Math.min(a, b), Math.max(a, b)];
          const next = (left: number) => recommended([...before, judged(left, 1)]);
          expect(next(more)).toBeLessThanOrEqual(next(less) * 1.01);
        },
      ),
      { numRuns: 120 },
    );
    // And it tells: a spoon left against half of it left.
    expect(recommended([judged(100, 1)])).toBeLessThan(0.85 * recommended([judged(10, 1)]));
  }, 60_000);

  it('agrees with an independent integration over k itself for any mixture of bowls', () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { minLength: 1, maxLength: 6 }), (evidence) => {
        const ours = factorBand(learnFactor(evidence, options)).median;
        expect(Math.abs(independentMedian(evidence) / ours - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 12 },
    );
  }, 60_000);

  it('takes a leftover judged by eye for what lies between its ends, and no more', () => {
    const between = (low: number | undefined, high: number | undefined, rest: Partial<Evidence> = {}) =>
      used(0.6, {
        kind: 'between',
        ...(low === undefined ? {} : { logLow: Math.log(low) }),
        ...(high === undefined ? {} : { logHigh: Math.log(high) }),
        ...rest,
      });
    const median = (...evidence: Evidence[]) => factorBand(learnFactor(evidence, options)).median;
    // Ends that nearly touch are as good as an amount.
    expect(median(between(0.594, 0.606)) / median(used(0.6))).toBeCloseTo(1, 3);
    // The wider they are, the less it says.
    expect(median(between(0.59, 0.61))).toBeLessThan(median(between(0.4, 0.9)));
    expect(median(between(0.4, 0.9))).toBeLessThan(median());
    // Where nothing is said of an end, it is open below, and closed by what was used above.
    expect(median(between(undefined, 0.6))).toBe(median(between(1e-9, 0.6)));
    expect(median(between(undefined, undefined))).toBe(median(between(1e-9, 0.6)));
    expect(median(between(undefined, 0.6))).toBeLessThan(median(between(0.5, 0.6)));
  });

  // A leftover that surprises widens what is believed: without the smaller leftover's bowl it would make the larger one.
  it('makes no larger bowl for a leftover that surprises, whether it was weighed or judged by eye', () => {
    const steady = Array.from({ length: 5 }, (_, i) => used(1, { at: daysAgo(20 + i * 7) }));
    const judged = (left: number): Evidence =>
      evidenceOf({ ...HALF, at: daysAgo(1) }, { kind: 'left', millilitres: left, how: 'judged' })!;
    const weighed = (left: number): Evidence =>
      evidenceOf({ ...HALF, at: daysAgo(1) }, { kind: 'left', millilitres: left, how: 'measured' })!;
    for (const told of [judged, weighed]) {
      const made = [40, 70, 90, 110, 130, 150, 160, 168].map((left) => recommended([told(left), ...steady], 0.95));
      made.slice(1).forEach((next, i) => {
        expect(next).toBeLessThanOrEqual((made[i] ?? 0) * 1.01);
      });
      // And it is the smaller leftover's bowl, not a guess below it.
      expect(made.at(-1)).toBeGreaterThan(0.5 * (made[0] ?? 0));
    }
  });

  it('leaves out a bowl that ran out where its telling would make less, and of several each in its turn', () => {
    const short = (ratio: number, days: number) => ranOut(ratio, { at: daysAgo(days) });
    for (const before of [
      [],
      [used(0.5, { at: daysAgo(30) })],
      [used(1.4, { at: daysAgo(30) }), used(0.6, { at: daysAgo(9) })],
    ]) {
      const outs = [short(0.4, 3), short(1.3, 8), short(0.45, 15), short(0.9, 15), short(0.5, 40), short(1.1, 55)];
      let least = recommended(before, 0.9);
      outs.forEach((_, i) => {
        const next = recommended([...before, ...outs.slice(0, i + 1)], 0.9);
        expect(next).toBeGreaterThanOrEqual(least * (1 - 1e-5));
        least = next;
      });
    }
  });

  it('keeps apart what it answered for one texture and for another', () => {
    const evidence = [0.6, 0.62, 0.58]
      .map((ratio) => used(ratio, { texture: 'runny' }))
      .concat([1.1, 1.15, 1.12].map((ratio) => used(ratio)));
    const thin = nextUse(evidence, { ...options, texture: 'runny' }, 0.85).median;
    expect(nextUse(evidence, { ...options, texture: 'creamy' }, 0.85).median).toBeGreaterThan(1.02 * thin);
    expect(nextUse(evidence, { ...options, texture: 'runny' }, 0.85).median).toBe(thin);
  });

  it('never recommends less after a bowl that ran out', () => {
    fc.assert(
      fc.property(
        fc.array(anyEvidence, { maxLength: 4 }),
        fc.double({ min: -0.9, max: 0.9, noNaN: true }),
        fc.integer({ min: 0, max: 600 }),
        fc.double({ min: 0.5, max: 0.99, noNaN: true }),
        fc.constantFrom(undefined, 'creamy' as const, 'runny' as const),
        (evidence, logRatio, days, chance, texture) => {
          const how = { ...options, texture };
          const before = recommended(evidence, chance, how);
          const after = recommended([...evidence, ranOut(Math.exp(logRatio), { at: daysAgo(days) })], chance, how);
          expect(after).toBeGreaterThanOrEqual(before * (1 - 1e-5));
        },
      ),
      { numRuns: 250 },
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
    const isTold = (evidence: readonly Evidence[], texture: 'runny' | 'creamy' = 'runny') =>
      learnFactor(evidence, { ...options, texture }).isOfTexture;
    expect(isTold(thin.slice(1))).toBe(false);
    expect(isTold(thin)).toBe(true);
    expect(isTold([...thin.slice(1), ...rich])).toBe(false);
    expect(isTold([...thin.slice(1), ranOut(0.9, { texture: 'runny' })])).toBe(false);
    expect(isTold(thin, 'creamy')).toBe(false);
  });

  // The stated 15 % for heads that differ widely from the model and from one use to the next.
  it('runs short as often as it says, for heads from half to twice the model and noises from 0.10 to 0.35', () => {
    const people = 2000;
    const first = quantile({ median: 1, sigma: 0.3 }, 0.85);
    const draws = drawsFrom(7);
    const short = [0, 0, 0, 0, 0, 0];
    for (let person = 0; person < people; person++) {
      const k = 0.5 + 1.5 * ((person + 0.5) / people);
      const noise = 0.1 + 0.25 * (((person * 617) % people) / people);
      const evidence: Evidence[] = [];
      for (let bowl = 0; bowl < short.length; bowl++) {
        const made = bowl === 0 ? first : recommended([...evidence]);
        const takes = k * Math.exp(noise * draws.normal());
        if (takes > made) short[bowl] = (short[bowl] ?? 0) + 1;
        const at = daysAgo(7 * (short.length - bowl));
        // A bowl that ran out only tells that it did.
        evidence.push(takes > made ? ranOut(made, { at }) : used(takes, { at }));
      }
    }
    const shares = short.map((count) => count / people);
    expect(shares[2]).toBeLessThan(0.22);
    for (const share of shares.slice(4)) {
      expect(share).toBeGreaterThan(0.12);
      expect(share).toBeLessThan(0.18);
    }
  }, 240_000);

  it('narrows bowl by bowl, and says which bowl taught it', () => {
    const steps = factorSteps(
      [used(0.7, { at: daysAgo(5) }), used(0.72, { at: daysAgo(30) }), used(0.69, { at: daysAgo(12) })],
      options,
    );
    expect(steps.map(({ evidence }) => evidence?.at)).toEqual([undefined, daysAgo(30), daysAgo(12), daysAgo(5)]);
    const widths = steps.map(({ sigma }) => sigma);
    expect([...widths].sort((a, b) => b - a)).toEqual(widths);
    expect(factorSteps([], options)).toHaveLength(1);
    // Each is seen from its own moment: a bowl of two years ago was fresh then, and its step as narrow as today's would be.
    const [, once] = factorSteps([used(0.7, { at: daysAgo(730) }), used(0.7, { at: daysAgo(729) })], options);
    const [, fresh] = factorSteps([used(0.7, { at: daysAgo(0) })], options);
    expect(once?.sigma).toBeCloseTo(fresh?.sigma ?? 0, 2);
    expect(steps[0]?.sigma).toBeCloseTo(factorSteps([], options)[0]?.sigma ?? 0, 9);
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
    expect(told?.noise).toBe(0);
  });

  it('takes an eye’s word as an interval, and a shared bowl for less than one’s own', () => {
    const left = (how: 'measured' | 'judged', heads: number) =>
      evidenceOf({ ...bowl, heads }, { kind: 'left', millilitres: 60, how })!;
    const { kind, logLow, logHigh, logRatio } = left('judged', 1);
    expect(kind).toBe('between');
    // Sixty by eye are 40 to 80: of what was made, what clings and what was left.
    const onHead = (leftover: number) => Math.log(((200 - leftover - 16) * 0.985) / 150);
    expect(logLow).toBeCloseTo(onHead(79.8), 9);
    expect(logHigh).toBeCloseTo(onHead(40.2), 9);
    expect(logRatio).toBeCloseTo(onHead(60), 9);
    expect(left('measured', 2).noise).toBeGreaterThan(left('measured', 1).noise);
    expect(evidenceOf(bowl, { kind: 'left', millilitres: 0, how: 'judged' })).toMatchObject({
      logHigh: expect.closeTo(onHead(0), 9) as number,
      logLow: expect.closeTo(onHead(5), 9) as number,
    });
  });

  it('reads a bowl that ran out after five of eight sections as a part of what it should have been', () => {
    const whole = evidenceOf(bowl, { kind: 'ran-out', covered: 1 });
    const part = evidenceOf(bowl, { kind: 'ran-out', covered: 5 / 8 });
    expect(part?.kind).toBe('partial');
    expect((part?.logRatio ?? 0) - (whole?.logRatio ?? 0)).toBeCloseTo(Math.log(8 / 5), 9);
    expect(part?.noise).toBeGreaterThan(whole?.noise ?? 1);
    // A quarter of what was not coated, as a standard deviation of the logarithm; assumption of this project.
    expect(part?.noise).toBeCloseTo(0.25 * (3 / 8), 9);
    expect(evidenceOf(bowl, { kind: 'ran-out' })?.kind).toBe('at-least');
    expect(whole).toMatchObject({ kind: 'exact', noise: 0 });
    expect(evidenceOf(bowl, { kind: 'ran-out', covered: 0.1 })?.kind).toBe('partial');
    expect(evidenceOf(bowl, { kind: 'ran-out', covered: 0.09 })?.kind).toBe('at-least');
  });

  it('learns nothing from more left than was made', () => {
    expect(evidenceOf(bowl, { kind: 'left', millilitres: 230, how: 'measured' })).toBeUndefined();
    expect(evidenceOf(bowl, { kind: 'left', millilitres: 184, how: 'measured' })).toBeUndefined();
    expect(
      evidenceOf({ ...bowl, modelMillilitres: 0 }, { kind: 'left', millilitres: 0, how: 'measured' }),
    ).toBeUndefined();
  });
});

/** A bowl of half as much again as the model expects. */
const HALF = {
  at: daysAgo(0),
  texture: 'creamy' as const,
  modelMillilitres: 120,
  madeMillilitres: 180,
  holdUpMillilitres: 8,
  dripShare: 0.015,
  heads: 1,
};

/** The posterior median by Simpson's rule in log k, with mathjs' error function: nothing shared with the grid. */
function independentMedian(evidence: readonly Evidence[]): number {
  const below = (z: number): number => (1 + erf(z / Math.SQRT2)) / 2;
  const gauss = (x: number, sigma: number): number => Math.exp(-0.5 * (x / sigma) ** 2) / sigma;
  const likelihood = (log: number, noise: number): number => {
    let sum = 0;
    for (const { kind, at, logRatio, logLow = NaN, logHigh = NaN, noise: more } of evidence) {
      const sigma = Math.sqrt(noise ** 2 + more ** 2);
      const weight = 2 ** (-(NOW - Date.parse(at)) / DAY / 365.25);
      sum +=
        kind === 'at-least'
          ? weight * Math.log(Math.max(1e-300, below((log - logRatio) / sigma)))
          : kind === 'between'
            ? weight * Math.log(Math.max(1e-300, below((logHigh - log) / sigma) - below((logLow - log) / sigma)))
            : weight * (-((logRatio - log) ** 2) / (2 * sigma ** 2) - Math.log(sigma));
    }
    return Math.exp(sum);
  };
  const [from, to, pieces] = [-2, 2, 500];
  const width = (to - from) / pieces;
  const simpson = (of: (log: number) => number): number[] =>
    Array.from({ length: pieces }, (_, i) => {
      const a = from + i * width;
      return (width / 6) * (of(a) + 4 * of(a + width / 2) + of(a + width));
    });
  const total = (areas: readonly number[]): number => areas.reduce((sum, area) => sum + area, 0);
  const near = priorSigma('density');
  const mixed = new Array<number>(pieces).fill(0);
  for (const [noise, weight] of NOISES) {
    const told = weight * total(simpson((log) => gauss(log, 0.8) * likelihood(log, noise)));
    const slice = simpson((log) => (0.7 * gauss(log, near) + 0.3 * gauss(log, 2.2 * near)) * likelihood(log, noise));
    const all = total(slice);
    slice.forEach((area, i) => (mixed[i] = (mixed[i] ?? 0) + (told * area) / all));
  }
  const half = total(mixed) / 2;
  let sum = 0;
  const at = mixed.findIndex((area) => (sum += area) >= half);
  return Math.exp(from + (at + 1 - (sum - half) / (mixed[at] ?? 1)) * width);
}
