/** Why the disk did not take a write, or could not be read. */
export type StorageTrouble = 'full' | 'read-only' | 'broken' | 'failing';

const CODES: readonly (readonly [RegExp, StorageTrouble])[] = [
  [/^SQLITE_FULL/, 'full'],
  [/^SQLITE_READONLY/, 'read-only'],
  [/^SQLITE_(?:CORRUPT|NOTADB)/, 'broken'],
  [/^SQLITE_(?:IOERR|CANTOPEN|BUSY|LOCKED|NOMEM|PROTOCOL)/, 'failing'],
  [/^(?:ENOSPC|EDQUOT|EFBIG)$/, 'full'],
  [/^(?:EROFS|EACCES|EPERM)$/, 'read-only'],
  [/^EIO$/, 'failing'],
];

/**
 * What of an error is the disk's fault, by the code that SQLite or the system gave it, also where a library wrapped it.
 * @returns nothing for any other error
 */
export function troubleOf(error: unknown): StorageTrouble | undefined {
  for (let one = error, depth = 0; typeof one === 'object' && one !== null && depth < 4; depth++) {
    const { code, driverError, cause } = one as { code?: unknown; driverError?: unknown; cause?: unknown };
    const found = typeof code === 'string' ? CODES.find(([pattern]) => pattern.test(code)) : undefined;
    if (found) return found[1];
    one = driverError ?? cause;
  }
  return undefined;
}
