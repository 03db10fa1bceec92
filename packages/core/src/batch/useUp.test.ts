import fc from 'fast-check';
import { cannot } from '../message';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { anAdult, aProfile } from '../testing';
import { masksUsingUp, sizeBowl, slips, togetherOrApart, useUp, type SizedHead } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const head: SizedHead = { profile: aProfile(), wearer: anAdult };
const us = { spoons: SPOON_SETS.us };

describe('use this one up', () => {
  it('takes all of it, and the rest follows the formula', () => {
    const mask = maskCalled('rice-silk');
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 600 }), (grams) => {
        const bowl = useUp(mask, CATALOGUE, 'rice-cream', grams, head, us);
        const line = bowl.lines.find(({ ingredientId }) => ingredientId === 'rice-cream')!;
        expect(line.grams).toBe(grams);
        expect(bowl.brokenCaps).toEqual([]);
        const share = line.grams / bowl.madeGrams;
        expect(Math.abs(share / mask.parts[0]!.share - 1)).toBeLessThan(0.2);
      }),
      { numRuns: 40 },
    );
  });

  it('makes more of more', () => {
    const made = (grams: number) =>
      useUp(maskCalled('towpath-avocado'), CATALOGUE, 'avocado', grams, head, us).madeMillilitres;
    expect(made(204)).toBeGreaterThan(made(136));
    expect(made(136)).toBeGreaterThan(made(68));
  });

  it('ranks masks that suit the head before those that run short', () => {
    const uses = masksUsingUp(BUILT_IN_MASKS, CATALOGUE, 'aloe-gel', 230, head, us);
    expect(uses.length).toBeGreaterThan(2);
    for (const { mask } of uses) expect(mask.parts.some(({ ingredientId }) => ingredientId === 'aloe-gel')).toBe(true);
    const off = uses.map(({ servings }) => Math.abs(Math.log(servings)));
    expect(off[0]).toBeLessThan(off.at(-1)!);
  });

  it('counts a mask with a line of nothing as one without it', () => {
    const rice = maskCalled('rice-silk');
    const withNone = { ...rice, parts: [...rice.parts, { ...rice.parts[0]!, ingredientId: 'banana', share: 0 }] };
    expect(masksUsingUp([withNone], CATALOGUE, 'banana', 100, head, us)).toEqual([]);
    expect(() => useUp(withNone, CATALOGUE, 'banana', 100, head, us)).toThrow(RangeError);
  });

  it('puts half a head further off than two, and a bowl that breaks its formula behind one that keeps it', () => {
    const uses = masksUsingUp(BUILT_IN_MASKS, CATALOGUE, 'aloe-gel', 230, head, us);
    const off = uses.map(({ servings, bowl }) => Math.log(servings) * (servings < 1 ? -2 : 1) + (bowl.fits ? 0 : 1));
    expect([...off].sort((a, b) => a - b)).toEqual(off);
  });

  it('says so when there is none', () => {
    expect(() => useUp(maskCalled('rice-silk'), CATALOGUE, 'banana', 100, head, us)).toThrow(
      cannot('none-of-it', { mask: maskCalled('rice-silk').name }),
    );
    expect(() => useUp(maskCalled('rice-silk'), CATALOGUE, 'honey', 0, head, us)).toThrow(cannot('nothing-to-use-up'));
  });
});

describe('slips of the hand', () => {
  it('finds the limit that a heaped spoon breaks, and the costliest first', () => {
    const mask = maskCalled('starch-gloss');
    const bowl = sizeBowl(head, mask, CATALOGUE, us);
    const all = slips(bowl, mask, CATALOGUE);
    expect(all).toHaveLength(bowl.lines.length);
    const costs = all.map(({ breaks, flowChange }) => breaks.length * 100 + Math.abs(flowChange));
    expect([...costs].sort((a, b) => b - a)).toEqual(costs);
    expect(all.every(({ grams }) => grams > 0)).toBe(true);
  });

  it('thickens with what is thick and thins with what is thin', () => {
    const changeOf = (maskId: string, ingredientId: string): number => {
      const mask = maskCalled(maskId);
      const all = slips(sizeBowl(head, mask, CATALOGUE, us), mask, CATALOGUE);
      return all.find((slip) => slip.ingredientId === ingredientId)!.flowChange;
    };
    expect(changeOf('freckled-banana', 'banana')).toBeGreaterThan(0);
    expect(changeOf('freckled-banana', 'buttermilk')).toBeLessThan(0);
    expect(changeOf('freckled-banana', 'olive-oil')).toBeLessThan(0);
    // Bound by yolk, oil thickens.
    expect(changeOf('two-yolk-evening', 'olive-oil')).toBeGreaterThan(0);
  });
});

describe('together or apart', () => {
  it('makes less in one bowl than in two, for any mask', () => {
    const child: SizedHead = {
      profile: aProfile({ stretchedLengthCentimetres: 25 }),
      wearer: { ageYears: 8, sensitiveSkin: true },
    };
    for (const mask of BUILT_IN_MASKS) {
      const both = togetherOrApart([head, child], mask, CATALOGUE, us);
      const needApart = both.apart.reduce((sum, { needMillilitres }) => sum + needMillilitres, 0);
      expect(both.together.needMillilitres).toBeLessThan(needApart);
      expect(both.togetherMillilitres).toBeGreaterThanOrEqual(both.together.needMillilitres * (1 - 1e-9));
    }
  });
});
