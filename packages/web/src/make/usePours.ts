import type { Bowl, WashDay } from '@amber-ladle/contract';
import type { SizedBowl } from '@amber-ladle/core/batch';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { gramsIn, offTarget, pouredIn, rebalancedLines, settledGrams, type PlanStep } from '@amber-ladle/core/washday';
import { writeLine } from '@amber-ladle/words';
import { computed, type Ref } from 'vue';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';

/**
 * What goes into the bowl in a step, one thing after the other, with its target. Where a pour went off, what is still
 * to come is fitted anew around it.
 */
export function usePours(
  bowl: Ref<Bowl | undefined>,
  catalogue: Ref<Catalogue>,
  day: Ref<WashDay | undefined>,
  step: Ref<PlanStep | undefined>,
) {
  const weighed = computed(() => (day.value ? gramsIn(day.value.events) : {}));
  const planned = computed(() => bowl.value?.snapshot.sized.lines ?? []);
  const targets = computed(() => Object.fromEntries(planned.value.map((line) => [line.ingredientId, line.grams])));
  const off = computed(() => offTarget(weighed.value, targets.value));

  const wish = computed(() => {
    const snapshot = bowl.value?.snapshot;
    if (!snapshot || Object.keys(off.value).length === 0) return undefined;
    const { steps = [], events = [] } = day.value ?? {};
    return { snapshot, poured: settledGrams(steps, events, targets.value, step.value?.id) };
  });
  const { current: refitted, failure } = useNewest(wish, ({ snapshot, poured }): Promise<SizedBowl> =>
    sizing().refit(snapshot, poured),
  );
  const lines = computed(() => (wish.value && refitted.value ? refitted.value.lines : planned.value));

  const isIn = computed(() => {
    return new Set(Object.keys(wish.value?.poured ?? {}));
  });
  const changes = computed(() =>
    wish.value && refitted.value
      ? rebalancedLines(planned.value, refitted.value.lines, (id) => isIn.value.has(id)).map((change) => ({
          ...change,
          name: ingredientById(catalogue.value, change.ingredientId).name.toLowerCase(),
        }))
      : [],
  );
  const madeMillilitres = computed(() =>
    wish.value && refitted.value ? refitted.value.madeMillilitres : (bowl.value?.snapshot.sized.madeMillilitres ?? 0),
  );

  const rows = computed(() =>
    (step.value?.ingredientIds ?? []).flatMap((ingredientId) => {
      const line = lines.value.find((one) => one.ingredientId === ingredientId);
      if (!line || !bowl.value) return [];
      const written = writeLine(line, catalogue.value, bowl.value.snapshot.spoons);
      const here = day.value && step.value ? pouredIn(day.value.events, step.value.id) : new Set<string>();
      return [
        {
          ingredientId,
          name: written.name,
          amount: written.amount,
          beside: written.beside,
          targetGrams: line.grams,
          isIn: here.has(ingredientId),
          grams: weighed.value[ingredientId],
        },
      ];
    }),
  );
  const next = computed(() => rows.value.find((row) => !row.isIn));

  return { rows, next, changes, madeMillilitres, off, failure };
}
