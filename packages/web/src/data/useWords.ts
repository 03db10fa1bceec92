import type { Message } from '@amber-ladle/core/message';
import { listed, sentenceOf, sentencesOf, type Reader } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from './household';

/** What the core has to say, in the household's words and spoons. */
export function useWords() {
  const household = useHousehold();
  const reader = computed<Reader>(() => ({ locale: household.settings.locale, spoons: household.spoons }));
  return {
    say: (message: Message): string => sentenceOf(message, reader.value),
    sayAll: (messages: readonly Message[]): string => sentencesOf(messages, reader.value),
    listed: (words: readonly string[]): string => listed(words, reader.value.locale),
  };
}
