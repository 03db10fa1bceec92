import { watchDebounced } from '@vueuse/core';
import { computed, shallowRef, watch, type Ref } from 'vue';

/**
 * A value once it has been left alone for a while, and whether it still moves. The first there is is taken at once,
 * so that a page fills in one go and nothing jumps under a finger. Nothing in it becomes reactive.
 */
export function useRested<T>(value: Ref<T>, milliseconds: number) {
  const rested = shallowRef(value.value) as Ref<T>;
  watchDebounced(value, (now) => (rested.value = now), { debounce: milliseconds });
  watch(value, (now, before) => {
    if (before === undefined) rested.value = now;
  });
  return { rested, isMoving: computed(() => rested.value !== value.value) };
}
