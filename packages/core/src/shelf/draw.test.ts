import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balanceAfter, balances, drawFrom, type Drawn, type Offer } from '.';

const offer = (lotId: string, change: Partial<Offer> = {}): Offer => ({
  lotId,
  grams: 100,
  isRemnant: false,
  hoursLeft: 72,
  ...change,
});
const pieces = (lotId: string, pieceGrams: number, count: number, change: Partial<Offer> = {}): Offer =>
  offer(lotId, { grams: pieceGrams * count, pieceGrams, ...change });
const took = ({ takes }: Drawn): Record<string, number> =>
  Object.fromEntries(takes.map(({ lotId, grams }) => [lotId, Math.round(grams * 1000) / 1000]));

describe('drawFrom', () => {
  it('takes a cut remnant before it cuts another', () => {
    const drawn = drawFrom([pieces('whole', 136, 2), offer('half', { grams: 68, isRemnant: true, hoursLeft: 20 })], 68);
    expect(took(drawn)).toEqual({ half: 68 });
    expect(drawn.cutGrams).toBe(0);
  });

  it('combines weights so that nothing stays cut', () => {
    expect(took(drawFrom([pieces('big', 150, 1), pieces('small', 90, 2)], 180))).toEqual({ small: 180 });
    expect(took(drawFrom([pieces('big', 150, 1), pieces('small', 90, 2)], 240))).toEqual({ big: 150, small: 90 });
  });

  it('takes what turns first', () => {
    expect(took(drawFrom([offer('new', { hoursLeft: 100 }), offer('old', { hoursLeft: 10 })], 80))).toEqual({
      old: 80,
    });
  });

  it('never takes what is past, and what is unripe only where nothing else will do', () => {
    const offers = [
      offer('gone', { hoursLeft: 0 }),
      pieces('hard', 100, 3, { stage: 'unripe', hoursLeft: 200 }),
      pieces('ready', 100, 1, { stage: 'ready', hoursLeft: 20 }),
    ];
    expect(took(drawFrom(offers, 60))).toEqual({ ready: 60 });
    const more = drawFrom(offers, 180);
    expect(took(more)).toEqual({ ready: 100, hard: 80 });
    expect(more.takes.find(({ lotId }) => lotId === 'hard')!.isUnripe).toBe(true);
  });

  it('counts nearly ripe as unripe, leaves what is past though it has hours, and what is empty', () => {
    const offers = [
      pieces('nearly', 100, 2, { stage: 'nearly', hoursLeft: 20 }),
      pieces('ready', 100, 1, { stage: 'ready', hoursLeft: 200 }),
      offer('past', { stage: 'past', hoursLeft: 5 }),
      offer('empty', { grams: 0, hoursLeft: 1 }),
    ];
    expect(took(drawFrom(offers, 60))).toEqual({ ready: 60 });
    const more = drawFrom(offers, 150);
    expect(took(more)).toEqual({ ready: 100, nearly: 50 });
    expect(more.takes.map(({ lotId, isUnripe }) => [lotId, isUnripe])).toEqual(
      expect.arrayContaining([
        ['ready', false],
        ['nearly', true],
      ]),
    );
    expect(drawFrom(offers, 350)).toMatchObject({ shortGrams: 50 });
  });

  it('wants nothing of nothing, and says what stays cut, remnants that were left among it', () => {
    expect(drawFrom([offer('some')], 0)).toEqual({ takes: [], shortGrams: 0, cutGrams: 0, cost: 0 });
    const drawn = drawFrom([offer('half', { grams: 40, isRemnant: true, hoursLeft: 20 }), pieces('whole', 100, 2)], 90);
    expect(took(drawn)).toEqual({ half: 40, whole: 50 });
    expect(drawn.cutGrams).toBeCloseTo(50, 9);
    expect(drawn.takes.find(({ lotId }) => lotId === 'whole')).toMatchObject({ leavesGrams: 50 });
  });

  it('answers at once for a thousand boxes of eggs', () => {
    const boxes = Array.from({ length: 1000 }, (_, i) => pieces(`box${i}`, 50, 6, { hoursLeft: 24 + (i % 300) }));
    const drawn = drawFrom(boxes, 410);
    expect(drawn.takes.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(410, 9);
    for (const { lotId } of drawn.takes) expect(boxes.find((box) => box.lotId === lotId)!.hoursLeft).toBe(24);
  });

  it('says what must be bought', () => {
    expect(drawFrom([offer('some', { grams: 40 })], 100)).toMatchObject({ shortGrams: 60 });
    expect(drawFrom([], 100)).toMatchObject({ takes: [], shortGrams: 100 });
    expect(() => drawFrom([], -1)).toThrow(RangeError);
  });

  const anyOffer = fc.record({
    pieceGrams: fc.constantFrom(undefined, 10, 15, 20),
    count: fc.integer({ min: 1, max: 3 }),
    isRemnant: fc.boolean(),
    hoursLeft: fc.integer({ min: 1, max: 200 }),
    stage: fc.constantFrom('ready', 'unripe', 'last-day'),
  });
  const anyShelf = fc.array(anyOffer, { minLength: 1, maxLength: 4 }).map((rows) =>
    rows.map(({ pieceGrams, count, isRemnant, hoursLeft, stage }, i): Offer => ({
      lotId: `l${i}`,
      grams: (pieceGrams ?? 15) * count,
      ...(pieceGrams === undefined ? {} : { pieceGrams }),
      isRemnant: pieceGrams === undefined && isRemnant,
      hoursLeft,
      stage: stage,
    })),
  );

  /** The same cost, written apart: every split into steps of 5 g is tried. */
  function exhaustive(offers: readonly Offer[], wanted: number): number {
    const need = Math.min(
      wanted,
      offers.reduce((sum, { grams }) => sum + grams, 0),
    );
    let best = Infinity;
    const go = (i: number, left: number, cost: number, cut: number, opened: number): void => {
      if (opened > 1) return;
      const one = offers[i];
      if (!one) {
        if (Math.abs(left) < 1e-9) best = Math.min(best, cost + (4 * cut) / need);
        return;
      }
      const each = 0.15 * Math.min(21, one.hoursLeft / 24) + (one.stage === 'unripe' ? 50 : 0);
      for (let grams = 0; grams <= Math.min(one.grams, left) + 1e-9; grams += 5) {
        const rest = one.pieceGrams ? (one.pieceGrams - (grams % one.pieceGrams)) % one.pieceGrams : 0;
        const stays = one.isRemnant ? one.grams - grams : rest;
        go(i + 1, left - grams, cost + (grams / need) * each, cut + stays, opened + (rest > 0 ? 1 : 0));
      }
    };
    go(0, need, 0, 0, 0);
    return best;
  }

  it('is the true minimum, against every split of small shelves', () => {
    fc.assert(
      fc.property(anyShelf, fc.integer({ min: 1, max: 20 }), (offers, fives) => {
        const wanted = fives * 5;
        const drawn = drawFrom(offers, wanted);
        expect(drawn.cost).toBeCloseTo(exhaustive(offers, wanted), 6);
      }),
      { numRuns: 400 },
    );
  });

  it('takes exactly what is wanted or all there is, and never more of a lot than it has', () => {
    fc.assert(
      fc.property(anyShelf, fc.double({ min: 0.5, max: 300, noNaN: true }), (offers, wanted) => {
        const { takes, shortGrams } = drawFrom(offers, wanted);
        expect(takes.reduce((sum, { grams }) => sum + grams, 0) + shortGrams).toBeCloseTo(wanted, 6);
        for (const { lotId, grams, leavesGrams } of takes) {
          const lot = offers.find((one) => one.lotId === lotId)!;
          expect(grams + leavesGrams).toBeLessThanOrEqual(lot.grams + 1e-6);
        }
      }),
    );
  });
});

describe('balances', () => {
  const movement = fc.record({
    lotId: fc.constantFrom('a', 'b'),
    kind: fc.constantFrom('add', 'draw', 'correct' as const),
    grams: fc.integer({ min: -50, max: 80 }),
  });
  it('are the sums of their movements, in whatever order', () => {
    fc.assert(
      fc.property(fc.array(movement), (movements) => {
        const there = balances(movements);
        const back = balances([...movements].reverse());
        for (const id of ['a', 'b']) {
          const sum = movements.filter(({ lotId }) => lotId === id).reduce((total, { grams }) => total + grams, 0);
          expect(there.get(id) ?? 0).toBe(sum);
          expect(back.get(id) ?? 0).toBe(sum);
        }
      }),
    );
  });
  it('never fall below nothing, and a crumb is nothing', () => {
    expect(() => balanceAfter(10, [{ grams: -11 }])).toThrow('less of it');
    expect(balanceAfter(10, [{ grams: -10.01 }])).toBe(0);
    expect(balanceAfter(10, [{ grams: -4 }])).toBe(6);
  });
});
