import { DEFAULT_SETTINGS, spoonsOf, type Settings } from '@amber-ladle/contract';
import type { Reader } from '@amber-ladle/words';
import { SettingEntity } from '../db/entities';
import type { Household } from './household';

const KEY = 'household';

/** The household's settings; the defaults where nothing was chosen. */
export async function readSettings({ source }: Household): Promise<Settings> {
  const row = await source.getRepository(SettingEntity).findOneBy({ key: KEY });
  return { ...DEFAULT_SETTINGS, ...((row?.value ?? {}) as Partial<Settings>) };
}

/** How this household reads: its own spoons, and its way of writing numbers. */
export async function readerIn(household: Household): Promise<Reader> {
  const settings = await readSettings(household);
  return { locale: settings.locale, spoons: spoonsOf(settings) };
}

export async function writeSettings({ writes }: Household, settings: Settings): Promise<Settings> {
  await writes.run(['settings'], (manager) =>
    manager.upsert(SettingEntity, { key: KEY, value: settings as never }, ['key']),
  );
  return settings;
}
