import { MINUTE } from '../../time';
import type { PlaceKind } from '../../shelf';
import type { DayPlan } from '../schedule';
import type { PlanStep } from '../steps';

/** A cold thing that should stand in the kitchen for a while before it is used. */
export interface TakeOut {
  readonly ingredientId: string;
  readonly from: 'fridge' | 'freezer';
  readonly at: number;
  /** When it is needed. */
  readonly usedAt: number;
}

/** So that a cold egg does not stiffen the oil, and a frozen pulp is soft. Assumptions of this project. */
export const TAKE_OUT_MINUTES = { fridge: 20, freezer: 180 } as const;

/** What is cooked or steeped comes out of the cold when its pot is set up. */
const goesIntoAPot = ({ kind }: PlanStep): boolean => kind === 'boil' || kind === 'soak';

/**
 * When to take egg, fruit and what was frozen out, so that it is not cold in the bowl.
 * @param standsIn where an ingredient stands; nothing where that is not known
 */
export function takeOuts(
  steps: readonly PlanStep[],
  plan: DayPlan,
  standsIn: (ingredientId: string) => PlaceKind | undefined,
): readonly TakeOut[] {
  const startOf = new Map(plan.steps.map(({ stepId, startsAt }) => [stepId, startsAt]));
  return steps
    .filter((step) => !goesIntoAPot(step))
    .flatMap((step) =>
      step.ingredientIds.flatMap((ingredientId): readonly TakeOut[] => {
        const from = standsIn(ingredientId);
        const usedAt = startOf.get(step.id);
        if ((from !== 'fridge' && from !== 'freezer') || usedAt === undefined) return [];
        return [{ ingredientId, from, usedAt, at: usedAt - TAKE_OUT_MINUTES[from] * MINUTE }];
      }),
    )
    .sort((a, b) => a.at - b.at);
}
