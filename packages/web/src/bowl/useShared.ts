import type { Head } from '@amber-ladle/contract';
import type { SizingWish } from '@amber-ladle/core/house';
import { computed, ref, watch, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';
import { useRested } from '../kit/useRested';

/** The heads beside the first that a bowl is for. */
export function useOthers(head: Ref<Head | undefined>) {
  const household = useHousehold();
  const chosenIds = ref<string[]>([]);
  const isApart = ref(false);
  const candidates = computed(() => household.heads.filter(({ id }) => id !== head.value?.id));
  const chosen = computed(() => candidates.value.filter(({ id }) => chosenIds.value.includes(id)));
  watch(
    () => head.value?.id,
    (id) => (chosenIds.value = chosenIds.value.filter((other) => other !== id)),
  );
  function toggle(id: string): void {
    chosenIds.value = chosenIds.value.includes(id)
      ? chosenIds.value.filter((other) => other !== id)
      : [...chosenIds.value, id];
  }
  /** Those who share the one bowl on the bench; none where each gets her own. */
  const sharing = computed(() => (isApart.value ? [] : chosen.value));
  return { candidates, chosen, chosenIds, isApart, sharing, toggle };
}

/** One bowl against a bowl each, worked out beside the screen. */
export function useCompared(wish: Ref<SizingWish | undefined>) {
  const asked = computed(() => ((wish.value?.heads.length ?? 0) > 1 ? wish.value : undefined));
  const { current } = useNewest(useRested(asked, 200).rested, (current) => sizing().together(current));
  return computed(() => (asked.value ? current.value : undefined));
}
