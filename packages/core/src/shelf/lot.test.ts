import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, rawRecipeOf } from '../ingredient';
import { makingFor } from '../recipe';
import { conditionOf, planDraw, piecesLeft, stockDraftOf, type Lot, type LotMovement } from '.';
import { aLot as lot, DAY, HOUR, iso, STILL, T0 } from './testing';

const ids = (): (() => string) => {
  let n = 0;
  return () => `new${++n}`;
};

describe('conditionOf', () => {
  const add: LotMovement = { lotId: 'a', kind: 'add', grams: 400, at: iso(T0), placeId: 'counter', stage: 'unripe' };
  const born = { state: 'whole', since: iso(T0) } as const;

  it('sums grams and follows places, touches and states', () => {
    const later = iso(T0 + DAY);
    const condition = conditionOf(born, [
      add,
      { lotId: 'a', kind: 'move', grams: 0, at: later, placeId: 'fridge' },
      { lotId: 'a', kind: 'touch', grams: 0, at: later, stage: 'ready' },
      { lotId: 'a', kind: 'draw', grams: -150, at: later },
      { lotId: 'a', kind: 'open', grams: 0, at: later, state: 'opened' },
    ]);
    expect(condition).toEqual({
      grams: 250,
      state: 'opened',
      since: later,
      stays: [
        { placeId: 'counter', from: iso(T0) },
        { placeId: 'fridge', from: later },
      ],
      touches: [
        { at: iso(T0), stage: 'unripe' },
        { at: later, stage: 'ready' },
      ],
    });
  });

  it('is the sum under any row of movements, or refuses the row', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -300, max: 300 }), { maxLength: 12 }), (all) => {
        const movements = [add, ...all.map((grams): LotMovement => ({ ...add, kind: 'correct', grams }))];
        const sum = 400 + all.reduce((total, grams) => total + grams, 0);
        if (sum < -0.05) expect(() => conditionOf(born, movements)).toThrow(RangeError);
        else expect(conditionOf(born, movements).grams).toBeCloseTo(sum, 9);
      }),
    );
  });

  it('asks where it stands', () => {
    expect(() => conditionOf(born, [{ lotId: 'a', kind: 'add', grams: 1, at: iso(T0) }])).toThrow('where it stands');
  });

  it('counts pieces where there are any', () => {
    expect(piecesLeft({ grams: 300, pieceGrams: 120 })).toBe(2.5);
    expect(piecesLeft({ grams: 300 })).toBeUndefined();
  });
});

