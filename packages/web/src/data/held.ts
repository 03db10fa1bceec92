import {
  api,
  type BowlLife,
  type DayPress,
  type LoggedBowl,
  type StockAnswer,
  type StockChange,
  type WashDay,
  type Wearing,
} from '@amber-ladle/contract';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { ApiError, call } from './client';
import { useHousehold } from './household';
import { after, tellNote as told, type NoteHeld } from './heldNotes';
import { useNotice } from './notice';
import { untilHeard } from './untilHeard';

/** A press that waits for its answer. */
interface Pressed {
  readonly pressId: string;
  /** By the household's clock, milliseconds since 1970. */
  readonly pressedAt: number;
}
/** Of the running day. */
export interface DayHeld extends Pressed {
  readonly kind: 'day';
  readonly dayId: string;
  readonly body: DayPress;
}
/** Of a bowl on a head. */
export interface WearHeld extends Pressed {
  readonly kind: 'wear';
  readonly bowlId: string;
  /** The one before it that was not told either when it was pressed. */
  readonly after?: string;
  readonly body: Wearing & { readonly headId: string };
}
/** Of what came home from the shop: the change says itself when that was. */
export interface BuyHeld extends Pressed {
  readonly kind: 'buy';
  /** The line of the list that it ticks off. */
  readonly line: string;
  readonly change: StockChange;
}
export type Held = DayHeld | WearHeld | NoteHeld | BuyHeld;

/** The running day, the bowl, or the page of the log that a press is about: each has answers of its own. */
function aboutOf(press: Held): string {
  switch (press.kind) {
    case 'day':
      return `day ${press.dayId}`;
    case 'wear':
      return `wear ${press.bowlId}`;
    case 'note':
      return `note ${press.bowlId} ${press.headId}`;
    case 'buy':
      return `buy ${press.line}`;
  }
}

/** Where nobody answers it is tried again after so long. */
const RETRY_MILLISECONDS = 1500;
/** So long ago the server believes a press to be, seconds. */
const MOST_SECONDS = { day: 6 * 3600, wear: 24 * 3600 } as const;

/**
 * Presses on their way to the server, one after the other in the order they were made. While it does not answer they
 * wait here, through a reload too, and are told when it does, with how long ago each was. Another tab may tell the same
 * press; the server takes it once.
 */
export const useHeld = defineStore('held', () => {
  const household = useHousehold();
  const notice = useNotice();
  const presses = useLocalStorage<Held[]>('amber-ladle-held', []);
  const waiting = new Map<string, { answered: (answer: never) => void; refused: (error: unknown) => void }>();
  let isTelling = false;
  /** Whoever pressed them is here still, and knows the answer before they are let go of. */
  const answeredHere = new Set<string>();
  const shown = untilHeard<Held>(presses, (pressId) => answeredHere.has(pressId), aboutOf);

  function ask(press: Held): Promise<WashDay | BowlLife | LoggedBowl | StockAnswer> {
    if (press.kind === 'note') return told(press);
    if (press.kind === 'buy') return call(api.stock.change, { body: press.change });
    const seconds = Math.max(0, Math.round((household.now().getTime() - press.pressedAt) / 1000));
    const ago = Math.min(seconds, MOST_SECONDS[press.kind]);
    if (press.kind === 'day')
      return call(api.washDays.tell, {
        params: { id: press.dayId },
        body: { ...press.body, ...(ago > 2 ? { heldSeconds: ago } : {}) },
      });
    const { pressId, after: afterPressId } = press;
    return call(api.bowls.wear, {
      params: { id: press.bowlId },
      body: { ...press.body, pressId, ...(ago > 2 ? { secondsAgo: ago, afterPressId } : {}) },
    });
  }

  async function tellAll(): Promise<void> {
    if (isTelling) return;
    isTelling = true;
    for (let first = presses.value[0]; first; first = presses.value[0]) {
      const { pressId } = first;
      const settle = waiting.get(pressId);
      if (settle) answeredHere.add(pressId);
      try {
        const answer = await ask(first);
        settle?.answered(answer as never);
        if (first.kind === 'note')
          presses.value = presses.value.map((one) =>
            one.kind === 'note' && one !== first ? after(one, first, answer as LoggedBowl) : one,
          );
      } catch (error) {
        if (error instanceof ApiError && error.problem.status === 0) {
          await new Promise((resolve) => setTimeout(resolve, RETRY_MILLISECONDS));
          continue;
        }
        // Where the page was left meanwhile there is nobody else to say it.
        if (settle) settle.refused(error);
        else notice.fail(error);
      }
      waiting.delete(pressId);
      presses.value = presses.value.filter((one) => one.pressId !== pressId);
    }
    isTelling = false;
  }

  function hold(press: Held, take: (answer: never) => void): Promise<void> {
    const answer = new Promise<void>((settled, refused) => {
      const answered = (told: never): void => {
        take(told);
        settled();
      };
      waiting.set(press.pressId, { answered, refused });
    });
    presses.value = [...presses.value, press];
    void tellAll();
    return answer;
  }
  /**
   * Holds a press until it is told.
   * @param take the answer, before the press is let go of: in between, nobody would know of it
   * @throws ApiError where it is refused; it is then held no more
   */
  const tellDay = (press: Omit<DayHeld, 'kind'>, take: (answer: WashDay) => void): Promise<void> =>
    hold({ kind: 'day', ...press }, take);
  /** As {@link tellDay}, of a bowl on a head. */
  function tellWear(
    press: Omit<WearHeld, 'kind' | 'after'>,
    take: (answer: BowlLife) => void = () => undefined,
  ): Promise<void> {
    const before = presses.value.findLast((one) => one.kind === 'wear' && one.bowlId === press.bowlId);
    // What is said of half an hour ago comes after nothing that was said since.
    const isAfter = before !== undefined && before.pressedAt <= press.pressedAt;
    return hold({ kind: 'wear', ...press, ...(isAfter ? { after: before.pressId } : {}) }, take);
  }

  /** As {@link tellDay}, of a page of the log. */
  const tellNote = (press: Omit<NoteHeld, 'kind'>, take: (answer: LoggedBowl) => void): Promise<void> =>
    hold({ kind: 'note', ...press }, take);

  /** As {@link tellDay}, of what came home from the shop. */
  const tellBought = (press: Omit<BuyHeld, 'kind'>, take: (answer: StockAnswer) => void): Promise<void> =>
    hold({ kind: 'buy', ...press }, take);

  const ofDay = (dayId: string | undefined): readonly DayHeld[] =>
    shown.value.filter((one): one is DayHeld => one.kind === 'day' && one.dayId === dayId);
  const ofBowl = (bowlId: string | undefined): readonly WearHeld[] =>
    shown.value.filter((one): one is WearHeld => one.kind === 'wear' && one.bowlId === bowlId);
  const ofPage = ({ bowlId, headId }: Pick<LoggedBowl, 'bowlId' | 'headId'>): readonly NoteHeld[] =>
    shown.value.filter((one): one is NoteHeld => one.kind === 'note' && one.bowlId === bowlId && one.headId === headId);
  /** Lines of the list to buy that are ticked off, and not told yet. */
  const bought = computed(() => new Set(shown.value.flatMap((one) => (one.kind === 'buy' ? [one.line] : []))));
  const count = computed(() => presses.value.length);
  // What waited when the page was left is told now.
  void tellAll();
  return { ofDay, ofBowl, ofPage, bought, count, tellDay, tellWear, tellNote, tellBought };
});
