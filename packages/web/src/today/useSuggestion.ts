import { bestOf } from '@amber-ladle/core/judge';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { plain, sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';
import { useRanking } from '../mask';

/** The one bowl worth making now: the best of everybody's ranking, sized, with what it saves and what is missing. */
export function useSuggestion() {
  const household = useHousehold();
  const shelf = useShelf();
  const ids = computed(() => household.heads.map(({ id }) => id));
  const { rankings, isWorking: isRanking } = useRanking(
    ids,
    computed(() => ({})),
  );
  const best = computed(() => bestOf(rankings.value, ids.value));
  const wish = computed(() => {
    const mask = household.maskById(best.value?.ranked.maskId);
    const head = household.headById(best.value?.headId);
    return best.value && mask && head ? { mask, head, ...best.value } : undefined;
  });
  const { current, isWorking } = useNewest(wish, async ({ mask, head, ranked, runnerUp }) => {
    const { id } = head;
    const sized = household.taught(head, { texture: mask.texture });
    const now = household.moment;
    const found = await sizing().suggestion(plain(mask), id, plain(sized), plain(shelf.lots), now);
    return { ...found, ranked, runnerUp };
  });
  return { suggestion: current, isWorking: computed(() => isWorking.value || isRanking.value) };
}
