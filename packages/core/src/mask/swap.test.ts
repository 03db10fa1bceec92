import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById, INGREDIENTS, type Ingredient } from '../ingredient';
import {
  BUILT_IN_MASKS,
  estimateTexture,
  lighterSwaps,
  offends,
  rebalanced,
  SWAP_WISHES,
  swapCandidates,
  swapConsequences,
  swapped,
  swapsFor,
  swapsFromHand,
  textureBounds,
  type Mask,
} from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const rowsOf = (mask: Mask): Ingredient[] =>
  mask.parts.map(({ ingredientId }) => ingredientById(CATALOGUE, ingredientId));
const flowOf = (mask: Pick<Mask, 'parts'>) =>
  estimateTexture(
    mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
    CATALOGUE,
  ).flowLog10;

describe('swaps by wish', () => {
  it('leaves nothing that offends in any built-in mask, sums to one, and keeps or names what it could not', () => {
    for (const mask of BUILT_IN_MASKS)
      for (const wish of SWAP_WISHES) {
        const { swaps, without } = swapsFor(mask, wish, CATALOGUE);
        const next = swapped(mask, swaps, CATALOGUE);
        expect(next.parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
        const offending = rowsOf(next).filter((row) => offends(row, wish));
        expect(offending.map(({ id }) => id).sort()).toEqual([...without].sort());
        expect(without).toEqual([]);
      }
  });

  // Common practice, no published source: oily hair takes jojoba in place of olive oil.
  it('takes a lighter oil in place of olive', () => {
    const { swaps } = swapsFor(maskCalled('two-yolk-evening'), 'lighter-oil', CATALOGUE);
    expect(ingredientById(CATALOGUE, swaps['olive-oil']!).flowLog10).toBeLessThan(1.85);
  });

  it('stays in the family where it can: milk for milk, oil for oil', () => {
    const mask = maskCalled('two-yolk-evening');
    const families = (id: string) => swapCandidates(mask, id, CATALOGUE).map(({ family }) => family);
    expect(families('olive-oil').slice(0, 4)).toEqual(['oil', 'oil', 'oil', 'oil']);
    expect(families('yogurt')[0]).toBe('dairy');
  });

  it('offers only what is on hand when asked so', () => {
    const onHand = new Set(['jojoba-oil', 'castor-oil']);
    const found = swapCandidates(maskCalled('two-yolk-evening'), 'olive-oil', CATALOGUE, { onHand });
    expect(found.map(({ id }) => id).sort()).toEqual(['castor-oil', 'jojoba-oil']);
    expect(swapCandidates(maskCalled('two-yolk-evening'), 'banana', CATALOGUE)).toEqual([]);
  });

  it('are those a cook would make: by what it does, never by mass across kinds', () => {
    const withPart = (ingredientId: string): Mask => ({
      ...maskCalled('two-yolk-evening'),
      parts: [{ ...maskCalled('two-yolk-evening').parts[1]!, ingredientId, role: 'thinner' }],
    });
    const offered = (id: string) => swapCandidates(withPart(id), id, CATALOGUE).map((row) => row.id);
    expect(offered('milk').slice(0, 3)).toEqual(['oat-milk', 'water', 'kefir']);
    expect(offered('milk')).not.toContain('onion-juice');
    expect(offered('honey')).not.toContain('glycerine');
    expect(offered('honey')).toContain('agave-syrup');
    expect(ingredientById(CATALOGUE, 'almond-milk').allergens).toContain('nuts');
  });

  it('take as much by volume as the row says', () => {
    const milk = { ...maskCalled('two-yolk-evening').parts[1]!, ingredientId: 'milk', share: 0.5 };
    const oil = { ...maskCalled('night-watch-oil').parts[0]!, ingredientId: 'white-clay', share: 0.5 };
    const mask: Mask = { ...maskCalled('two-yolk-evening'), texture: 'oil', parts: [milk, oil] };
    const share = (to: string) => swapped(mask, { milk: to }, CATALOGUE).parts[0]!.share;
    const volume = (id: string) => share(id) / gramsPerMillilitre(ingredientById(CATALOGUE, id)) / (1 - share(id));
    expect(volume('kefir') / volume('water')).toBeCloseTo(0.7, 6);
  });

  it('name only rows that there are, and never themselves', () => {
    for (const row of INGREDIENTS)
      for (const { ingredientId, ratio } of row.traits.swaps) {
        expect([row.id, CATALOGUE.has(ingredientId)]).toEqual([row.id, true]);
        expect(ingredientId).not.toBe(row.id);
        expect(ratio).toBeGreaterThan(0.3);
        expect(ratio).toBeLessThan(2);
      }
  });

  it('never puts a powder where something wet was', () => {
    for (const mask of BUILT_IN_MASKS)
      for (const { ingredientId } of mask.parts) {
        const dry = ['powder', 'pepper', 'clay', 'soda'];
        const isDry = dry.includes(ingredientById(CATALOGUE, ingredientId).family);
        for (const row of swapCandidates(mask, ingredientId, CATALOGUE)) expect(dry.includes(row.family)).toBe(isDry);
      }
  });
});

describe('lighter, for roots that grease', () => {
  const of = (...ids: string[]) =>
    lighterSwaps({ parts: ids.map((ingredientId) => ({ ...BUILT_IN_MASKS[0]!.parts[0]!, ingredientId })) }, CATALOGUE);

  it('is water for milk, jojoba for olive oil, white for whole egg (common practice, no published source)', () => {
    expect(of('banana', 'milk', 'olive-oil')).toEqual({ milk: 'water', 'olive-oil': 'jojoba-oil' });
    expect(of('egg-whole', 'mayonnaise')).toEqual({ 'egg-whole': 'egg-white' });
  });

  it('takes nothing that is there already or must be avoided, and leaves what is light', () => {
    expect(of('milk', 'water')).toEqual({ milk: 'skimmed-milk' });
    expect(of('banana', 'aloe-gel')).toEqual({});
    const mask = { parts: [{ ...BUILT_IN_MASKS[0]!.parts[0]!, ingredientId: 'egg-yolk' }] };
    expect(lighterSwaps(mask, CATALOGUE, { avoid: ({ allergens }) => allergens.includes('egg') })).toEqual({});
  });
});

describe('re-balancing', () => {
  it('leaves a formula alone that is in its class', () => {
    for (const mask of BUILT_IN_MASKS)
      expect(rebalanced(mask, CATALOGUE).map(({ share }) => share)).toEqual(
        mask.parts.map(({ share }): unknown => expect.closeTo(share, 12)),
      );
  });

  it('brings most single swaps back into the class the mask is meant to have', () => {
    let inClass = 0;
    let all = 0;
    for (const mask of BUILT_IN_MASKS.filter(({ texture }) => texture !== 'oil'))
      for (const { ingredientId } of mask.parts) {
        const [best] = swapCandidates(mask, ingredientId, CATALOGUE);
        if (!best) continue;
        const next = swapped(mask, { [ingredientId]: best.id }, CATALOGUE);
        const [lower, upper] = textureBounds(mask.texture as 'creamy');
        const flow = flowOf(next);
        all++;
        if (flow >= lower - 1e-9 && flow < upper + 1e-9) inClass++;
      }
    expect(inClass / all).toBeGreaterThan(0.95);
  });

  const formula = (shares: Readonly<Record<string, number>>, texture: 'pourable' | 'creamy' | 'thick') => {
    const [like] = BUILT_IN_MASKS[0]!.parts;
    const parts = Object.entries(shares).map(([ingredientId, share], i) => ({
      ...like!,
      ingredientId,
      share,
      tolerance: 0.15 + 0.05 * i,
    }));
    return { parts, texture };
  };
  it.each([
    ['a straight line', formula({ avocado: 0.62, yogurt: 0.22, 'olive-oil': 0.09, honey: 0.07 }, 'thick'), 4.35],
    ['an emulsion', formula({ 'egg-yolk': 0.25, yogurt: 0.45, milk: 0.18, 'olive-oil': 0.12 }, 'creamy'), 3.15],
    ['starch in much water', formula({ 'rice-cream': 0.55, water: 0.35, honey: 0.1 }, 'pourable'), 2.85],
  ] as const)('is the least change on %s: no random formula of the same texture lies nearer', (_, mask, target) => {
    const best = rebalanced(mask, CATALOGUE).map(({ share }) => share);
    const shares = mask.parts.map(({ share }) => share);
    const flow = (some: readonly number[]) =>
      flowOf({ parts: mask.parts.map((part, i) => ({ ...part, share: some[i]! })) });
    const cost = (some: readonly number[]) =>
      mask.parts.reduce((sum, part, i) => sum + ((some[i]! - part.share) / (part.tolerance * part.share)) ** 2, 0);
    expect(flow(best)).toBeCloseTo(target, 6);
    let compared = 0;
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 8, maxLength: 8 }), (ways) => {
        // From the formula as it is, in some direction, until the texture is there.
        const along = (far: number): number[] => {
          const moved = shares.map((share, i) => Math.max(1e-6, share * (1 + far * ways[i]!)));
          const sum = moved.reduce((all, one) => all + one, 0);
          return moved.map((one) => one / sum);
        };
        let [low, high] = [0, 3];
        const sign = Math.sign(flow(shares) - target);
        if ((flow(along(high)) - target) * sign > 0) return;
        for (let i = 0; i < 60; i++) {
          const middle = (low + high) / 2;
          if ((flow(along(middle)) - target) * sign > 0) low = middle;
          else high = middle;
        }
        compared++;
        expect(cost(along(high))).toBeGreaterThanOrEqual(cost(best) - 1e-6);
      }),
      { numRuns: 400, seed: 7 },
    );
    expect(compared).toBeGreaterThan(10);
  });
});

