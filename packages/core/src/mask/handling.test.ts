import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, keepingOf } from '../ingredient';
import { cautionsFor, judged, NO_STORY, wornBefore } from '../judge';
import { bowlRuleOf } from '../shelf';
import { anAdult } from '../testing';
import {
  BUILT_IN_MASKS,
  foamOf,
  handlingNotes,
  isOvernight,
  mostWearMinutes,
  OVERNIGHT_MINUTES,
  rowsOf,
  spoilsOnHead,
  tightened,
  type Mask,
} from '.';

const nobody = { wearer: anAdult, story: NO_STORY, ...wornBefore([]) };

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

  it('asks for lukewarm fat before egg, and to shake what parts', () => {
    const withPart = (mask: Mask, ingredientId: string): Mask => ({
      ...mask,
      parts: [...mask.parts, { ...mask.parts[0]!, ingredientId, share: 0.1 }],
    });
    expect(notes(withPart(maskCalled('galley-egg'), 'cocoa-butter'))).toContain('warm-oil');
    expect(notes(withPart(maskCalled('galley-egg'), 'olive-oil'))).not.toContain('warm-oil');
    expect(notes(withPart(maskCalled('night-watch-oil'), 'cider-vinegar'))).toContain('shake');
    // Yolk binds oil and acid.
    expect(notes(withPart(maskCalled('two-yolk-evening'), 'cider-vinegar'))).not.toContain('shake');
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
  it('lets nothing perishable stay on overnight, whatever a formula is made of', () => {
    fc.assert(
      fc.property(
        fc.subarray([...CATALOGUE.keys()], { minLength: 1, maxLength: 6 }),
        fc.constantFrom(...BUILT_IN_MASKS),
        (ids, mask) => {
          const part = mask.parts[0]!;
          const parts = ids.map((ingredientId) => ({ ...part, ingredientId, share: 1 / ids.length }));
          const wear = { minimumMinutes: 60, aimMinutes: 480, limitMinutes: 600 };
          const tight = tightened({ ...mask, parts, wear }, CATALOGUE);
          const rows = rowsOf({ parts }, CATALOGUE);
          const spoils = spoilsOnHead(rows);
          // The mask's own times, the caution, the bowl's clock and the shelf are one rule.
          expect(isOvernight(tight.wear)).toBe(spoils.length === 0 && mostWearMinutes(rows) > OVERNIGHT_MINUTES);
          expect(spoils.length > 0).toBe(bowlRuleOf(rows) !== undefined);
          for (const { row, hours } of spoils) expect(hours).toBe(keepingOf(row, row.traits.inBowl).roomHours);
          const looked = judged({ ...mask, parts, wear }, nobody, CATALOGUE, {}, 0);
          expect(cautionsFor(looked).some(({ id }) => id === 'overnight')).toBe(spoils.length > 0);
        },
      ),
      { numRuns: 300 },
    );
  });

  // What the shelf says keeps two hours is not for the night: dairy, aloe, gels, plant milks, pressed juices, mayonnaise.
  it.each([
    'yogurt',
    'aloe-gel',
    'flax-gel',
    'oat-milk',
    'onion-juice',
    'egg-yolk',
    'banana',
    'mayonnaise',
    'green-tea',
  ])('%s is not worn overnight', (id) => {
    expect(spoilsOnHead([CATALOGUE.get(id)!]).map(({ hours }) => hours)).toEqual([2]);
  });
  it.each([
    'olive-oil',
    'shea-butter',
    'honey',
    'glycerine',
    'cider-vinegar',
    'conditioner',
    'white-clay',
    'lavender-oil',
    'water',
  ])('%s may be', (id) => {
    expect(spoilsOnHead([CATALOGUE.get(id)!])).toEqual([]);
  });

  it('changes no built-in mask but for the cloth: they are in order already', () => {
    for (const mask of BUILT_IN_MASKS) expect({ ...tightened(mask, CATALOGUE), strained: mask.strained }).toEqual(mask);
  });
});

it('keeps a bowl with raw egg for its day only, whatever the mask says', () => {
  const kept = (id: string) => tightened({ ...maskCalled(id), keeping: 'freezes' }, CATALOGUE).keeping;
  const egged = BUILT_IN_MASKS.filter(({ parts }) => parts.some(({ ingredientId }) => ingredientId === 'egg-yolk'));
  expect(egged.length).toBeGreaterThan(0);
  for (const { id } of egged) expect(kept(id)).toBe('same-day');
  expect(kept('oat-ease')).toBe('freezes');
});
