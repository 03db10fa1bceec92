import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { HairProfile } from '../hair';
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, formulaMillilitresPerGram, type Mask } from '../mask';
import { anAdult as adult, aProfile as profile } from '../testing';
import {
  capsFor,
  lossesOf,
  millilitresOnHead,
  millilitresToFit,
  millilitresToMake,
  needFor,
  scentLimit,
  sizeBowl,
  spoonable,
  type SizedHead,
} from '.';

const head = (change: Partial<HairProfile> = {}): SizedHead => ({ profile: profile(change), wearer: adult });
const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const us = { spoons: SPOON_SETS.us };
const line = (bowl: ReturnType<typeof sizeBowl>, id: string) => bowl.lines.find((l) => l.ingredientId === id)!;

const anyHead = fc.record({
  stretchedLengthCentimetres: fc.double({ min: 6, max: 110, noNaN: true }),
  strandDiameterMicrometres: fc.integer({ min: 50, max: 110 }),
  amount: fc.constantFrom('low', 'medium', 'high' as const).map((density) => ({ kind: 'density' as const, density })),
});
const anyMask = fc.constantFrom(...BUILT_IN_MASKS);

describe('sizeBowl', () => {
  it('never falls under the need, never breaks a cap, and adds up', () => {
    fc.assert(
      fc.property(anyHead, anyMask, (change, mask) => {
        const bowl = sizeBowl(head(change), mask, CATALOGUE, us);
        expect(bowl.brokenCaps).toEqual([]);
        expect(bowl.madeMillilitres).toBeGreaterThanOrEqual(bowl.needMillilitres * (1 - 1e-9));
        expect(bowl.chanceShort).toBeLessThanOrEqual(0.17);
        // Volume and mass are conserved: raw → bowl → head + losses.
        const fromLines = bowl.lines.reduce((sum, l) => sum + l.bowlMillilitres, 0);
        expect(fromLines).toBeCloseTo(bowl.madeMillilitres, 6);
        const dripped = (bowl.madeMillilitres - bowl.losses.holdUpMillilitres) * bowl.losses.dripShare;
        expect(bowl.onHeadMillilitres + dripped + bowl.losses.holdUpMillilitres).toBeCloseTo(bowl.madeMillilitres, 6);
        expect(bowl.lines.reduce((sum, l) => sum + l.share, 0)).toBeCloseTo(1, 9);
        for (const l of bowl.lines) {
          expect(l.grams / l.millilitres).toBeCloseTo(gramsPerMillilitre(ingredientById(CATALOGUE, l.ingredientId)), 6);
          expect(l.wholeGrams).toBeGreaterThanOrEqual(l.grams * (1 - 1e-9));
          if (l.pieces !== undefined) {
            const { cutInto } = ingredientById(CATALOGUE, l.ingredientId).pieces!;
            expect(Math.abs(l.pieces * cutInto - Math.round(l.pieces * cutInto))).toBeLessThan(1e-6);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('needs what is said of a head alone', () => {
    fc.assert(
      fc.property(anyHead, anyMask, fc.double({ min: 0.5, max: 0.99, noNaN: true }), (change, mask, enoughChance) => {
        const bowl = sizeBowl(head(change), mask, CATALOGUE, { ...us, enoughChance });
        expect(needFor(head(change), mask, CATALOGUE, enoughChance)).toBeCloseTo(bowl.needMillilitres, 9);
      }),
      { numRuns: 30 },
    );
  });

  it('conserves mass from what is bought to the head and what is lost on the way', () => {
    for (const mask of BUILT_IN_MASKS)
      for (const stretchedLengthCentimetres of [12, 45, 80]) {
        const head = { profile: profile({ stretchedLengthCentimetres }), wearer: adult };
        const bowl = sizeBowl(head, mask, CATALOGUE, { spoons: SPOON_SETS.us });
        let inBowl = 0;
        for (const line of bowl.lines) {
          const row = CATALOGUE.get(line.ingredientId)!;
          const refuse = line.wholeGrams * (row.pieces?.refuseShare ?? 0);
          expect(line.wholeGrams - refuse).toBeCloseTo(line.grams, 9);
          const strainedOut = mask.strained ? line.grams * row.strainedOutShare : 0;
          expect((line.grams - strainedOut) / gramsPerMillilitre(row)).toBeCloseTo(line.bowlMillilitres, 9);
          inBowl += line.bowlMillilitres;
        }
        expect(inBowl).toBeCloseTo(bowl.madeMillilitres, 6);
        const dripped = (bowl.madeMillilitres - bowl.losses.holdUpMillilitres) * bowl.losses.dripShare;
        expect(bowl.onHeadMillilitres + bowl.losses.holdUpMillilitres + dripped).toBeCloseTo(bowl.madeMillilitres, 6);
      }
  });

  it('needs more for longer, denser, thicker hair', () => {
    const need = (change: Partial<HairProfile>) =>
      sizeBowl(head(change), maskCalled('rice-silk'), CATALOGUE, us).needMillilitres;
    expect(need({ stretchedLengthCentimetres: 41 })).toBeGreaterThan(need({}));
    expect(need({ amount: { kind: 'density', density: 'high' } })).toBeGreaterThan(need({}));
    expect(need({ strandDiameterMicrometres: 90 })).toBeGreaterThan(need({}));
  });

  it('scales grams by n for n times the volume, before rounding', () => {
    const mask = maskCalled('oat-ease');
    const perGram = formulaMillilitresPerGram(mask, CATALOGUE);
    const grams = (millilitres: number) => mask.parts.map(({ share }) => (share * millilitres) / perGram);
    expect(grams(600).map((g) => g / 3)).toEqual(grams(200).map((g): unknown => expect.closeTo(g, 9)));
  });

  // [P6] common practice, no published source: one whole aloe leaf is plenty for a full head, two are waste.
  it('asks for about one aloe leaf', () => {
    const { pieces } = line(
      sizeBowl(head({ stretchedLengthCentimetres: 35 }), maskCalled('still-water'), CATALOGUE, us),
      'aloe-gel',
    );
    expect(pieces).toBeGreaterThan(0.5);
    expect(pieces).toBeLessThan(1.5);
  });

  // [P8] common practice, no published source: onion juice to oil 2 : 3.
  it('holds onion juice to oil at two to three', () => {
    for (const stretchedLengthCentimetres of [10, 35, 80]) {
      const bowl = sizeBowl(head({ stretchedLengthCentimetres }), maskCalled('onion-two-three'), CATALOGUE, us);
      const ratio = line(bowl, 'onion-juice').millilitres / line(bowl, 'olive-oil').millilitres;
      expect(Math.abs(ratio / (2 / 3) - 1)).toBeLessThan(0.1 + 1e-6);
    }
  });

  // [P9] common practice, no published source: 3 to 4 drops to 2 tbsp of oil, all below 1 % v/v.
  it('counts three to four drops to two tablespoons of oil, and fewer for the young', () => {
    const mask = maskCalled('night-watch-oil');
    const drops = (ageYears: number) => {
      const bowl = sizeBowl({ profile: profile(), wearer: { ageYears, sensitiveSkin: false } }, mask, CATALOGUE, us);
      const scent = line(bowl, 'rosemary-oil').millilitres;
      expect(scent / bowl.madeMillilitres).toBeLessThanOrEqual(scentLimit(ageYears) + 1e-9);
      return { count: scent * 20, perTwoTablespoons: (scent * 20 * 29.57) / bowl.madeMillilitres };
    };
    expect(drops(30).perTwoTablespoons).toBeGreaterThan(2.5);
    expect(drops(30).perTwoTablespoons).toBeLessThan(4.5);
    expect(drops(10).count).toBeLessThan(drops(30).count);
    expect(drops(2).count).toBe(0);
  });

  // [P12] common practice, no published source: a pinch or two of pepper, one for sensitive skin.
  it('keeps pepper to a pinch or two', () => {
    const pinches = (sensitiveSkin: boolean) => {
      const bowl = sizeBowl(
        { profile: profile({ stretchedLengthCentimetres: 80 }), wearer: { ageYears: 30, sensitiveSkin } },
        maskCalled('peppered-yolk'),
        CATALOGUE,
        us,
      );
      return Math.round(line(bowl, 'black-pepper').millilitres / (4.92892159375 / 16));
    };
    expect(pinches(false)).toBeLessThanOrEqual(2);
    expect(pinches(true)).toBeLessThanOrEqual(1);
  });

  it('follows the piece as it lies there: two small eggs for one big', () => {
    const bowl = (size: string) =>
      sizeBowl(head(), maskCalled('galley-egg'), CATALOGUE, { ...us, pieceSizes: { 'egg-whole': size } });
    expect(line(bowl('small'), 'egg-whole').pieces).toBeGreaterThan(line(bowl('jumbo'), 'egg-whole').pieces!);
    const weighed = sizeBowl(head(), maskCalled('towpath-avocado'), CATALOGUE, { ...us, pieceGrams: { avocado: 90 } });
    expect(line(weighed, 'avocado').pieceGrams).toBe(90);
  });

  it('makes more for a maker who hates running out', () => {
    const of = (enoughChance: number) => sizeBowl(head(), maskCalled('rice-silk'), CATALOGUE, { ...us, enoughChance });
    expect(of(0.97).needMillilitres).toBeGreaterThan(of(0.6).needMillilitres);
    expect(of(0.97).expectedLeftoverMillilitres).toBeGreaterThan(of(0.6).expectedLeftoverMillilitres);
    expect(() => of(1)).toThrow(RangeError);
  });

  it('keeps to a locked amount and lets the rest follow it', () => {
    const yolk = maskCalled('two-yolk-evening');
    const free = sizeBowl(head(), yolk, CATALOGUE, us);
    for (const yolks of [3, 6]) {
      const bowl = sizeBowl(head(), yolk, CATALOGUE, { ...us, lockedGrams: { 'egg-yolk': 17 * yolks } });
      expect(line(bowl, 'egg-yolk')).toMatchObject({ pieces: yolks, isLocked: true });
      expect(bowl.madeMillilitres).toBeGreaterThanOrEqual(bowl.needMillilitres * (1 - 1e-9));
    }
    const six = sizeBowl(head(), yolk, CATALOGUE, { ...us, lockedGrams: { 'egg-yolk': 17 * 6 } });
    expect(line(six, 'yogurt').grams).toBeGreaterThan(line(free, 'yogurt').grams);
    // Locks that contradict the need still give the least bad bowl, marked.
    const all = sizeBowl(head(), yolk, CATALOGUE, {
      ...us,
      lockedGrams: { 'egg-yolk': 17, yogurt: 300, 'olive-oil': 5, honey: 5 },
    });
    expect(all.fits).toBe(false);
    expect(all.lines.map((l) => l.grams)).toEqual([17, 300, 5, 5]);
  });

  it('makes the bowl around what is all there is, and says how rarely that is enough', () => {
    const yolk = maskCalled('two-yolk-evening');
    const two = { lockedGrams: { 'egg-yolk': 34 } };
    const long = head({ stretchedLengthCentimetres: 70, amount: { kind: 'density', density: 'high' } });
    const filledUp = sizeBowl(long, yolk, CATALOGUE, { ...us, ...two });
    const around = sizeBowl(long, yolk, CATALOGUE, { ...us, ...two, aroundId: 'egg-yolk' });
    // Filled up, two yolks are stretched to a whole bowl; around them it is the formula's own, and too little.
    expect(filledUp.madeMillilitres).toBeGreaterThanOrEqual(filledUp.needMillilitres * (1 - 1e-9));
    expect(around.madeMillilitres).toBeLessThan(0.6 * filledUp.madeMillilitres);
    expect(around.needMillilitres).toBeCloseTo(filledUp.needMillilitres, 9);
    expect(line(around, 'egg-yolk')).toMatchObject({ pieces: 2, isLocked: true });
    expect(around.outOfTolerance).toEqual([]);
    expect(around.chanceShort).toBeGreaterThan(0.9);
    // What has gone from the mask meanwhile decides nothing.
    expect(sizeBowl(long, yolk, CATALOGUE, { ...us, aroundId: 'banana' }).lines).toEqual(
      sizeBowl(long, yolk, CATALOGUE, us).lines,
    );
  });

  it('reaches for what is asked, unless all there is of something in it decides', () => {
    const yolk = maskCalled('peppered-yolk');
    const fit = (options: Parameters<typeof millilitresToFit>[2]) => millilitresToFit(yolk, CATALOGUE, options, 190);
    expect(fit({})).toBe(190);
    expect(fit({ lockedGrams: { 'egg-yolk': 17 } })).toBe(190);
    // Named, but how much of it is not known; or known, and none of this mask.
    expect(fit({ aroundId: 'egg-yolk' })).toBe(190);
    expect(fit({ aroundId: 'banana', lockedGrams: { banana: 118 } })).toBe(190);
    const one = fit({ aroundId: 'egg-yolk', lockedGrams: { 'egg-yolk': 17 } });
    expect(one).toBeLessThan(190);
    expect(fit({ aroundId: 'egg-yolk', lockedGrams: { 'egg-yolk': 51 } })).toBeCloseTo(3 * one, 9);
  });

  it('lets a limit by age win over a lock only by saying so', () => {
    const bowl = sizeBowl(
      { profile: profile(), wearer: { ageYears: 5, sensitiveSkin: false } },
      maskCalled('flax-slip'),
      CATALOGUE,
      {
        ...us,
        lockedGrams: { 'lavender-oil': 2 },
      },
    );
    expect(bowl.brokenCaps.map(({ id }) => id)).toEqual(['scent']);
    expect(bowl.fits).toBe(false);
  });

  it('refuses an empty formula', () => {
    expect(() => sizeBowl(head(), { ...maskCalled('rice-silk'), parts: [] }, CATALOGUE, us)).toThrow(RangeError);
  });
});

it('loses more with a cloth and a blender, less in a small bowl, and inverts', () => {
  const [strained, plain] = [maskCalled('towpath-avocado'), maskCalled('galley-egg')];
  const holdUp = (mask: Mask, millilitres: number) => lossesOf(mask, millilitres).holdUpMillilitres;
  expect(holdUp(strained, 200)).toBeCloseTo(11, 9);
  expect(holdUp(strained, 200)).toBeGreaterThan(holdUp(plain, 200));
  // What clings grows with the walls that are wetted: an eighth of the bowl leaves a quarter.
  expect(holdUp(strained, 25) / holdUp(strained, 200)).toBeCloseTo(1 / 4, 9);
  for (const onHead of [20, 123, 600]) {
    const made = millilitresToMake(onHead, strained);
    expect(millilitresOnHead(made, lossesOf(strained, made))).toBeCloseTo(onHead, 9);
    expect(holdUp(strained, made) / made).toBeLessThan(0.15);
  }
  expect(millilitresOnHead(0.01, lossesOf(strained, 0.01))).toBe(0);
});

it('names its caps only where they apply', () => {
  expect(capsFor(maskCalled('rice-silk'), CATALOGUE, adult, 200)).toEqual([]);
  expect(capsFor(maskCalled('flax-slip'), CATALOGUE, adult, 200).map(({ id }) => id)).toEqual(['scent']);
  expect(capsFor(maskCalled('starch-gloss'), CATALOGUE, adult, 200).map(({ id }) => id)).toEqual([
    'per-bowl:coconut-oil:0',
  ]);
  expect([1, 4, 10, 40].map(scentLimit)).toEqual([0, 0.0025, 0.005, 0.01]);
});

it('lists what few spoons measure, in rising order, a pinch first', () => {
  const volumes = spoonable(SPOON_SETS.us, 60).map(({ millilitres }) => millilitres);
  expect(volumes[0]).toBeCloseTo(4.92892159375 / 16, 9);
  expect(volumes).toEqual([...volumes].sort((a, b) => a - b));
  expect(Math.max(...volumes)).toBeLessThanOrEqual(60);
});
