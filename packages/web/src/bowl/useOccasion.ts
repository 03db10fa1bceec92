import { addDays, daysBetween, daysLater, isDay, localDay } from '@amber-ladle/core/time';
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useHousehold } from '../data/household';
import { GUEST } from '../head';
import { bowlText, listed, weekdayWord } from '@amber-ladle/words';
import { useOthers } from './useShared';

/** So far ahead a day of the plan can lie, days. */
const MOST_DAYS_AHEAD = 27;
/** So many days can be chosen here. */
const DAYS_OFFERED = 7;

/** What a bowl is for: whose heads, which mask, which day. The address says it; what it leaves out is as it was last. */
export function useOccasion() {
  const household = useHousehold();
  const route = useRoute();
  const router = useRouter();

  const last = useSessionStorage('amber-ladle-bench', { headId: '', maskId: '' });
  const said = (what: 'head' | 'mask', before: () => string) =>
    computed({
      get: () => String(route.query[what] ?? before()),
      set: (id: string) => void router.replace({ query: { ...route.query, [what]: id } }),
    });
  const headId = said('head', () => last.value.headId);
  const maskId = said('mask', () => last.value.maskId);
  const head = computed(() => household.headById(headId.value) ?? household.heads[0] ?? GUEST);
  const book = computed(() => household.maskById(maskId.value) ?? household.masks[0]);
  watch([head, book], () => (last.value = { headId: head.value.id, maskId: book.value?.id ?? '' }), {
    immediate: true,
  });

  const others = useOthers(head);
  /** Those of a planned bowl are brought along. */
  watch(
    () => route.query['with'],
    (ids) => {
      if (typeof ids === 'string') others.chosenIds.value = ids.split(',').filter((id) => household.headById(id));
    },
    { immediate: true },
  );
  const names = computed(() =>
    listed(
      [head.value, ...others.sharing.value].map((person) => person.name),
      household.where.locale,
    ),
  );

  const today = (): string => localDay(household.moment, household.settings.timeZone);
  /** The day the bowl is for, counted from today. */
  const dayOffset = ref(0);
  /** A day of the plan is brought along. */
  watch(
    () => route.query['day'],
    (day) => {
      if (typeof day === 'string' && isDay(day))
        dayOffset.value = Math.min(MOST_DAYS_AHEAD, Math.max(0, daysBetween(today(), day)));
    },
    { immediate: true },
  );
  const days = computed(() =>
    Array.from({ length: Math.max(DAYS_OFFERED, dayOffset.value + 1) }, (_, i) => ({
      value: i,
      title: i === 0 ? bowlText.forToday : bowlText.forDay(weekdayWord(addDays(today(), i), 'long', household.where)),
    })),
  );
  const dayAt = computed(() => daysLater(household.moment, dayOffset.value, household.settings.timeZone));

  return { headId, maskId, head, book, others, names, dayOffset, days, dayAt };
}
export type Occasion = ReturnType<typeof useOccasion>;
