import type { Bowl } from '@amber-ladle/contract';
import { ref, watch, type Ref } from 'vue';
import { useHousehold } from '../stores/household';

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
        bowl.value = await household.readBowl(wanted);
      } catch (error) {
        failure.value = error instanceof Error ? error.message : String(error);
      }
    },
    { immediate: true },
  );
  return { bowl, failure };
}
