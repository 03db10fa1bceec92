import { reasonOf } from '../data/reason';
import { bowlOfDay, leastWearOf, type Bowl, type KeptWish } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { taughtHead } from '@amber-ladle/core/house';
import { wearsOf } from '@amber-ladle/core/mask';
import { daySteps, type DayWishes, type PlanOptions } from '@amber-ladle/core/washday';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { planning } from '../data/planning';
import { useNewest } from '../kit/useNewest';
import { useTakeOuts } from '../day';

/** A wash day before it begins: its steps, its plan, when to take things out, and what would help. */
export function useDayPreview(
  bowls: Ref<readonly Bowl[]>,
  wish: Ref<KeptWish>,
  rings: Ref<number>,
  wishes: Ref<DayWishes>,
) {
  const household = useHousehold();
  const catalogueOf = ({ snapshot }: Bowl): Catalogue =>
    new Map([...household.catalogue, ...snapshot.ingredients.map((row) => [row.id, row] as const)]);

  const stepsFor = (all: readonly Bowl[]) =>
    daySteps(
      all.map((bowl) => bowlOfDay(bowl, catalogueOf(bowl), household.settings.schools)),
      wishes.value,
    );
  const built = computed(() => {
    try {
      return {
        steps: stepsFor(bowls.value),
        fault: '',
      };
    } catch (error) {
      return { steps: [], fault: reasonOf(error) };
    }
  });
  const steps = computed(() => built.value.steps);
  const asked = computed(() =>
    bowls.value.length === 0 || steps.value.length === 0
      ? undefined
      : {
          steps: steps.value,
          options: {
            kitchen: { rings: rings.value },
            wish: { kind: wish.value.kind, at: Date.parse(wish.value.at) },
            now: household.moment,
          } satisfies PlanOptions,
        },
  );
  const { current: plan, failure } = useNewest(asked, ({ steps: rows, options }) => planning().preview(rows, options));

  /** When the day would end with each length that its first bowl may be worn, by its aim. */
  const lengths = computed(() => {
    const [first, ...rest] = bowls.value;
    const request = asked.value;
    const wears = first ? wearsOf(first.snapshot.mask) : [];
    if (!first?.life || !request || wears.length < 2) return undefined;
    const { life } = first;
    return wears.map(({ aimMinutes }) => ({
      aimMinutes,
      steps: stepsFor([{ ...first, life: { ...life, wearAimMinutes: aimMinutes } }, ...rest]),
      options: request.options,
    }));
  });
  const { current: ends } = useNewest(lengths, async (all) => {
    const plans = await Promise.all(all.map((one) => planning().preview(one.steps, one.options)));
    return new Map(all.map(({ aimMinutes }, i) => [aimMinutes, plans[i]?.endsAt ?? 0] as const));
  });

  /** Only a wish that cannot be kept asks for help, and only when the wish changes: it takes a while. */
  const helpless = computed(() =>
    plan.value && !plan.value.isAsWished
      ? JSON.stringify([bowls.value.map(({ id }) => id), wish.value, rings.value])
      : undefined,
  );
  const { current: helps, isWorking: isLookingForHelp } = useNewest(helpless, () => {
    const [first] = bowls.value;
    const request = asked.value;
    if (!first || !request) return Promise.resolve([]);
    const { head, others, mask } = first.snapshot;
    // Another mask is a way out only where the day is one bowl.
    const masks = bowls.value.length === 1 ? household.masks.filter(({ id }) => id !== mask.id) : [];
    return planning().helps(request.steps, request.options, leastWearOf(bowls.value), {
      masks,
      own: household.ownIngredients.map(({ row }) => row),
      spoons: household.spoons,
      heads: [head, ...others].map((one) => ({ id: one.id, name: one.name, ...taughtHead(household.house, one) })),
    });
  });

  const outs = useTakeOuts(steps, plan);

  return {
    steps,
    plan,
    failure: computed(() => built.value.fault || failure.value),
    helps,
    isLookingForHelp,
    outs,
    ends,
  };
}
