import type { SizedBowl, SizedHead, SizeOptions } from '@amber-ladle/core/batch';
import type { Mask } from '@amber-ladle/core/mask';
import { wrap, type Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { Sizing } from '../workers/sizing.worker';

let shared: Remote<Sizing> | undefined;

/** The worker that fits bowls; one for all screens. */
function sizing(): Remote<Sizing> {
  shared ??= wrap<Sizing>(new Worker(new URL('../workers/sizing.worker.ts', import.meta.url), { type: 'module' }));
  return shared;
}

export interface SizingWish {
  readonly head: SizedHead;
  readonly mask: Mask;
  readonly options: SizeOptions;
}

/** Plain data that a worker can be sent: reactive proxies cannot. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * The sized bowl for a wish, fitted beside the screen. While one is under way newer wishes wait, and only the
 * newest is fitted next, so that a drag never queues up.
 */
export function useSizing(wish: Ref<SizingWish | undefined>) {
  const bowl = shallowRef<SizedBowl>();
  const isFitting = ref(false);
  const failure = ref<string>();
  let isStopped = false;
  let isDirty = false;

  async function run(): Promise<void> {
    if (isFitting.value) {
      isDirty = true;
      return;
    }
    isFitting.value = true;
    do {
      isDirty = false;
      const current = wish.value;
      if (!current) break;
      try {
        const { head, mask, options } = plain(current);
        const sized = await sizing().size(head, mask, options);
        if (isStopped) return;
        bowl.value = sized;
        failure.value = undefined;
      } catch (error) {
        failure.value = error instanceof Error ? error.message : String(error);
      }
    } while (isDirty && !isStopped);
    isFitting.value = false;
  }

  watch(wish, () => void run(), { immediate: true });
  onScopeDispose(() => (isStopped = true));
  return { bowl, isFitting, failure };
}
