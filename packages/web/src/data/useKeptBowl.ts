import { api } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { computed, type Ref } from 'vue';
import { useRead } from './answer';
import { useHousehold } from './household';

/** A kept bowl by id, as it is now. */
export function useKeptBowl(id: Ref<string | undefined>) {
  const household = useHousehold();
  const {
    value: bowl,
    fault,
    know,
  } = useRead(api.bowls.one, () => (id.value ? { params: { id: id.value } } : undefined), { isQuiet: true });
  const failure = computed(() => fault.value?.message ?? '');
  /** The rows the bowl was reckoned with, whatever was corrected since. */
  const catalogue = computed<Catalogue>(
    () =>
      new Map([
        ...household.catalogue,
        ...(bowl.value?.snapshot.ingredients ?? []).map((row) => [row.id, row] as const),
      ]),
  );
  return { bowl, failure, catalogue, know };
}
