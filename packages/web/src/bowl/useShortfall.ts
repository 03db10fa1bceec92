import type { SizedBowl } from '@amber-ladle/core/batch';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, type Ref } from 'vue';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';
import { useRested } from '../kit/useRested';

/** The hand rests this long before bowls are simulated, so that a drag never waits for it. */
const REST_MILLISECONDS = 220;
const SAMPLES = 20_000;

export interface ShortfallWish {
  readonly bowl: SizedBowl;
  readonly mask: Mask;
  /** Ingredients whose pieces were weighed. */
  readonly weighed: readonly string[];
}

/** The chance of running short by simulation, worked out beside the screen once the bench is at rest. */
export function useShortfall(wish: Ref<ShortfallWish | undefined>) {
  const { rested, isMoving } = useRested(wish, REST_MILLISECONDS);
  const { current, isWorking } = useNewest(rested, ({ bowl, mask, weighed }) =>
    sizing().shortfall(bowl, mask, { samples: SAMPLES, weighed: [...weighed] }),
  );
  const isPending = computed(() => isWorking.value || isMoving.value);
  return { shortfall: current, isPending };
}
