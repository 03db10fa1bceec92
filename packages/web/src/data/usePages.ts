import { api, type LoggedBowl } from '@amber-ladle/contract';
import { ref, watch, type Ref } from 'vue';
import { call } from './client';

/** What is written of a bowl, a page a head; empty until it was read, and where it cannot be. */
export function usePages(bowlId: Ref<string | undefined>): Ref<readonly LoggedBowl[]> {
  const pages = ref<readonly LoggedBowl[]>([]) as Ref<readonly LoggedBowl[]>;
  watch(
    bowlId,
    async (id) => {
      pages.value = [];
      const fresh = id ? await call(api.notes.ofBowl, { params: { id } }).catch(() => []) : [];
      if (id === bowlId.value) pages.value = fresh;
    },
    { immediate: true },
  );
  return pages;
}
