import { api, type LoggedBowl } from '@amber-ladle/contract';
import { computed, type ComputedRef } from 'vue';
import { useRead } from './answer';

/** What is written of a bowl, a page a head; empty until it was read, and where it cannot be. */
export function usePages(bowlId: () => string | undefined): ComputedRef<readonly LoggedBowl[]> {
  const { value } = useRead(
    api.notes.ofBowl,
    () => {
      const id = bowlId();
      return id === undefined ? undefined : { params: { id } };
    },
    { isQuiet: true },
  );
  return computed(() => value.value ?? []);
}
