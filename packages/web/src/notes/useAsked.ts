import { api, type OpenLog } from '@amber-ladle/contract';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useNotice } from '../data/notice';

/** A bowl that was come for, and whose. */
export interface Meant {
  readonly bowlId: string | undefined;
  readonly headId: string | undefined;
}

/** What tells one bowl on one head from the others. */
export const keyOf = ({ bowlId, headId }: Pick<OpenLog, 'bowlId' | 'headId'>): string => `${bowlId} ${headId}`;

/**
 * Bowls that ask for a word, and the one that is written of: the one that was come for, else the first. One that is being
 * written in stays until the page is left, though it asks for nothing more.
 */
export function useAsked(meant: Ref<Meant>) {
  const notice = useNotice();
  const { value: asking, again } = useRead(api.notes.open, () => ({}), { isQuiet: true });
  const open = shallowRef<readonly OpenLog[]>([]);
  const chosen = ref<string>();
  watch(
    asking,
    (fresh) => {
      if (!fresh) return;
      const kept = open.value.find((one) => keyOf(one) === chosen.value);
      open.value = kept && !fresh.some((one) => keyOf(one) === keyOf(kept)) ? [kept, ...fresh] : fresh;
      choose();
    },
    { immediate: true, flush: 'sync' },
  );
  function choose(): void {
    const { bowlId, headId } = meant.value;
    const first =
      open.value.find((one) => one.bowlId === bowlId && (headId === undefined || one.headId === headId)) ??
      asking.value?.[0];
    chosen.value ??= first && keyOf(first);
  }
  const shown = computed(() => open.value.find((one) => keyOf(one) === chosen.value));

  /** Nothing more is asked of the bowl that is shown. */
  async function notNow(): Promise<void> {
    const page = shown.value;
    if (!page) return;
    try {
      const pages = await call(api.notes.ofBowl, { params: { id: page.bowlId } });
      const { version, log } = pages.find(({ headId }) => headId === page.headId) ?? page;
      await call(api.notes.write, {
        params: { id: page.bowlId, headId: page.headId },
        body: { version, log: { ...log, isNextDayAsked: true } },
      });
      chosen.value = undefined;
      await again();
      // Where it stands among those that ask still, nothing was news.
      open.value = asking.value ?? [];
      choose();
    } catch (error) {
      notice.fail(error);
    }
  }
  return { open, chosen, shown, notNow };
}
