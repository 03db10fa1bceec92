import type { WashDay } from '@amber-ladle/contract';
import { WashDayEntity } from '../db/entities';
import type { Household } from './household';
import { readCatalogue } from './ingredients';
import { settleStock } from './settle';
import { dayRow, toDay } from './washDays';

/** Ends a day, walked to its end or not, and settles the shelf. What was told stays. @throws HttpProblem 404 */
export async function endDay(household: Household, id: string): Promise<WashDay> {
  const catalogue = await readCatalogue(household);
  let isSettled = false;
  const day = await household.writes.run(async (manager) => {
    const row = await dayRow(manager, id);
    if (row.endedAt === null) {
      row.endedAt = household.clock.now();
      await manager.update(WashDayEntity, { id }, { endedAt: row.endedAt });
      isSettled = await settleStock(manager, household, catalogue, row);
    }
    return toDay(manager, row);
  });
  household.events.tell('washdays');
  if (isSettled) household.events.tell('shelf');
  return day;
}
