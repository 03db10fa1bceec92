import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, INGREDIENTS, type Ripening } from '../ingredient';
import { forecast, hardRate, Q10, readyRate, ripened, ripenessAt, STAGES, TOUCHED, type Span, type Stage } from '.';
import { DAY, HOUR, iso, STILL, T0 } from './testing';

const ripeningOf = (id: string): Ripening => CATALOGUE.get(id)!.ripening!;
const avocado = ripeningOf('avocado');
const room = { celsius: 20, kind: 'counter' } as const;
const fridge = { celsius: 4, kind: 'fridge' } as const;
const span = (celsius: number, days: number, from = 0): Span => ({
  from,
  to: from + days * DAY,
  celsius,
  kind: 'counter',
});
const anyKind = fc.constantFrom(...INGREDIENTS.flatMap(({ ripening }) => ripening ?? []));

describe('ripening', () => {
  // USDA FoodKeeper, from memory: 4 to 5 days from hard to ready on a counter, then 1 to 2 days.
  it('takes an avocado to ready in four to five days, and past in one or two more', () => {
    const { ready, pastAt } = forecast(avocado, 0, T0, room);
    expect((ready!.at - T0) / DAY).toBeGreaterThanOrEqual(4);
    expect((ready!.at - T0) / DAY).toBeLessThanOrEqual(5);
    expect((pastAt - ready!.at) / DAY).toBeGreaterThanOrEqual(1);
    expect((pastAt - ready!.at) / DAY).toBeLessThanOrEqual(2);
  });

  // USDA FoodKeeper, from memory: papaya, mango and pear 3 to 5 days to ready, then 2 to 3; banana yellow 2 to 5.
  it.each(['papaya', 'mango', 'pear'])('takes %s three to five days, then two to three', (id) => {
    const { readyDays, spanDays } = ripeningOf(id);
    expect(readyDays).toBeGreaterThanOrEqual(3);
    expect(readyDays).toBeLessThanOrEqual(5);
    expect(spanDays).toBeGreaterThanOrEqual(2);
    expect(spanDays).toBeLessThanOrEqual(3);
  });

  // USDA FoodKeeper, from memory: a ready avocado keeps 3 to 5 days in a fridge.
  it('holds a ready avocado three to seven days in the cold', () => {
    const days = (forecast(avocado, 1, T0, { celsius: 6.5, kind: 'fridge' }).pastAt - T0) / DAY;
    expect(days).toBeGreaterThanOrEqual(3);
    expect(days).toBeLessThanOrEqual(7);
  });

  it('speeds up by Q10 for ten degrees, in a bag more, and stops in frost', () => {
    expect(hardRate(avocado, { celsius: 30, kind: 'counter' }) / hardRate(avocado, room)).toBeCloseTo(Q10, 12);
    expect(hardRate(avocado, { celsius: 20, kind: 'bag' })).toBeGreaterThan(hardRate(avocado, room));
    expect(readyRate(avocado, { celsius: 20, kind: 'bag' }, true)).toBeGreaterThan(readyRate(avocado, room, true));
    const frost = { celsius: -18, kind: 'freezer' } as const;
    expect(hardRate(avocado, frost)).toBe(0);
    expect(readyRate(avocado, frost, true)).toBe(0);
    expect(forecast(avocado, 0.5, T0, frost, { frozenHours: 48 }).pastAt).toBe(T0 + 2 * DAY);
  });

  it('hardly ripens below the chilling limit (Kader, from memory)', () => {
    const banana = ripeningOf('banana');
    const below = hardRate(banana, { celsius: 12.9, kind: 'fridge' });
    const above = hardRate(banana, { celsius: 13, kind: 'fridge' });
    expect(below / above).toBeLessThan(0.5);
    // Chilling holds back only what is not ready: a ready one ages on.
    const cold = (celsius: number) => readyRate(banana, { celsius, kind: 'fridge' }, true);
    expect(cold(12.9) / cold(13)).toBeCloseTo(1, 1);
    expect(cold(4)).toBeGreaterThanOrEqual(1 / banana.coldDays);
  });

  it('never goes back, is faster when warmer, and may be split anywhere', () => {
    fc.assert(
      fc.property(
        anyKind,
        fc.double({ min: 0, max: 1.9, noNaN: true }),
        fc.double({ min: 0, max: 35, noNaN: true }),
        fc.double({ min: 0.01, max: 6, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (kind, start, celsius, days, part) => {
          const whole = ripened(kind, start, span(celsius, days));
          const first = ripened(kind, start, span(celsius, days * part));
          const second = ripened(kind, first, span(celsius, days * (1 - part), days * part * DAY));
          expect(second).toBeCloseTo(whole, 9);
          expect(whole).toBeGreaterThanOrEqual(start);
          expect(ripened(kind, start, span(celsius + 5, days))).toBeGreaterThanOrEqual(whole - 1e-12);
        },
      ),
    );
  });

  it('starts anew from a touch', () => {
    const touches = [
      { at: iso(T0), stage: 'unripe' },
      { at: iso(T0 + 2 * DAY), stage: 'ready' },
    ] as const;
    const stays = [{ placeId: 'counter', from: iso(T0) }];
    const now = T0 + 2 * DAY + 6 * HOUR;
    expect(ripenessAt(avocado, touches, stays, STILL, now)).toBeCloseTo(TOUCHED.ready + 0.25 / avocado.spanDays, 9);
    // A touch of the future has not happened yet.
    expect(ripenessAt(avocado, touches, stays, STILL, T0 + DAY)).toBeLessThan(0.5);
  });

  describe('by touch after touch', () => {
    const stays = [{ placeId: 'fridge', from: iso(T0) }];
    const after = (days: number, ...stages: readonly Stage[]): number => {
      const touches = stages.map((stage, i) => ({ at: iso(T0 + i * DAY), stage }));
      return ripenessAt(avocado, touches, stays, STILL, T0 + days * DAY, true);
    };
    const aDay = readyRate(avocado, fridge, true);

    it('goes on where a touch says what was expected: ready every morning is not fresh every morning', () => {
      expect(after(2, 'ready', 'ready', 'ready')).toBeCloseTo(TOUCHED.ready + 2 * aDay, 9);
      expect(after(2, 'ready', 'ready', 'ready')).toBeCloseTo(after(2, 'ready'), 9);
    });

    it('starts anew from what is riper than expected', () => {
      expect(after(1, 'unripe', 'last-day')).toBe(TOUCHED['last-day']);
      expect(after(1, 'unripe', 'past')).toBe(TOUCHED.past);
    });

    it('is as far on as a touch allows where it ripens slower, and has more than a day as long as it is felt ready', () => {
      const mornings = Array.from({ length: 6 }, () => 'ready' as const);
      expect(after(5, ...mornings)).toBeCloseTo(Math.min(1.7, 2 - 1.05 * aDay), 9);
      expect(forecast(avocado, after(5, ...mornings), T0, fridge).stage).toBe('ready');
      const counter = [{ placeId: 'counter', from: iso(T0) }];
      const hard = Array.from({ length: 9 }, (_, i) => ({ at: iso(T0 + i * DAY), stage: 'unripe' as const }));
      expect(ripenessAt(avocado, hard, counter, STILL, T0 + 8 * DAY)).toBeCloseTo(0.58, 9);
      const late = Array.from({ length: 3 }, (_, i) => ({ at: iso(T0 + i * 2 * DAY), stage: 'last-day' as const }));
      expect(ripenessAt(avocado, late, counter, STILL, T0 + 4 * DAY)).toBeCloseTo(1.85, 9);
    });

    it('takes a touch back that a greener one after it gives the lie', () => {
      expect(after(1, 'past', 'ready')).toBe(TOUCHED.ready);
      expect(after(1, 'last-day', 'ready')).toBe(TOUCHED.ready);
      expect(after(1, 'ready', 'unripe')).toBe(TOUCHED.unripe);
    });

    it('stays soft and short-lived out of the freezer, felt ready or not', () => {
      const thawed = [
        { placeId: 'freezer', from: iso(T0) },
        { placeId: 'fridge', from: iso(T0 + 9 * DAY) },
      ];
      const touches = [
        { at: iso(T0), stage: 'ready' as const },
        { at: iso(T0 + 9.5 * DAY), stage: 'ready' as const },
      ];
      expect(ripenessAt(avocado, touches, thawed, STILL, T0 + 9.5 * DAY, true)).toBeGreaterThan(1.6);
    });

    it('is shown as it was felt, whatever was felt before', () => {
      fc.assert(
        fc.property(
          anyKind,
          fc.constantFrom('counter', 'bag', 'fridge'),
          fc.array(fc.tuple(fc.constantFrom(...STAGES), fc.double({ min: 0, max: 4, noNaN: true })), { minLength: 1 }),
          (kind, placeId, felt) => {
            let at = T0;
            const touches = felt.map(([stage, days]) => ({ at: iso((at += Math.round(days * DAY))), stage }));
            const place = STILL.places.find(({ id }) => id === placeId)!;
            const shown = forecast(
              kind,
              ripenessAt(kind, touches, [{ placeId, from: iso(T0) }], STILL, at, true),
              at,
              place,
            ).stage;
            const [last = ''] = felt.at(-1) ?? [];
            // Whether a ripe one has a day left is a matter of its kind and its place: an avocado in a bag has none.
            const hasADay = TOUCHED.ready + readyRate(kind, place, true) < 2;
            if (last === 'last-day' || (last === 'ready' && !hasADay)) expect(['ready', 'last-day']).toContain(shown);
            else expect(shown).toBe(last);
          },
        ),
      );
    });

    it('is never greener by a second touch of the same stage', () => {
      fc.assert(
        fc.property(
          anyKind,
          fc.constantFrom(...STAGES),
          fc.double({ min: 0.1, max: 9, noNaN: true }),
          (kind, stage, days) => {
            const once = [{ at: iso(T0), stage }];
            const twice = [...once, { at: iso(T0 + days * DAY), stage }];
            const now = T0 + days * DAY;
            const [plain, again] = [once, twice].map((touches) => ripenessAt(kind, touches, stays, STILL, now, true));
            expect(again).toBeGreaterThanOrEqual(Math.min(plain ?? NaN, TOUCHED[stage]) - 1e-9);
            expect(again).toBeLessThanOrEqual((plain ?? NaN) + 1e-9);
          },
        ),
      );
    });
  });

  it('gives back the stage that was touched, at once', () => {
    for (const stage of STAGES)
      if (stage !== 'last-day') expect(forecast(avocado, TOUCHED[stage], T0, fridge).stage).toBe(stage);
    expect(forecast(avocado, TOUCHED['last-day'], T0, room).stage).toBe('last-day');
  });

  it('has a band round its day, wider the further off', () => {
    const near = forecast(avocado, 0.8, T0, room).ready!;
    const far = forecast(avocado, 0.1, T0, room).ready!;
    for (const { at, early, late } of [near, far]) {
      expect(early).toBeLessThan(at);
      expect(late).toBeGreaterThan(at);
    }
    expect(far.late - far.early).toBeGreaterThan(near.late - near.early);
  });

  it('lies in its band four times in five (σ 0.25, 1.2816 standard deviations)', () => {
    const { at, early, late } = forecast(avocado, 0.5, T0, room).ready!;
    // The normal distribution's 90 % quantile, from any table of it.
    expect((late - T0) / (at - T0)).toBeCloseTo(Math.exp(1.2816 * 0.25), 9);
    expect((early - T0) / (at - T0)).toBeCloseTo(Math.exp(-1.2816 * 0.25), 9);
  });

  it('counts five degrees as cold, where a hard one waits its days and no longer, and six as not', () => {
    const hardAt = (celsius: number) => forecast(avocado, 0, T0, { celsius, kind: 'fridge' });
    expect(hardAt(5).ready).toBeUndefined();
    expect((hardAt(5).pastAt - T0) / DAY).toBeLessThan(avocado.hardColdDays + 10);
    expect(hardAt(6).ready).toBeDefined();
  });

  it('is frozen at −10 °C and not a degree above, soft at once, and past only where it was before', () => {
    const frozen = (ripeness: number, celsius = -10) =>
      forecast(avocado, ripeness, T0, { celsius, kind: 'freezer' }, { frozenHours: 48 });
    expect(frozen(0.2)).toMatchObject({ stage: 'ready', pastAt: T0 + 48 * HOUR });
    expect(frozen(1.99).stage).toBe('ready');
    expect(frozen(2)).toMatchObject({ stage: 'past', pastAt: T0 });
    expect(frozen(0.2, -9).stage).toBe('unripe');
    // What does not freeze is spoilt there as it would be in the cold.
    expect(forecast(avocado, 1.2, T0, { celsius: -18, kind: 'freezer' }, {}).pastAt).toBe(
      T0 + 0.8 * avocado.coldDays * DAY,
    );
  });

  it('is nearly ready from its mark on, ready from one, past from two, to the very number', () => {
    const stageAt = (ripeness: number): Stage => forecast(avocado, ripeness, T0, fridge).stage;
    expect([stageAt(0.599), stageAt(0.6), stageAt(0.999), stageAt(1), stageAt(1.999), stageAt(2)]).toEqual([
      'unripe',
      'nearly',
      'nearly',
      'ready',
      'last-day',
      'past',
    ]);
  });

  it('goes on at the pace of what is ready from the moment on at which it is', () => {
    const day: Span = { from: T0, to: T0 + DAY, celsius: 20, kind: 'counter' };
    const toReady = (1 - 0.9) / hardRate(avocado, room);
    expect(ripened(avocado, 0.9, day)).toBeCloseTo(1 + (1 - toReady) * readyRate(avocado, room, false), 9);
    expect(ripened(avocado, 1, day)).toBeCloseTo(1 + readyRate(avocado, room, false), 9);
  });
});
