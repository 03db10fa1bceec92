import { watchDebounced } from '@vueuse/core';
import { computed, shallowRef, type Ref } from 'vue';

/** A value once it has been left alone for a while, and whether it still moves. Nothing in it becomes reactive. */
export function useRested<T>(value: Ref<T>, milliseconds: number) {
  const rested = shallowRef(value.value) as Ref<T>;
  watchDebounced(value, (now) => (rested.value = now), { debounce: milliseconds });
  return { rested, isMoving: computed(() => rested.value !== value.value) };
}
