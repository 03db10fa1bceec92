import type { Message } from '@amber-ladle/core/message';
import { listed, sentenceOf, sentencesOf, spelt, type Reader } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from './household';

/** What the core has to say, in the household's words and spoons. */
export function useWords() {
  const household = useHousehold();
  const reader = computed<Reader>(() => ({ ...household.where, spoons: household.spoons }));
  return {
    say: (message: Message): string => sentenceOf(message, reader.value),
    sayAll: (messages: readonly Message[]): string => sentencesOf(messages, reader.value),
    /** A screen's own words, as the household spells them. */
    spell: (words: string): string => spelt(words, reader.value.locale),
    listed: (words: readonly string[]): string => listed(words, reader.value.locale),
  };
}
