import { mayOn, type PlanProblem } from '../problem';
import type { ModelDraft } from './draft';
import type { BowlColumn } from './types';

/** A bowl may be where cautions, schools and its heads let it, and is where somebody pinned it. */
export function bowlColumns({ options, days, heads, pins }: PlanProblem, draft: ModelDraft): readonly BowlColumn[] {
  return options.flatMap((option) =>
    days.flatMap((_, on) => {
      const isPinned = pins.some((pin) => pin.optionId === option.id && pin.on === on);
      if (!isPinned && !mayOn(option, heads, days, on)) return [];
      return [{ column: draft.pay('bowls', option.points, 1, true, isPinned ? 1 : 0), option, on, isPinned }];
    }),
  );
}

/** The columns of bowls that a head may wear, without those that somebody pinned. */
export const freeBowlsByHead = ({ heads }: PlanProblem, bowls: readonly BowlColumn[]): readonly ReadonlySet<number>[] =>
  heads.map(
    ({ id }) =>
      new Set(bowls.flatMap((bowl) => (bowl.option.headIds.includes(id) && !bowl.isPinned ? [bowl.column] : []))),
  );
