import type { SizingWish } from '@amber-ladle/core/house';
import type { Ref } from 'vue';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';

/** The sized bowl for a wish, fitted in the worker. */
export function useSizing(wish: Ref<SizingWish | undefined>) {
  const { current, isWorking, failure } = useNewest(wish, (current) => sizing().size(current));
  return { bowl: current, isFitting: isWorking, failure };
}
