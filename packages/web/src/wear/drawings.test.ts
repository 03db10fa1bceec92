import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { pointsOnPath } from 'points-on-path';
import { expect, it } from 'vitest';
import { CANDLE, candleTop } from './candle';
import { bandPath, mapBands, SKULL } from './sectionMap';

it('draws each section of the head as large as its share', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 2, max: 20 }), { minLength: 1, maxLength: 5 }), (weights) => {
      const sum = 2 * weights.reduce((a, b) => a + b, 0);
      const sections = weights.flatMap((weight, at) => [
        { id: `${at}-left`, share: weight / sum },
        { id: `${at}-right`, share: weight / sum },
      ]);
      const skull = Math.PI * SKULL.radiusX * SKULL.radiusY;
      const bands = mapBands(sections);
      expect(bands).toHaveLength(sections.length);
      for (const band of bands) {
        const points = (pointsOnPath(bandPath(band))[0] ?? []) as [number, number][];
        const { share } = sections.find(({ id }) => id === band.id) ?? expect.fail(band.id);
        expect(Math.abs(Math.abs(polygonArea(points)) / skull - share)).toBeLessThan(0.006);
      }
    }),
  );
});

it('burns the candle evenly from its full height to its holder, and no further', () => {
  expect(candleTop(0, 90)).toBe(CANDLE.full);
  expect(candleTop(90, 90)).toBe(CANDLE.holder);
  expect(candleTop(200, 90)).toBe(CANDLE.holder);
  expect(candleTop(30, 120) - CANDLE.full).toBeCloseTo((CANDLE.holder - CANDLE.full) / 4);
  expect(candleTop(-5, 120)).toBe(CANDLE.full);
});
