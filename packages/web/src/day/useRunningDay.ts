import type { WashDay } from '@amber-ladle/contract';
import {
  focusOf,
  lastPress,
  mayEnd,
  progressOf,
  waitsIn,
  type DayMove,
  type DayOptions,
  type DayPlan,
  type PlannedStep,
  type PlanStep,
  type RunningDay,
} from '@amber-ladle/core/washday';
import { createSharedComposable } from '@vueuse/core';
import { computed, shallowRef, watch } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useWashDay } from '../data/washday';
import { planning } from '../data/planning';
import { useSecond } from '../data/useSecond';

/** A plan is looked over again this often, since hands run late in silence. */
const REPLAN_MILLISECONDS = 20_000;

const asRunning = ({ steps, events, leastWear }: WashDay): RunningDay => ({ steps, events, leastWear });

/**
 * The day under way as screens walk it: its plan, what the hands are about, and the one big button. Shared, so that the
 * day is planned once however many parts of the screen show it.
 */
export const useRunningDay = createSharedComposable(runningDay);

function runningDay() {
  const store = useWashDay();
  const household = useHousehold();
  const notice = useNotice();
  const second = useSecond();
  const plan = shallowRef<DayPlan>();
  store.load().catch((error: unknown) => {
    notice.fail(error);
  });

  const options = ({ wish, rings, order }: WashDay): DayOptions => ({
    kitchen: { rings },
    wish: { kind: wish.kind, at: Date.parse(wish.at) },
    now: household.now().getTime(),
    order,
  });

  /** The newest plan asked for is the one that counts. */
  let asked = 0;
  async function replan(): Promise<void> {
    const day = store.day;
    const turn = ++asked;
    if (!day) return void (plan.value = undefined);
    try {
      const made = await planning().plan(asRunning(day), options(day));
      if (turn === asked) plan.value = made;
    } catch (error) {
      notice.fail(error);
    }
  }
  const beat = computed(() => Math.floor(second.value / REPLAN_MILLISECONDS));
  /** What a plan was made for: planning the same again would only keep the next press waiting. */
  let madeFor = '';
  const keyOf = (day: WashDay, events: number): string => `${day.id} ${events} ${beat.value}`;
  watch(
    [() => store.day, beat],
    ([day]) => {
      if (day && keyOf(day, day.events.length) === madeFor) return;
      madeFor = day ? keyOf(day, day.events.length) : '';
      void replan();
    },
    { immediate: true },
  );

  const progress = computed(() =>
    store.day ? progressOf(store.day.steps, store.day.events) : new Map<string, never>(),
  );
  const focus = computed(() =>
    store.day && plan.value ? focusOf(asRunning(store.day), progress.value, plan.value, second.value) : undefined,
  );
  const stepById = (id: string | undefined): PlanStep | undefined => store.day?.steps.find((step) => step.id === id);
  const plannedById = (id: string | undefined): PlannedStep | undefined =>
    plan.value?.steps.find(({ stepId }) => stepId === id);
  /** What the screen is about: what is in hand, calls, or comes next. */
  const step = computed(() =>
    focus.value && focus.value.kind !== 'finished' ? stepById(focus.value.stepId) : undefined,
  );
  /** False where there is nothing to do but wait: hair is not counted as worn before its time. */
  const canGo = computed(() => {
    const day = store.day;
    if (!day || !plan.value || focus.value?.kind !== 'waiting') return true;
    const running = asRunning(day);
    return waitsIn(plan.value).some(({ stepId }) => mayEnd(running, progress.value, stepId, second.value));
  });
  /** What runs by itself, the first to end first. */
  const waits = computed(() =>
    (plan.value ? waitsIn(plan.value) : []).flatMap((planned) => {
      const row = stepById(planned.stepId);
      return row ? [{ planned, step: row }] : [];
    }),
  );
  /** What comes after what is in hand. */
  const upcoming = computed(() =>
    (plan.value?.steps ?? [])
      .filter(({ isDone, isRunning, stepId }) => !isDone && !isRunning && stepId !== step.value?.id)
      .slice(0, 2)
      .flatMap((planned) => {
        const row = stepById(planned.stepId);
        return row ? [{ planned, step: row }] : [];
      }),
  );

  /** Presses are taken one after the other, so that a quick second one means the next thing. */
  let last: Promise<unknown> = Promise.resolve();
  const inTurn = (work: () => Promise<void>): Promise<void> => {
    const next = last.then(work).catch((error: unknown) => {
      notice.fail(error);
    });
    last = next;
    return next;
  };
  const forward = (decision?: string): Promise<void> =>
    inTurn(async () => {
      const day = store.day;
      if (!day) return;
      const { moves, plan: after } = await planning().forward(asRunning(day), options(day));
      if (moves.length === 0) return;
      asked++;
      plan.value = after;
      madeFor = keyOf(day, day.events.length + moves.length);
      store.press(moves, orderOf(after), decision);
    });
  const tell = (moves: readonly DayMove[]): Promise<void> =>
    inTurn(() => {
      store.press(moves, store.day?.order ?? []);
      return Promise.resolve();
    });
  const back = (): Promise<void> =>
    inTurn(() => {
      const event = store.day && lastPress(store.day.events);
      if (event) store.press([{ kind: 'undo', stepId: event.stepId, undoes: event.pressId }], store.day.order);
      return Promise.resolve();
    });

  return {
    store,
    plan,
    progress,
    focus,
    canGo,
    step,
    stepById,
    plannedById,
    waits,
    upcoming,
    second,
    forward,
    tell,
    back,
  };
}

export type RunningDayOnScreen = ReturnType<typeof useRunningDay>;

const orderOf = (plan: DayPlan): string[] => plan.steps.map(({ stepId }) => stepId);
