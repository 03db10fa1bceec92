import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue';

/** By then a tab has heard from the server of what was told by another, or by the page that was here before. */
const HEARD_AFTER_MILLISECONDS = 3000;

/**
 * A list that all tabs share, with what was taken out of it a moment ago without the answer being known here: by another tab,
 * or for a page that was left. The screen has still to hear of it, and would go back for a moment to how things were.
 * @param shared a new list each time it changes
 * @param isAnswered whether the answer is known here
 * @param aboutOf what it is about: an answer holds all that was told of the same before it
 */
export function untilHeard<T extends { readonly pressId: string }>(
  shared: Ref<T[]>,
  isAnswered: (pressId: string) => boolean,
  aboutOf: (one: T) => string,
): ComputedRef<readonly T[]> {
  const passing = shallowRef<readonly T[]>([]);
  watch(
    shared,
    (now, before) => {
      const still = new Set(now.map(({ pressId }) => pressId));
      const toldOf = before.filter(({ pressId }) => !still.has(pressId));
      const known = new Set(toldOf.filter(({ pressId }) => isAnswered(pressId)).map(aboutOf));
      const gone = toldOf.filter(({ pressId }) => !isAnswered(pressId));
      // Put on top of a later answer, what was told before it would undo what came after.
      passing.value = [...passing.value.filter((one) => !known.has(aboutOf(one))), ...gone];
      if (gone.length === 0) return;
      setTimeout(() => {
        passing.value = passing.value.filter((one) => !gone.includes(one));
      }, HEARD_AFTER_MILLISECONDS);
    },
    { flush: 'sync' },
  );
  return computed(() => [...passing.value, ...shared.value]);
}
