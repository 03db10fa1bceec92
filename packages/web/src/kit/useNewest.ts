import { reasonOf } from '../data/reason';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';

/**
 * The answer to a wish, worked out beside the screen. While one is under way newer wishes wait, and only the newest
 * is worked out next, so that a drag never queues up. An answer that failed leaves the last good one standing.
 */
export function useNewest<Wish, Answer>(wish: Ref<Wish | undefined>, answer: (wish: Wish) => Promise<Answer>) {
  const current = shallowRef<Answer>();
  const isWorking = ref(false);
  const failure = ref<string>();
  let isStopped = false;
  let newest = 0;

  async function run(): Promise<void> {
    newest += 1;
    if (isWorking.value) return;
    isWorking.value = true;
    let taken: number;
    do {
      taken = newest;
      const wanted = wish.value;
      failure.value = undefined;
      if (wanted === undefined) {
        current.value = undefined;
        break;
      }
      try {
        const found = await answer(wanted);
        if (!isStopped) current.value = found;
      } catch (error) {
        failure.value = reasonOf(error);
      }
      if (isStopped) return;
    } while (taken !== newest);
    isWorking.value = false;
  }

  watch(wish, () => void run(), { immediate: true });
  onScopeDispose(() => (isStopped = true));
  return { current, isWorking, failure };
}
