import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answer } from './answer';
import { boundCell, type Cell } from './cell';
import { capCost, driftCost, evaluate, volumeCost } from './objective';
import type { FitProblem } from './problem';

const amounts = fc
  .record({ step: fc.double({ min: 1, max: 40, noNaN: true }), count: fc.integer({ min: 1, max: 5 }) })
  .map(({ step, count }) =>
    Array.from({ length: count }, (_, j) => ({ grams: step * (j + 1), charge: 0.05 * (j % 2) })),
  );
const problems: fc.Arbitrary<FitProblem> = fc
  .array(
    fc.record({
      share: fc.double({ min: 0.05, max: 0.8, noNaN: true }),
      tolerance: fc.constantFrom(0.15, 0.25, 0.5),
      millilitresPerGram: fc.double({ min: 0.7, max: 1.2, noNaN: true }),
      choices: amounts,
    }),
    { minLength: 1, maxLength: 4 },
  )
  .chain((parts) =>
    fc.record({ need: fc.double({ min: 10, max: 300, noNaN: true }), cap: fc.boolean() }).map(({ need, cap }) => ({
      parts,
      needMillilitres: need,
      limitMillilitres: need * 1.5,
      caps: cap ? [{ coefficients: parts.map((_, i) => (i === 0 ? 1 : 0) - 0.4), bound: 0, norm: 5 }] : [],
    })),
  );

/** Every answer of a small problem, with its best scale. */
function everyAnswer(problem: FitProblem): { chosen: number[]; objective: number; inverse: number }[] {
  let all: number[][] = [[]];
  for (const { choices } of problem.parts) all = all.flatMap((head) => choices.map((_, j) => [...head, j]));
  return all.map((chosen) => {
    const { evaluation } = answer(problem, chosen);
    return { chosen, objective: evaluation.objective, inverse: 1 / evaluation.scaleGrams };
  });
}

const cellRound = (inverse: number, width: number): Cell => ({ low: inverse / width, high: inverse * width });

describe('boundCell', () => {
  it('never lies above an answer whose best scale is in the cell, and never strikes out its amounts', () => {
    fc.assert(
      fc.property(problems, fc.double({ min: 1.001, max: 2, noNaN: true }), fc.nat(), (problem, width, pick) => {
        const answers = everyAnswer(problem);
        const middle = answers[pick % answers.length]!;
        const cell = cellRound(middle.inverse, width);
        const inside = answers.filter(({ inverse }) => inverse >= cell.low && inverse <= cell.high);
        const toBeat = Math.min(...inside.map(({ objective }) => objective)) * (1 + 1e-9) + 1e-6;
        const bounded = boundCell(problem, cell, toBeat);
        expect(bounded).toBeDefined();
        for (const { objective } of inside) expect(bounded!.bound).toBeLessThanOrEqual(objective + 1e-6);
        const best = inside.find(({ objective }) => objective < toBeat)!;
        best.chosen.forEach((choice, i) => {
          expect(bounded!.candidates[i]!.map((c) => c.choice)).toContain(choice);
        });
      }),
      { numRuns: 400 },
    );
  });

  it('drops a cell that is far from every good scale', () => {
    const choices = [{ grams: 10, charge: 0 }];
    const problem: FitProblem = {
      parts: [
        { share: 0.5, tolerance: 0.1, millilitresPerGram: 1, choices },
        { share: 0.5, tolerance: 0.1, millilitresPerGram: 1, choices },
      ],
      needMillilitres: 20,
      limitMillilitres: 30,
      caps: [],
    };
    expect(boundCell(problem, cellRound(1 / 20, 1.1), 1)).toBeDefined();
    expect(boundCell(problem, cellRound(1 / 200, 1.1), 1)).toBeUndefined();
  });
});

describe('the objective', () => {
  it('takes the scale at which the drift is least, as a search over scales finds it', () => {
    fc.assert(
      fc.property(problems, fc.nat(), (problem, pick) => {
        const answers = everyAnswer(problem);
        const { chosen, inverse } = answers[pick % answers.length]!;
        const grams = problem.parts.map(({ choices }, i) => choices[chosen[i]!]!.grams);
        const driftAt = (u: number) =>
          problem.parts.reduce(
            (sum, { share, tolerance }, i) => sum + driftCost((grams[i]! / share) * u - 1, tolerance),
            0,
          );
        const least = driftAt(inverse);
        for (const factor of [0.5, 0.9, 0.99, 0.999, 1.001, 1.01, 1.1, 2])
          expect(driftAt(inverse * factor)).toBeGreaterThanOrEqual(least - 1e-9);
      }),
      { numRuns: 200 },
    );
  });

  it('knows no scale but its own: twice the amounts for twice the need cost the same', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const grams = problem.parts.map(({ choices }) => choices[0]!.grams);
        const twice = {
          ...problem,
          needMillilitres: 2 * problem.needMillilitres,
          limitMillilitres: 2 * problem.limitMillilitres,
          caps: [],
        };
        const one = evaluate({ ...problem, caps: [] }, grams, 0);
        const two = evaluate(
          twice,
          grams.map((g) => 2 * g),
          0,
        );
        expect(two.objective).toBeCloseTo(one.objective, 6);
        expect(two.scaleGrams).toBeCloseTo(2 * one.scaleGrams, 6);
      }),
    );
  });

  it('costs nothing for exactly enough, little for more, much for less', () => {
    expect(volumeCost(1, 1.5)).toBe(0);
    expect(volumeCost(1.1, 1.5)).toBeCloseTo(0.3, 12);
    expect(volumeCost(0.99, 1.5)).toBeCloseTo(20 + 10, 9);
    // Falling short costs at once, however little; a rounding error does not.
    expect(volumeCost(1 - 1e-6, 1.5)).toBeGreaterThan(20);
    expect(volumeCost(1 - 1e-12, 1.5)).toBeLessThan(1e-6);
    expect(volumeCost(2, 1.5)).toBeCloseTo(3 + 10, 12);
    expect(driftCost(0.1, 0.2)).toBeCloseTo(0.25, 12);
    expect(driftCost(-0.4, 0.2)).toBeCloseTo(4 + 20, 12);
    expect(capCost(0)).toBe(0);
    expect(capCost(0.01)).toBeGreaterThan(volumeCost(0, 1.5));
  });
});
