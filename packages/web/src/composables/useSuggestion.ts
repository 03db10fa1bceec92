import { computed } from 'vue';
import { useHousehold } from '../stores/household';
import { useShelf } from '../stores/shelf';
import { plain, sizing } from '../workers/sizing';
import { useNewest } from './useNewest';

/** The one bowl worth making now for what would be lost otherwise, worked out beside the screen. */
export function useSuggestion() {
  const household = useHousehold();
  const shelf = useShelf();
  /** Looked at anew every quarter of an hour, and whenever something changes. */
  const QUARTER = 900_000;
  const quarter = computed(() => Math.floor(household.moment / QUARTER) * QUARTER);
  const wish = computed(() =>
    shelf.isReady && household.heads.length > 0
      ? {
          masks: household.masks,
          heads: household.heads.map(({ id, profile, ageYears, sensitiveSkin }) => ({
            headId: id,
            head: { profile, wearer: { ageYears, sensitiveSkin } },
          })),
          lots: shelf.lots,
          climate: shelf.climate,
          spoons: household.spoons,
          now: quarter.value,
        }
      : undefined,
  );
  const { current, isWorking } = useNewest(wish, ({ masks, heads, lots, climate, spoons, now }) =>
    sizing().suggest(plain(masks), plain(heads), plain(lots), plain(climate), plain(spoons), now),
  );
  return { suggestion: current, isWorking };
}
