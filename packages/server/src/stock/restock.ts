import { message } from '@amber-ladle/core/message';
import type { RestockLevel } from '@amber-ladle/core/shelf';
import { MOST_LEVELS } from '@amber-ladle/contract';
import { SettingEntity } from '../household/table';
import { invalid, stale } from '../kernel/refusal';
import type { Household } from '../kernel/household';

const KEY = 'restock';

/** How much of what the house wants to have. */
export async function readRestock({ source }: Household): Promise<RestockLevel[]> {
  const row = await source.manager.findOneBy(SettingEntity, { key: KEY });
  return (row?.value ?? []) as RestockLevel[];
}

/**
 * Sets one level; those of other things, set elsewhere meanwhile, stay.
 * @param level nothing takes it off the list
 * @param seenGrams the level that was on the screen, 0 for none
 * @throws Refusal 409 with the level as it is; 422 for more than a house keeps
 */
export async function setRestock(
  { writes }: Household,
  level: RestockLevel,
  seenGrams: number,
): Promise<RestockLevel[]> {
  return writes.run(['shelf'], async (manager) => {
    const row = await manager.findOneBy(SettingEntity, { key: KEY });
    const known = (row?.value ?? []) as RestockLevel[];
    const { ingredientId } = level;
    const grams = known.find((one) => one.ingredientId === ingredientId)?.grams ?? 0;
    if (grams !== seenGrams) throw stale({ ingredientId, grams });
    const others = known.filter((one) => one.ingredientId !== ingredientId);
    const levels = level.grams > 0 ? [...others, level] : others;
    if (levels.length > MOST_LEVELS)
      throw invalid({ grams: message('refusal.too-many-levels', { most: MOST_LEVELS }) });
    await manager.upsert(SettingEntity, { key: KEY, value: levels as never }, ['key']);
    return levels;
  });
}
