import { AlreadyOpen } from './schema/onlyOne';
import { UnsoundDatabase } from './schema/unsound';

/** Codes of a folder that cannot be made or written. */
const FOLDER_CODES = new Set(['EACCES', 'EROFS', 'EPERM', 'ENOTDIR', 'ENOENT', 'EEXIST']);

/**
 * What a person should read when starting fails, in one sentence that says what to do.
 * @param port the port that was asked for
 * @param folder the data folder that was asked for
 */
export function plainReason(error: unknown, port: number, folder: string): string {
  if (error instanceof UnsoundDatabase || error instanceof AlreadyOpen) return error.message;
  const { code, message = '' } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') return `Port ${port} is taken by another program; set AMBER_LADLE_PORT to a free one.`;
  if (FOLDER_CODES.has(code ?? '') || /readonly|unable to open/i.test(message))
    return `The data folder ${folder} cannot be written; set AMBER_LADLE_DATA to one that can.`;
  if (/not a database|malformed/i.test(message))
    return `The file in ${folder} is not a readable database; move it away or restore the copy beside it.`;
  return `Amber Ladle could not start: ${message}`;
}
