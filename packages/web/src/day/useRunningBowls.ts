import { maskWorn, type Bowl, type BowlLife, type BowlSummary } from '@amber-ladle/contract';
import { bowlBudget, bowlPastOf, bowlRuleOf, type BowlBudget } from '@amber-ladle/core/shelf';
import { wearState, type WearState } from '@amber-ladle/core/washday';
import { createSharedComposable } from '@vueuse/core';
import { computed, shallowRef, watch } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useSecond } from '../data/useSecond';

/** A head that has a bowl on. */
export interface WornHead {
  readonly headId: string;
  readonly name: string;
  readonly state: WearState;
}
/** A bowl whose clock runs. */
export interface RunningBowl {
  readonly summary: BowlSummary;
  /** Nothing where what is in it does not spoil. */
  readonly budget: BowlBudget | undefined;
  readonly worn: readonly WornHead[];
}

/** Bowls whose clock runs, and whom they are on; shared, so that each is opened once. */
export const useRunningBowls = createSharedComposable(runningBowls);

function runningBowls() {
  const household = useHousehold();
  const shelf = useShelf();
  const notice = useNotice();
  const second = useSecond();
  const running = computed(() =>
    household.bowls.items.flatMap((summary) => {
      const { life } = summary;
      return life && life.stays.length > 0 && !life.endedAt ? [{ summary, life }] : [];
    }),
  );
  /** How warm it was where they stand is only asked for where there are any. */
  watch(
    () => running.value.length > 0,
    (isAny) => {
      if (isAny)
        shelf.load().catch((error: unknown) => {
          notice.fail(error);
        });
    },
    { immediate: true },
  );
  /** What is in them decides; they are read once each. */
  const whole = shallowRef<ReadonlyMap<string, Bowl>>(new Map());
  watch(
    () => running.value.map(({ summary }) => summary.id).join(),
    async () => {
      const read = await Promise.allSettled(
        running.value.map(async ({ summary: { id } }) => whole.value.get(id) ?? household.readBowl(id)),
      );
      whole.value = new Map(read.flatMap((one) => (one.status === 'fulfilled' ? [[one.value.id, one.value]] : [])));
    },
    { immediate: true },
  );

  const budgetOf = ({ snapshot: { ingredients, mask } }: Bowl, life: BowlLife): BowlBudget | undefined => {
    const strictest = bowlRuleOf(ingredients);
    if (!strictest || !shelf.isReady) return undefined;
    const past = bowlPastOf(life, mask.keeping, strictest);
    return bowlBudget(past, shelf.climate, household.settings.timeZone, household.moment);
  };
  const wornOf = ({ snapshot }: Bowl, life: BowlLife): WornHead[] => {
    const { head, others } = snapshot;
    const { wear } = maskWorn({ snapshot, life });
    return Object.entries(life.wearing).flatMap(([headId, { wornFrom, rinsedAt }]) => {
      if (!wornFrom || rinsedAt) return [];
      const name = [head, ...others].find(({ id }) => id === headId)?.name ?? household.headById(headId)?.name ?? '';
      return [{ headId, name, state: wearState(wear, wornFrom, second.value) }];
    });
  };
  const bowls = computed<readonly RunningBowl[]>(() =>
    running.value.flatMap(({ summary, life }) => {
      const bowl = whole.value.get(summary.id);
      return bowl ? [{ summary, budget: budgetOf(bowl, life), worn: wornOf(bowl, life) }] : [];
    }),
  );
  return { bowls, second };
}
