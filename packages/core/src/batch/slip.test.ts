import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { SPOON_SETS } from '../measure';
import { anAdult as wearer, aProfile } from '../testing';
import { sizeBowl, slips, usualOf } from '.';

const avocado = BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado')!;
const bowl = sizeBowl({ profile: aProfile(), wearer }, avocado, CATALOGUE, { spoons: SPOON_SETS.us });

describe('a slip of the hand', () => {
  it('is one heaped spoonful in three where spoons are counted: a sixth more', () => {
    const found = slips(bowl, avocado, CATALOGUE);
    const spooned = bowl.lines.filter(({ measuredBy, grams }) => measuredBy === 'spoon' && grams > 0);
    expect(spooned.length).toBeGreaterThan(0);
    for (const { ingredientId, grams } of spooned)
      expect(found.find((one) => one.ingredientId === ingredientId)?.grams).toBeCloseTo(grams / 6, 6);
  });

  it('is a piece of the next size for each piece, and no further than two spreads of a single one', () => {
    const line = bowl.lines.find(({ ingredientId }) => ingredientId === 'avocado')!;
    const { sizes, weightSpread } = ingredientById(CATALOGUE, 'avocado').pieces!;
    const one = line.pieceGrams ?? 0;
    const next = sizes.find(({ usableGrams }) => usableGrams > one)?.usableGrams ?? one * (1 + 2 * weightSpread);
    const slip = slips(bowl, avocado, CATALOGUE).find(({ ingredientId }) => ingredientId === 'avocado');
    expect(slip?.grams).toBeCloseTo(Math.min(next - one, 2 * weightSpread * one) * (line.pieces ?? 1), 6);
    expect(slip?.grams).toBeLessThan(line.grams);
    // Two of them slip twice.
    const two = {
      ...bowl,
      lines: bowl.lines.map((each) => (each === line ? { ...line, pieces: 2, grams: 2 * one } : each)),
    };
    const twice = slips(two, avocado, CATALOGUE).find(({ ingredientId }) => ingredientId === 'avocado');
    expect((twice?.grams ?? 0) / (slip?.grams ?? 1)).toBeCloseTo(2 / (line.pieces ?? 1), 6);
  });
});

it('takes from a bowl what the head does, what drips on the way, and what clings to the tools', () => {
  const total = { median: 100, sigma: 0.3 };
  expect(usualOf({ total, losses: { holdUpMillilitres: 10, dripShare: 0.05 } as never })).toBeCloseTo(
    100 / 0.95 + 10,
    9,
  );
});
