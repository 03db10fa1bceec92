import { computed, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { useHousehold } from '../data/household';
import { useKeptBowl } from '../data/useKeptBowl';

/** Which bowl travels along the path: the one named in the address, else the newest kept. */
export function useCurrentBowlId(): ComputedRef<string | undefined> {
  const household = useHousehold();
  const route = useRoute();
  return computed(() => (route.query['bowl'] ? String(route.query['bowl']) : household.bowls.items[0]?.id));
}

/** The bowl that travels along the path, whole. */
export const useCurrentBowl = () => useKeptBowl(useCurrentBowlId());
