import { inARow } from '../data/inARow';
import { HOUR } from '@amber-ladle/core/time';
import type { StockChange } from '@amber-ladle/contract';
import { ingredientById } from '@amber-ladle/core/ingredient';
import {
  lotPast,
  planDraw,
  stockDraftOf,
  windowIfMoved,
  windowOf,
  type Lot,
  type PlannedLine,
  type PlannedTake,
} from '@amber-ladle/core/shelf';
import { computed, onMounted, ref, type Ref } from 'vue';
import { v4 as newId } from 'uuid';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { bowlText, amountWords, lotName, type Makings, STAGE_WORDS } from '@amber-ladle/words';

/** What is measured in drops and pinches nobody keeps book of. */
const UNCOUNTED = new Set(['drop', 'pinch']);

export interface BowlLines {
  readonly lines: readonly { readonly ingredientId: string; readonly grams: number; readonly measuredBy: string }[];
}

/**
 * Where the ingredients of a bowl would come from at a moment: from which lots, and what has to be bought.
 * @param at milliseconds since 1970
 * @param makings ways of the pot: the shelf gives what the pot takes
 */
export function useDrawPlan(bowl: Ref<BowlLines | undefined>, at: Ref<number>, makings: Ref<Makings>) {
  const household = useHousehold();
  const shelf = useShelf();
  const notice = useNotice();
  onMounted(() =>
    shelf.load().catch((error: unknown) => {
      notice.fail(error);
    }),
  );

  /** Lots that were crossed out: what they would have given comes from others, or is bought. */
  const crossed = ref<string[]>([]);
  const plan = computed<readonly PlannedLine[]>(() => {
    if (!bowl.value || !shelf.isReady) return [];
    const lines = bowl.value.lines.filter(
      ({ ingredientId, measuredBy, grams }) =>
        grams > 0 &&
        !UNCOUNTED.has(measuredBy) &&
        household.catalogue.has(ingredientId) &&
        !ingredientById(household.catalogue, ingredientId).traits.isFromTap,
    );
    const lots = shelf.lots.filter(({ id }) => !crossed.value.includes(id));
    return planDraw(lines, lots, household.catalogue, shelf.climate, at.value, makings.value);
  });
  /** Ingredients of which something is taken from the shelf. */
  const drawn = computed(
    () => new Set(plan.value.filter(({ takes }) => takes.length > 0).map(({ ingredientId }) => ingredientId)),
  );
  const hasAny = computed(() => plan.value.some(({ takes }) => takes.length > 0));

  /** One take in words: "half an avocado, cut, from the fridge". */
  function takeWords(take: PlannedTake): string {
    const lot = shelf.lots.find(({ id }) => id === take.lotId);
    if (!lot) return '';
    const row = ingredientById(household.catalogue, lot.ingredientId);
    const place = shelf.shelved.find((one) => one.lot.id === lot.id)?.place?.name ?? '';
    const stays = take.leaves.map((left) => {
      const leftRow = ingredientById(household.catalogue, left.ingredientId);
      return bowlText.gramsStay(Math.round(left.grams), leftRow.name.toLowerCase());
    });
    const amount = amountWords({ ...lot, grams: take.grams }, row);
    // "1½ avocados" names itself.
    const isCounted = lot.pieceGrams !== undefined && lot.state === 'whole' && row.pieces !== undefined;
    const said = [
      isCounted ? amount : `${amount} ${lotName(lot, row).toLowerCase()}`,
      place,
      ...stays,
      take.isUnripe ? bowlText.notRipeYet : '',
    ];
    return inARow(said.filter((words) => words !== ''));
  }

  /** How ripe a lot will be then, and what would help where it will not be. */
  function readiness(lotId: string): string {
    const shelved = shelf.shelved.find((one) => one.lot.id === lotId);
    const row = shelved && household.catalogue.get(shelved.lot.ingredientId);
    if (!shelved?.window.ripeness || !row) return '';
    const then = windowOf(row, lotPast(shelved.lot), shelf.climate, at.value).ripeness;
    if (!then) return '';
    const isToday = at.value - household.moment < HOUR;
    const words = isToday ? STAGE_WORDS[then.stage] : bowlText.byThen(STAGE_WORDS[then.stage]);
    const bag = shelf.places.find(({ kind, id }) => kind === 'bag' && id !== shelved.place?.id);
    if (then.ripeness >= 1 || !bag || isToday) return words;
    const bagged = windowIfMoved(row, lotPast(shelved.lot), shelf.climate, household.moment, bag).ripeness?.ready;
    return bagged && bagged.at <= at.value ? bowlText.inTheFromTonight(words, bag.name.toLowerCase()) : words;
  }

  /** Where one ingredient comes from, in a line; empty where nobody keeps book of it. */
  function sourceWords(ingredientId: string): { words: string; isShort: boolean } {
    const line = plan.value.find((one) => one.ingredientId === ingredientId);
    if (!line) return { words: '', isShort: false };
    const stages = line.takes.map(({ lotId }) => readiness(lotId));
    const from = line.takes.map(takeWords).join(' + ');
    const ripe = inARow([...new Set(stages.filter(Boolean))]);
    const spared = line.sparedGrams > 0 ? bowlText.allThereIsOpen(Math.round(line.sparedGrams)) : '';
    const buy = line.shortGrams > 0 ? bowlText.gramsToBuy(Math.round(line.shortGrams)) : '';
    return {
      words: [from ? bowlText.takenFrom(from, spared, ripe ? ` (${ripe})` : '') : '', buy].filter(Boolean).join('; '),
      isShort: line.shortGrams > 0,
    };
  }

  /** A change of stock from the takes that were left ticked. */
  function changeOf(lines: readonly PlannedLine[], note: string): StockChange | undefined {
    const now = household.now().toISOString();
    const { lots, movements } = stockDraftOf(lines, shelf.lots, household.catalogue, now, newId, shelf.places);
    return movements.length === 0 ? undefined : { id: newId(), note, lots: [...lots], movements: [...movements] };
  }

  const crossedLots = computed(() =>
    shelf.lots.filter(({ id }) => crossed.value.includes(id)).map((lot) => ({ lot, name: nameOf(lot) })),
  );
  function nameOf(lot: Lot): string {
    return lotName(lot, ingredientById(household.catalogue, lot.ingredientId));
  }

  const cross = (lotId: string): void => void (crossed.value = [...crossed.value, lotId]);
  const allow = (lotId: string): void => void (crossed.value = crossed.value.filter((id) => id !== lotId));
  const allowAll = (): void => void (crossed.value = []);

  return { plan, crossedLots, cross, allow, allowAll, hasAny, drawn, takeWords, sourceWords, changeOf };
}
export type DrawPlan = ReturnType<typeof useDrawPlan>;
