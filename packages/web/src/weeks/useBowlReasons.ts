import { ingredientById } from '@amber-ladle/core/ingredient';
import type { WeekBowl } from '@amber-ladle/core/plan';
import { placeOf } from '@amber-ladle/core/shelf';
import {
  amountOf,
  dayWord,
  differenceWords,
  listed,
  otherwiseWords,
  reasonSentence,
  sureWords,
  weeksText,
} from '@amber-ladle/words';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { weeksAsked } from '../data/weeks';
import { useWeeks } from '../data/useWeeks';
import { useNewest } from '../kit/useNewest';

/** Why a bowl of the weeks stands where it stands, what it draws, and what would do instead, in words. */
export function useBowlReasons(bowl: Ref<WeekBowl>) {
  const household = useHousehold();
  const shelf = useShelf();
  const weeks = useWeeks();

  const place = computed(() => ({ maskId: bowl.value.maskId, headIds: bowl.value.headIds, on: bowl.value.on }));
  const { current: instead } = useNewest(place, (one) => weeksAsked().insteadOf(one));
  const { current: without } = useNewest(place, (one) => weeksAsked().without(one));

  const mask = computed(() => household.maskById(bowl.value.maskId));
  const names = computed(() =>
    listed(
      bowl.value.headIds.map((id) => household.headById(id)?.name ?? ''),
      household.where.locale,
    ),
  );
  const title = computed(() =>
    weeksText.forNameWhatDay(
      mask.value?.name ?? '',
      names.value,
      dayWord(bowl.value.day, weeks.today, household.where),
    ),
  );
  const reasons = computed(() =>
    bowl.value.headIds.map((id) => ({
      id,
      name: household.headById(id)?.name ?? '',
      words: reasonSentence(bowl.value.terms[id] ?? [], household.catalogue, household.where, household.moment),
    })),
  );
  /** What it is good for beside the hair: what would turn, and who would wait. */
  const good = computed(() => {
    const than = without.value;
    if (!than) return '';
    const lost = than.lost.filter(({ grams }) => grams >= 15).slice(0, 3);
    const saved = lost.map(({ ingredientId, grams }) => amountOf(ingredientId, grams, household.catalogue));
    if (saved.length > 0) return weeksText.withoutItWouldTurn(listed(saved, household.where.locale));
    return than.points > 1 ? weeksText.nothingIsSaved : '';
  });
  const draws = computed(() =>
    bowl.value.draws.map(({ ingredientId, grams, lotId, boughtOn, chance, supplyId, isFrozen }) => {
      const lot = shelf.lots.find(({ id }) => id === lotId);
      const row = ingredientById(household.catalogue, ingredientId);
      const from =
        boughtOn !== undefined
          ? weeksText.boughtDayWord(
              dayWord(weeks.weeks?.days[boughtOn]?.day ?? bowl.value.day, weeks.today, household.where),
            )
          : isFrozen || (lot && shelf.placeById(placeOf(lot))?.kind === 'freezer')
            ? weeksText.outOfTheFreezer
            : row.ripening && lot?.state === 'whole'
              ? sureWords(chance)
              : weeksText.inTheHouse;
      return {
        key: `${supplyId} ${isFrozen}`,
        ingredientId,
        amount: amountOf(ingredientId, grams, household.catalogue),
        from,
      };
    }),
  );
  const keeps = computed(() =>
    bowl.value.lines
      .filter(({ ingredientId }) => !bowl.value.draws.some((draw) => draw.ingredientId === ingredientId))
      .map(({ ingredientId, grams }) => amountOf(ingredientId, grams, household.catalogue)),
  );
  const missing = computed(() =>
    bowl.value.missing.map(({ ingredientId, grams }) => amountOf(ingredientId, grams, household.catalogue)),
  );
  const doubt = computed(() =>
    weeks.otherwise
      .filter((one) => one.on === bowl.value.on && one.maskId === bowl.value.maskId)
      .map((one) =>
        otherwiseWords(
          one,
          weeks.weeks?.days[one.laterOn ?? -1]?.day,
          bowl.value.day,
          weeks.today,
          household,
          household.where,
        ),
      ),
  );
  const others = computed(() =>
    (instead.value ?? []).map(({ maskId, difference }) => ({
      maskId,
      name: household.maskById(maskId)?.name ?? maskId,
      words: differenceWords(difference, household.catalogue, household.where).join('; '),
    })),
  );
  const toBench = computed(() => {
    const [head = '', ...shared] = bowl.value.headIds;
    return {
      name: 'bowl',
      query: {
        head,
        mask: bowl.value.maskId,
        day: bowl.value.day,
        ...(shared.length > 0 ? { with: shared.join(',') } : {}),
      },
    };
  });

  return { title, reasons, good, draws, keeps, missing, doubt, others, toBench };
}
