import { bestOf, type Best } from '@amber-ladle/core/judge';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';
import { useWeeks } from '../data/useWeeks';
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
  /** What the plan of the weeks has for today goes before what today alone would say. */
  const weeks = useWeeks();
  const planned = computed<(Best & { readonly headIds: readonly string[] }) | undefined>(() => {
    const { plan } = weeks.held;
    const bowls = plan?.day === weeks.today ? plan.bowls : [];
    return bowls
      .filter(({ day }) => day === weeks.today)
      .flatMap(({ maskId, headIds }) => {
        const [headId = ''] = headIds;
        const all = rankings.value[headId]?.ranked ?? [];
        const ranked = all.find((one) => one.maskId === maskId);
        const runnerUp = all.find((one) => one.maskId !== maskId);
        return ranked ? [{ headId, headIds, ranked, ...(runnerUp ? { runnerUp } : {}) }] : [];
      })
      .sort((a, b) => b.ranked.score - a.ranked.score)[0];
  });
  const best = computed(() => planned.value ?? bestOf(rankings.value, ids.value));
  const wish = computed(() => {
    const mask = household.maskById(best.value?.ranked.maskId);
    const head = household.headById(best.value?.headId);
    // The worker knows the house, and sizes anew when it changes.
    return best.value && mask && head ? { mask, head, house: household.house, ...best.value } : undefined;
  });
  const { current, isWorking } = useNewest(wish, async ({ mask, head, ranked, runnerUp }) => {
    const { id } = head;
    const found = await sizing().suggestion(mask, head, shelf.lots, household.moment);
    const { headIds = [id] } = planned.value?.ranked === ranked ? planned.value : {};
    return { ...found, ranked, runnerUp, headIds, isPlanned: planned.value?.ranked === ranked };
  });
  return { suggestion: current, isWorking: computed(() => isWorking.value || isRanking.value) };
}
