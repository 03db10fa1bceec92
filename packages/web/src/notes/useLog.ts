import type { LoggedBowl, WearLog } from '@amber-ladle/contract';
import type { Level, Quality } from '@amber-ladle/core/learn';
import { v4 as newId } from 'uuid';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { isAway } from '../data/reach';

/**
 * A page of the log that keeps itself: every tap shows at once and is told after the one before it, so that nothing waits for
 * a button with wet hands. While the server is away it waits here, through a reload too.
 */
export function useLog(page: Ref<LoggedBowl>) {
  const household = useHousehold();
  const held = useHeld();
  const notice = useNotice();
  /** As the server has it. */
  const known = shallowRef(page.value);
  /** What was refused stays on the page, to be changed. */
  const refused = shallowRef<WearLog>();
  const wasKept = ref(false);
  const waiting = computed(() => held.ofPage(page.value));
  const log = computed<WearLog>(() => waiting.value.at(-1)?.log ?? refused.value ?? known.value.log);
  const state = computed(() => {
    if (waiting.value.length > 0) return isAway.value ? 'waiting' : 'saving';
    return wasKept.value ? 'saved' : 'still';
  });
  watch(page, (next) => {
    const isOther = next.bowlId !== known.value.bowlId || next.headId !== known.value.headId;
    if (isOther || next.version >= known.value.version) known.value = next;
  });

  let last: Promise<unknown> = Promise.resolve();
  function change(part: Partial<WearLog>): void {
    const { bowlId, headId } = page.value;
    const next = { ...log.value, ...part };
    const press = {
      pressId: newId(),
      pressedAt: household.now().getTime(),
      bowlId,
      headId,
      version: known.value.version,
      log: next,
      part,
    };
    last = held
      .tellNote(press, (answer) => {
        known.value = answer;
        refused.value = undefined;
      })
      .then(
        () => (wasKept.value = true),
        (error: unknown) => {
          wasKept.value = false;
          refused.value = next;
          notice.fail(error);
        },
      );
  }
  /** Said again, it is unsaid. */
  function say(quality: Quality, level: Level): void {
    const { [quality]: before, ...rest } = log.value.said;
    change({ said: before === level ? rest : { ...rest, [quality]: level } });
  }
  return { log, state, change, say, settled: () => last };
}
