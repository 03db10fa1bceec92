import { DEFAULT_SETTINGS, type Settings } from '@amber-ladle/contract';
import { SettingEntity } from '../db/entities';
import type { Household } from './household';

const KEY = 'household';

/** The household's settings; the defaults where nothing was chosen. */
export async function readSettings({ source }: Household): Promise<Settings> {
  const row = await source.getRepository(SettingEntity).findOneBy({ key: KEY });
  return { ...DEFAULT_SETTINGS, ...((row?.value ?? {}) as Partial<Settings>) };
}

export async function writeSettings({ writes, events }: Household, settings: Settings): Promise<Settings> {
  await writes.run((manager) => manager.upsert(SettingEntity, { key: KEY, value: settings as never }, ['key']));
  events.tell('settings');
  return settings;
}
