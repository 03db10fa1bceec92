import { api, type BeginDay, type DayPress, type WashDay } from '@amber-ladle/contract';
import { stepsAsTold, type DayEvent, type DayMove } from '@amber-ladle/core/washday';
import { defineStore } from 'pinia';
import { v4 as newId } from 'uuid';
import { computed, ref } from 'vue';
import { reading, useLoaded } from './answer';
import { ApiError, call } from './client';
import { useHeld, type DayHeld } from './held';
import { useHousehold } from './household';
import { useNotice } from './notice';

/**
 * The wash day under way. A press shows at once and is told after the ones before it; while the server cannot be reached
 * it is held.
 */
export const useWashDay = defineStore('washday', () => {
  const household = useHousehold();
  const notice = useNotice();
  const held = useHeld();
  const running = useLoaded(reading(api.washDays.running));
  const { load } = running;
  const known = computed(() => running.value.value?.day ?? undefined);
  const isReady = computed(() => running.value.value !== undefined);
  /** True where a press was refused until somebody says why a bowl past its time is worn. */
  const needsDecision = ref(false);

  const day = computed<WashDay | undefined>(() => {
    const here = known.value;
    if (!here) return undefined;
    const told = new Set(here.events.map(({ pressId }) => pressId));
    const waiting = held.ofDay(here.id).filter(({ pressId }) => !told.has(pressId));
    const order = [...(waiting.at(-1)?.body.order ?? here.order)];
    const events = [...here.events, ...waiting.flatMap(eventsOf)];
    return { ...here, order, events, steps: [...stepsAsTold(here.steps, events)] };
  });
  /** The day with the steps that it began with, for its record. */
  const begun = computed<WashDay | undefined>(() =>
    day.value && known.value ? { ...day.value, steps: known.value.steps } : undefined,
  );

  /** How it stands now, as the answer to something told says. */
  const know = (answer: WashDay): void => {
    running.know({ day: answer });
  };

  async function begin(asking: Omit<BeginDay, 'id'>): Promise<void> {
    const asked: BeginDay = { id: newId(), ...asking };
    know(await call(api.washDays.begin, { body: asked }));
  }

  /** Tells what a press means. */
  function press(moves: readonly DayMove[], order: readonly string[], decision?: string): void {
    const dayId = known.value?.id;
    if (dayId === undefined) return;
    const pressId = newId();
    const body: DayPress = { pressId, moves: [...moves], order: [...order], ...(decision ? { decision } : {}) };
    void told({ pressId, dayId, pressedAt: household.now().getTime(), body });
  }

  async function told(press: Omit<DayHeld, 'kind'>): Promise<void> {
    try {
      await held.tellDay(press, know);
      needsDecision.value = false;
    } catch (error) {
      needsDecision.value = error instanceof ApiError && error.problem.fields?.['decision'] !== undefined;
      notice.fail(error);
      await running.again().catch(() => undefined);
    }
  }

  async function end(): Promise<void> {
    if (!known.value) return;
    await call(api.washDays.end, { params: { id: known.value.id } });
    await running.again();
  }

  return { day, begun, isReady, needsDecision, load, begin, press, end };
});

/** What a press that is on its way will have told. */
const eventsOf = ({ pressId, pressedAt, body }: DayHeld): readonly DayEvent[] =>
  body.moves.map((move, i): DayEvent => ({
    ...move,
    id: `${pressId}.${i}`,
    pressId,
    at: new Date(pressedAt).toISOString(),
  }));
