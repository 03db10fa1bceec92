import { api, type LoggedBowl } from '@amber-ladle/contract';
import type { JudgedBowl } from '@amber-ladle/core/learn';
import { addDays, startOfDay, type Day } from '@amber-ladle/core/time';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useChanges } from '../data/useChanges';

export interface HistoryWish {
  readonly headId: string | undefined;
  readonly maskId?: string | undefined;
  /** How far back, days; 0 for everything. */
  readonly days: number;
  readonly today: Day;
}

/** Rows that are read at once; further ones when they are asked for. */
const PER_PAGE = 120;

/** The log of a head, newest first, and what of it was judged. */
export function useHistory(wish: Ref<HistoryWish>) {
  const household = useHousehold();
  const notice = useNotice();
  const logged = shallowRef<readonly LoggedBowl[]>([]);
  const total = ref(0);
  const isReady = ref(false);
  let asked = 0;

  async function read(offset: number): Promise<void> {
    const turn = ++asked;
    const { headId, maskId, days, today } = wish.value;
    if (!headId) return;
    const query = {
      headId,
      offset,
      limit: PER_PAGE,
      ...(maskId ? { maskId } : {}),
      ...(days > 0
        ? { from: new Date(startOfDay(addDays(today, -days), household.settings.timeZone)).toISOString() }
        : {}),
    };
    try {
      const page = await call(api.notes.list, { query });
      if (turn !== asked) return;
      logged.value = offset === 0 ? page.items : [...logged.value, ...page.items];
      total.value = page.total;
      isReady.value = true;
    } catch (error) {
      notice.fail(error);
    }
  }
  const readAgain = (): Promise<void> => read(0);
  watch(wish, readAgain, { immediate: true });
  useChanges(['notes', 'bowls'], readAgain);

  const judged = computed<readonly JudgedBowl[]>(() =>
    logged.value
      .filter(({ log }) => !log.isSetAside)
      .map(({ at, facts, log }) => ({ maskId: facts.maskId, at, said: log.said, changes: log.changes })),
  );
  return { logged, judged, total, isReady, readMore: () => read(logged.value.length) };
}
