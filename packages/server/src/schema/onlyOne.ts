import { Sqlite } from '../kernel/sqlite';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';

/** Another server has this household open. */
export class AlreadyOpen extends Error {
  constructor(file: string) {
    super(`Another Amber Ladle has ${file} open; use that one, or end it first.`);
  }
}

/**
 * Holds a household for this process alone, by a lock that the system lets go when the process ends, however it ends.
 * @returns lets it go
 * @throws AlreadyOpen where another process holds it
 */
export function holdAlone(file: string): () => void {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const lock = new Sqlite(`${file}.open`, { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code?.startsWith('SQLITE_BUSY') === true) throw new AlreadyOpen(file);
    throw error;
  }
  return () => {
    lock.close();
  };
}
