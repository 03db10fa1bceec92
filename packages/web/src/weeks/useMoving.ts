import type { WeekBowl } from '@amber-ladle/core/plan';
import { createInjectionState } from '@vueuse/core';
import { computed, shallowRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWeeks } from '../data/useWeeks';
import { weeksAsked } from '../data/weeks';
import { useNewest } from '../kit/useNewest';
import { weeksText, dayWord, trialWords } from '@amber-ladle/words';
import { useShownDays } from './useShownDays';
import { useWishes } from './useWishes';

/** A bowl on its way to another day, and what it would come to there: begun by the page, shared with its board. */
const [beginMoving, useMovingOnBoard] = createInjectionState(() => {
  const household = useHousehold();
  const weeks = useWeeks();
  const wishes = useWishes();
  const { days } = useShownDays();
  const moving = shallowRef<WeekBowl>();
  const over = shallowRef<number>();
  const wish = computed(() =>
    moving.value && over.value !== undefined && over.value !== moving.value.on
      ? { bowl: moving.value, on: over.value }
      : undefined,
  );
  const { current: tried } = useNewest(wish, async ({ bowl, on }) => {
    const { maskId, headIds } = bowl;
    const found = await weeksAsked().ifMoved({ maskId, headIds, on: bowl.on }, { maskId, headIds, on });
    return { on, found };
  });
  /** What it would come to on the day over which it is held. */
  const trial = computed(() => {
    if (!wish.value) return '';
    const { on } = wish.value;
    if (tried.value?.on !== on) return weeksText.lookingWhatThatWould;
    const day = dayWord(days.value[on]?.day ?? '', weeks.today, household.where);
    return trialWords(day, tried.value.found, household.catalogue, household.where);
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
  function move(bowl: WeekBowl, by: number): void {
    const on = bowl.on + by;
    if (on >= 0 && on < days.value.length) wishes.move(bowl, on);
  }
  function drop(on: number): void {
    const bowl = moving.value;
    letGo();
    if (bowl && bowl.on !== on) wishes.move(bowl, on);
  }
  function hover(on: number, event: DragEvent): void {
    over.value = on;
    if (event.dataTransfer) event.dataTransfer.dropEffect = 'move';
  }
  return { moving, over, trial, take, letGo, move, drop, hover };
});

/** @throws RangeError outside of a page that has begun it */
function useMoving() {
  const moving = useMovingOnBoard();
  if (!moving) throw new RangeError('Nothing can be moved where no page of weeks is.');
  return moving;
}
export { beginMoving, useMoving };
