import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, makingFor, preparationOf } from '../ingredient';
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

  it('separates eggs where a part is wanted, and the other part stays', () => {
    const lots = [lot('eggs', 'egg-whole', { grams: 300, pieceGrams: 50 })];
    const lines = plan([{ ingredientId: 'egg-yolk', grams: 34 }], lots);
    expect(lines[0]!.takes).toEqual([
      {
        lotId: 'eggs',
        grams: 100,
        leaves: [{ ingredientId: 'egg-white', grams: expect.closeTo(66, 9) }],
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

  it('cooks what is not ready made, from the raw thing', () => {
    const lots = [lot('rice', 'rice-cream', { state: 'raw', grams: 500 })];
    const [line] = plan([{ ingredientId: 'rice-cream', grams: 400 }], lots);
    const raw = makingFor(preparationOf('rice-cream')!, 400).rawGrams;
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