describe('planDraw', () => {
  const plan = (lines: { ingredientId: string; grams: number }[], lots: Lot[], now = T0) =>
    planDraw(lines, lots, CATALOGUE, STILL, now);

  it('cuts one avocado, keeps the rest as stock of its own, and opens the tub', () => {
    const touches = [{ at: iso(T0), stage: 'ready' as const }];
    const lots = [
      lot('avo', 'avocado', { grams: 280, pieceGrams: 140, touches }),
      lot('tub', 'yogurt', { grams: 400, pricePerGram: 0.01 }),
    ];
    const lines = plan(
      [
        { ingredientId: 'avocado', grams: 210 },
        { ingredientId: 'yogurt', grams: 60 },
      ],
      lots,
    );
    expect(lines.map(({ shortGrams }) => shortGrams)).toEqual([0, 0]);
    const { lots: born, movements } = stockDraftOf(lines, lots, CATALOGUE, iso(T0), ids());
    expect(born).toEqual([expect.objectContaining({ id: 'new1', ingredientId: 'avocado', state: 'cut' })]);
    expect(movements).toEqual([
      { lotId: 'avo', kind: 'draw', grams: -210 },
      { lotId: 'avo', kind: 'cut-off', grams: -70 },
      { lotId: 'new1', kind: 'cut-in', grams: 70, placeId: 'fridge' },
      { lotId: 'tub', kind: 'draw', grams: -60 },
      { lotId: 'tub', kind: 'open', grams: 0, state: 'opened' },
    ]);
  });

  it('leaves in the freezer what is not taken out of it', () => {
    const touches = [{ at: iso(T0), stage: 'ready' as const }];
    const stays = [{ placeId: 'freezer', from: iso(T0) }];
    const lots = [lot('mangoes', 'mango', { grams: 400, pieceGrams: 200, touches, stays })];
    const at = T0 + 30 * 86_400_000;
    const lines = plan([{ ingredientId: 'mango', grams: 120 }], lots, at);
    const { movements } = stockDraftOf(lines, lots, CATALOGUE, iso(at), ids(), STILL.places);
    expect(movements).toEqual([
      { lotId: 'mangoes', kind: 'draw', grams: -120 },
      { lotId: 'mangoes', kind: 'cut-off', grams: -80 },
      { lotId: 'new1', kind: 'cut-in', grams: 80, placeId: 'freezer' },
    ]);
  });

  it('separates eggs where a part is wanted, and the other part stays', () => {
    const lots = [lot('eggs', 'egg-whole', { grams: 300, pieceGrams: 50 })];
    const lines = plan([{ ingredientId: 'egg-yolk', grams: 34 }], lots);
    expect(lines[0]!.takes).toEqual([
      {
        lotId: 'eggs',
        grams: 100,
        leaves: [{ ingredientId: 'egg-white', grams: expect.closeTo(66, 9) as number }],
        isUnripe: false,
      },
    ]);
    const { movements } = stockDraftOf(lines, lots, CATALOGUE, iso(T0), ids());
    expect(movements.map(({ kind, grams }) => [kind, grams])).toEqual([
      ['draw', -100],
      ['cut-in', expect.closeTo(66, 9)],
    ]);
  });

  it('takes the white that is left before it breaks another egg', () => {
    const lots = [
      lot('eggs', 'egg-whole', { grams: 300, pieceGrams: 50 }),
      lot('white', 'egg-white', { grams: 33, state: 'cut' }),
    ];
    expect(plan([{ ingredientId: 'egg-white', grams: 33 }], lots)[0]!.takes[0]!.lotId).toBe('white');
  });

  it('opens nothing new for less than a spoonful, and says what the bowl goes without', () => {
    const touches = [{ at: iso(T0), stage: 'ready' as const }];
    const half = lot('half', 'avocado', { state: 'cut', grams: 98 });
    const whole = lot('whole', 'avocado', { grams: 272, pieceGrams: 136, touches });
    const draw = (grams: number, lots = [half, whole]) => plan([{ ingredientId: 'avocado', grams }], lots)[0]!;
    expect(draw(104)).toMatchObject({ sparedGrams: 6, shortGrams: 0, takes: [{ lotId: 'half', grams: 98 }] });
    // Not for more than a spoonful, nor for a large part of a small amount, nor where nothing is open.
    expect(draw(120)).toMatchObject({ sparedGrams: 0, shortGrams: 0 });
    expect(draw(120).takes).toHaveLength(2);
    const crumb = lot('crumb', 'avocado', { state: 'cut', grams: 10 });
    expect(draw(20, [crumb, whole]).takes.map(({ lotId }) => lotId)).toContain('whole');
    expect(draw(12, [whole])).toMatchObject({ sparedGrams: 0, takes: [{ lotId: 'whole', grams: 12 }] });
  });

  it('takes from the shelf what the pot takes by its own school', () => {
    const lots = [lot('rice', 'rice-cream', { state: 'raw', grams: 500 })];
    const lines = [{ ingredientId: 'rice-cream', grams: 400 }];
    const byHand = { 'rice-cream': { byHand: true } };
    const recipe = rawRecipeOf(ingredientById(CATALOGUE, 'rice-cream'))!;
    const [line] = planDraw(lines, lots, CATALOGUE, STILL, T0, byHand);
    expect(line!.takes[0]!.grams).toBeCloseTo(makingFor(recipe, 400, { byHand: true }).rawGrams, 9);
    expect(line!.takes[0]!.grams).toBeGreaterThan(plan(lines, lots)[0]!.takes[0]!.grams);
  });

  it('cooks what is not ready made, from the raw thing', () => {
    const lots = [lot('rice', 'rice-cream', { state: 'raw', grams: 500 })];
    const [line] = plan([{ ingredientId: 'rice-cream', grams: 400 }], lots);
    const raw = makingFor(rawRecipeOf(ingredientById(CATALOGUE, 'rice-cream'))!, 400).rawGrams;
    expect(line!.takes[0]!.grams).toBeCloseTo(raw, 9);
    expect(line!.shortGrams).toBe(0);
  });

  it('never offers what is past, and never the same gram twice', () => {
    const tub = lot('tub', 'yogurt', { state: 'opened', grams: 100 });
    expect(plan([{ ingredientId: 'yogurt', grams: 50 }], [tub], T0 + 6 * DAY)[0]!.shortGrams).toBe(50);
    const lines = plan(
      [
        { ingredientId: 'yogurt', grams: 70 },
        { ingredientId: 'yogurt', grams: 70 },
      ],
      [tub],
      T0 + HOUR,
    );
    expect(lines.map(({ shortGrams }) => Math.round(shortGrams))).toEqual([0, 40]);
  });
});
