import type { Bowl } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { computed, ref, watch, type Ref } from 'vue';
import { useHousehold } from './household';
import { inTurn } from './inTurn';

/** A kept bowl by id, read afresh whenever the id changes. */
export function useKeptBowl(id: Ref<string | undefined>) {
  const household = useHousehold();
  const bowl = ref<Bowl>();
  const failure = ref('');
  watch(
    id,
    async (wanted) => {
      failure.value = '';
      bowl.value = undefined;
      if (!wanted) return;
      try {
        const found = await household.readBowl(wanted);
        if (wanted === id.value) bowl.value = found;
      } catch (error) {
        failure.value = error instanceof Error ? error.message : String(error);
      }
    },
    { immediate: true },
  );
  /** Looks again at the same bowl, without taking it off the screen meanwhile. */
  const reread = inTurn(
    async () => (id.value ? household.readBowl(id.value).catch(() => undefined) : undefined),
    (fresh) => {
      if (fresh && fresh.id === id.value) bowl.value = fresh;
    },
  );
  /** The rows the bowl was reckoned with, whatever was corrected since. */
  const catalogue = computed<Catalogue>(
    () =>
      new Map([
        ...household.catalogue,
        ...(bowl.value?.snapshot.ingredients ?? []).map((row) => [row.id, row] as const),
      ]),
  );
  return { bowl, failure, catalogue, reread };
}
