import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { SPOON_SETS } from '../measure';
import type { Lot } from '../shelf';
import { aLot, DAY, STILL, T0 } from '../shelf/testing';
import { anAdult, aProfile } from '../testing';
import { suggestBowls } from '.';

const lot: typeof aLot = (id, ingredientId, change = {}) =>
  aLot(id, ingredientId, { state: 'cut', grams: 120, ...change });
const heads = [
  { headId: 'long', head: { profile: aProfile({ stretchedLengthCentimetres: 60 }), wearer: anAdult } },
  { headId: 'short', head: { profile: aProfile({ stretchedLengthCentimetres: 12 }), wearer: anAdult } },
];
const suggest = (lots: Lot[], now = T0) =>
  suggestBowls(BUILT_IN_MASKS, heads, lots, CATALOGUE, STILL, SPOON_SETS.us, now);
const pantry = ['olive-oil', 'honey', 'yogurt', 'jojoba-oil', 'milk'].map((id) =>
  lot(id, id, { state: 'opened', grams: 600 }),
);

describe('suggestBowls', () => {
  it('uses up what turns tonight, and says what it saves', () => {
    const [best] = suggest([lot('half', 'avocado', { grams: 136 }), ...pantry]);
    expect(best!.mask.parts.some(({ ingredientId }) => ingredientId === 'avocado')).toBe(true);
    expect(best!.saves.map(({ lotId }) => lotId)).toContain('half');
  });

  it('is the better the more is in the house', () => {
    const scores = (lots: Lot[]) => suggest(lots)[0]!.score;
    const half = lot('half', 'avocado', { grams: 136 });
    expect(scores([half, ...pantry])).toBeGreaterThan(scores([half]));
  });

  it('counts what is not ripe as missing', () => {
    const half = lot('half', 'avocado', { grams: 66 });
    const hard = aLot('hard', 'avocado', {
      grams: 399,
      pieceGrams: 133,
      touches: [{ at: new Date(T0).toISOString(), stage: 'unripe' }],
    });
    for (const { mask, missing, bowl } of suggest([half, hard, ...pantry])) {
      const wanted = bowl.lines.find(({ ingredientId }) => ingredientId === 'avocado')?.grams ?? 0;
      const short = missing.find(({ ingredientId }) => ingredientId === 'avocado')?.grams ?? 0;
      expect([mask.id, short]).toEqual([mask.id, expect.closeTo(Math.max(0, wanted - 66), 6)]);
    }
  });

  it('does not depend on the order in which things lie there', () => {
    const lots = [lot('half', 'avocado'), lot('papaya', 'papaya'), ...pantry];
    expect(suggest([...lots].reverse())[0]).toMatchObject({
      headId: suggest(lots)[0]!.headId,
      mask: suggest(lots)[0]!.mask,
    });
  });

  it('is silent where nothing turns, and never saves what is past', () => {
    expect(suggest(pantry)).toEqual([]);
    expect(suggest([lot('half', 'avocado')], T0 + 3 * DAY)).toEqual([]);
  });
});
