import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue';

/** By then a tab has heard from the server of what was told by another, or by the page that was here before. */
const HEARD_AFTER_MILLISECONDS = 3000;

/**
 * A list that all tabs share, with what was taken out of it a moment ago without the answer being known here: by another tab,
 * or for a page that was left. The screen has still to hear of it, and would go back for a moment to how things were.
 * @param shared a new list each time it changes
 * @param isAnswered whether the answer is known here
 */
export function untilHeard<T extends { readonly pressId: string }>(
  shared: Ref<T[]>,
  isAnswered: (pressId: string) => boolean,
): ComputedRef<readonly T[]> {
  const passing = shallowRef<readonly T[]>([]);
  watch(
    shared,
    (now, before) => {
      const still = new Set(now.map(({ pressId }) => pressId));
      const gone = before.filter(({ pressId }) => !still.has(pressId) && !isAnswered(pressId));
      if (gone.length === 0) return;
      passing.value = [...passing.value, ...gone];
      setTimeout(() => {
        passing.value = passing.value.filter((one) => !gone.includes(one));
      }, HEARD_AFTER_MILLISECONDS);
    },
    { flush: 'sync' },
  );
  return computed(() => [...passing.value, ...shared.value]);
}
