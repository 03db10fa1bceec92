import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useHousehold } from '../data/household';
import { useKeptBowl } from '../data/useKeptBowl';

/** The bowl that travels along the path: the one named in the address, else the newest kept. */
export function useCurrentBowl() {
  const household = useHousehold();
  const route = useRoute();
  const id = computed(() => (route.query['bowl'] ? String(route.query['bowl']) : household.bowls.items[0]?.id));
  return useKeptBowl(id);
}
