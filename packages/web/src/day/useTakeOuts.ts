import { inARow } from '../data/inARow';
import { takeOuts, type DayPlan, type PlanStep } from '@amber-ladle/core/washday';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';

/** Cold things that come out at about the same moment are said at once. */
const TOGETHER_MILLISECONDS = 300_000;

export interface TakeOutGroup {
  readonly at: number;
  readonly from: string;
  readonly names: string;
}

/** When what stands in the cold has to come out for a plan, as far as the shelf knows where it stands. */
export function useTakeOuts(steps: Ref<readonly PlanStep[]>, plan: Ref<DayPlan | undefined>) {
  const household = useHousehold();
  const shelf = useShelf();
  shelf.load().catch(() => undefined);

  function standsIn(ingredientId: string) {
    const here = shelf.shelved.filter(({ lot }) => lot.ingredientId === ingredientId).map(({ place }) => place?.kind);
    if (here.length > 0) return here[0];
    // What was drawn already may be gone from the shelf; its row says where such things stand.
    return household.catalogue.get(ingredientId)?.traits.stands === 'fridge' ? ('fridge' as const) : undefined;
  }
  return computed<readonly TakeOutGroup[]>(() => {
    if (!plan.value) return [];
    const begun = new Set(
      plan.value.steps.filter(({ isDone, isRunning }) => isDone || isRunning).map((one) => one.stepId),
    );
    const open = steps.value.filter(({ id }) => !begun.has(id));
    const groups = new Map<string, { at: number; from: string; ids: string[] }>();
    for (const { at, from, ingredientId } of takeOuts(open, plan.value, standsIn)) {
      const key = `${from} ${Math.round(at / TOGETHER_MILLISECONDS)}`;
      const group = groups.get(key) ?? { at, from, ids: [] };
      group.ids.push(ingredientId);
      groups.set(key, group);
    }
    return [...groups.values()].map(({ at, from, ids }) => ({
      at,
      from,
      names: inARow(ids.map((id) => household.catalogue.get(id)?.name.toLowerCase() ?? id)),
    }));
  });
}
