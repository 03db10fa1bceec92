import { expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../../ingredient';
import type { BowlToMake, RowLine } from './bowlToMake';
import { cutStep } from './pieceSteps';

const rowLine = (id: string, grams: number, pieces?: number): RowLine =>
  ({
    row: ingredientById(CATALOGUE, id),
    line: {
      ingredientId: id,
      grams,
      millilitres: grams,
      measuredBy: 'piece',
      ...(pieces === undefined ? {} : { pieces }),
    },
  }) as unknown as RowLine;
const minutesFor = (...lines: readonly RowLine[]): number => {
  const bowl = { catalogue: CATALOGUE, lines: lines.map(({ line }) => line) } as unknown as BowlToMake;
  return cutStep(bowl, lines).handsOnMinutes;
};

// A minute to lay things out and a good minute a piece: assumptions of this project.
it('cuts longer the more there is, counted in pieces or by the hundred grams', () => {
  expect(minutesFor(rowLine('avocado', 136, 1))).toBe(2);
  expect(minutesFor(rowLine('avocado', 408, 3))).toBe(5);
  expect(minutesFor(rowLine('pumpkin', 300))).toBe(minutesFor(rowLine('avocado', 408, 3)));
  expect(minutesFor(rowLine('avocado', 408, 3), rowLine('banana', 236, 2))).toBe(7);
  // Thirty strawberries are halved by the handful.
  expect(minutesFor(rowLine('strawberry', 360, 30))).toBe(minutesFor(rowLine('strawberry', 72, 6)));
});
