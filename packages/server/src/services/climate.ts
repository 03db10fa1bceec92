import { USUAL_CELSIUS, type Climate, type Place, type Reading } from '@amber-ladle/core/shelf';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { MoreThanOrEqual, type EntityManager } from 'typeorm';
import { PlaceEntity, ReadingEntity } from '../db/entities';
import { inUse, invalid } from '../http/errors';
import type { Household } from './household';

/** The places a household starts with. */
const FIRST_PLACES: readonly Place[] = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: USUAL_CELSIUS.counter },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: USUAL_CELSIUS.fridge },
  { id: 'freezer', name: 'Freezer', kind: 'freezer', celsius: USUAL_CELSIUS.freezer },
  { id: 'bag', name: 'Paper bag', kind: 'bag', celsius: USUAL_CELSIUS.bag },
];

/** Readings older than this no longer decide anything that is still in use. */
const READINGS_DAYS = 10;

/** Where things can stand, in the owner's order. */
export async function listPlaces(manager: EntityManager): Promise<Place[]> {
  const rows = await manager.find(PlaceEntity, { order: { sort: 'ASC' } });
  return rows.length === 0
    ? [...FIRST_PLACES]
    : rows.map(({ id, name, kind, celsius }) => ({ id, name, kind, celsius }));
}

/** @throws HttpProblem 409 for taking out a place in which something stands */
export async function savePlaces({ writes }: Household, places: readonly Place[]): Promise<Place[]> {
  const saved = await writes.run(['climate'], async (manager) => {
    const kept = new Set(places.map(({ id }) => id));
    const gone = (await listPlaces(manager)).filter(({ id }) => !kept.has(id));
    for (const place of gone) {
      const [{ n } = { n: 0 }] = await manager.query<{ n: number }[]>(
        `SELECT count(*) AS n FROM lot WHERE grams > 0 AND json_extract(stays, '$[#-1].placeId') = ?`,
        [place.id],
      );
      if (n > 0) throw inUse(`Something stands in ${place.name}.`, 'Move it first. Nothing was changed.');
    }
    await manager.clear(PlaceEntity);
    await manager.insert(
      PlaceEntity,
      places.map((place, sort) => ({ ...place, sort })),
    );
    return [...places];
  });
  return saved;
}

/** What thermometers said of late, by rising moment. */
export async function recentReadings(manager: EntityManager, now: string): Promise<Reading[]> {
  const since = new Date(Date.parse(now) - READINGS_DAYS * TWENTY_FOUR_HOURS).toISOString();
  const rows = await manager.find(ReadingEntity, { where: { at: MoreThanOrEqual(since) }, order: { at: 'ASC' } });
  return rows.map(({ placeId, at, celsius }) => ({ placeId, at, celsius }));
}

export async function climateOf(manager: EntityManager, now: string): Promise<Climate> {
  return { places: await listPlaces(manager), readings: await recentReadings(manager, now) };
}

/** Writes down what a thermometer says; the same moment twice is one reading. */
export async function addReading({ writes }: Household, reading: Reading): Promise<void> {
  await writes.run(['climate'], (manager) => manager.upsert(ReadingEntity, { ...reading }, ['placeId', 'at']));
}

/**
 * What somebody read off a thermometer of their own.
 * @throws HttpProblem 422 for a place that there is not, or a moment to come
 */
export async function tellReading(household: Household, reading: Reading): Promise<void> {
  const places = await listPlaces(household.source.manager);
  if (!places.some(({ id }) => id === reading.placeId)) throw invalid({ placeId: 'There is no such place.' });
  if (Date.parse(reading.at) > Date.parse(household.clock.now())) throw invalid({ at: 'That is still to come.' });
  await addReading(household, reading);
}
