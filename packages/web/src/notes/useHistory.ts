import { api, type LoggedBowl } from '@amber-ladle/contract';
import type { JudgedBowl } from '@amber-ladle/core/learn';
import { addDays, startOfDay, type Day } from '@amber-ladle/core/time';
import { computed, type Ref } from 'vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { usePaged } from '../data/paged';

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
  const { page, readMore } = usePaged(() => {
    const { headId, maskId, days, today } = wish.value;
    if (!headId) return undefined;
    const from = startOfDay(addDays(today, -days), household.settings.timeZone);
    const query = {
      headId,
      ...(maskId ? { maskId } : {}),
      ...(days > 0 ? { from: new Date(from).toISOString() } : {}),
    };
    return {
      of: `log ${JSON.stringify(query)}`,
      changesWith: api.notes.list.changesWith,
      ask: (offset, limit) => call(api.notes.list, { query: { ...query, offset, limit } }),
    };
  }, PER_PAGE);
  const logged = computed<readonly LoggedBowl[]>(() => page.value?.items ?? []);
  const total = computed(() => page.value?.total ?? 0);
  const isReady = computed(() => page.value !== undefined);

  const judged = computed<readonly JudgedBowl[]>(() =>
    logged.value
      .filter(({ log }) => !log.isSetAside)
      .map(({ at, facts, log }) => ({ maskId: facts.maskId, at, said: log.said, changes: log.changes })),
  );
  return { logged, judged, total, isReady, readMore };
}
