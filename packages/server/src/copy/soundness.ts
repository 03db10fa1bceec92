import { openRaw } from './workshop';

/** Looks through a whole file, page by page. @throws Error for one that is not sound, or in which rows belong to nothing */
export function checkSound({ file }: { readonly file: string }): void {
  const database = openRaw(file, { readonly: true });
  try {
    const integrity = database.pragma('integrity_check', { simple: true });
    if (integrity !== 'ok') throw damaged(String(integrity));
    const orphans = database.pragma('foreign_key_check') as { table: string }[];
    if (orphans.length > 0) throw damaged(`${orphans.length} rows belong to nothing, in ${orphans[0]?.table ?? ''}`);
  } finally {
    database.close();
  }
}

const damaged = (words: string): Error => Object.assign(new Error(words), { code: 'SQLITE_CORRUPT' });
