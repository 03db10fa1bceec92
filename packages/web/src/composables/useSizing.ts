import type { SizedHead, SizeOptions } from '@amber-ladle/core/batch';
import type { Mask } from '@amber-ladle/core/mask';
import type { Ref } from 'vue';
import { plain, sizing } from '../workers/sizing';
import { useNewest } from './useNewest';

export interface SizingWish {
  readonly head: SizedHead;
  readonly mask: Mask;
  readonly options: SizeOptions;
}

/** The sized bowl for a wish, fitted in the worker. */
export function useSizing(wish: Ref<SizingWish | undefined>) {
  const { current, isWorking, failure } = useNewest(wish, (current) => {
    const { head, mask, options } = plain(current);
    return sizing().size(head, mask, options);
  });
  return { bowl: current, isFitting: isWorking, failure };
}
