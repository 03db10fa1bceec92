import { mayLeaveOut, progressOf, type DayMove, type PlanStep } from '@amber-ladle/core/washday';
import { v4 as newId } from 'uuid';
import { computed, ref } from 'vue';
import { useWashDay } from '../data/washday';
import type { RunningDayOnScreen } from '../day';

/** A step to be added, as it is written. */
export interface StepDraft {
  title: string;
  handsOnMinutes: number;
  waitMinutes: number;
  /** The step it comes before; nothing for the end. */
  beforeId: string | null;
}
const BLANK: StepDraft = { title: '', handsOnMinutes: 5, waitMinutes: 0, beforeId: null };

/** What may be changed about a day under way: steps still to come, each with what can be done to it; and steps to add. */
export function useDayChanges({ tell, plan }: Pick<RunningDayOnScreen, 'tell' | 'plan'>) {
  const store = useWashDay();
  const steps = computed<readonly PlanStep[]>(() => store.day?.steps ?? []);
  const progress = computed(() => progressOf(steps.value, store.day?.events ?? []));
  const place = computed(() => new Map((plan.value?.steps ?? []).map(({ stepId }, i) => [stepId, i] as const)));
  /** In the order of the plan. */
  const toCome = computed(() =>
    steps.value
      .filter(({ id }) => !progress.value.has(id))
      .map((step) => ({
        step,
        mayLeaveOut: mayLeaveOut(steps.value, progress.value, step),
        // How long hair is worn is the mask's, and chosen with its lengths.
        hasWait: step.kind !== 'wear',
      }))
      .sort((a, b) => (place.value.get(a.step.id) ?? 0) - (place.value.get(b.step.id) ?? 0)),
  );
  /** What the day began with and goes on without. */
  const leftOut = computed(() => {
    const here = new Set(steps.value.map(({ id }) => id));
    return (store.begun?.steps ?? []).filter(({ id }) => !here.has(id));
  });

  const draft = ref<StepDraft>({ ...BLANK });
  const canAdd = computed(() => draft.value.title.trim() !== '');
  const edit = (stepId: string, change: NonNullable<DayMove['edit']>): void =>
    void tell([{ kind: 'edit', stepId, edit: change }]);
  function add(): void {
    if (!canAdd.value) return;
    const { beforeId, title, ...rest } = draft.value;
    const added = { ...rest, title: title.trim(), ...(beforeId === null ? {} : { beforeId }) };
    void tell([{ kind: 'add', stepId: newId(), added }]);
    draft.value = { ...BLANK };
  }
  return { toCome, leftOut, draft, canAdd, edit, add };
}
