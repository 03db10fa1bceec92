import { api, type Bowl, type BowlEnd, type BowlLife } from '@amber-ladle/contract';
import { bowlBudget, bowlPastOf, bowlRuleOf, budgetCourse, spansOf, type BowlPast } from '@amber-ladle/core/shelf';
import { computed, onMounted, type Ref } from 'vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';

/** How long a kept bowl may still be used, and what hands do with it. */
export function useBowlLife(bowl: Ref<Bowl | undefined>, life: Ref<BowlLife | undefined>) {
  const household = useHousehold();
  const shelf = useShelf();
  const notice = useNotice();
  onMounted(() =>
    shelf.load().catch((error: unknown) => {
      notice.fail(error);
    }),
  );

  /** By the rows that it was reckoned with, whatever was corrected since. */
  const strictest = computed(() => bowlRuleOf(bowl.value?.snapshot.ingredients ?? []));
  const past = computed<BowlPast | undefined>(() => {
    const keeping = bowl.value?.snapshot.mask.keeping;
    if (!life.value || !keeping || !strictest.value || life.value.stays.length === 0) return undefined;
    return bowlPastOf(life.value, keeping, strictest.value);
  });
  const budget = computed(() =>
    past.value && shelf.isReady
      ? bowlBudget(
          past.value,
          shelf.climate,
          household.settings.timeZone,
          household.moment,
          shelf.places.find(({ kind }) => kind === 'fridge'),
        )
      : undefined,
  );
  const course = computed(() => (past.value ? budgetCourse(past.value, shelf.climate, household.moment) : []));
  const spans = computed(() =>
    past.value ? spansOf(past.value.stays, shelf.climate, Date.parse(past.value.madeAt), household.moment) : [],
  );
  const strictestName = computed(() => {
    const id = strictest.value?.ingredientIds[0];
    return bowl.value?.snapshot.ingredients.find((row) => row.id === id)?.name.toLowerCase() ?? '';
  });

  async function told(life: Promise<BowlLife>): Promise<BowlLife | undefined> {
    try {
      return await life;
    } catch (error) {
      notice.fail(error);
      return undefined;
    }
  }
  const params = () => ({ id: bowl.value?.id ?? '' });
  const made = (placeId: string) => told(call(api.bowls.made, { params: params(), body: { placeId } }));
  const move = (placeId: string) => told(call(api.bowls.move, { params: params(), body: { placeId } }));
  const end = (how: BowlEnd, decision?: string) =>
    told(call(api.bowls.end, { params: params(), body: { how, ...(decision ? { decision } : {}) } }));

  return { strictest, strictestName, budget, course, spans, made, move, end };
}
