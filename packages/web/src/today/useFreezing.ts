import { ingredientById } from '@amber-ladle/core/ingredient';
import { placeOf } from '@amber-ladle/core/shelf';
import { lotName, todayText } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useWeeks } from '../data/useWeeks';
import { lineOf } from './turning';

/** What the plan of the weeks wants in the freezer by today, and is not there yet. */
export function useFreezing() {
  const household = useHousehold();
  const shelf = useShelf();
  const weeks = useWeeks();
  const notice = useNotice();
  const freezer = computed(() => shelf.places.find(({ kind }) => kind === 'freezer'));

  const lots = computed(() => {
    const due = new Set(
      (weeks.held.plan?.freezes ?? []).filter(({ day }) => day <= weeks.today).map(({ lotId }) => lotId),
    );
    return shelf.shelved
      .filter(({ lot, place, window }) => due.has(lot.id) && place?.kind !== 'freezer' && !window.isPast)
      .map((one) => lineOf(one, household.catalogue, household.moment, household.where));
  });

  /** Moves a lot into the freezer, with a way back. */
  async function freeze(lotId: string): Promise<void> {
    const lot = shelf.lots.find(({ id }) => id === lotId);
    const place = freezer.value;
    if (!lot || !place || placeOf(lot) === place.id) return;
    const name = lotName(lot, ingredientById(household.catalogue, lot.ingredientId));
    try {
      await shelf.change(todayText.isInTheFreezer(name, place.name), [
        { lotId, kind: 'move', grams: 0, placeId: place.id },
      ]);
    } catch (error) {
      notice.fail(error);
    }
  }

  return { freezer, lots, freeze };
}
