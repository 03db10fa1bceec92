import type { PlanProblem } from '../problem';
import type { ModelDraft } from './draft';
import type { BowlColumn, Entry } from './types';

/** The minutes of a day: hands one after the other, and all wear at once. What is pinned stands, however long it takes. */
export function minutesRows({ days, heads }: PlanProblem, bowls: readonly BowlColumn[], draft: ModelDraft): void {
  days.forEach(({ minutes }, on) => {
    const today = bowls.filter((bowl) => bowl.on === on);
    if (today.length === 0) return;
    const pinnedBowls = today.filter(({ isPinned }) => isPinned).map(({ option }) => option);
    const pinnedMinutes =
      pinnedBowls.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0) +
      Math.max(0, ...pinnedBowls.map(({ wearMinutes }) => wearMinutes));
    const wears = draft.pay('bowls', 0, Infinity);
    for (const head of heads) {
      const own = today.filter(({ option }) => option.headIds.includes(head.id));
      if (own.length > 0)
        draft.row(-Infinity, 0, [...own.map(({ column, option }): Entry => [column, option.wearMinutes]), [wears, -1]]);
    }
    draft.row(-Infinity, Math.max(minutes, pinnedMinutes), [
      ...today.map(({ column, option }): Entry => [column, option.handsOnMinutes]),
      [wears, 1],
    ]);
  });
}
