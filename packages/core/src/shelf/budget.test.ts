import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, keepingInBowl, type Keeping } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { dayAfter } from '../time';
import {
  bowlBudget,
  bowlPastOf,
  bowlRate,
  bowlRuleOf,
  budgetCourse,
  spansOf,
  spoilingRate,
  type BowlPast,
  type Climate,
  type Reading,
} from '.';
import { DAY, HOUR, iso, KITCHEN, STILL, T0 } from './testing';

const KEEPING: Keeping = { roomHours: 2, warmHours: 1, coldHours: 24, source: 'usda-fsis' };
const RULE = { keeping: KEEPING };
const bowl = (placeId: string, change: Partial<BowlPast> = {}): BowlPast => ({
  madeAt: iso(T0),
  stays: [{ placeId, from: iso(T0) }],
  rule: RULE,
  freezes: false,
  sameDay: false,
  startShare: 0,
  ...change,
});
const fridge = KITCHEN.find(({ id }) => id === 'fridge')!;
const budget = (past: BowlPast, hours: number, climate: Climate = STILL) =>
  bowlBudget(past, climate, 'UTC', T0 + hours * HOUR, fridge);

describe('the bowl’s budget', () => {
  // USDA FSIS two-hour rule, from memory: 2 h in a room, 1 h above 32 °C, a day at or below 5 °C.
  it.each([
    ['counter', 1, 0.5, 2],
    ['roof', 0.5, 0.5, 1],
    ['fridge', 12, 0.5, 24],
  ])('on the %s for %d h is half spent', (placeId, hours, share, all) => {
    const { usedShare, endsAtHere } = budget(bowl(placeId), hours);
    expect(usedShare).toBeCloseTo(share, 12);
    expect((endsAtHere - T0) / HOUR).toBeCloseTo(all, 9);
  });

  it('worked by hand: half an hour out, six hours cold, then out again for good', () => {
    const past = bowl('counter', {
      stays: [
        { placeId: 'counter', from: iso(T0) },
        { placeId: 'fridge', from: iso(T0 + 0.5 * HOUR) },
        { placeId: 'counter', from: iso(T0 + 6.5 * HOUR) },
      ],
    });
    // 0.25 + 6/24 = 0.5; the other half is an hour in the room: 7.5 h after it was made.
    expect(budget(past, 6.5).usedShare).toBeCloseTo(0.5, 12);
    expect((budget(past, 6.5).endsAtHere - T0) / HOUR).toBeCloseTo(7.5, 9);
    expect(budget(past, 8)).toMatchObject({ isPast: true });
    expect((budget(past, 9).endsAtHere - T0) / HOUR).toBeCloseTo(7.5, 9);
  });

  it('agrees with a numeric integrator, whatever the fridge did', () => {
    const reading = fc.record({
      placeId: fc.constant('fridge'),
      at: fc.integer({ min: 0, max: 40 }).map((half) => iso(T0 + (half * HOUR) / 2)),
      celsius: fc.integer({ min: -15, max: 38 }),
    });
    fc.assert(
      fc.property(fc.array(reading, { maxLength: 12 }), fc.integer({ min: 1, max: 20 }), (unsorted, hours) => {
        const readings: Reading[] = [...unsorted].sort((a, b) => a.at.localeCompare(b.at));
        const climate = { places: KITCHEN, readings };
        const past = bowl('fridge');
        const spans = spansOf(past.stays, climate, T0, T0 + hours * HOUR);
        // Midpoint rule on half minutes; the temperature is looked up, not integrated.
        const step = HOUR / 120;
        let sum = 0;
        for (let at = T0 + step / 2; at < T0 + hours * HOUR; at += step) {
          const { celsius } = spans.find(({ from, to }) => at >= from && at < to)!;
          sum += bowlRate(RULE, celsius, false) * (step / HOUR);
        }
        expect(budget(past, hours, climate).usedShare).toBeCloseTo(sum, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('stands still in frost only for what freezes', () => {
    expect(budget(bowl('freezer', { freezes: true }), 500).usedShare).toBe(0);
    expect(budget(bowl('freezer', { freezes: true }), 1).endsAt).toBe(Infinity);
    expect(budget(bowl('freezer'), 12).usedShare).toBeCloseTo(0.5, 12);
  });

  it('tells what the fridge would give, and carries what its parts had used up', () => {
    const now = budget(bowl('counter', { startShare: 0.25 }), 1);
    expect(now.usedShare).toBeCloseTo(0.75, 12);
    expect((now.endsAtIfCold! - T0) / HOUR).toBeCloseTo(1 + 0.25 * 24, 9);
  });

  it('takes from its mask whether midnight ends it, and whether frost stops its clock', () => {
    const mixed = { madeAt: iso(T0), stays: [], startShare: 0.2 };
    const of = (keeping: Parameters<typeof bowlPastOf>[1]) => bowlPastOf(mixed, keeping, RULE);
    expect(of('same-day')).toEqual({ ...mixed, rule: RULE, sameDay: true, freezes: false });
    expect(of('freezes')).toEqual({ ...mixed, rule: RULE, sameDay: false, freezes: true });
    expect(of('fridge-till-tomorrow')).toEqual({ ...mixed, rule: RULE, sameDay: false, freezes: false });
  });

  it('ends a same-day bowl at midnight of the household, also on the days when the clocks change', () => {
    const past = bowl('fridge', { sameDay: true });
    const { endsAt, endedBy } = bowlBudget(past, STILL, 'Europe/Paris', T0, fridge);
    expect(iso(endsAt)).toBe('2026-03-14T23:00:00.000Z');
    expect(endedBy).toBe('midnight');
    // The clocks go forward on 29 March 2026 and back on 25 October 2026: days of 23 and of 25 hours.
    expect(iso(dayAfter('2026-03-29T00:30:00Z', 'Europe/Paris'))).toBe('2026-03-29T22:00:00.000Z');
    expect(iso(dayAfter('2026-03-28T23:30:00Z', 'Europe/Paris'))).toBe('2026-03-29T22:00:00.000Z');
    expect(iso(dayAfter('2026-10-25T00:30:00Z', 'Europe/Paris'))).toBe('2026-10-25T23:00:00.000Z');
    expect(iso(dayAfter('2026-10-24T22:30:00Z', 'Europe/Paris'))).toBe('2026-10-25T23:00:00.000Z');
    expect(iso(dayAfter('2026-06-30T11:59:00Z', 'Pacific/Auckland'))).toBe('2026-06-30T12:00:00.000Z');
  });

  it('draws its course from made to now, never falling', () => {
    const past = bowl('counter', {
      stays: [
        { placeId: 'counter', from: iso(T0) },
        { placeId: 'fridge', from: iso(T0 + HOUR) },
      ],
    });
    const course = budgetCourse(past, STILL, T0 + DAY);
    expect(course[0]).toEqual({ at: T0, share: 0 });
    expect(course.at(-1)!.share).toBeCloseTo(0.5 + 23 / 24, 9);
    course.slice(1).forEach((point, i) => {
      expect(point.share).toBeGreaterThanOrEqual(course[i]!.share);
    });
  });
});

describe('bowlRuleOf', () => {
  const rule = (...ids: string[]) => bowlRuleOf(ids.map((id) => CATALOGUE.get(id)!));
  it('takes each figure from the strictest of all, not one row', () => {
    // UK FSA: cooked rice a day in the cold; common practice: mashed banana half a day. Both two hours in a room.
    expect(rule('papaya', 'rice-cream', 'honey')).toMatchObject({ keeping: { roomHours: 2, coldHours: 24 } });
    expect(rule('yogurt', 'banana')).toMatchObject({ ingredientIds: ['banana', 'yogurt'], keeping: { coldHours: 12 } });
    const quick = { ...CATALOGUE.get('yogurt')!, keeping: { opened: { ...KEEPING, roomHours: 1.5, coldHours: 90 } } };
    const both = bowlRuleOf([quick, CATALOGUE.get('banana')!]);
    expect(both?.keeping).toMatchObject({ roomHours: 1.5, warmHours: 1, coldHours: 12 });
  });
  it('never gives a mixed bowl more than the two-hour rule and a day in the cold', () => {
    fc.assert(
      fc.property(fc.subarray([...CATALOGUE.values()], { minLength: 1, maxLength: 6 }), (rows) => {
        const found = bowlRuleOf(rows);
        if (!found) return;
        expect(found.keeping.roomHours).toBeLessThanOrEqual(2);
        expect(found.keeping.warmHours).toBeLessThanOrEqual(1);
        expect(found.keeping.coldHours).toBeLessThanOrEqual(24);
      }),
    );
  });
  it('ages with the lot that it was cut from: at 7 °C both have two hours', () => {
    for (const id of ['papaya', 'yogurt', 'aloe-gel', 'oat-milk']) {
      const row = CATALOGUE.get(id)!;
      const lot = spoilingRate(keepingInBowl(row), 7);
      expect(bowlRate(bowlRuleOf([row])!, 7, false)).toBe(lot);
      expect(lot).toBe(0.5);
    }
  });
  it('begins when what was cooked left the pot', () => {
    const cooked = bowl('counter', { stays: [{ placeId: 'counter', from: iso(T0 - 0.5 * HOUR) }] });
    expect(budget(cooked, 0.5).usedShare).toBeCloseTo(0.5, 12);
    expect((budget(cooked, 0.5).endsAtHere - T0) / HOUR).toBeCloseTo(1.5, 9);
    expect(budgetCourse(cooked, STILL, T0)[0]).toEqual({ at: T0 - 0.5 * HOUR, share: 0 });
  });
  it('sets no clock on oils, honey and powders', () => {
    expect(rule('olive-oil', 'honey', 'hibiscus-powder', 'lavender-oil')).toBeUndefined();
  });
  it('presses every built-in mask that has fruit, egg, dairy, grain or gel in it', () => {
    for (const mask of BUILT_IN_MASKS) {
      const rows = mask.parts.map(({ ingredientId }) => CATALOGUE.get(ingredientId)!);
      const turns = rows.some(({ family }) => ['fruit', 'egg', 'dairy', 'grain', 'aloe'].includes(family));
      if (turns) expect(bowlRuleOf(rows)).toBeDefined();
    }
  });
});
