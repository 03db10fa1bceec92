import { ref, watch, type Ref } from 'vue';
import { speak } from './speech';
import { useThisDevice } from './useThisDevice';

/** Something to be said, and what it is about: it is said again only when that changes. */
export interface Said {
  readonly key: string;
  readonly text: string;
}

/**
 * What a screen says to those who listen: the text for a live region, read aloud as well where this device is wished to.
 * @param locale whose voice reads
 */
export function useAloud(said: () => Said | undefined, locale: () => string): Readonly<Ref<string>> {
  const wishes = useThisDevice();
  const text = ref('');
  watch(
    () => said()?.key,
    () => {
      const next = said()?.text ?? '';
      if (next === text.value) return;
      text.value = next;
      if (wishes.value.speaks) speak(next, locale());
    },
    { immediate: true },
  );
  return text;
}
