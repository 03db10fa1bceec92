import type { Head } from '@amber-ladle/contract';
import type { HeadInHouse } from '@amber-ladle/core/house';
import { bowlText, nounFor } from '@amber-ladle/words';
import { ingredientById, pieceSize, type Ingredient } from '@amber-ladle/core/ingredient';
import { readFraction } from '@amber-ladle/core/measure';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, ref, watch, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';

/** One ingredient that may be in hand: counted in pieces where it comes so, else weighed. */
export interface HandField {
  readonly ingredient: Ingredient;
  /** What stands behind the number that is filled in. */
  readonly unit: string;
  readonly gramsEach: number;
}

/** What the pieces in hand make, and whom it serves. What is left blank is taken as plenty. */
export function useInHand(mask: Ref<Mask>) {
  const household = useHousehold();
  const written = ref<Record<string, string>>({});
  watch(
    () => mask.value.id,
    () => (written.value = {}),
  );

  const countOf = (id: string): number | undefined => readFraction(written.value[id]?.trim() ?? '');
  const fields = computed<HandField[]>(() =>
    mask.value.parts.map(({ ingredientId, measuredBy }) => {
      const ingredient = ingredientById(household.catalogue, ingredientId);
      return measuredBy === 'piece' && ingredient.pieces
        ? {
            ingredient,
            unit: nounFor(countOf(ingredientId), ingredient.pieces),
            gramsEach: pieceSize(ingredient).usableGrams,
          }
        : { ingredient, unit: 'g', gramsEach: 1 };
    }),
  );

  /** Grams of what was filled in, and what cannot be read. */
  const read = computed(() => {
    const grams: Record<string, number> = {};
    const faults: Record<string, string> = {};
    for (const { ingredient, gramsEach } of fields.value) {
      const text = written.value[ingredient.id]?.trim() ?? '';
      if (text === '') continue;
      const quantity = readFraction(text);
      if (quantity === undefined) faults[ingredient.id] = bowlText.aNumberSuch;
      else if (quantity * gramsEach > 20_000) faults[ingredient.id] = bowlText.thatIsMoreThan;
      else if (quantity > 0) grams[ingredient.id] = quantity * gramsEach;
      else faults[ingredient.id] = bowlText.withoutItThere;
    }
    return { grams, faults };
  });

  /** Whose limits it keeps to; what that means for the others is said of each. */
  const chosenId = ref<string>();
  const within = computed(() => household.headById(chosenId.value) ?? household.heads[0]);
  const wish = computed(() =>
    Object.keys(read.value.grams).length > 0 && Object.keys(read.value.faults).length === 0
      ? {
          mask: mask.value,
          grams: read.value.grams,
          heads: household.heads.map(inHouse),
          within: within.value && inHouse(within.value),
          // The worker knows it, and works it out anew when it changes.
          house: household.house,
        }
      : undefined,
  );
  const { current, failure } = useNewest(wish, ({ mask: asked, grams, heads, within: head }) =>
    sizing().fromInHand(heads, asked, { ...grams }, head),
  );

  const serves = computed(() =>
    (current.value?.serves ?? []).flatMap((one) => {
      const head = household.headById(one.id);
      return head ? [{ ...one, name: head.name }] : [];
    }),
  );
  const keepTo = (headId: string): void => void (chosenId.value = headId);

  return { fields, written, faults: computed(() => read.value.faults), bowl: current, failure, serves, within, keepTo };
}

/** A head as the worker takes it. */
const inHouse = ({ id, ageYears, sensitiveSkin, profile }: Head): HeadInHouse => ({
  id,
  ageYears,
  sensitiveSkin,
  profile,
});
