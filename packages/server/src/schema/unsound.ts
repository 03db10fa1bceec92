import { Sqlite } from '../kernel/sqlite';
import { closeSync, existsSync, openSync, readdirSync, readSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** A household's file that must not be opened: opening it would make a new household of it, or change what a newer program wrote. */
export class UnsoundDatabase extends Error {
  constructor(
    readonly why: 'empty' | 'no-household' | 'newer',
    words: string,
  ) {
    super(words);
  }
}

/** Where the copies of a household lie. */
export const backupsBeside = (file: string): string => join(dirname(file), 'backups');

const copiesBeside = (file: string): string => {
  const folder = backupsBeside(file);
  const copies = existsSync(folder)
    ? readdirSync(folder)
        .filter((name) => name.endsWith('.sqlite'))
        .sort()
    : [];
  const last = copies.at(-1);
  return last
    ? ` The latest of ${copies.length} copies is ${join(folder, last)}: put it in its place, or move the file away to begin anew.`
    : ' Move it away to begin anew.';
};

/**
 * Looks at a file before anything is written to it. One that is not there is no fault: it is a new household; nor is one without
 * anything in it where there are no copies either: a first start that was cut off.
 * @param known names of all changes of the tables that this program knows
 * @throws UnsoundDatabase for an empty file, a database without a household, or one of a newer program; what SQLite says for a file
 * that is no database
 */
export function checkBeforeOpening(file: string, known: readonly string[]): void {
  if (!existsSync(file)) return;
  try {
    checkCopy(file, known);
  } catch (error) {
    if (!(error instanceof UnsoundDatabase) || error.why === 'newer') throw error;
    if (error.why === 'empty' && !existsSync(backupsBeside(file))) return;
    throw new UnsoundDatabase(error.why, error.message + copiesBeside(file));
  }
}

/** The same of a copy: one without a household in it is none, whatever lies beside it. @throws as {@link checkBeforeOpening} */
export function checkCopy(file: string, known: readonly string[]): void {
  if (statSync(file).size === 0) throw new UnsoundDatabase('empty', `${file} is empty.`);
  const seen = seenBy(file);
  if (seen.tables === 0) throw new UnsoundDatabase('empty', `${file} has nothing in it.`);
  if (!seen.migrations) throw new UnsoundDatabase('no-household', `${file} holds no household.`);
  if (seen.migrations.some((name) => !known.includes(name)))
    throw new UnsoundDatabase(
      'newer',
      `${file} was written by a newer Amber Ladle than this one, and is left as it is. Use that one, or a copy from before.`,
    );
}

/** How many tables a database has, and the changes that it has seen; none of those where it has no list of them. */
function seenBy(file: string): { readonly tables: number; readonly migrations?: readonly string[] } {
  const database = new Sqlite(file, { readonly: true, fileMustExist: true });
  try {
    const names = database.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck<string>().all();
    if (!names.includes('migrations') || !names.includes('head')) return { tables: names.length };
    return {
      tables: names.length,
      migrations: database.prepare('SELECT name FROM migrations').pluck<string>().all(),
    };
  } finally {
    database.close();
  }
}

/**
 * Whether a file is a database from its first letter to its last page, by its own head: what was cut off is none.
 * The head's letters, its page size and its number of pages: https://www.sqlite.org/fileformat2.html, section 1.3.
 */
export function looksLikeCopy(file: string): boolean {
  const head = Buffer.alloc(HEAD_BYTES);
  const handle = openSync(file, 'r');
  try {
    if (readSync(handle, head) < HEAD_BYTES || head.toString('latin1', 0, NAME.length) !== NAME) return false;
  } finally {
    closeSync(handle);
  }
  const said = head.readUInt16BE(16);
  // 65,536 does not fit in two bytes, and is written as one.
  const pageBytes = said === 1 ? 65_536 : said;
  return statSync(file).size === pageBytes * head.readUInt32BE(28);
}
const HEAD_BYTES = 100;
const NAME = 'SQLite format 3\u0000';
