import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, type Ripening } from '../ingredient';
import { drawsFrom } from '../statistic';
import {
  forecast,
  lotPast,
  paced,
  paceOf,
  pacesOf,
  RATE_SIGMA,
  ripened,
  STAGES,
  stageToBuy,
  TOUCHED,
  windowOf,
  type Climate,
  type Sight,
  type Stage,
  type WatchedLot,
} from '.';
import { aLot, DAY, iso, STILL, T0 } from './testing';

const avocado = ingredientById(CATALOGUE, 'avocado');
const ripening = avocado.ripening as Ripening;
const seen = (...sights: [number, Sight['stage']][]): Sight[] =>
  sights.map(([day, stage]) => ({ at: iso(T0 + day * DAY), stage }));
const lot = (sights: Sight[], placeId = 'counter'): WatchedLot => ({
  ingredientId: 'avocado',
  stays: [{ placeId, from: iso(T0) }],
  seen: sights,
});
const many = (count: number, one: WatchedLot): WatchedLot[] => Array.from({ length: count }, () => one);
const factorOf = (lots: readonly WatchedLot[], climate: Climate = STILL): number =>
  paceOf(ripening, lots, climate)?.factor ?? NaN;

/** An avocado of a kitchen, felt every day from hard to past by a thumb that is sure. */
function watched(kitchen: number, random: ReturnType<typeof drawsFrom>): WatchedLot {
  const own = paced(ripening, { factor: kitchen * Math.exp(RATE_SIGMA * random.normal()), low: 1, high: 1, lots: 1 });
  const at20 = { celsius: 20, kind: 'counter' as const };
  const days = Array.from({ length: 12 }, (_, day) => {
    const ripeness = ripened(own, TOUCHED.unripe, { from: 0, to: day * DAY, ...at20 });
    const stage: Stage =
      ripeness >= 2
        ? 'past'
        : ripeness >= 1.5
          ? 'last-day'
          : ripeness >= 1
            ? 'ready'
            : ripeness >= 0.6
              ? 'nearly'
              : 'unripe';
    return [day, stage] as [number, Stage];
  });
  const end = days.findIndex(([, stage]) => stage === 'past');
  return lot(seen(...days.slice(0, end < 0 ? days.length : end + 1)));
}

