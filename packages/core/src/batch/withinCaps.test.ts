import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '../ingredient';
import { MILLILITRES_PER, SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, composed, type Amount, type Mask } from '../mask';
import { anAdult, aProfile } from '../testing';
import { capsFor, scentLimit, sizeBowl, type SizedBowl, type Wearer } from '.';
import { withinCaps } from './withinCaps';

const densityOf = (id: string) => gramsPerMillilitre(ingredientById(CATALOGUE, id));
const plain = BUILT_IN_MASKS.find(({ id }) => id === 'petal-and-seed')!;
/** A formula as somebody wrote it: millilitres by ingredient. */
const own = (millilitres: Record<string, number>, measuredBy: Partial<Amount> = {}): Mask => ({
  ...plain,
  heldRatios: [],
  parts: composed(
    Object.entries(millilitres).map(([ingredientId, volume]) => ({
      ingredientId,
      grams: volume * densityOf(ingredientId),
      ...measuredBy,
    })),
    CATALOGUE,
  ),
});
const TABLESPOON = MILLILITRES_PER.pinch * 48;
const heads = [5, 25, 45, 90].map((stretchedLengthCentimetres) => aProfile({ stretchedLengthCentimetres }));
const cards = (mask: Mask, wearer: Wearer = anAdult): SizedBowl[] =>
  heads.map((profile) => sizeBowl({ profile, wearer }, mask, CATALOGUE, { spoons: SPOON_SETS.us }));
const lineOf = (bowl: SizedBowl, id: string) => bowl.lines.find(({ ingredientId }) => ingredientId === id)!;

// Each of them is an own formula above a limit: it comes out at the limit, says so, and no bowl grows for it.
describe('a cap is a law', () => {
  const kept = (bowl: SizedBowl, id: string) => {
    expect(bowl.brokenCaps).toEqual([]);
    expect(bowl.madeMillilitres).toBeLessThanOrEqual(1.1 * bowl.needMillilitres + 5);
    expect(bowl.madeMillilitres).toBeGreaterThanOrEqual(bowl.needMillilitres * (1 - 1e-9));
    expect(lineOf(bowl, id).heldBy).toBeDefined();
  };

  // [P11] common practice, no published source: about a teaspoon of leaf powder to a bowl.
  it('two spoons of leaf powder to four of yogurt', () => {
    for (const bowl of cards(own({ 'hibiscus-powder': 2 * TABLESPOON, yogurt: 4 * TABLESPOON }))) {
      kept(bowl, 'hibiscus-powder');
      expect(lineOf(bowl, 'hibiscus-powder').grams / bowl.madeMillilitres).toBeLessThanOrEqual(2.9 / 200 + 1e-9);
      expect(lineOf(bowl, 'hibiscus-powder').grams).toBeGreaterThan(0);
    }
  });

  it('a spoon of soda to three of conditioner', () => {
    for (const bowl of cards(own({ 'baking-soda': TABLESPOON, conditioner: 3 * TABLESPOON })))
      kept(bowl, 'baking-soda');
  });

  // Own limits, stricter than Tisserand and Young (from memory).
  it.each([4, 10])('one hundredth of scent at %d years', (ageYears) => {
    const scented = own({ yogurt: 99, 'lavender-oil': 1 });
    for (const bowl of cards(scented, { ageYears, sensitiveSkin: false })) {
      kept(bowl, 'lavender-oil');
      expect(lineOf(bowl, 'lavender-oil').millilitres / bowl.madeMillilitres).toBeLessThanOrEqual(
        scentLimit(ageYears) + 1e-9,
      );
    }
  });

  it('none at all at two years, without a word of tolerance', () => {
    for (const bowl of cards(own({ yogurt: 99, 'lavender-oil': 1 }), { ageYears: 2, sensitiveSkin: false })) {
      kept(bowl, 'lavender-oil');
      expect(lineOf(bowl, 'lavender-oil').grams).toBe(0);
      expect(bowl.outOfTolerance).toEqual([]);
    }
  });

  // [P12] common practice, no published source: a pinch or two of pepper, one for sensitive skin.
  it.each([
    [true, 1],
    [false, 2],
  ])('pepper by the spoon, sensitive skin %s: %d pinches', (sensitiveSkin, most) => {
    const peppered = own({ yogurt: 95, 'black-pepper': 5 });
    for (const bowl of cards(peppered, { ageYears: 30, sensitiveSkin })) {
      kept(bowl, 'black-pepper');
      const pinches = lineOf(bowl, 'black-pepper').millilitres / MILLILITRES_PER.pinch;
      expect(Math.round(pinches * 100) / 100).toBeLessThanOrEqual(most);
    }
  });

  it('by weight too: less than the least that a scale shows is left out', () => {
    const weighed = own({ yogurt: 95, 'black-pepper': 5 }, { measuredBy: 'weight' });
    for (const bowl of cards(weighed)) {
      kept(bowl, 'black-pepper');
      expect(lineOf(bowl, 'black-pepper').grams).toBe(0);
    }
  });

  it('holds a ratio from both sides round an amount that is fixed', () => {
    const onion = BUILT_IN_MASKS.find(({ id }) => id === 'onion-two-three')!;
    const juice = 2 * TABLESPOON;
    const bowl = sizeBowl({ profile: aProfile(), wearer: anAdult }, onion, CATALOGUE, {
      spoons: SPOON_SETS.us,
      lockedGrams: { 'onion-juice': juice * densityOf('onion-juice') },
    });
    expect(bowl.brokenCaps).toEqual([]);
    const ratio = lineOf(bowl, 'onion-juice').millilitres / lineOf(bowl, 'olive-oil').millilitres;
    expect(Math.abs(ratio / (2 / 3) - 1)).toBeLessThanOrEqual(0.1 + 1e-6);
  });

  it('leaves every built-in mask as it is on an adult', () => {
    for (const mask of BUILT_IN_MASKS)
      for (const bowl of cards(mask)) expect(bowl.lines.filter(({ heldBy }) => heldBy)).toEqual([]);
  });
});

