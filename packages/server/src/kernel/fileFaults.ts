import type { FileAnswer } from '@amber-ladle/contract';
import type { RowFault } from '@amber-ladle/core/exchange';
import { sentenceOf, type Reader } from '@amber-ladle/words';

/** What is wrong with one line of a file, in words. */
export type LineFault = FileAnswer['faults'][number];

/** What the reader of a table found, in words. */
export const inWords = (faults: readonly RowFault[], reader: Reader): LineFault[] =>
  faults.map(({ line, column, what }) => ({ line, column, words: sentenceOf(what, reader) }));
