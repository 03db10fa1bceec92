import { describe, expect, it } from 'vitest';
import { shopTrips } from './trips';

const trips = (now: string, zone = 'UTC', days = 10) => shopTrips({ shopWeekdays: [6] }, Date.parse(now), zone, days);

describe('shopTrips', () => {
  it('are the days of the week with a shop, today as long as there is time', () => {
    const day = '2026-03-14';
    expect(trips('2026-03-14T09:00:00Z').map((trip) => trip.day)).toEqual([day, '2026-03-21']);
    expect(trips('2026-03-14T17:59:00Z').map((trip) => trip.day)).toEqual([day, '2026-03-21']);
    expect(trips('2026-03-14T18:00:00Z').map((trip) => trip.day)).toEqual(['2026-03-21']);
    expect(trips('2026-03-14T09:00:00Z', 'UTC', 7).map((trip) => trip.day)).toEqual([day]);
    expect(shopTrips({ shopWeekdays: [] }, 0, 'UTC', 10)).toEqual([]);
  });

  it('begin with the day of the household, and are at noon or now', () => {
    const iso = (at: number | undefined) => new Date(at ?? 0).toISOString();
    const [today, next] = trips('2026-03-14T15:00:00Z', 'Europe/Berlin');
    expect([iso(today?.from), iso(today?.at)]).toEqual(['2026-03-13T23:00:00.000Z', '2026-03-14T15:00:00.000Z']);
    expect([iso(next?.from), iso(next?.at)]).toEqual(['2026-03-20T23:00:00.000Z', '2026-03-21T11:00:00.000Z']);
  });
});
