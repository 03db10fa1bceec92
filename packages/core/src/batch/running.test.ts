import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { chanceShort, expectedLeftover } from '../statistic';
import { anAdult, aProfile } from '../testing';
import { demandFor, millilitresByHead, simulateShortfall, sizeBowl, type SizedHead } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const head: SizedHead = { profile: aProfile(), wearer: anAdult };
const us = { spoons: SPOON_SETS.us };
const demandOnly = { pieces: false, losses: false };

describe('simulateShortfall', () => {
  it('agrees with the closed form within four standard errors when demand alone is in doubt', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_IN_MASKS), fc.integer({ min: 1, max: 1e6 }), (mask, seed) => {
        const sized = sizeBowl(head, mask, CATALOGUE, us);
        const run = simulateShortfall(sized, mask, CATALOGUE, { samples: 8000, seed, spreads: demandOnly });
        const provided = { mean: sized.onHeadMillilitres, sigma: 0 };
        const short = chanceShort(sized.total, provided);
        const error = Math.max(run.chanceError, Math.sqrt((short * (1 - short)) / 8000));
        expect(Math.abs(run.chanceShort - short)).toBeLessThan(5 * error + 1e-3);
        const left = expectedLeftover(sized.total, provided);
        expect(Math.abs(run.expectedLeftoverMillilitres - left)).toBeLessThan(5 * run.leftoverError);
      }),
      { numRuns: 30 },
    );
  });

  it('is repeatable, and its curve falls from short to enough through the bowl’s own chance', () => {
    const mask = maskCalled('towpath-avocado');
    const sized = sizeBowl(head, mask, CATALOGUE, us);
    const run = simulateShortfall(sized, mask, CATALOGUE, { seed: 5 });
    expect(simulateShortfall(sized, mask, CATALOGUE, { seed: 5 })).toEqual(run);
    const chances = run.curve.map(({ chanceShort }) => chanceShort);
    expect([...chances].sort((a, b) => b - a)).toEqual(chances);
    expect(chances[0]).toBeGreaterThan(0.95);
    expect(chances.at(-1)).toBeLessThan(0.02);
    // From a third of the bowl to two of it, in even steps.
    const factors = run.curve.map(({ millilitres }) => millilitres / sized.madeMillilitres);
    expect(factors).toHaveLength(34);
    expect([factors[0], factors[1], factors.at(-1)].map((factor) => Number(factor?.toFixed(3)))).toEqual([
      0.35, 0.4, 2,
    ]);
    const above = run.curve.find(({ millilitres }) => millilitres >= sized.madeMillilitres)!;
    expect(Math.abs(above.chanceShort - run.chanceShort)).toBeLessThan(0.06);
  });

  it('widens with the pieces: a guessed avocado strays more than a weighed one', () => {
    const mask = maskCalled('towpath-avocado');
    const sized = sizeBowl(head, mask, CATALOGUE, us);
    const width = (weighed: readonly string[]) => {
      const run = simulateShortfall(sized, mask, CATALOGUE, { weighed });
      return run.madeHighMillilitres - run.madeLowMillilitres;
    };
    expect(width(sized.lines.map(({ ingredientId }) => ingredientId))).toBeLessThan(width([]));
  });

  it('lets pieces and losses stray unless it is told otherwise', () => {
    const mask = maskCalled('towpath-avocado');
    const sized = sizeBowl(head, mask, CATALOGUE, us);
    const width = (spreads?: { pieces: boolean; losses: boolean }) => {
      const run = simulateShortfall(sized, mask, CATALOGUE, { samples: 4000, ...(spreads ? { spreads } : {}) });
      return { made: run.madeHighMillilitres - run.madeLowMillilitres, short: run.chanceShort };
    };
    expect(width()).toEqual(width({ pieces: true, losses: true }));
    expect(width({ pieces: false, losses: true }).made).toBe(0);
    expect(width().made).toBeGreaterThan(10);
    expect(width({ pieces: true, losses: false })).not.toEqual(width());
  });

  it('asks for a sensible number of samples', () => {
    const mask = maskCalled('rice-silk');
    const sized = sizeBowl(head, mask, CATALOGUE, us);
    expect(() => simulateShortfall(sized, mask, CATALOGUE, { samples: 5 })).toThrow(RangeError);
  });
});

describe('two heads in one bowl', () => {
  const mask = maskCalled('rice-silk');
  const child: SizedHead = {
    profile: aProfile({ stretchedLengthCentimetres: 25, scalpAreaSquareCentimetres: 450 }),
    wearer: { ageYears: 8, sensitiveSkin: true },
  };

  it('takes what both take, and the tools keep their share once', () => {
    const one = sizeBowl(head, mask, CATALOGUE, us);
    const two = sizeBowl(child, mask, CATALOGUE, us);
    const both = sizeBowl(head, mask, CATALOGUE, { ...us, others: [child] });
    expect(both.needMillilitres).toBeLessThan(one.needMillilitres + two.needMillilitres);
    expect(both.needMillilitres).toBeGreaterThan(Math.max(one.needMillilitres, two.needMillilitres));
    expect(both.others).toHaveLength(1);
    expect(both.losses.holdUpMillilitres).toBeLessThan(one.losses.holdUpMillilitres + two.losses.holdUpMillilitres);
  });

  it('comes to n times one head on average for n equal heads', () => {
    for (const n of [2, 3, 4]) {
      const others = Array.from({ length: n - 1 }, () => head);
      const { demand, total } = sizeBowl(head, mask, CATALOGUE, { ...us, others });
      const mean = (x: typeof total) => x.median * Math.exp(x.sigma ** 2 / 2);
      expect(mean(total)).toBeCloseTo(n * mean(demand.total), 6);
      expect(total.sigma).toBeLessThan(demand.total.sigma);
    }
  });

  it('gives each head what she usually takes of it, and nothing away', () => {
    const both = sizeBowl(head, mask, CATALOGUE, { ...us, others: [child] });
    const [hers = 0, the = 0] = millilitresByHead(both);
    expect(hers + the).toBeCloseTo(both.onHeadMillilitres, 9);
    const [one, two] = [head, child].map((each) => demandFor(each, mask).total.median);
    expect(hers / the).toBeCloseTo(one! / two!, 9);
    expect(millilitresByHead(sizeBowl(head, mask, CATALOGUE, us))).toHaveLength(1);
  });

  it('keeps to the limits of the youngest', () => {
    const scented = maskCalled('flax-slip');
    const limit = (others: readonly SizedHead[]) =>
      sizeBowl(head, scented, CATALOGUE, { ...us, others }).caps.find(({ id }) => id === 'scent')!.what.params[
        'percent'
      ];
    expect(limit([])).toBe(1);
    expect(limit([child])).toBe(0.5);
  });

  it('simulates what the closed sum says', () => {
    const both = sizeBowl(head, mask, CATALOGUE, { ...us, others: [child] });
    const run = simulateShortfall(both, mask, CATALOGUE, { samples: 40_000, spreads: demandOnly });
    const said = chanceShort(both.total, { mean: both.onHeadMillilitres, sigma: 0 });
    expect(Math.abs(run.chanceShort - said)).toBeLessThan(0.012);
  });
});
