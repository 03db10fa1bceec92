import { spoonsOf } from '@amber-ladle/contract';
import type { House } from '@amber-ladle/core/house';
import { climateOf } from '../place';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { readLearning } from '../notes';
import { readSettings } from '../household';

/** The household at this moment, as the core's whole jobs want it. */
export async function readHouse(household: Household): Promise<House> {
  const now = household.clock.now();
  const settings = await readSettings(household);
  return {
    catalogue: await readCatalogue(household),
    spoons: spoonsOf(settings),
    schools: settings.schools,
    zone: settings.timeZone,
    climate: await climateOf(household),
    learning: await readLearning(household),
    now: Date.parse(now),
  };
}
