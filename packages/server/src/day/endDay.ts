import type { WashDay } from '@amber-ladle/contract';
import { WashDayEntity } from './table';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { settleStock } from './settle';
import { dayRow, toDay } from './washDays';

/** Ends a day, walked to its end or not, and settles the shelf. What was told stays. @throws Refusal 404 */
export async function endDay(household: Household, id: string): Promise<WashDay> {
  const catalogue = await readCatalogue(household);
  return household.writes.run(['washdays', 'shelf'], async (manager) => {
    const row = await dayRow(manager, id);
    const isOpen = row.endedAt === null;
    if (isOpen) {
      row.endedAt = household.clock.now();
      await manager.update(WashDayEntity, { id }, { endedAt: row.endedAt });
    }
    if (isOpen) await settleStock(manager, household, catalogue, row);
    return toDay(manager, row);
  });
}
