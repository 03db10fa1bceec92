import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { SPOON_SETS } from '../measure';
import type { Lot } from '../shelf';
import { aLot, DAY, STILL, T0 } from '../shelf/testing';
import { anAdult, aProfile } from '../testing';
import { bestOf, NO_STORY, rankMasks, stockNow, suggestionFor, type RankedHead } from '.';

const lot: typeof aLot = (id, ingredientId, change) => aLot(id, ingredientId, { state: 'cut', grams: 120, ...change });
const head = (id: string, stretchedLengthCentimetres: number): RankedHead => ({
  id,
  profile: aProfile({ stretchedLengthCentimetres }),
  wearer: anAdult,
  story: NO_STORY,
  wore: [],
});
const heads = [head('long', 60), head('short', 12)];
const suggest = (lots: Lot[], now = T0) => {
  const stock = stockNow(lots, CATALOGUE, STILL, now);
  const wish = { now, timeZone: 'UTC', schools: {} };
  const rankings = Object.fromEntries(
    heads.map((one) => [one.id, rankMasks(BUILT_IN_MASKS, one, stock, CATALOGUE, wish)]),
  );
  const best = bestOf(rankings, ['long', 'short']);
  if (!best) return undefined;
  const mask = BUILT_IN_MASKS.find(({ id }) => id === best.ranked.maskId)!;
  const who = heads.find(({ id }) => id === best.headId)!;
  const sized = suggestionFor(mask, who.id, who, lots, CATALOGUE, STILL, SPOON_SETS.us, now);
  return { ...sized, score: best.ranked.score };
};
const pantry = ['olive-oil', 'honey', 'yogurt', 'jojoba-oil', 'milk'].map((id) =>
  lot(id, id, { state: 'opened', grams: 600 }),
);

describe('the suggestion', () => {
  it('uses up what turns tonight, and says what it saves', () => {
    const best = suggest([lot('half', 'avocado', { grams: 136 }), ...pantry]);
    expect(best?.mask.parts.some(({ ingredientId }) => ingredientId === 'avocado')).toBe(true);
    expect(best?.saves.map(({ lotId }) => lotId)).toContain('half');
  });

  it('is the better the more is in the house', () => {
    const half = lot('half', 'avocado', { grams: 136 });
    expect(suggest([half, ...pantry])!.score).toBeGreaterThan(suggest([half])?.score ?? -Infinity);
  });

  it('counts what is not ripe as missing', () => {
    const half = lot('half', 'avocado', { grams: 66 });
    const hard = aLot('hard', 'avocado', {
      grams: 399,
      pieceGrams: 133,
      touches: [{ at: new Date(T0).toISOString(), stage: 'unripe' }],
    });
    expect(stockNow([half, hard], CATALOGUE, STILL, T0).usableGrams.get('avocado')).toBe(66);
    for (const mask of BUILT_IN_MASKS) {
      const { bowl, missing } = suggestionFor(
        mask,
        'long',
        heads[0]!,
        [half, hard, ...pantry],
        CATALOGUE,
        STILL,
        SPOON_SETS.us,
        T0,
      );
      const wanted = bowl.lines.find(({ ingredientId }) => ingredientId === 'avocado')?.grams ?? 0;
      const short = missing.find(({ ingredientId }) => ingredientId === 'avocado')?.grams ?? 0;
      // A spoonful that is missing opens nothing new.
      const missing66 = Math.max(0, wanted - 66);
      expect([mask.id, short]).toEqual([mask.id, missing66 < 10 ? 0 : expect.closeTo(missing66, 6)]);
    }
  });

  it('finds yolk and white in whole eggs', () => {
    const eggs = aLot('eggs', 'egg-whole', { grams: 600, pieceGrams: 50 });
    const { usableGrams } = stockNow([eggs], CATALOGUE, STILL, T0);
    expect(usableGrams.get('egg-yolk')).toBeGreaterThan(150);
    expect(usableGrams.get('egg-white')).toBeGreaterThan(300);
    expect((usableGrams.get('egg-yolk') ?? 0) + (usableGrams.get('egg-white') ?? 0)).toBeCloseTo(600, 6);
  });

  it('counts dry rice as the cream that it makes', () => {
    const rice = aLot('rice', 'rice-cream', { state: 'raw', grams: 100 });
    expect(stockNow([rice], CATALOGUE, STILL, T0).usableGrams.get('rice-cream')).toBeGreaterThan(300);
  });

  it('does not depend on the order in which things lie there', () => {
    const lots = [lot('half', 'avocado'), lot('papaya', 'papaya'), ...pantry];
    const [one, other] = [suggest(lots), suggest([...lots].reverse())];
    expect([other?.headId, other?.mask.id]).toEqual([one?.headId, one?.mask.id]);
  });

  it('saves nothing that is past', () => {
    expect(suggest([lot('half', 'avocado')], T0 + 3 * DAY)?.saves ?? []).toEqual([]);
  });
});
