import { useIntervalFn } from '@vueuse/core';
import { ref, watch, type Ref } from 'vue';
import { useHousehold } from './household';

/** The household's present, moving by the second while a screen looks at it. */
export function useSecond(): Readonly<Ref<number>> {
  const household = useHousehold();
  const second = ref(household.now().getTime());
  const look = (): void => void (second.value = household.now().getTime());
  useIntervalFn(look, 1000);
  // A clock that was set is followed at once.
  watch(() => household.moment, look);
  return second;
}
