import { describe, expect, it } from 'vitest';
import { wasteByMonth, worthOf, type ValuedMovement } from '.';
import { iso, T0 } from './testing';

describe('worth', () => {
  const out = (kind: ValuedMovement['kind'], grams: number, at: string, pricePerGram?: number): ValuedMovement => ({
    kind,
    grams: -grams,
    at,
    reason: 'past',
    ...(pricePerGram === undefined ? {} : { pricePerGram }),
  });

  it('sums what was taken, and says for how much nobody said a price', () => {
    expect(worthOf([out('draw', 100, iso(T0), 0.02), out('draw', 50, iso(T0))])).toEqual({
      money: 2,
      grams: 150,
      unpricedGrams: 50,
    });
  });

  it('puts waste in the months of the household, not of UTC', () => {
    const months = wasteByMonth(
      [
        // 23:30 UTC on the last of March is April in Paris.
        out('discard', 40, '2026-03-31T22:30:00Z', 0.01),
        out('discard', 60, '2026-03-10T12:00:00Z', 0.01),
        out('draw', 500, '2026-03-10T12:00:00Z', 0.01),
      ],
      'Europe/Paris',
    );
    expect(months.map(({ month, grams, byReason }) => [month, grams, byReason])).toEqual([
      ['2026-03', 60, { past: 60 }],
      ['2026-04', 40, { past: 40 }],
    ]);
    expect(months[0]!.money).toBeCloseTo(0.6, 12);
  });
});
