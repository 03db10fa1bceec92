import { listed } from '@amber-ladle/words';

/**
 * Things one after the other, as the language of the page sets them apart; where the last is joined by a word, `listed` says it.
 * @example inARow(['avocado', 'honey', 'oats']) // 'avocado, honey, oats'
 */
export const inARow = (words: readonly string[]): string => listed(words, pageLanguage(), 'unit');

/** What the page says that it is written in; nothing where there is no page, as in a test without one. */
const pageLanguage = (): string | undefined =>
  typeof document === 'undefined' ? undefined : document.documentElement.lang || undefined;
