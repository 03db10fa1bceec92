import { message } from '@amber-ladle/core/message';
import { canonical } from '@amber-ladle/core/time';
import { USUAL_CELSIUS, type Reading } from '@amber-ladle/core/shelf';
import { MoreThanOrEqual, type EntityManager } from 'typeorm';
import { MOST_PLACES, type KeptPlace } from '@amber-ladle/contract';
import { PlaceEntity, ReadingEntity, type PlaceRow } from './table';
import { inUse, invalid, notFound, stale } from '../kernel/refusal';
import type { Household } from '../kernel/household';

/** The places a household starts with. */
const FIRST_PLACES: readonly KeptPlace[] = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: USUAL_CELSIUS.counter, version: 1 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: USUAL_CELSIUS.fridge, version: 1 },
  { id: 'freezer', name: 'Freezer', kind: 'freezer', celsius: USUAL_CELSIUS.freezer, version: 1 },
  { id: 'bag', name: 'Paper bag', kind: 'bag', celsius: USUAL_CELSIUS.bag, version: 1 },
];

/** Where things can stand, in the owner's order. */
export async function listPlaces(manager: EntityManager): Promise<KeptPlace[]> {
  const rows = await manager.find(PlaceEntity, { order: { sort: 'ASC' } });
  return rows.length === 0 ? [...FIRST_PLACES] : rows.map(({ sort: _sort, ...place }) => place);
}

/** The rows of the list; written down the first time that it is changed. */
async function rowsIn(manager: EntityManager): Promise<readonly PlaceRow[]> {
  const rows = await manager.find(PlaceEntity, { order: { sort: 'ASC' } });
  if (rows.length > 0) return rows;
  const first = FIRST_PLACES.map((place, sort) => ({ ...place, sort }));
  await manager.insert(PlaceEntity, first);
  return first;
}

/**
 * Puts a place on the list, or changes the one of that id; whatever else is changed on the list meanwhile stays.
 * @param place with the version that was on the screen, 0 for a new one
 * @throws Refusal invalid for more places than a house has; stale with the place as it is; not-found for one that is gone
 */
export async function savePlace({ writes }: Household, place: KeptPlace): Promise<KeptPlace[]> {
  return writes.run(['climate'], async (manager) => {
    const rows = await rowsIn(manager);
    const known = rows.find(({ id }) => id === place.id);
    if (known && known.version !== place.version) throw stale(known);
    if (!known && place.version > 0) throw notFound('place');
    if (!known && rows.length >= MOST_PLACES)
      throw invalid({ places: message('refusal.too-many-places', { most: MOST_PLACES }) });
    const sort = known?.sort ?? 1 + Math.max(...rows.map((row) => row.sort));
    await manager.upsert(PlaceEntity, { ...place, sort, version: place.version + 1 }, ['id']);
    return listPlaces(manager);
  });
}

/** @throws Refusal 404, 409 for a place in which something stands, 422 for the last one */
export async function removePlace({ writes }: Household, id: string): Promise<KeptPlace[]> {
  return writes.run(['climate'], async (manager) => {
    const rows = await rowsIn(manager);
    const place = rows.find((row) => row.id === id);
    if (!place) throw notFound('place');
    if (rows.length === 1) throw invalid({ places: message('refusal.last-place') });
    const [{ n } = { n: 0 }] = await manager.query<{ n: number }[]>(
      `SELECT count(*) AS n FROM lot WHERE grams > 0 AND json_extract(stays, '$[#-1].placeId') = ?`,
      [id],
    );
    if (n > 0)
      throw inUse(message('refusal.something-stands-in', { name: place.name }), message('refusal.move-it-first'));
    await manager.delete(PlaceEntity, { id });
    return listPlaces(manager);
  });
}

/** What thermometers said since a moment, by rising moment. */
export async function readingsSince(manager: EntityManager, since: string): Promise<Reading[]> {
  const rows = await manager.find(ReadingEntity, { where: { at: MoreThanOrEqual(since) }, order: { at: 'ASC' } });
  return rows.map(({ placeId, at, celsius }) => ({ placeId, at, celsius }));
}

/** Writes down what a thermometer says; the same moment twice is one reading. */
export async function addReading({ writes }: Household, reading: Reading): Promise<void> {
  await writes.run(['climate'], (manager) =>
    manager.upsert(ReadingEntity, { ...reading, at: canonical(reading.at) }, ['placeId', 'at']),
  );
}

/**
 * What somebody read off a thermometer of their own.
 * @throws Refusal 422 for a place that there is not, or a moment to come
 */
export async function tellReading(household: Household, reading: Reading): Promise<void> {
  const places = await listPlaces(household.source.manager);
  if (!places.some(({ id }) => id === reading.placeId)) throw invalid({ placeId: message('refusal.no-such-place') });
  if (Date.parse(reading.at) > Date.parse(household.clock.now()))
    throw invalid({ at: message('refusal.still-to-come') });
  await addReading(household, reading);
}
