import { until } from '@vueuse/core';
import { nextTick, ref, type Ref } from 'vue';

/** What comes later does not wait longer for what comes first, milliseconds. */
const MOST_MILLISECONDS = 1500;
/** Long enough that what came first is seen, milliseconds. */
const A_LOOK_MILLISECONDS = 30;

let isOpening = true;

/**
 * First things first: when the app has just been opened, a slow phone shows what is asked of a page before it draws what
 * stands about it. Once something was shown, everything comes at once.
 *
 * @param first true as soon as what is asked for is there
 * @returns true when the rest may come
 */
export function useFirstThings(first: Ref<boolean>): Ref<boolean> {
  const isTime = ref(!isOpening);
  if (!isOpening) return isTime;
  isOpening = false;
  void until(first)
    .toBe(true, { timeout: MOST_MILLISECONDS })
    .then(() => nextTick())
    .then(() => setTimeout(() => (isTime.value = true), A_LOOK_MILLISECONDS));
  return isTime;
}