describe('the pace of a kind in a kitchen', () => {
  it('is found again in a simulated one, and its band holds it as often as it says', () => {
    const random = drawsFrom(20);
    let inside = 0;
    const kitchens = 60;
    const errors: number[] = [];
    for (let i = 0; i < kitchens; i++) {
      const kitchen = Math.exp(0.2 * random.normal());
      const pace = paceOf(
        ripening,
        Array.from({ length: 10 }, () => watched(kitchen, random)),
        STILL,
      );
      if (!pace) throw new Error('Ten are enough.');
      errors.push(Math.abs(Math.log(pace.factor / kitchen)));
      if (pace.low <= kitchen && kitchen <= pace.high) inside += 1;
    }
    // Four of five; between 39 and 57 of 60 lie within three standard deviations of it.
    expect(inside).toBeGreaterThanOrEqual(39);
    expect(inside).toBeLessThanOrEqual(57);
    // Not knowing it would cost 0.16 in the middle.
    expect(errors.reduce((sum, one) => sum + one, 0) / kitchens).toBeLessThan(0.1);
  });

  it('is faster where fruit is ready sooner than its row says, slower where it is hard longer', () => {
    const soon = seen([0, 'unripe'], [2, 'ready']);
    const late = seen([0, 'unripe'], [6, 'unripe']);
    expect(factorOf(many(6, lot(soon)))).toBeGreaterThan(1.15);
    expect(factorOf(many(6, lot(late)))).toBeLessThan(0.85);
    // As the row says: 4.5 days from hard, of which 0.15 were gone.
    expect(factorOf(many(6, lot(seen([0, 'unripe'], [4.4, 'ready']))))).toBeCloseTo(1, 0.5);
  });

  it('is surer the more was watched, and stays with the row where little was', () => {
    const soon = lot(seen([0, 'unripe'], [2, 'ready']));
    const of = (count: number) => paceOf(ripening, many(count, soon), STILL);
    expect(of(2)).toBeUndefined();
    expect(of(3)?.lots).toBe(3);
    const width = (count: number): number => Math.log((of(count)?.high ?? 0) / (of(count)?.low ?? 1));
    expect(width(10)).toBeLessThan(width(3));
    expect(of(10)?.factor).toBeGreaterThan(of(3)?.factor ?? 9);
    // No more than the last twelve.
    expect(of(30)).toEqual(of(12));
    expect(paceOf(ripening, [...many(8, lot(seen([0, 'unripe'], [6, 'unripe']))), ...many(12, soon)], STILL)).toEqual(
      of(12),
    );
  });

  it('learns from what went into a bowl: hard fruit does not, and what did was not past', () => {
    expect(factorOf(many(6, lot(seen([0, 'unripe'], [1, 'used']))))).toBeGreaterThan(1.15);
    expect(factorOf(many(6, lot(seen([0, 'ready'], [4, 'used']))))).toBeLessThan(0.95);
    // What no pace explains was a slip.
    expect(factorOf(many(6, lot(seen([0, 'ready'], [30, 'used']))))).toBeCloseTo(1, 1);
    // From when it was used on it is as ripe as was reckoned: the same as if nobody had looked, but for what that look told.
    const alone = factorOf(many(6, lot(seen([0, 'unripe'], [6, 'ready']))));
    expect(factorOf(many(6, lot(seen([0, 'unripe'], [5, 'used'], [6, 'ready']))))).toBeCloseTo(alone, 1);
  });

  it('learns nothing from the freezer, from what was past before, or from one look', () => {
    expect(paceOf(ripening, many(6, lot(seen([0, 'ready'], [9, 'ready']), 'freezer')), STILL)).toBeUndefined();
    expect(paceOf(ripening, many(6, lot(seen([0, 'past'], [3, 'past']))), STILL)).toBeUndefined();
    expect(paceOf(ripening, many(6, lot(seen([0, 'unripe']))), STILL)).toBeUndefined();
    expect(paceOf(ripening, many(6, lot(seen([0, 'unripe'], [0, 'ready']))), STILL)).toBeUndefined();
  });

  it('takes where it stood into account: late in the fridge is no slow kitchen', () => {
    const days = seen([0, 'unripe'], [6, 'unripe']);
    expect(factorOf(many(6, lot(days, 'fridge')))).toBeGreaterThan(factorOf(many(6, lot(days))));
  });

  it('is one for each kind', () => {
    const soon = lot(seen([0, 'unripe'], [2, 'ready']));
    const paces = pacesOf(
      [
        ...many(4, soon),
        ...many(2, { ...soon, ingredientId: 'mango' }),
        ...many(4, { ...soon, ingredientId: 'honey' }),
      ],
      CATALOGUE,
      STILL,
    );
    expect(Object.keys(paces)).toEqual(['avocado']);
    expect(pacesOf(many(4, { ...soon, ingredientId: 'moonrock' }), CATALOGUE, STILL)).toEqual({});
  });
});

describe('a kitchen with a pace', () => {
  const pace = { factor: 1.5, low: 1.3, high: 1.7, lots: 8 };
  const fast: Climate = { ...STILL, paces: { avocado: pace } };
  const hard = aLot('a', 'avocado', {
    stays: [{ placeId: 'counter', from: iso(T0) }],
    touches: [{ at: iso(T0), stage: 'unripe' }],
  });
  const readyAt = (climate: Climate): number =>
    windowOf(avocado, lotPast(hard), climate, T0).ripeness?.ready?.at ?? NaN;

  it('has its fruit ready and past as much sooner, on the counter', () => {
    expect((readyAt(fast) - T0) * 1.5).toBeCloseTo(readyAt(STILL) - T0, -1);
    const past = (climate: Climate): number => windowOf(avocado, lotPast(hard), climate, T0).endsAt - T0;
    expect(past(fast) * 1.5).toBeCloseTo(past(STILL), -1);
    // Of another kind nothing was learnt.
    const mango = ingredientById(CATALOGUE, 'mango');
    expect(windowOf(mango, lotPast(hard), fast, T0)).toEqual(windowOf(mango, lotPast(hard), STILL, T0));
  });

  it('keeps ready fruit in the cold as long as published, and no longer where it is slow', () => {
    const cold = { celsius: 4, kind: 'fridge' as const };
    const pastAt = (factor: number): number => forecast(paced(ripening, { ...pace, factor }), 1.1, T0, cold).pastAt;
    expect(pastAt(0.6)).toBe(pastAt(1));
  });

  it('chooses riper or harder fruit in the shop by it', () => {
    expect(stageToBuy(avocado, STILL, T0, T0 + 3.2 * DAY)).toBe('nearly');
    expect(stageToBuy(avocado, fast, T0, T0 + 3.2 * DAY)).toBe('unripe');
    expect(stageToBuy(ingredientById(CATALOGUE, 'honey'), STILL, T0, T0 + DAY)).toBeUndefined();
  });

  it('knows all stages a thumb can tell', () => {
    for (const stage of STAGES) {
      const sights = seen([0, 'ready'], [1, stage]);
      expect(Number.isFinite(factorOf(many(3, lot(sights))))).toBe(true);
    }
  });
});
