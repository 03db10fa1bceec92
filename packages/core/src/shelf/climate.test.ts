import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { READING_HOLDS_MILLISECONDS, spansOf, type Reading, type Stay } from '.';
import { DAY, HOUR, iso, KITCHEN, STILL, T0 } from './testing';

const stays: Stay[] = [
  { placeId: 'counter', from: iso(T0) },
  { placeId: 'fridge', from: iso(T0 + 5 * HOUR) },
];

describe('spansOf', () => {
  it('follows something from place to place', () => {
    expect(spansOf(stays, STILL, T0, T0 + 8 * HOUR)).toEqual([
      { from: T0, to: T0 + 5 * HOUR, celsius: 20, kind: 'counter' },
      { from: T0 + 5 * HOUR, to: T0 + 8 * HOUR, celsius: 4, kind: 'fridge' },
    ]);
  });

  it('lets a reading hold until the next one, or two hours, and the usual temperature around it', () => {
    const readings: Reading[] = [
      { placeId: 'fridge', at: iso(T0 + HOUR), celsius: 9 },
      { placeId: 'counter', at: iso(T0 + HOUR), celsius: 30 },
      { placeId: 'fridge', at: iso(T0 + 2 * HOUR), celsius: 6 },
    ];
    const spans = spansOf([{ placeId: 'fridge', from: iso(T0) }], { places: KITCHEN, readings }, T0, T0 + 6 * HOUR);
    expect(spans.map(({ from, to, celsius }) => [(from - T0) / HOUR, (to - T0) / HOUR, celsius])).toEqual([
      [0, 1, 4],
      [1, 2, 9],
      [2, 4, 6],
      [4, 6, 4],
    ]);
    expect(READING_HOLDS_MILLISECONDS).toBe(2 * HOUR);
  });

  it('leaves no gap and no overlap, whatever was read and moved', () => {
    const reading = fc.record({
      placeId: fc.constantFrom('counter', 'fridge'),
      at: fc.integer({ min: 0, max: 72 }).map((hour) => iso(T0 + hour * HOUR)),
      celsius: fc.integer({ min: -2, max: 35 }),
    });
    fc.assert(
      fc.property(fc.array(reading, { maxLength: 20 }), fc.integer({ min: 1, max: 80 }), (unsorted, hours) => {
        const readings = [...unsorted].sort((a, b) => a.at.localeCompare(b.at));
        const spans = spansOf(stays, { places: KITCHEN, readings }, T0 - DAY, T0 + hours * HOUR);
        expect(spans[0]!.from).toBe(T0 - DAY);
        expect(spans.at(-1)!.to).toBe(T0 + hours * HOUR);
        spans.slice(1).forEach((span, i) => {
          expect(span.from).toBe(spans[i]!.to);
        });
      }),
    );
  });

  it('is nothing for no time', () => {
    expect(spansOf(stays, STILL, T0, T0)).toEqual([]);
  });
});
