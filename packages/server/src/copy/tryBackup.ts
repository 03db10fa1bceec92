import { message, type Message } from '@amber-ladle/core/message';
import { checkHouseholdCopy, openDatabase } from '../schema/database';
import { UnsoundDatabase } from '../schema/unsound';
import { clockAt } from './lookOver';
import { checkSound } from './soundness';
import { tablesOf } from './tables';
import { reasonOf, tryOut } from './trial';
import { openRaw } from './workshop';

/** Why a copy is not put in the place of a household. */
const UNSOUND: Readonly<Record<UnsoundDatabase['why'], Message>> = {
  empty: message('copy.backup-empty'),
  'no-household': message('copy.backup-without-household'),
  newer: message('copy.backup-newer'),
};

/** Rows by table, or what is wrong with it. */
export type Tried = { readonly counts: Record<string, number> } | { readonly fault: Message };

/**
 * Brings a copy up to date and uses it as screens would.
 * @param file of the copy, which is changed
 * @param now ISO 8601
 */
export async function tryBackup({ file, now }: { readonly file: string; readonly now: string }): Promise<Tried> {
  try {
    checkHouseholdCopy(file);
    const first = await firstFault(file, now);
    if (first !== undefined) return { fault: first };
    checkSound({ file });
    return { counts: countsIn(file) };
  } catch (error) {
    if (error instanceof UnsoundDatabase) return { fault: UNSOUND[error.why] };
    return { fault: message('copy.backup-damaged', { why: reasonOf(error) }) };
  }
}

/** Opening brings it up to date. */
async function firstFault(file: string, now: string): Promise<Message | undefined> {
  const source = await openDatabase(file);
  try {
    const [first] = await tryOut(source, clockAt(now));
    await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
    return first?.what;
  } finally {
    await source.destroy();
  }
}

function countsIn(file: string): Record<string, number> {
  const database = openRaw(file, { readonly: true });
  try {
    return Object.fromEntries(
      tablesOf(database).map(({ name }) => [
        name,
        database.prepare(`SELECT count(*) FROM ${name}`).pluck<number>().get() ?? 0,
      ]),
    );
  } finally {
    database.close();
  }
}
