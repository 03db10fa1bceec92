import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  atLocal,
  dayAfter,
  daysBetween,
  daysLater,
  HOUR,
  isDay,
  isZone,
  localDay,
  localTime,
  canonical,
  monthOf,
  monthsIn,
  startOfDay,
  weekdayOf,
  latestOf,
} from '.';

const iso = (at: number): string => new Date(at).toISOString();
/** What Intl, with the machine's zone tables, shows at an instant: the reference from outside the project. */
const shown = (at: number, timeZone: string): string =>
  new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'medium' }).format(at);

/** A northern zone and three southern ones, each with the days on which its clocks change in 2026. */
const CHANGES = [
  ['Europe/Berlin', '2026-03-29', 23],
  ['Europe/Berlin', '2026-10-25', 25],
  ['America/Santiago', '2026-04-04', 25],
  ['America/Santiago', '2026-09-06', 23],
  ['Australia/Sydney', '2026-04-05', 25],
  ['Australia/Sydney', '2026-10-04', 23],
  ['Pacific/Auckland', '2026-04-05', 25],
  ['Pacific/Auckland', '2026-09-27', 23],
] as const;

describe.each(CHANGES)('%s on %s', (zone, day, hours) => {
  it(`has ${hours} hours`, () => {
    expect(startOfDay(addDays(day, 1), zone) - startOfDay(day, zone)).toBe(hours * HOUR);
  });

  it('begins where Intl turns the date, to the second', () => {
    for (const one of [day, addDays(day, 1)]) {
      const start = startOfDay(one, zone);
      expect(shown(start, zone).slice(0, 10)).toBe(one);
      expect(shown(start - 1000, zone).slice(0, 10)).toBe(addDays(one, -1));
    }
  });

  it('names the three days around half past midnight once each', () => {
    const now = startOfDay(day, zone) + HOUR / 2;
    const days = [0, 1, 2].map((count) => addDays(localDay(now, zone), count));
    expect(new Set(days.map(weekdayOf)).size).toBe(3);
    expect(daysBetween(days[0]!, days[2]!)).toBe(2);
  });
});

it('a day without a midnight begins at one o’clock, and one that goes back ends after its second eleventh hour', () => {
  expect(iso(startOfDay('2026-09-06', 'America/Santiago'))).toBe('2026-09-06T04:00:00.000Z');
  expect(iso(dayAfter('2026-04-04T12:00:00Z', 'America/Santiago'))).toBe('2026-04-05T04:00:00.000Z');
});

it('a clock time that is jumped over is the moment after the jump; of two, the first', () => {
  expect(iso(atLocal('2026-03-29', 150, 'Europe/Berlin'))).toBe('2026-03-29T01:00:00.000Z');
  expect(iso(atLocal('2026-10-25', 150, 'Europe/Berlin'))).toBe('2026-10-25T00:30:00.000Z');
  expect(iso(atLocal('2026-07-01', 1170, 'Asia/Kolkata'))).toBe('2026-07-01T14:00:00.000Z');
});

it('the same hour so many days later, over a change of the clocks', () => {
  const before = Date.parse('2026-10-20T18:00:00Z');
  expect(iso(daysLater(before, 7, 'Europe/Berlin'))).toBe('2026-10-27T19:00:00.000Z');
  expect(iso(daysLater(before, -1, 'Europe/Berlin'))).toBe('2026-10-19T18:00:00.000Z');
});

it('agrees with Intl everywhere and at any time', () => {
  const zones = [
    'UTC',
    'America/St_Johns',
    'Asia/Kathmandu',
    'Pacific/Apia',
    'Pacific/Chatham',
    ...CHANGES.map(([zone]) => zone),
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2035, 0, 1) }),
      (zone, at) => {
        const { day, hour, minute, second } = localTime(at, zone);
        const two = (n: number): string => String(n).padStart(2, '0');
        expect(`${day} ${two(hour)}:${two(minute)}:${two(second)}`).toBe(shown(at, zone));
        const start = startOfDay(day, zone);
        expect(start).toBeLessThanOrEqual(at);
        expect(dayAfter(new Date(at).toISOString(), zone)).toBeGreaterThan(at);
      },
    ),
    { numRuns: 300 },
  );
});

it('finds the month of any instant as the clocks there show it, in whatever order they are asked for', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('UTC', 'Pacific/Apia', 'Pacific/Chatham', 'Asia/Kathmandu', 'America/Santiago', 'Europe/Berlin'),
      fc.array(fc.integer({ min: Date.UTC(2010, 11, 28), max: Date.UTC(2012, 1, 3) }), {
        minLength: 20,
        maxLength: 60,
      }),
      (zone, instants) => {
        const monthAt = monthsIn(zone);
        for (const at of instants) expect(monthAt(at)).toBe(monthOf(localDay(at, zone)));
      },
    ),
  );
  expect(monthsIn('Europe/Berlin')(Date.parse('2026-03-31T22:30:00Z'))).toBe('2026-04');
});

it('keeps a moment in one way, so that texts sort as moments do', () => {
  expect(canonical('2026-03-14T10:00:00+01:00')).toBe('2026-03-14T09:00:00.000Z');
  fc.assert(
    fc.property(
      fc.date({ noInvalidDate: true, min: new Date(0), max: new Date('9000-01-01') }),
      fc.integer({ min: -14, max: 14 }),
      (date, hours) => {
        const sign = hours < 0 ? '-' : '+';
        const local = new Date(date.getTime() + hours * HOUR).toISOString().replace('Z', '');
        expect(canonical(`${local}${sign}${String(Math.abs(hours)).padStart(2, '0')}:00`)).toBe(date.toISOString());
      },
    ),
  );
  expect(() => canonical('2026-13-14')).toThrow(RangeError);
});

it('knows days and zones from what only looks like them', () => {
  expect([
    isDay('2026-02-28'),
    isDay('2026-02-29'),
    isDay('26-1-1'),
    isZone('Europe/Paris'),
    isZone('Moon/Sea'),
  ]).toEqual([true, false, false, true, false]);
});

it('tells the latest of moments that are written differently', () => {
  const [utc, offset] = ['2026-03-01T09:30:00Z', '2026-03-01T11:00:00+01:00'] as const;
  expect(latestOf([utc, offset])).toBe(offset);
  expect(latestOf([offset, utc])).toBe(offset);
  expect(latestOf([])).toBeUndefined();
});
