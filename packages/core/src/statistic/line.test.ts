import fc from 'fast-check';
import { jStat } from 'jstat';
import { describe, expect, it } from 'vitest';
import { averageOf, fitLine, slopeInterval, type Point } from '.';

// NIST Statistical Reference Datasets, linear regression, "Norris" (ozone monitors): y, x, with certified values
// (data and values from memory; that the one gives the other to nine digits is what says they were remembered well).
const NORRIS: readonly Point[] = (
  [
    [0.1, 0.2],
    [338.8, 337.4],
    [118.1, 118.2],
    [888.0, 884.6],
    [9.2, 10.1],
    [228.1, 226.5],
    [668.5, 666.3],
    [998.5, 996.3],
    [449.1, 448.6],
    [778.9, 777.0],
    [559.2, 558.2],
    [0.3, 0.4],
    [0.1, 0.6],
    [778.1, 775.5],
    [668.8, 666.9],
    [339.3, 338.0],
    [448.9, 447.5],
    [10.8, 11.6],
    [557.7, 556.0],
    [228.3, 228.1],
    [998.0, 995.8],
    [888.8, 887.6],
    [119.6, 120.2],
    [0.3, 0.3],
    [0.6, 0.3],
    [557.6, 556.8],
    [339.3, 339.1],
    [888.0, 887.2],
    [998.5, 999.0],
    [778.9, 779.0],
    [10.2, 11.1],
    [117.6, 118.3],
    [228.9, 229.2],
    [668.4, 669.1],
    [449.2, 448.9],
    [0.2, 0.5],
  ] as const
).map(([y, x]) => [x, y]);

describe('fitLine', () => {
  it('gives the certified line of the Norris data, errors and all', () => {
    const line = fitLine(NORRIS);
    expect(line.intercept).toBeCloseTo(-0.262323073774029, 9);
    expect(line.slope).toBeCloseTo(1.00211681802045, 11);
    expect(line.interceptError).toBeCloseTo(0.232818234301152, 9);
    expect(line.slopeError).toBeCloseTo(0.429796848199937e-3, 11);
    expect(line.residual).toBeCloseTo(0.884796396144373, 9);
  });

  it('agrees with an independent least squares (jStat) on any points', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.double({ min: -60, max: 60, noNaN: true })), {
          minLength: 5,
          maxLength: 30,
        }),
        (points) => {
          fc.pre(new Set(points.map(([x]) => x)).size > 3);
          const line = fitLine(points);
          fc.pre(line.residual > 1e-6);
          const other = jStat.models.ols(
            points.map(([, y]) => y),
            points.map(([x]) => [1, x]),
          );
          expect(line.slope).toBeCloseTo(other.coef[1] ?? NaN, 6);
          expect(line.slopeError / (other.t.se[1] ?? NaN)).toBeCloseTo(1, 5);
          const { low, high } = slopeInterval(line, 0.8);
          const t = jStat.studentt.inv(0.9, points.length - 2);
          expect((high - low) / 2 / (t * (other.t.se[1] ?? NaN))).toBeCloseTo(1, 4);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('knows nothing of the slope of two points, and refuses one moment', () => {
    expect(
      slopeInterval(
        fitLine([
          [0, 1],
          [10, 3],
        ]),
        0.8,
      ),
    ).toEqual({ low: -Infinity, high: Infinity });
    expect(() =>
      fitLine([
        [3, 1],
        [3, 2],
      ]),
    ).toThrow(RangeError);
  });
});

describe('averageOf', () => {
  // Student 1908, the ten patients' extra hours of sleep by two soporifics: differences, their mean and 95 % interval
  // as statistics texts print them (from memory).
  it("gives the interval of Student's sleep data", () => {
    const first = [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0.0, 2.0];
    const second = [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4];
    const sleep = averageOf(
      second.map((hours, i) => hours - (first[i] ?? 0)),
      0.95,
    );
    expect(sleep?.mean).toBeCloseTo(1.58, 10);
    expect(sleep?.interval?.low).toBeCloseTo(0.7001142, 6);
    expect(sleep?.interval?.high).toBeCloseTo(2.4598858, 6);
  });

  it('says nothing of the spread of one value, and nothing at all of none', () => {
    expect(averageOf([4], 0.8)).toEqual({ mean: 4, count: 1 });
    expect(averageOf([], 0.8)).toBeUndefined();
  });
});
