import { bowlText, listed } from '@amber-ladle/words';
import type { BowlChoices, Head } from '@amber-ladle/contract';
import { ingredientById, type Ingredient } from '@amber-ladle/core/ingredient';
import {
  lighterSwaps,
  offends,
  SWAP_WISHES,
  swapCandidates,
  swapConsequences,
  swapped,
  swapsFor,
  swapsFromHand,
  type Mask,
  type SwapWish,
} from '@amber-ladle/core/mask';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';

/** How many stand-ins are worth showing. */
const MOST_OFFERED = 8;

/** A mask of the book with what stands in for what, and what that changes. */
export function useSwaps(book: Ref<Mask | undefined>, choices: Ref<BowlChoices>, head: Ref<Head | undefined>) {
  const household = useHousehold();
  const notice = useNotice();
  const shelf = useShelf();

  const mask = computed<Mask | undefined>(() => {
    if (!book.value) return undefined;
    try {
      return swapped(book.value, choices.value.swaps, household.catalogue);
    } catch {
      // A stand-in that has left the catalogue meanwhile stands in for nothing.
      return book.value;
    }
  });

  /** The book's ingredient that one on the bench stands in for; itself where it stands for itself. */
  const originalOf = (ingredientId: string): string =>
    Object.entries(choices.value.swaps).find(([, stand]) => stand === ingredientId)?.[0] ?? ingredientId;

  const made = computed(() =>
    (book.value?.parts ?? []).flatMap(({ ingredientId }) => {
      const stand = choices.value.swaps[ingredientId];
      return stand !== undefined && stand !== ingredientId && household.catalogue.has(stand)
        ? [
            {
              ingredientId,
              name: ingredientById(household.catalogue, ingredientId).name.toLowerCase(),
              standIn: ingredientById(household.catalogue, stand).name,
            },
          ]
        : [];
    }),
  );

  const consequences = computed(() =>
    book.value && mask.value && made.value.length > 0
      ? swapConsequences(book.value, mask.value, household.catalogue)
      : undefined,
  );

  /** What could stand in for an ingredient on the bench, the nearest first. */
  function offered(ingredientId: string): readonly Ingredient[] {
    if (!book.value) return [];
    const original = originalOf(ingredientId);
    const all = swapCandidates(book.value, original, household.catalogue).filter(({ id }) => id !== ingredientId);
    // What is in the house comes first; within that, the nearest.
    const there = all.filter(({ id }) => shelf.onHand.has(id));
    return [...there.slice(0, MOST_OFFERED / 2), ...all.filter((row) => !there.includes(row))].slice(0, MOST_OFFERED);
  }

  function put(swaps: BowlChoices['swaps']): void {
    choices.value = { ...choices.value, swaps, lockedGrams: {} };
  }

  /** Lets one ingredient stand in for another; nothing puts the book's own back. */
  function swap(ingredientId: string, standIn: string | undefined): void {
    const original = originalOf(ingredientId);
    const { [original]: _before, ...rest } = choices.value.swaps;
    put(standIn === undefined ? rest : { ...rest, [original]: standIn });
  }

  /** The wishes that mean something for this mask, and whether each is fulfilled. */
  const wishes = computed(() =>
    SWAP_WISHES.filter((wish) =>
      book.value?.parts.some(({ ingredientId }) => offends(ingredientById(household.catalogue, ingredientId), wish)),
    ).map((wish) => ({
      wish,
      isMet: !mask.value?.parts.some(({ ingredientId }) =>
        offends(ingredientById(household.catalogue, ingredientId), wish),
      ),
    })),
  );

  /** Fulfils a wish with the nearest stand-ins, or takes them back. */
  function toggleWish(wish: SwapWish, isMet: boolean): void {
    if (!book.value) return;
    const offending = new Set(
      book.value.parts
        .filter(({ ingredientId }) => offends(ingredientById(household.catalogue, ingredientId), wish))
        .map(({ ingredientId }) => ingredientId),
    );
    const kept = Object.fromEntries(Object.entries(choices.value.swaps).filter(([from]) => !offending.has(from)));
    if (isMet) {
      put(kept);
      return;
    }
    const avoided = wishes.value.filter((one) => one.isMet).map((one) => one.wish);
    const { swaps, without } = swapsFor(book.value, wish, household.catalogue, {
      avoid: (row) => avoided.some((other) => offends(row, other)),
    });
    put({ ...kept, ...swaps });
    if (without.length > 0) {
      const names = without.map((id) => ingredientById(household.catalogue, id).name.toLowerCase());
      notice.show(bowlText.nothingHereDoes(listed(names, household.where.locale)));
    }
  }

  /** What would sit lighter on a head that greases or is easily weighed down; proposed without being asked. */
  const lighter = computed(() => {
    const story = head.value?.story;
    const isFor = story?.needs.includes('oily-roots')
      ? 'oily-roots'
      : story?.isWeighedDown
        ? 'weighed-down'
        : undefined;
    if (!book.value || !story || !isFor) return undefined;
    const avoid = (row: Ingredient): boolean => row.allergens.some((one) => story.allergies.includes(one));
    const swaps = lighterSwaps(book.value, household.catalogue, { avoid });
    const all = Object.entries(swaps);
    const nameOf = (id: string): string => ingredientById(household.catalogue, id).name.toLowerCase();
    return all.length === 0
      ? undefined
      : ({
          isFor,
          swaps,
          isMade: all.every(([from, stand]) => choices.value.swaps[from] === stand),
          names: all.map(([from, stand]) => ({ from: nameOf(from), stand: nameOf(stand) })),
        } as const);
  });
  /** Takes the lighter stand-ins, or puts the book's own back. */
  function toggleLighter(): void {
    if (!lighter.value) return;
    const { swaps, isMade } = lighter.value;
    const others = Object.fromEntries(Object.entries(choices.value.swaps).filter(([from]) => !(from in swaps)));
    put(isMade ? others : { ...others, ...swaps });
  }

  /** Something on the bench is not in the house, and the shelf is kept at all. */
  const isMissing = computed(
    () =>
      shelf.onHand.size > 0 &&
      book.value !== undefined &&
      Object.keys(swapsFromHand(book.value, shelf.onHand, household.catalogue).swaps).length > 0,
  );
  /** Makes the mask from what is in the house. */
  function fromHand(): void {
    if (!book.value) return;
    const { swaps, without } = swapsFromHand(book.value, shelf.onHand, household.catalogue);
    put({ ...swaps });
    if (without.length > 0) {
      const names = without.map((id) => ingredientById(household.catalogue, id).name.toLowerCase());
      notice.show(bowlText.nothingInTheHouse(listed(names, household.where.locale)));
    }
  }

  return {
    mask,
    made,
    consequences,
    wishes,
    lighter,
    toggleLighter,
    isMissing,
    offered,
    swap,
    toggleWish,
    fromHand,
    originalOf,
  };
}
