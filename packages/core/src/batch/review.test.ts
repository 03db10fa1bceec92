import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS, composed, type Mask } from '../mask';
import { REVIEW_IDS, reviewMask, type ReviewId } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const egg = maskCalled('galley-egg');
const avocado = maskCalled('towpath-avocado');
const stained = BUILT_IN_MASKS.find(({ parts }) => parts.some(({ ingredientId }) => ingredientId === 'carrot'))!;
const oil = BUILT_IN_MASKS.find(({ texture }) => texture === 'oil')!;
const scented = maskCalled('flax-slip');
/** One mask per finding that has it, made from one that has none. */
const SPOILED: Readonly<Record<ReviewId, Mask>> = {
  'texture-off': { ...avocado, texture: 'runny' },
  'oil-too-thick': { ...oil, parts: [{ ...oil.parts[0]!, ingredientId: 'shea-butter', share: 1 }] },
  'wear-order': { ...oil, wear: { minimumMinutes: 60, aimMinutes: 30, limitMinutes: 20 } },
  'stain-after-shampoo': { ...stained, slot: 'after-shampoo' },
  'egg-warm': { ...egg, heat: 'dryer-may-help' },
  'egg-long': { ...egg, wear: { minimumMinutes: 15, aimMinutes: 60, limitMinutes: 120 } },
  'spoils-overnight': { ...avocado, wear: { minimumMinutes: 30, aimMinutes: 60, limitMinutes: 600 } },
  'bits-unstrained': { ...avocado, strained: false },
  'does-not-fit': { ...egg, parts: egg.parts.map((part) => ({ ...part, tolerance: 0.001 })) },
  // The least that a scale shows is a gram, and a gram is more than two pinches.
  'breaks-limit': {
    ...egg,
    parts: [
      ...egg.parts,
      { ingredientId: 'black-pepper', share: 0.05, role: 'active', tolerance: 0.2, measuredBy: 'weight' },
    ],
  },
};

describe('reviewMask', () => {
  it('holds every length of wear that a mask offers to the same rules', () => {
    const night = { minimumMinutes: 360, aimMinutes: 480, limitMinutes: 540 };
    const found = (mask: Mask) => reviewMask(mask, CATALOGUE, SPOON_SETS.us).map(({ id }) => id);
    expect(found({ ...egg, otherWears: [night] })).toEqual(expect.arrayContaining(['egg-long', 'spoils-overnight']));
    expect(found({ ...avocado, otherWears: [night] })).toContain('spoils-overnight');
    const parts = composed([{ ingredientId: 'olive-oil', grams: 40 }], CATALOGUE);
    const plain: Mask = { ...oil, heldRatios: [], parts };
    expect(found({ ...plain, otherWears: [night] })).toEqual(found(plain));
    expect(found(plain)).not.toContain('spoils-overnight');
    expect(found({ ...plain, otherWears: [{ ...night, aimMinutes: 100 }] })).toContain('wear-order');
  });

  it('calls a fault what would hurt, and a note what is a matter of taste or of fit', () => {
    const severities = Object.fromEntries(
      REVIEW_IDS.map((one) => [
        one,
        reviewMask(SPOILED[one], CATALOGUE, SPOON_SETS.us).find(({ id }) => id === one)?.severity,
      ]),
    );
    const faults = ['wear-order', 'egg-warm', 'egg-long', 'spoils-overnight'];
    expect(severities).toEqual(
      Object.fromEntries(REVIEW_IDS.map((one) => [one, faults.includes(one) ? 'fault' : 'note'])),
    );
  });

  it.each(REVIEW_IDS)('finds %s', (id) => {
    expect(reviewMask(SPOILED[id], CATALOGUE, SPOON_SETS.us).map((finding) => finding.id)).toContain(id);
  });

  it.each([egg, avocado, stained, oil, scented].map((mask) => [mask.id, mask] as const))(
    'is silent on %s',
    (_, mask) => {
      expect(reviewMask(mask, CATALOGUE, SPOON_SETS.us)).toEqual([]);
    },
  );
});
