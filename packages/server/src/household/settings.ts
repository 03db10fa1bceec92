import { DEFAULT_SETTINGS, checked, settingsSchema, spoonsOf, type Settings } from '@amber-ladle/contract';
import type { Reader } from '@amber-ladle/words';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { SettingEntity } from './table';
import type { Household } from '../kernel/household';
import { stale } from '../kernel/refusal';

const KEY = 'household';

const settingsIn = async (manager: EntityManager): Promise<Settings> => {
  const row = await manager.findOneBy(SettingEntity, { key: KEY });
  return { ...DEFAULT_SETTINGS, ...((row?.value ?? {}) as Partial<Settings>) };
};

/** The household's settings; the defaults where nothing was chosen. */
export const readSettings = ({ source }: Household): Promise<Settings> => settingsIn(source.manager);

/** Whether nobody has set anything yet: then what the first device is set to is as good a guess as any. */
export const isUnset = async ({ source }: Household): Promise<boolean> =>
  !(await source.manager.existsBy(SettingEntity, { key: KEY }));

/** How this household reads: its own spoons, and its way of writing numbers. */
export async function readerIn(household: Household): Promise<Reader> {
  const settings = await readSettings(household);
  return { ...settings, spoons: spoonsOf(settings) };
}

/**
 * Changes some settings; what another device set beside them stays, and what it set in the same place is not overwritten.
 * @param wish.change as they are to be
 * @param wish.seen the same as they were on the screen
 * @throws Refusal 409 with the settings as they are; ValidationError for settings that are none, or that do not go together
 */
export async function changeSettings(
  { writes }: Household,
  { change, seen }: { readonly change: object; readonly seen: object },
): Promise<Settings> {
  return writes.run(['settings'], async (manager) => {
    const before = await settingsIn(manager);
    for (const name of Object.keys(change))
      if (name in before && !isDeepStrictEqual(Reflect.get(before, name), Reflect.get(seen, name))) throw stale(before);
    const settings = { ...before, ...checked(settingsSchema, { ...before, ...change }) };
    await manager.upsert(SettingEntity, { key: KEY, value: settings as never }, ['key']);
    return settings;
  });
}