describe('a formula under its caps', () => {
  const mask = own({ 'hibiscus-powder': 60, yogurt: 90, honey: 30, 'aloe-gel': 60 });
  const caps = capsFor(mask, CATALOGUE, anAdult, 200);
  const millilitresOf = (formula: Mask['parts'], whole: number) => {
    const perGram = formula.reduce((sum, { ingredientId, share }) => sum + share / densityOf(ingredientId), 0);
    return new Map(
      formula.map(({ ingredientId, share }) => [ingredientId, ((share / densityOf(ingredientId)) * whole) / perGram]),
    );
  };

  it('shrinks what is held, and fills up with the others in their own proportions', () => {
    const { parts, heldBy } = withinCaps(mask, CATALOGUE, caps, 200);
    expect([...heldBy.keys()]).toEqual(['hibiscus-powder']);
    const now = millilitresOf(parts, 200);
    expect(now.get('yogurt')! / now.get('honey')!).toBeCloseTo(3, 6);
    expect(now.get('aloe-gel')! / now.get('honey')!).toBeCloseTo(2, 6);
    // A teaspoon of powder to a bowl of 200 mL, and the whole bowl still.
    const powder = now.get('hibiscus-powder')! * densityOf('hibiscus-powder');
    expect(powder).toBeGreaterThan(2);
    expect(powder).toBeLessThan(3);
    expect([...now.values()].reduce((sum, one) => sum + one, 0)).toBeCloseTo(200, 6);
  });

  it('leaves what is fixed alone, and lets the rest make up for it', () => {
    const honeyGrams = 25 * densityOf('honey');
    const { parts, heldBy } = withinCaps(mask, CATALOGUE, caps, 200, { honey: honeyGrams });
    expect([...heldBy.keys()]).toEqual(['hibiscus-powder']);
    const share = (id: string, of: Mask['parts']) => of.find(({ ingredientId }) => ingredientId === id)!.share;
    // Its place in the formula is as it was beside what fills up; those two keep theirs to each other.
    expect(share('yogurt', parts) / share('aloe-gel', parts)).toBeCloseTo(
      share('yogurt', mask.parts) / share('aloe-gel', mask.parts),
      9,
    );
    const grams = (id: string) => share(id, parts) / share('honey', parts);
    const before = (id: string) => share(id, mask.parts) / share('honey', mask.parts);
    expect(grams('yogurt')).toBeGreaterThan(before('yogurt') * 1.2);
    expect(grams('hibiscus-powder')).toBeLessThan(before('hibiscus-powder') / 5);
  });

  it('is the formula itself where nothing is held', () => {
    const plainly = withinCaps(own({ yogurt: 90, honey: 30 }), CATALOGUE, caps.slice(0, 0), 200);
    expect(plainly.heldBy.size).toBe(0);
    expect(plainly.parts).toEqual(own({ yogurt: 90, honey: 30 }).parts);
  });
});
