import { NO_CHOICES, type BowlChoices, type Head, type MakingChoice } from '@amber-ladle/contract';
import { demandFor, lossesOf, millilitresToMake, totalDemand, type SizedHead } from '@amber-ladle/core/batch';
import type { HairProfile } from '@amber-ladle/core/hair';
import { schooled } from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import { quantile } from '@amber-ladle/core/statistic';
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useHousehold } from '../stores/household';
import { useSizing, type SizingWish } from './useSizing';
import { useSwaps } from './useSwaps';

/**
 * The workbench: one head (or several that share a bowl) and one mask, their measurements and choices, and what the
 * bowl comes to. The need answers at once; the fit to pieces and spoons follows from the worker.
 *
 * @param book the mask as it stands in the book; `mask` is what it is with its swaps made
 */
export function useBench(head: Ref<Head | undefined>, book: Ref<Mask | undefined>, others: Ref<readonly Head[]>) {
  const household = useHousehold();
  const profile = ref<HairProfile>();
  const choices = useSessionStorage<BowlChoices>('amber-ladle-choices', { ...NO_CHOICES }, { mergeDefaults: true });
  const change = (part: Partial<BowlChoices>): void => void (choices.value = { ...choices.value, ...part });

  watch(
    () => head.value?.id,
    () => (profile.value = head.value ? { ...head.value.profile } : undefined),
    { immediate: true },
  );

  /** Exactly two yolks, or oat milk for milk, is said of one mask; the next one starts free. */
  watch(
    () => book.value?.id,
    (_id, before) => before !== undefined && change({ lockedGrams: {}, swaps: {} }),
  );

  const swaps = useSwaps(book, choices);
  /** With its swaps made, and as this household makes it. */
  const mask = computed(() =>
    swaps.mask.value ? schooled(swaps.mask.value, household.settings.schools, household.catalogue) : undefined,
  );

  /** What is asked of earlier bowls: this texture, at this chance. */
  const asked = computed(() => ({ texture: mask.value?.texture, enoughChance: choices.value.enoughChance }));
  const heads = computed<readonly SizedHead[]>(() =>
    head.value && profile.value
      ? [{ ...head.value, profile: profile.value }, ...others.value].map((one) => household.taught(one, asked.value))
      : [],
  );

  const wish = computed<SizingWish | undefined>(() => {
    const [first, ...rest] = heads.value;
    if (!first || !mask.value) return undefined;
    const { swaps: _swaps, makings: _makings, ...options } = choices.value;
    const textureOffset = household.textureOffset(mask.value.id);
    return {
      head: first,
      mask: mask.value,
      options: { spoons: household.spoons, ...options, others: rest, textureOffset },
    };
  });
  const { bowl, isFitting, failure } = useSizing(wish);

  /** What the heads take and what must be made, at once. */
  const need = computed(() => {
    const wanted = mask.value;
    if (heads.value.length === 0 || !wanted) return undefined;
    const demands = heads.value.map((one) => demandFor(one, wanted));
    const total = totalDemand(demands);
    const losses = lossesOf(wanted);
    const make = (chance: number) => millilitresToMake(quantile(total, chance), losses);
    return {
      millilitres: make(choices.value.enoughChance),
      lowMillilitres: make(0.15),
      highMillilitres: make(0.85),
    };
  });

  const isChanged = computed(() => JSON.stringify(profile.value) !== JSON.stringify(head.value?.profile));

  /** A dictionary without one key, or with it set anew. */
  function set<T>(from: Record<string, T>, key: string, value?: T): Record<string, T> {
    const { [key]: _before, ...rest } = from;
    return value === undefined ? rest : { ...rest, [key]: value };
  }

  function choosePiece(ingredientId: string, sizeId: string): void {
    const { pieceGrams, lockedGrams, pieceSizes } = choices.value;
    change({
      pieceGrams: set(pieceGrams, ingredientId),
      lockedGrams: set(lockedGrams, ingredientId),
      pieceSizes: set(pieceSizes, ingredientId, sizeId),
    });
  }

  function weigh(ingredientId: string, grams: number): void {
    const { pieceGrams, lockedGrams } = choices.value;
    change({
      lockedGrams: set(lockedGrams, ingredientId),
      pieceGrams: set(pieceGrams, ingredientId, grams),
    });
  }

  const lock = (ingredientId: string, grams: number | undefined): void =>
    change({ lockedGrams: set(choices.value.lockedGrams, ingredientId, grams) });

  const cook = (ingredientId: string, making: MakingChoice): void =>
    change({ makings: set(choices.value.makings, ingredientId, making) });

  return {
    profile,
    choices,
    change,
    heads,
    asked,
    mask,
    swaps,
    wish,
    bowl,
    isFitting,
    failure,
    need,
    isChanged,
    choosePiece,
    weigh,
    lock,
    cook,
  };
}
