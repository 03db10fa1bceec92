import { api, type LoggedBowl, type WearLog } from '@amber-ladle/contract';
import type { Level, Quality } from '@amber-ladle/core/learn';
import { ref, watch, type Ref } from 'vue';
import { ApiError, call } from '../data/client';
import { useNotice } from '../data/notice';

/**
 * A page of the log that keeps itself: every tap shows at once and is stored after the one before it, so that nothing
 * waits for a button with wet hands. A page that another device turned meanwhile is read anew and the tap is said again.
 */
export function useLog(page: Ref<LoggedBowl>) {
  const notice = useNotice();
  const log = ref<WearLog>(page.value.log) as Ref<WearLog>;
  const state = ref<'still' | 'saving' | 'saved'>('still');
  let version = page.value.version;
  let waiting = 0;
  let last: Promise<unknown> = Promise.resolve();
  watch(page, (next) => {
    if (waiting > 0 || next.version < version) return;
    version = next.version;
    log.value = next.log;
  });

  const params = () => ({ id: page.value.bowlId, headId: page.value.headId });
  async function store(part: Partial<WearLog>): Promise<void> {
    const said = (): { version: number; log: WearLog } => ({ version, log: log.value });
    try {
      version = (await call(api.notes.write, { params: params(), body: said() })).version;
    } catch (error) {
      const current = error instanceof ApiError && error.problem.status === 409 ? error.problem.current : undefined;
      if (!current) throw error;
      const theirs = current as LoggedBowl;
      version = theirs.version;
      log.value = { ...theirs.log, ...part, said: { ...theirs.log.said, ...part.said } };
      version = (await call(api.notes.write, { params: params(), body: said() })).version;
    }
  }
  function change(part: Partial<WearLog>): void {
    log.value = { ...log.value, ...part };
    state.value = 'saving';
    waiting++;
    last = last
      .then(() => store(part))
      .then(() => (state.value = 'saved'))
      .catch((error: unknown) => {
        state.value = 'still';
        notice.fail(error);
      })
      .finally(() => waiting--);
  }
  /** Said again, it is unsaid. */
  function say(quality: Quality, level: Level): void {
    const { [quality]: before, ...rest } = log.value.said;
    change({ said: before === level ? rest : { ...rest, [quality]: level } });
  }
  return { log, state, change, say, settled: () => last };
}
