import type { RestockLevel } from '@amber-ladle/core/shelf';
import { SettingEntity } from '../db/entities';
import type { Household } from './household';

const KEY = 'restock';

/** How much of what the house wants to have. */
export async function readRestock({ source }: Household): Promise<RestockLevel[]> {
  const row = await source.manager.findOneBy(SettingEntity, { key: KEY });
  return (row?.value ?? []) as RestockLevel[];
}

export async function writeRestock({ writes }: Household, levels: RestockLevel[]): Promise<RestockLevel[]> {
  const wanted = levels.filter(({ grams }) => grams > 0);
  await writes.run(['shelf'], (manager) =>
    manager.upsert(SettingEntity, { key: KEY, value: wanted as never }, ['key']),
  );
  return wanted;
}
