import type { WeekBowl } from '@amber-ladle/core/plan';
import { computed, shallowRef } from 'vue';
import { weeksAsked } from '../data/weeks';
import { plain } from '../data/sizing';
import { useNewest } from '../kit/useNewest';

/** A bowl on its way to another day, and what it would come to there. */
export function useMoving() {
  const moving = shallowRef<WeekBowl>();
  const over = shallowRef<number>();
  const wish = computed(() =>
    moving.value && over.value !== undefined && over.value !== moving.value.on
      ? { bowl: moving.value, on: over.value }
      : undefined,
  );
  const { current } = useNewest(wish, async ({ bowl, on }) => {
    const { maskId, headIds } = bowl;
    const found = await weeksAsked().ifMoved(plain({ maskId, headIds, on: bowl.on }), plain({ maskId, headIds, on }));
    return { on, found };
  });
  function take(bowl: WeekBowl, event: DragEvent): void {
    moving.value = bowl;
    event.dataTransfer?.setData('text/plain', bowl.maskId);
    if (event.dataTransfer) event.dataTransfer.effectAllowed = 'move';
  }
  function letGo(): void {
    moving.value = undefined;
    over.value = undefined;
  }
  return { moving, over, tried: current, take, letGo };
}
