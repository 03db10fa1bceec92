import { hairWaits, progressOf, type HairWaits } from '@amber-ladle/core/washday';
import { computed, type Ref } from 'vue';
import { useWashDay } from '../data/washday';
import { useNotice } from '../data/notice';

/** How long a head that is wet already waits for its mask, on the day under way. */
export function useHairWaits(headId: Ref<string | undefined>) {
  const store = useWashDay();
  const notice = useNotice();
  store.load().catch((error: unknown) => {
    notice.fail(error);
  });
  return computed<HairWaits | undefined>(() => {
    const { day } = store;
    return day && headId.value ? hairWaits(day.steps, progressOf(day.steps, day.events), headId.value) : undefined;
  });
}
