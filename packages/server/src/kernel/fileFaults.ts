import type { Message } from '@amber-ladle/core/message';
import { sentenceOf, type Reader } from '@amber-ladle/words';

/** What is wrong with lines of a file, in words. */
export const inWords = <Where extends object>(
  faults: readonly (Where & { readonly what: Message })[],
  reader: Reader,
): (Omit<Where, 'what'> & { words: string })[] =>
  faults.map(({ what, ...where }) => ({ ...where, words: sentenceOf(what, reader) }));