describe('what a swap changes', () => {
  const mask = maskCalled('two-yolk-evening');

  it('names allergens gained and lost, and the shares that moved', () => {
    const after = swapped(mask, { 'egg-yolk': 'coconut-milk', 'olive-oil': 'sesame-oil' }, CATALOGUE);
    const change = swapConsequences(mask, after, CATALOGUE);
    expect(change.allergensLost).toEqual(['egg']);
    expect([...change.allergensGained].sort()).toEqual(['coconut', 'sesame']);
    expect(change.shifted.map(({ ingredientId }) => ingredientId).sort()).toEqual(['honey', 'yogurt']);
  });

  it('tightens when egg or a stain comes in, and never loosens', () => {
    const oats = maskCalled('oat-ease');
    const withEgg = swapped(oats, { 'aloe-gel': 'egg-whole' }, CATALOGUE);
    expect(withEgg.heat).toBe('never');
    expect(withEgg.rinse.temperature).toBe('cool-to-lukewarm');
    expect(withEgg.wear.limitMinutes).toBeLessThanOrEqual(60);
    expect(swapConsequences(oats, withEgg, CATALOGUE).tightened).toContain('heat');
    const withCarrot = swapped(maskCalled('rice-silk'), { 'rice-cream': 'carrot' }, CATALOGUE);
    expect(withCarrot.slot).toBe('before-shampoo');
  });

  it('puts together what becomes the same, and passes over what is not there', () => {
    const both = swapped(maskCalled('light-white'), { 'strained-yogurt': 'egg-white' }, CATALOGUE);
    expect(both.parts.map(({ ingredientId }) => ingredientId)).toEqual(['egg-white', 'lemon-juice']);
    expect(swapped(mask, { banana: 'pear' }, CATALOGUE)).toBe(mask);
    expect(() => swapped(mask, { 'olive-oil': 'moonlight' }, CATALOGUE)).toThrow(RangeError);
  });

  it('never puts in what the wearer must avoid, under any swap it offers', () => {
    const allergen = fc.constantFrom(
      'egg',
      'milk',
      'nuts',
      'sesame',
      'soy',
      'oats',
      'bee-products',
      'coconut' as const,
    );
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_IN_MASKS), allergen, (any, bad) => {
        const avoid = (row: Ingredient) => row.allergens.includes(bad);
        for (const { ingredientId } of any.parts)
          for (const row of swapCandidates(any, ingredientId, CATALOGUE, { avoid })) expect(avoid(row)).toBe(false);
      }),
    );
    expect(INGREDIENTS.length).toBeGreaterThan(40);
  });
});

describe('from what is on hand', () => {
  it('swaps only what is missing, only for what is there, and says what nothing stands in for', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_IN_MASKS), fc.subarray(INGREDIENTS.map(({ id }) => id)), (mask, there) => {
        const onHand = new Set(there);
        const { swaps, without } = swapsFromHand(mask, onHand, CATALOGUE);
        for (const [from, to] of Object.entries(swaps)) {
          expect(onHand.has(from)).toBe(false);
          expect(onHand.has(to) || CATALOGUE.get(to)!.traits.isFromTap).toBe(true);
        }
        expect(new Set(Object.values(swaps)).size).toBe(Object.values(swaps).length);
        const made = swapped(mask, swaps, CATALOGUE);
        for (const { ingredientId } of made.parts)
          expect(
            onHand.has(ingredientId) ||
              without.includes(ingredientId) ||
              ['water', 'pepper', 'scent'].includes(CATALOGUE.get(ingredientId)!.family),
          ).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});
