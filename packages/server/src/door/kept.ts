import type { DataSource } from 'typeorm';
import type { Credentials } from './certificate';
import { DoorEntity } from './table';

/** What a door keeps beside its devices. */
export interface DoorValues {
  isOpen: boolean;
  authority: Credentials;
  certificate: Credentials;
  /** Argon2id, of the household's passphrase. */
  passphraseHash: string;
  calendarSecret: string;
}

/** Reads one of what a door keeps. */
export async function readKept<K extends keyof DoorValues>(
  source: DataSource,
  key: K,
): Promise<DoorValues[K] | undefined> {
  return (await source.manager.findOneBy(DoorEntity, { key }))?.value as DoorValues[K] | undefined;
}

/** Keeps it; nothing at all for undefined. */
export async function keep<K extends keyof DoorValues>(
  source: DataSource,
  key: K,
  value: DoorValues[K] | undefined,
): Promise<void> {
  if (value === undefined) await source.manager.delete(DoorEntity, { key });
  else await source.manager.upsert(DoorEntity, { key, value: value as never }, ['key']);
}
