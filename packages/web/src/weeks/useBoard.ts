import { inARow } from '../data/inARow';
import { ingredientById } from '@amber-ladle/core/ingredient';
import type { WeekBowl } from '@amber-ladle/core/plan';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { useWeeks } from '../data/useWeeks';
import { weeksText, amountWords, dayWord, laneWords, listed, lotName } from '@amber-ladle/words';
import { useShownDays } from './useShownDays';

/** What stands on the board of the weeks, and how it is called. */
export function useBoard() {
  const household = useHousehold();
  const shelf = useShelf();
  const weeks = useWeeks();
  const { days, bowls } = useShownDays();
  const nameOf = (id: string): string => household.headById(id)?.name ?? '';

  const cellOf = (headId: string, on: number): WeekBowl | undefined =>
    bowls.value.find((bowl) => bowl.on === on && bowl.headIds.includes(headId));
  /** With whom a head shares its bowl. */
  const beside = (bowl: WeekBowl, headId: string): string => {
    const others = bowl.headIds.filter((id) => id !== headId);
    return others.length > 0 ? weeksText.withOthers(listed(others.map(nameOf), household.where.locale)) : '';
  };
  /** Where a card stands, for who does not see it. */
  const placeOf = (bowl: WeekBowl, headId: string): string =>
    inARow([
      weeksText.forNameOf(nameOf(headId)),
      dayWord(bowl.day, weeks.today, household.where),
      ...(bowl.isPinned ? [weeksText.staysOnThisDay] : []),
    ]);
  const label = (bowl: WeekBowl, headId: string): string =>
    [household.maskById(bowl.maskId)?.name, beside(bowl, headId), placeOf(bowl, headId)].filter(Boolean).join(' ');
  const lanes = computed(() =>
    (weeks.weeks?.lanes ?? []).flatMap((lane) => {
      const lot = shelf.lots.find(({ id }) => id === lane.lotId);
      if (!lot) return [];
      const row = ingredientById(household.catalogue, lane.ingredientId);
      return [
        {
          lane,
          name: lotName(lot, row),
          amount: amountWords(lot, row),
          words: laneWords(lane, weeks.weeks?.days ?? [], weeks.today, household.where),
          family: row.family,
          isCut: lot.state === 'cut',
        },
      ];
    }),
  );
  return { days, lanes, cellOf, beside, placeOf, label };
}
