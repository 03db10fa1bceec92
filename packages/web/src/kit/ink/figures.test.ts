import { ingredientById, CATALOGUE } from '@amber-ladle/core/ingredient';
import { SPOON_SETS, spoonMillilitres } from '@amber-ladle/core/measure';
import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { pointsOnPath } from 'points-on-path';
import { describe, expect, it } from 'vitest';
import { amountDrawn } from './amount';
import { BY_INGREDIENT } from './drawn';
import { bowlLayers } from './mask';
import { cutAt } from './share';
import { ballCentimetres, isCup, spoonCentimetres } from './spoons';

const spoons = SPOON_SETS.us;
const thing = (id: string) => ingredientById(CATALOGUE, id);

describe('a cut piece', () => {
  it('is cut where plain geometry says', () => {
    expect(cutAt('M0 0H100V50H0Z', 0.25)).toBeCloseTo(25, 1);
    expect(cutAt('M0 0H100V50H0Z', 0.9)).toBeCloseTo(90, 1);
    // A triangle that widens from its tip at the left: a quarter of it lies left of the middle.
    expect(cutAt('M0 50L100 0V100Z', 0.25)).toBeCloseTo(50, 1);
    // A half moon: 19.55 % of a disk of radius 50 lie left of x = 25 (segment of 120°, any book of formulae).
    const disk = 'M100 50A50 50 0 1 1 0 50A50 50 0 1 1 100 50Z';
    expect(cutAt(disk, 0.1955)).toBeCloseTo(25, 0);
  });
  it('leaves just the share of every fruit, counted on a fine grid', () => {
    for (const [id, { face }] of Object.entries(BY_INGREDIENT)) {
      if (!face) continue;
      const points = pointsOnPath(face.outline, 0.2)[0] ?? [];
      const isInside = (x: number, y: number): boolean =>
        points.reduce((inside, [ax, ay], at) => {
          const [bx, by] = points[(at + 1) % points.length] ?? [ax, ay];
          return ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax) ? !inside : inside;
        }, false);
      const x = cutAt(face.outline, 0.25);
      let [all, left] = [0, 0];
      for (let gx = 0.5; gx < 100; gx += 1.5)
        for (let gy = 0.5; gy < 100; gy += 1.5)
          if (isInside(gx, gy)) {
            all++;
            if (gx <= x) left++;
          }
      expect(Math.abs(left / all - 0.25), id).toBeLessThan(0.03);
    }
  });
});

describe('an amount on the board', () => {
  it('lays out as many pieces as there are, the last one cut', () => {
    const line = { measuredBy: 'piece', millilitres: 170, pieces: 1.25, pieceGrams: 136 } as const;
    expect(amountDrawn(thing('avocado'), line, spoons)).toMatchObject({ kind: 'pieces', shares: [1, 0.25] });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), (quarters) => {
        const pieces = quarters / 4;
        const drawn = amountDrawn(thing('avocado'), { ...line, pieces }, spoons);
        if (drawn.kind !== 'pieces') expect.fail('no pieces');
        if (pieces <= 7) expect(drawn.shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(pieces);
      }),
    );
  });
  it('lays out the spoons that the words name, filled with what they hold', () => {
    // 2 tbsp + 2 tsp.
    const drawn = amountDrawn(thing('yogurt'), { measuredBy: 'spoon', millilitres: 39.4 }, spoons);
    if (drawn.kind !== 'spoons') expect.fail('no spoons');
    expect(drawn.each).toHaveLength(4);
    const [first, , third] = drawn.each.map(({ centimetres }) => centimetres);
    expect(((first ?? 0) / (third ?? 1)) ** 3).toBeCloseTo(3, 1);
  });
  it('shows the thing itself where it is weighed, pinched or far too much to count', () => {
    expect(amountDrawn(thing('white-clay'), { measuredBy: 'weight', millilitres: 20 }, spoons).kind).toBe('thing');
    expect(amountDrawn(thing('lavender-oil'), { measuredBy: 'drop', millilitres: 0.2 }, spoons).kind).toBe('thing');
    expect(amountDrawn(thing('water'), { measuredBy: 'spoon', millilitres: 4000 }, spoons).kind).toBe('thing');
  });
  it('keeps spoons and cups of every drawer at true sizes: eight times as much is twice as wide', () => {
    for (const drawer of Object.values(SPOON_SETS))
      for (const a of drawer)
        for (const b of drawer) {
          const [ma, mb] = [spoonMillilitres(a), spoonMillilitres(b)];
          if (isCup(ma) !== isCup(mb)) continue;
          expect((spoonCentimetres(ma) / spoonCentimetres(mb)) ** 3).toBeCloseTo(ma / mb, 6);
        }
    // From memory: a tablespoon is about 4 cm across, a US measuring cup about 7 to 8, a large egg 4.4, an orange 7.
    expect(spoonCentimetres(14.79)).toBeGreaterThan(3.3);
    expect(spoonCentimetres(14.79)).toBeLessThan(4.5);
    expect(spoonCentimetres(236.6)).toBeGreaterThan(6.5);
    expect(spoonCentimetres(236.6)).toBeLessThan(8.5);
    expect(ballCentimetres(57)).toBeCloseTo(4.8, 1);
    expect(ballCentimetres(180)).toBeCloseTo(7, 1);
  });
});

describe('a mask in its bowl', () => {
  it('fills as much of the bowl with each part as its share is', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 9 }), (weights) => {
        const sum = weights.reduce((a, b) => a + b, 0);
        const parts = weights.map((weight, at) => ({ id: `${at}`, share: weight / sum }));
        const layers = bowlLayers(parts);
        const areas = layers.map(({ outline }) => Math.abs(polygonArea(outline.map(([x, y]) => [x, y]))));
        const all = areas.reduce((a, b) => a + b, 0);
        layers.forEach(({ id }, at) => {
          const { share } = parts.find((part) => part.id === id) ?? expect.fail(id);
          expect(Math.abs((areas[at] ?? 0) / all - share)).toBeLessThan(0.012);
        });
      }),
    );
  });
});
