import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { cannot } from '../message';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { anAdult as wearer, aProfile } from '../testing';
import { bowlFromInHand, chanceEnough, sizeBowl } from '.';

const us = { spoons: SPOON_SETS.us };
const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const profile = aProfile();

describe('bowlFromInHand', () => {
  it('lets the piece that runs out first decide', () => {
    const avocado = maskCalled('towpath-avocado');
    const bowl = bowlFromInHand(avocado, CATALOGUE, { avocado: 204, honey: 500 }, { wearer }, us);
    expect(bowl.limitedBy).toBe('avocado');
    expect(bowl.lines[0]).toMatchObject({ ingredientId: 'avocado', grams: 204, pieces: 1.5 });
    expect(bowl.stays['avocado']).toBe(0);
    expect(bowl.stays['honey']).toBeGreaterThan(400);
  });

  it('asks nothing of what is not in the formula, and takes what is not named as plenty', () => {
    const avocado = maskCalled('towpath-avocado');
    const plain = bowlFromInHand(avocado, CATALOGUE, { avocado: 204 }, { wearer }, us);
    // A line of nothing, of which there is little: it holds nobody back.
    const withNone = {
      ...avocado,
      parts: [...avocado.parts, { ...avocado.parts[1]!, ingredientId: 'lemon-juice', share: 0 }],
    };
    const same = bowlFromInHand(withNone, CATALOGUE, { avocado: 204, 'lemon-juice': 1, banana: 1 }, { wearer }, us);
    expect(same.limitedBy).toBe('avocado');
    expect(same.madeMillilitres).toBeCloseTo(plain.madeMillilitres, 6);
    expect(Object.keys(plain.stays)).toEqual(['avocado']);
    expect(() => bowlFromInHand(withNone, CATALOGUE, { 'lemon-juice': 1 }, { wearer }, us)).toThrow(
      cannot('nothing-in-hand'),
    );
    // The second line alone in hand decides alone, wherever it stands.
    const [, second] = avocado.parts;
    const little = bowlFromInHand(avocado, CATALOGUE, { [second!.ingredientId]: 30 }, { wearer }, us);
    expect(little.limitedBy).toBe(second!.ingredientId);
    expect(little.madeMillilitres).toBeLessThan(plain.madeMillilitres);
  });

  it('never takes more than there is, and makes more of more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 6 }), (quarters, ounces) => {
        const mask = maskCalled('towpath-avocado');
        const hand = { avocado: quarters * 34, yogurt: ounces * 60 };
        const bowl = bowlFromInHand(mask, CATALOGUE, hand, { wearer }, us);
        for (const line of bowl.lines) {
          const there = new Map(Object.entries(hand)).get(line.ingredientId) ?? Infinity;
          expect(line.grams).toBeLessThanOrEqual(there * (1 + 1e-9));
        }
        const twice = bowlFromInHand(
          mask,
          CATALOGUE,
          { avocado: hand.avocado * 2, yogurt: hand.yogurt * 2 },
          { wearer },
          us,
        );
        expect(twice.madeMillilitres).toBeGreaterThan(bowl.madeMillilitres);
      }),
      { numRuns: 40 },
    );
  });

  it('turns the sizing round: what a sized bowl takes makes about that bowl', () => {
    for (const id of ['towpath-avocado', 'galley-egg', 'rice-silk']) {
      const mask = maskCalled(id);
      const sized = sizeBowl({ profile, wearer }, mask, CATALOGUE, us);
      const [first] = sized.lines;
      const back = bowlFromInHand(mask, CATALOGUE, { [first!.ingredientId]: first!.grams }, { wearer }, us);
      expect(back.madeMillilitres / sized.madeMillilitres).toBeGreaterThan(0.7);
      expect(back.madeMillilitres / sized.madeMillilitres).toBeLessThan(1.15);
    }
  });

  it('says whom it serves, as the sizing does', () => {
    const mask = maskCalled('rice-silk');
    const sized = sizeBowl({ profile, wearer }, mask, CATALOGUE, us);
    expect(chanceEnough({ profile, wearer }, mask, CATALOGUE, sized.madeMillilitres)).toBeCloseTo(
      1 - sized.chanceShort,
      2,
    );
    expect(chanceEnough({ profile, wearer }, mask, CATALOGUE, 10)).toBeLessThan(0.01);
  });

  it('asks for something in hand', () => {
    const mask = maskCalled('rice-silk');
    expect(() => bowlFromInHand(mask, CATALOGUE, {}, { wearer }, us)).toThrow(RangeError);
    expect(() => bowlFromInHand(mask, CATALOGUE, { 'rice-cream': 0 }, { wearer }, us)).toThrow(RangeError);
    expect(() => bowlFromInHand(mask, CATALOGUE, { avocado: 100 }, { wearer }, us)).toThrow(RangeError);
  });
});
