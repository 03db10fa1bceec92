import { api, type BeginDay, type DayPress, type WashDay } from '@amber-ladle/contract';
import type { DayEvent, DayMove } from '@amber-ladle/core/washday';
import { defineStore } from 'pinia';
import { v4 as newId } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { onChange } from '../api/changes';
import { ApiError, call } from '../api/client';
import { useHousehold } from './household';
import { useNotice } from './notice';

const RETRY_MILLISECONDS = 1500;

interface Pending {
  readonly press: DayPress;
  readonly events: readonly DayEvent[];
  readonly pressedAt: number;
}

/**
 * The wash day under way. A press shows at once and is told after the ones before it; while the server cannot be
 * reached it waits here and is told when it can, with how long ago it was.
 */
export const useWashDay = defineStore('washday', () => {
  const household = useHousehold();
  const notice = useNotice();
  const known = shallowRef<WashDay>();
  const pending = shallowRef<readonly Pending[]>([]);
  const isReady = ref(false);
  const isHeld = ref(false);
  /** True where a press was refused until somebody says why a bowl past its time is worn. */
  const needsDecision = ref(false);
  let isFollowing = false;
  let isTelling = false;

  const day = computed<WashDay | undefined>(() => {
    const here = known.value;
    if (!here) return undefined;
    const told = new Set(here.events.map(({ pressId }) => pressId));
    const waiting = pending.value.filter(({ press }) => !told.has(press.pressId));
    const order = [...(waiting.at(-1)?.press.order ?? here.order)];
    return { ...here, order, events: [...here.events, ...waiting.flatMap(({ events }) => events)] };
  });

  async function read(): Promise<void> {
    const { day: running } = await call(api.washDays.running);
    known.value = running ?? undefined;
    isReady.value = true;
  }
  async function load(): Promise<void> {
    if (!isFollowing) {
      isFollowing = true;
      onChange('washdays', () => void read().catch(() => undefined));
    }
    if (!isReady.value) await read();
  }

  async function begin(bowlIds: string[], wish: BeginDay['wish'], rings: number): Promise<void> {
    const asked: BeginDay = { id: newId(), bowlIds, wish, rings };
    known.value = await call(api.washDays.begin, { body: asked });
  }

  /** Tells what a press means. */
  function press(moves: readonly DayMove[], order: readonly string[], decision?: string): void {
    const pressId = newId();
    const pressedAt = household.now().getTime();
    const at = new Date(pressedAt).toISOString();
    const events = moves.map((move, i): DayEvent => ({ ...move, id: `${pressId}.${i}`, pressId, at }));
    const body: DayPress = { pressId, moves: [...moves], order: [...order], ...(decision ? { decision } : {}) };
    pending.value = [...pending.value, { press: body, events, pressedAt }];
    void tellAll();
  }

  async function tellAll(): Promise<void> {
    if (isTelling) return;
    isTelling = true;
    for (let first = pending.value[0]; first && known.value; first = pending.value[0]) {
      const heldSeconds = Math.max(0, Math.round((household.now().getTime() - first.pressedAt) / 1000));
      try {
        const body = { ...first.press, ...(heldSeconds > 2 ? { heldSeconds } : {}) };
        known.value = await call(api.washDays.tell, { params: { id: known.value.id }, body });
        isHeld.value = false;
        needsDecision.value = false;
      } catch (error) {
        if (error instanceof ApiError && error.problem.status === 0) {
          isHeld.value = true;
          await new Promise((resolve) => setTimeout(resolve, RETRY_MILLISECONDS));
          continue;
        }
        needsDecision.value = error instanceof ApiError && error.problem.fields?.['decision'] !== undefined;
        notice.fail(error);
        await read().catch(() => undefined);
      }
      pending.value = pending.value.slice(1);
    }
    isTelling = false;
  }

  async function end(): Promise<void> {
    if (!known.value) return;
    await call(api.washDays.end, { params: { id: known.value.id } });
    await read();
  }
  /** The latest day that a bowl was made on. */
  const ofBowl = async (bowlId: string): Promise<WashDay | undefined> =>
    (await call(api.washDays.ofBowl, { params: { bowlId } })).day ?? undefined;

  return { day, isReady, isHeld, needsDecision, load, read, begin, press, end, ofBowl };
});
