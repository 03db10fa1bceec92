import { NO_STORY, type RankWish, type Ranking } from '@amber-ladle/core/judge';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { sizing } from '../data/sizing';
import type { HeadOnPage } from '../data/sizing.worker';
import { useNewest } from '../kit/useNewest';

/** Looked at anew every quarter of an hour, and whenever something changes. */
const QUARTER = 900_000;

/** Masks for heads, the best first and each with its reasons, worked out beside the screen. */
export function useRanking(
  headIds: Ref<readonly string[]>,
  asked: Ref<Pick<RankWish, 'minutes' | 'slot' | 'without'>>,
) {
  const household = useHousehold();
  const shelf = useShelf();
  shelf.load().catch(() => undefined);
  const heads = computed<HeadOnPage[]>(() =>
    headIds.value.flatMap((id) => {
      const head = household.headById(id);
      if (!head) return [];
      const { ageYears, sensitiveSkin, profile } = head;
      const { ratings } = household.learning.heads[id] ?? { ratings: {} };
      return [
        {
          ...{ id, ageYears, sensitiveSkin, profile },
          ratings,
          story: { ...NO_STORY, ...head.story },
          wore: household.histories[id] ?? [],
        },
      ];
    }),
  );
  /** Of its own, so that a minute that goes by is nothing new: a wish that is made anew is ranked anew. */
  const quarter = computed(() => Math.floor(household.moment / QUARTER) * QUARTER);
  const wish = computed(() =>
    shelf.isReady && heads.value.length > 0
      ? {
          masks: household.masks,
          heads: heads.value,
          lots: shelf.lots,
          wish: {
            ...asked.value,
            now: quarter.value,
            timeZone: household.settings.timeZone,
            schools: household.settings.schools,
          } satisfies RankWish,
          // The worker knows it, and ranks anew when it changes.
          house: household.house,
        }
      : undefined,
  );
  const { current, isWorking, failure } = useNewest(wish, ({ masks, heads: all, lots, wish: rank }) =>
    sizing().rank(masks, all, lots, rank),
  );
  const rankings = computed<Readonly<Record<string, Ranking>>>(() => current.value ?? {});
  return { rankings, isWorking, failure };
}
