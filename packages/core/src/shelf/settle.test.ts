import fc from 'fast-check';
import { expect, it } from 'vitest';
import { settlingDraws, type DrawnFrom } from '.';

const lot = (lotId: string, drawnGrams: number, leftGrams = 0, ingredientId = 'honey'): DrawnFrom => ({
  lotId,
  ingredientId,
  drawnGrams,
  leftGrams,
});

it('takes the rest from the lots that hold it, puts back what was not needed, and leaves a gram alone', () => {
  expect(settlingDraws([lot('a', 20, 4), lot('b', 10, 50)], { honey: 40 })).toEqual([
    { lotId: 'a', grams: -4 },
    { lotId: 'b', grams: -6 },
  ]);
  expect(settlingDraws([lot('a', 20), lot('b', 10)], { honey: 15 })).toEqual([
    { lotId: 'b', grams: 10 },
    { lotId: 'a', grams: 5 },
  ]);
  expect(settlingDraws([lot('a', 20)], { honey: 20.8, yogurt: 90 })).toEqual([]);
});

it('never takes what is not there, and never gives back more than was taken', () => {
  const lots = fc.array(
    fc.tuple(fc.double({ min: 0, max: 200, noNaN: true }), fc.double({ min: 0, max: 200, noNaN: true })),
    {
      minLength: 1,
      maxLength: 4,
    },
  );
  fc.assert(
    fc.property(lots, fc.double({ min: 0.1, max: 900, noNaN: true }), (rows, grams) => {
      const drawn = rows.map(([taken, left], i) => lot(String(i), taken, left));
      const draws = settlingDraws(drawn, { honey: grams });
      const all = drawn.reduce((sum, one) => sum + one.drawnGrams, 0);
      const settled = all - draws.reduce((sum, one) => sum + one.grams, 0);
      for (const { lotId, grams: moved } of draws) {
        const from = drawn[Number(lotId)] as DrawnFrom;
        expect(moved).toBeGreaterThanOrEqual(-from.leftGrams);
        expect(moved).toBeLessThanOrEqual(from.drawnGrams);
      }
      const most = all + drawn.reduce((sum, one) => sum + one.leftGrams, 0);
      expect(Math.abs(settled - Math.min(grams, most))).toBeLessThanOrEqual(1 + 1e-9);
    }),
  );
});

it('settles each thing from its own lots, in the way that it was out, and from a gram on', () => {
  const lots = [lot('honey', 20, 30), lot('yogurt', 90, 30, 'yogurt')];
  expect(settlingDraws(lots, { honey: 26, yogurt: 80 })).toEqual([
    { lotId: 'honey', grams: -6 },
    { lotId: 'yogurt', grams: 10 },
  ]);
  expect(settlingDraws(lots, { honey: 21, oats: 12 })).toEqual([]);
  expect(settlingDraws(lots, { honey: 21.1 })).toEqual([{ lotId: 'honey', grams: expect.closeTo(-1.1, 9) as number }]);
  // A lot that holds nothing, or gave nothing, has no part in it.
  expect(settlingDraws([lot('empty', 10, 0), lot('full', 10, 50)], { honey: 25 })).toEqual([
    { lotId: 'full', grams: -5 },
  ]);
  expect(settlingDraws([lot('gave', 10), lot('spared', 0)], { honey: 4 })).toEqual([{ lotId: 'gave', grams: 6 }]);
});
