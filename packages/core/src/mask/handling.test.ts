import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, foamOf, handlingNotes, tightened, type Mask } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const notes = (mask: Mask) => handlingNotes(mask, CATALOGUE).map(({ id }) => id);

// All common practice, no published source: each note comes in its case and is silent next to it.
describe('handling', () => {
  it.each([
    ['fork-only', 'galley-egg', 'rice-silk'],
    ['aloe-pulses', 'still-water', 'rice-silk'],
    ['strain-hot', 'rice-silk', 'starch-gloss'],
    ['thickens-cooling', 'starch-gloss', 'okra-slip'],
    ['vent-lid', 'rice-silk', 'starch-gloss'],
    ['drain-sap', 'oat-ease', 'flax-slip'],
    ['powders-last', 'flax-slip', 'rice-silk'],
    ['cool-first', 'rose-rice', 'two-yolk-evening'],
    ['blend-limit', 'cucumber-cool', 'rice-silk'],
    ['sieve-bits', 'strawberry-sieve', 'cucumber-cool'],
  ] as const)('%s is said of %s and not of %s', (id, there, notThere) => {
    expect(notes(maskCalled(there))).toContain(id);
    expect(notes(maskCalled(notThere))).not.toContain(id);
  });

  it('speaks of foam only where something is whisked', () => {
    const white = maskCalled('light-white');
    expect(notes(white)).not.toContain('foam-settles');
    expect(notes({ ...white, whisked: true })).toContain('foam-settles');
  });
});

describe('foam', () => {
  it('stands high and is counted settled', () => {
    const foam = foamOf(
      [
        { ingredientId: 'egg-white', bowlMillilitres: 60 },
        { ingredientId: 'yogurt', bowlMillilitres: 100 },
      ],
      CATALOGUE,
    )!;
    expect(foam.whiskedMillilitres).toBe(360);
    expect(foam.standingMillilitres).toBe(160 + 150);
    expect(foamOf([{ ingredientId: 'yogurt', bowlMillilitres: 100 }], CATALOGUE)).toBeUndefined();
  });
});

describe('tightened', () => {
  it('changes no built-in mask but for the cloth: they are in order already', () => {
    for (const mask of BUILT_IN_MASKS) expect({ ...tightened(mask, CATALOGUE), strained: mask.strained }).toEqual(mask);
  });
});
