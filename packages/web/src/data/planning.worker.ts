import { millilitresByHead, sizeBowl, type SizedHead } from '@amber-ladle/core/batch';
import { overlaid, type SaidIngredient } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import type { Spoon } from '@amber-ladle/core/measure';
import {
  daySteps,
  forward,
  planDay,
  planOf,
  whatHelps,
  type DayMove,
  type DayOptions,
  type DayPlan,
  type HeadToServe,
  type Help,
  type OtherDay,
  type PlanOptions,
  type PlanStep,
  type RunningDay,
} from '@amber-ladle/core/washday';
import { expose } from 'comlink';

/** Heads as another mask would be sized for them. */
export interface OtherHeads {
  readonly masks: readonly Mask[];
  readonly own: readonly SaidIngredient[];
  readonly spoons: readonly Spoon[];
  readonly heads: readonly (SizedHead & Pick<HeadToServe, 'id' | 'name'>)[];
}

/** What each of the other masks would ask of the day; one that cannot be sized for these heads is passed over. */
function otherDays({ masks, own, spoons, heads }: OtherHeads): readonly OtherDay[] {
  const catalogue = overlaid(own);
  const [first, ...others] = heads;
  if (!first) return [];
  return masks.flatMap((mask): readonly OtherDay[] => {
    try {
      const sized = sizeBowl(first, mask, catalogue, { spoons, others });
      const millilitres = millilitresByHead(sized);
      const bowl = {
        id: mask.id,
        mask,
        lines: sized.lines,
        madeMillilitres: sized.madeMillilitres,
        catalogue,
        heads: heads.map(({ id, name, profile }, i) => ({ id, name, profile, millilitres: millilitres[i] ?? 0 })),
      };
      return [{ maskId: mask.id, steps: daySteps([bowl]) }];
    } catch {
      return [];
    }
  });
}

const planning = {
  preview: (steps: readonly PlanStep[], options: PlanOptions): DayPlan => planDay(steps, options),
  plan: (day: RunningDay, options: DayOptions): DayPlan => planOf(day, options),
  forward: (day: RunningDay, options: DayOptions): { moves: readonly DayMove[]; plan: DayPlan } =>
    forward(day, options),
  helps: (
    steps: readonly PlanStep[],
    options: PlanOptions,
    leastWear: Readonly<Record<string, number>>,
    others: OtherHeads,
  ): readonly Help[] => whatHelps(steps, options, leastWear, otherDays(others)),
};

export type Planning = typeof planning;

expose(planning);
