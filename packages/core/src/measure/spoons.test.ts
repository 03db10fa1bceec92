import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  spoonBreakdown,
  spoonMillilitres,
  SPOON_SETS,
  spoonTolerance,
  writeSpoons,
  type MeasureSystem,
} from './spoons';

/** Fewest spoons by trying every multiset up to a count. */
function fewest(wanted: number, sizes: readonly number[], tolerance: number, most: number): number | undefined {
  let reachable = new Set([0]);
  for (let count = 1; count <= most; count++) {
    reachable = new Set([...reachable].flatMap((sum) => sizes.map((size) => Math.round((sum + size) * 1e9) / 1e9)));
    if ([...reachable].some((sum) => Math.abs(sum - wanted) <= tolerance + 1e-9)) return count;
  }
  return undefined;
}

describe('spoonBreakdown', () => {
  it.each([
    [14.8, 'us', '1 tbsp'],
    [37, 'us', '2 tbsp + 1½ tsp'],
    [59.1, 'us', '¼ cup'],
    [197.2, 'us', '½ cup + ⅓ cup'],
    [20, 'metric', '1 tbsp + 1 tsp'],
    [3.75, 'metric', '¾ tsp'],
    [284, 'uk', '1 half-pint cup'],
  ] as const)('measures %d mL with %s spoons as %s', (millilitres, system, text) => {
    expect(writeSpoons(spoonBreakdown(millilitres, SPOON_SETS[system]))).toBe(text);
  });

  it('stays within 3 % or half the smallest spoon, with no more spoons than exhaustive search needs', () => {
    const system = fc.constantFrom<MeasureSystem>('us', 'metric', 'uk');
    fc.assert(
      fc.property(system, fc.double({ min: 0.7, max: 260, noNaN: true }), (name, millilitres) => {
        const spoons = SPOON_SETS[name];
        const found = spoonBreakdown(millilitres, spoons);
        const tolerance = spoonTolerance(millilitres, spoons);
        expect(Math.abs(found.errorMillilitres)).toBeLessThanOrEqual(tolerance + 1e-9);
        const count = found.counts.reduce((sum, c) => sum + c.count, 0);
        expect(count).toBe(fewest(millilitres, spoons.map(spoonMillilitres), tolerance, count));
      }),
      { numRuns: 150 },
    );
  });

  it('measures nothing with nothing, and refuses an empty drawer', () => {
    expect(writeSpoons(spoonBreakdown(0, SPOON_SETS.us))).toBe('0');
    expect(() => spoonBreakdown(5, [])).toThrow(RangeError);
    expect(() => spoonBreakdown(-1, SPOON_SETS.us)).toThrow(RangeError);
    expect(() => spoonBreakdown(Infinity, SPOON_SETS.us)).toThrow(RangeError);
  });

  it('answers for a bucket at once', () => {
    expect(spoonBreakdown(9000, SPOON_SETS.us).counts.length).toBeGreaterThan(0);
  });
});
