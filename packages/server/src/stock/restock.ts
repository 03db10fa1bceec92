import type { RestockLevel } from '@amber-ladle/core/shelf';
import { MOST_LEVELS } from '@amber-ladle/contract';
import { SettingEntity } from '../household/table';
import { invalid } from '../kernel/refusal';
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
 * @throws Refusal 422 for more than a house keeps
 */
export async function setRestock({ writes }: Household, level: RestockLevel): Promise<RestockLevel[]> {
  return writes.run(['shelf'], async (manager) => {
    const row = await manager.findOneBy(SettingEntity, { key: KEY });
    const others = ((row?.value ?? []) as RestockLevel[]).filter(
      ({ ingredientId }) => ingredientId !== level.ingredientId,
    );
    const levels = level.grams > 0 ? [...others, level] : others;
    if (levels.length > MOST_LEVELS) throw invalid({ grams: `At most ${MOST_LEVELS} levels.` });
    await manager.upsert(SettingEntity, { key: KEY, value: levels as never }, ['key']);
    return levels;
  });
}
