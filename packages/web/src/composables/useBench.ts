import type { BowlChoices, Head } from '@amber-ladle/contract';
import { DEFAULT_ENOUGH_CHANCE, demandFor, lossesOf, millilitresToMake } from '@amber-ladle/core/batch';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { Mask } from '@amber-ladle/core/mask';
import { quantile } from '@amber-ladle/core/statistic';
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useHousehold } from '../stores/household';
import { useSizing, type SizingWish } from './useSizing';

const NO_CHOICES: BowlChoices = {
  enoughChance: DEFAULT_ENOUGH_CHANCE,
  pieceSizes: {},
  pieceGrams: {},
  lockedGrams: {},
};

/**
 * The workbench: one head and one mask, their measurements and choices, and what the bowl comes to.
 * The need answers at once; the fit to pieces and spoons follows from the worker.
 */
export function useBench(head: Ref<Head | undefined>, mask: Ref<Mask | undefined>) {
  const household = useHousehold();
  const profile = ref<HairProfile>();
  const choices = useSessionStorage<BowlChoices>('amber-ladle-choices', { ...NO_CHOICES }, { mergeDefaults: true });

  watch(
    () => head.value?.id,
    () => (profile.value = head.value ? { ...head.value.profile } : undefined),
    { immediate: true },
  );

  /** Exactly two yolks is said of one mask; the next one starts free. */
  watch(
    () => mask.value?.id,
    (_id, before) => before !== undefined && (choices.value = { ...choices.value, lockedGrams: {} }),
  );

  const wearer = computed(() => ({
    ageYears: head.value?.ageYears ?? 30,
    sensitiveSkin: head.value?.sensitiveSkin ?? false,
  }));

  const wish = computed<SizingWish | undefined>(() =>
    profile.value && mask.value
      ? {
          head: { profile: profile.value, wearer: wearer.value },
          mask: mask.value,
          options: { spoons: household.spoons, ...choices.value },
        }
      : undefined,
  );
  const { bowl, isFitting, failure } = useSizing(wish);

  /** What the head takes and what must be made, at once. */
  const need = computed(() => {
    if (!profile.value || !mask.value) return undefined;
    const wanted = demandFor({ profile: profile.value, wearer: wearer.value }, mask.value);
    const losses = lossesOf(mask.value);
    const make = (chance: number) => millilitresToMake(quantile(wanted.total, chance), losses);
    return {
      demand: wanted,
      losses,
      millilitres: make(choices.value.enoughChance),
      lowMillilitres: make(0.15),
      highMillilitres: make(0.85),
    };
  });

  const isChanged = computed(() => JSON.stringify(profile.value) !== JSON.stringify(head.value?.profile));

  function choosePiece(ingredientId: string, sizeId: string): void {
    const { [ingredientId]: _weighed, ...pieceGrams } = choices.value.pieceGrams;
    const { [ingredientId]: _locked, ...lockedGrams } = choices.value.lockedGrams;
    choices.value = {
      ...choices.value,
      pieceGrams,
      lockedGrams,
      pieceSizes: { ...choices.value.pieceSizes, [ingredientId]: sizeId },
    };
  }

  function weigh(ingredientId: string, grams: number): void {
    const { [ingredientId]: _locked, ...lockedGrams } = choices.value.lockedGrams;
    choices.value = {
      ...choices.value,
      lockedGrams,
      pieceGrams: { ...choices.value.pieceGrams, [ingredientId]: grams },
    };
  }

  function lock(ingredientId: string, grams: number | undefined): void {
    const { [ingredientId]: _before, ...others } = choices.value.lockedGrams;
    choices.value = {
      ...choices.value,
      lockedGrams: grams === undefined ? others : { ...others, [ingredientId]: grams },
    };
  }

  return { profile, choices, wearer, bowl, isFitting, failure, need, isChanged, choosePiece, weigh, lock };
}
