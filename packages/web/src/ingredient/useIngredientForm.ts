import { checked, ingredientSchema } from '@amber-ladle/contract';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { computed, ref, type Ref } from 'vue';
import { faultWords, isUnfit } from '../data/reason';
import { ApiError } from '../data/client';
import { useHousehold } from '../data/household';
import { blendOf, formOf, missingIn } from './ingredientForm';
import { rowSaid } from './rowSaid';
import { useDraft } from './useDraft';

/** The form of an ingredient: a new one of the household's, or a correction of a known one. */
export function useIngredientForm(known: Ref<Ingredient | undefined>) {
  const household = useHousehold();
  const draft = useDraft(
    computed(() => household.catalogue),
    computed(() => household.settings.measureSystem),
  );
  /** The one that a weight is most easily said in. */
  const spoon = computed(() => household.spoons.at(-3) ?? household.spoons[0]);
  const fresh = () => formOf(known.value, spoon.value);
  let initial = fresh();
  const form = ref(fresh());
  const errors = ref<Readonly<Record<string, string>>>({});

  function reset(): void {
    initial = fresh();
    form.value = fresh();
    errors.value = {};
    const blend = blendOf(known.value);
    if (blend) draft.load(blend.parts.map((part) => ({ ...part, role: 'body', tolerance: 0.2, measuredBy: 'weight' })));
    else draft.rows.value = [];
    if (draft.rows.value.length === 0) draft.add();
  }
  reset();

  /** @returns the id of the kept row, or nothing when something needs another look */
  async function save(): Promise<string | undefined> {
    const isMadeOf = draft.parts.value.length > 0 && draft.open.value.length === 0;
    errors.value = missingIn(form.value, isMadeOf);
    if (Object.keys(errors.value).length > 0) return undefined;
    try {
      const said = rowSaid(form.value, {
        before: known.value,
        initial,
        catalogue: household.catalogue,
        spoons: household.spoons,
        parts: draft.parts.value,
      });
      const row = checked(ingredientSchema, said);
      await household.saveIngredient(row, household.ownById(row.id)?.version ?? 0);
      return row.id;
    } catch (error) {
      if (isUnfit(error)) errors.value = faultWords(error);
      else if (error instanceof ApiError && error.problem.fields)
        errors.value = Object.fromEntries(
          Object.entries(error.problem.fields).map(([path, words]) => [path.replace(/^row\./, ''), words]),
        );
      else throw error;
      return undefined;
    }
  }

  return { form, draft, errors, reset, save };
}
