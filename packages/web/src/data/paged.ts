import type { Page, Topic } from '@amber-ladle/contract';
import { computed, ref, watch, type ComputedRef } from 'vue';
import { useAnswer } from './answer';

/** A list that the server gives page by page. */
export interface Listed<P> {
  /** What tells it from other lists. */
  readonly of: string;
  readonly changesWith: readonly Topic[];
  readonly ask: (offset: number, limit: number) => Promise<P>;
}

/**
 * The beginning of a list, and further pages once they are asked for; what is shown is read anew together. Another list begins
 * with its first page again.
 * @param list nothing where it is not known yet which
 * @param perPage rows that are read at once
 */
export function usePaged<P extends Page<unknown>>(
  list: () => Listed<P> | undefined,
  perPage: number,
): { readonly page: ComputedRef<P | undefined>; readonly readMore: () => void; readonly again: () => Promise<void> } {
  const pages = ref(1);
  const asked = computed(list);
  watch(
    () => asked.value?.of,
    () => (pages.value = 1),
    { flush: 'sync' },
  );
  const { value: page, again } = useAnswer(() => {
    const one = asked.value;
    return (
      one && {
        key: [one.of, pages.value],
        changesWith: one.changesWith,
        ask: async () => {
          const [first, ...more] = await Promise.all([
            one.ask(0, perPage),
            ...Array.from({ length: pages.value - 1 }, (_, i) => one.ask((i + 1) * perPage, perPage)),
          ]);
          return { ...first, items: [first, ...more].flatMap(({ items }) => items) };
        },
      }
    );
  });
  return {
    page,
    readMore: () => {
      pages.value += 1;
    },
    again,
  };
}
