import { ingredientById, type Family } from '@amber-ladle/core/ingredient';
import type { Mask, Need } from '@amber-ladle/core/mask';
import { maskText } from '@amber-ladle/words';
import { computed, reactive } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { ripeShare, type BookOrder, type RipeShare } from './bookOrder';
import { useRanking } from './useRanking';

/** What a maker looks for in the book; null where she does not mind. */
export interface MaskWish {
  /** Part of a name, of what a mask does, or of what is in it. */
  words: string | null;
  need: Need | null;
  family: Family | null;
  slot: Mask['slot'] | null;
  /** Hands and wearing together. */
  minutes: number | null;
  /** As in the book (null), by what lies ripe, by time, or a head's id: for whom and what today allows. */
  order: string | null;
  noEgg: boolean;
}
/** A mask that was found, and what of it would be used up before it turns. */
export interface FoundMask {
  readonly mask: Mask;
  readonly ripe: RipeShare;
}

const ORDERS: readonly { readonly value: BookOrder; readonly title: string }[] = [
  { value: 'ripe', title: maskText.whatIsRipeHere },
  { value: 'quick', title: maskText.theQuickestFirst },
];

/** How long a mask takes, in minutes: hands and wearing. */
export const totalMinutes = (mask: Mask): number => mask.handsOnMinutes + mask.wear.aimMinutes;

/** Looks through the book by what is wished for, in the order that is. */
export function useMaskSearch() {
  const household = useHousehold();
  const shelf = useShelf();
  shelf.load().catch(() => undefined);
  const wish = reactive<MaskWish>({
    words: '',
    need: null,
    family: null,
    slot: null,
    minutes: null,
    order: null,
    noEgg: false,
  });
  const orders = computed(() => [
    ...household.heads.map(({ id, name }) => ({ value: id, title: maskText.forNameNow(name) })),
    ...ORDERS,
  ]);
  const headId = computed(() => (household.headById(wish.order ?? '') ? wish.order : null));

  const { rankings, isWorking } = useRanking(
    computed(() => (headId.value ? [headId.value] : [])),
    computed(() => ({
      minutes: wish.minutes ?? undefined,
      slot: wish.slot === 'before-shampoo' || wish.slot === 'after-shampoo' ? wish.slot : undefined,
      without: wish.noEgg ? (['egg'] as const) : [],
    })),
  );
  const ranking = computed(() => (headId.value ? rankings.value[headId.value] : undefined));

  const ingredientsOf = (mask: Mask) =>
    mask.parts.map(({ ingredientId }) => ingredientById(household.catalogue, ingredientId));
  const says = (mask: Mask, words: string): boolean =>
    [mask.name, mask.summary, ...ingredientsOf(mask).map(({ name }) => name)].join(' ').toLowerCase().includes(words);

  /** What the ranking judges by itself is left to it, so that it can say why not. */
  const found = computed(() => {
    const { words, need, family } = wish;
    return household.masks.filter(
      (mask) =>
        says(mask, (words ?? '').trim().toLowerCase()) &&
        (!need || mask.needs.includes(need)) &&
        (!family || ingredientsOf(mask).some((one) => one.family === family)),
    );
  });
  const foundIds = computed<ReadonlySet<string>>(() => new Set(found.value.map(({ id }) => id)));

  const atHand = computed(() =>
    shelf.shelved
      .filter(
        ({ window }) => !window.isPast && window.ripeness?.stage !== 'unripe' && window.ripeness?.stage !== 'nearly',
      )
      .map(({ lot, window }) => ({ ingredientId: lot.ingredientId, endsAt: window.endsAt })),
  );
  const shown = computed<FoundMask[]>(() => {
    const { slot, minutes, order } = wish;
    const rows = found.value
      .filter(
        (mask) =>
          (!slot || mask.slot === slot || mask.slot === 'either') && (!minutes || totalMinutes(mask) <= minutes),
      )
      .map((mask) => ({ mask, ripe: ripeShare(mask, atHand.value, household.moment) }));
    if (order === 'ripe') rows.sort((a, b) => b.ripe.share - a.ripe.share);
    if (order === 'quick') rows.sort((a, b) => totalMinutes(a.mask) - totalMinutes(b.mask));
    return rows;
  });

  return { wish, orders, headId, ranking, isWorking, foundIds, shown };
}
