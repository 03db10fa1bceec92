import { DEFAULT_SETTINGS, checked, settingsSchema, spoonsOf, type Settings } from '@amber-ladle/contract';
import type { Reader } from '@amber-ladle/words';
import type { EntityManager } from 'typeorm';
import { SettingEntity } from './table';
import type { Household } from '../kernel/household';

const KEY = 'household';

const settingsIn = async (manager: EntityManager): Promise<Settings> => {
  const row = await manager.findOneBy(SettingEntity, { key: KEY });
  return { ...DEFAULT_SETTINGS, ...((row?.value ?? {}) as Partial<Settings>) };
};

/** The household's settings; the defaults where nothing was chosen. */
export const readSettings = ({ source }: Household): Promise<Settings> => settingsIn(source.manager);

/** How this household reads: its own spoons, and its way of writing numbers. */
export async function readerIn(household: Household): Promise<Reader> {
  const settings = await readSettings(household);
  return { locale: settings.locale, spoons: spoonsOf(settings) };
}

/**
 * Changes some settings; what another device set beside them stays.
 * @param part as it was sent
 * @throws ValidationError for settings that are none, or that do not go together
 */
export async function changeSettings({ writes }: Household, part: object): Promise<Settings> {
  return writes.run(['settings'], async (manager) => {
    const before = await settingsIn(manager);
    const settings = { ...before, ...checked(settingsSchema, { ...before, ...part }) };
    await manager.upsert(SettingEntity, { key: KEY, value: settings as never }, ['key']);
    return settings;
  });
}
