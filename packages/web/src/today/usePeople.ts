import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';

/** Everybody with the mask she wore last, or the first of the book, and what she usually takes of it. */
export function usePeople() {
  const household = useHousehold();
  const worn = computed(() =>
    household.heads.map((head) => {
      const last = household.bowls.items.find(({ headId }) => headId === head.id);
      return { head, mask: household.maskById(last?.maskId) ?? household.masks[0], isAgain: Boolean(last) };
    }),
  );
  // The worker knows the house, and what its bowls taught; it is asked anew when that changes.
  const wish = computed(() => ({ worn: worn.value, house: household.house }));
  const { current } = useNewest(wish, async (asked) => {
    const pairs = asked.worn.flatMap(({ head, mask }) => (mask ? [{ head, mask }] : []));
    const takes = await sizing().usually(pairs);
    return new Map(pairs.map(({ head, mask }, i) => [head.id, { maskId: mask.id, millilitres: takes[i] ?? 0 }]));
  });
  const people = computed(() =>
    worn.value.map((one) => {
      const told = current.value?.get(one.head.id);
      // What was told of another mask is not told of this one.
      const isOfThis = told !== undefined && told.maskId === one.mask?.id;
      return { ...one, takes: isOfThis ? kitchenRound(told.millilitres) : undefined };
    }),
  );
  return { people };
}
