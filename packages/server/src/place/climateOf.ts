import type { Shelf } from '@amber-ladle/contract';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import type { Household } from '../kernel/household';
import { listPlaces, readingsSince } from './climate';
import { readPaces } from './paces';

/** Readings older than this no longer decide anything that is still in use. */
const READINGS_DAYS = 10;

/**
 * Where things can stand, what thermometers said of late, and how things ripen here.
 * @param manager of the transaction that asks
 */
export async function climateOf(
  household: Household,
  manager = household.source.manager,
): Promise<Pick<Shelf, 'places' | 'readings' | 'paces'>> {
  const since = new Date(Date.parse(household.clock.now()) - READINGS_DAYS * TWENTY_FOUR_HOURS).toISOString();
  return {
    places: await listPlaces(manager),
    readings: await readingsSince(manager, since),
    paces: await readPaces(household),
  };
}
