import { minutesOn, horizonFrom, type WeekBowl } from '@amber-ladle/core/plan';
import { daysBetween, weekdayOf } from '@amber-ladle/core/time';
import { computed } from 'vue';
import { useWeeks } from '../data/useWeeks';

/** The days and bowls that are shown: those that are reckoned now, and until they are there those of the plan before. */
export function useShownDays() {
  const weeks = useWeeks();
  const days = computed(
    () =>
      weeks.weeks?.days ??
      horizonFrom(weeks.today, weeks.wishes.horizonDays).map((day) => ({
        day,
        at: 0,
        minutes: minutesOn(weeks.wishes, day),
        isShopDay: weeks.wishes.shopWeekdays.includes(weekdayOf(day)),
      })),
  );
  const bowls = computed<readonly WeekBowl[]>(
    () =>
      weeks.weeks?.bowls ??
      (weeks.held.plan?.bowls ?? []).flatMap((bowl): readonly WeekBowl[] => {
        const on = daysBetween(weeks.today, bowl.day);
        if (on < 0) return [];
        return [
          { ...bowl, on, at: Date.parse(bowl.at), madeMillilitres: 0, minutes: 0, draws: [], missing: [], terms: {} },
        ];
      }),
  );
  return { days, bowls };
}
