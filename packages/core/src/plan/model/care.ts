import type { Rhythm } from '../../ingredient';
import { PLAN_POINTS as POINTS, type PlanHead, type PlanProblem } from '../problem';
import type { ModelDraft } from './draft';
import type { BowlColumn, Entry } from './types';

/** At most one bowl in each window of so many days; pins go before. */
function atMostOneIn(all: readonly BowlColumn[], window: number, days: number, draft: ModelDraft): void {
  for (let from = 0; from <= Math.max(0, days - window); from++) {
    const inside = all.filter(({ on }) => on >= from && on < from + window);
    if (inside.length < 2) continue;
    draft.row(
      0,
      Math.max(1, inside.filter(({ isPinned }) => isPinned).length),
      inside.map(({ column }) => [column, 1]),
    );
  }
}

/** How often a head may wear something: one bowl at a time, strict things rarely, the same mask not again at once. */
function cadence(head: PlanHead, own: readonly BowlColumn[], days: number, draft: ModelDraft): void {
  atMostOneIn(own, head.leastDays, days, draft);
  for (const [rhythm, window] of Object.entries(head.strictDays) as [Rhythm, number][])
    atMostOneIn(
      own.filter(({ option }) => option.rhythms.includes(rhythm)),
      Math.min(window, days),
      days,
      draft,
    );
  const masks = new Map<string, BowlColumn[]>();
  for (const bowl of own) masks.set(bowl.option.maskId, [...(masks.get(bowl.option.maskId) ?? []), bowl]);
  for (const same of masks.values()) {
    const { repeatDays } = (same[0] as BowlColumn).option;
    if (repeatDays !== undefined && repeatDays > head.leastDays)
      atMostOneIn(same, Math.min(repeatDays, days), days, draft);
    if (new Set(same.map(({ on }) => on)).size > 1) {
      const again = draft.pay('again', POINTS.again, days);
      draft.row(-Infinity, 1, [...same.map(({ column }): Entry => [column, 1]), [again, -1]]);
    }
  }
}

/** What a head is owed: a bowl by each of her wash days, and what it is time for. */
function owed(head: PlanHead, own: readonly BowlColumn[], days: number, draft: ModelDraft): void {
  for (let on = 0; on < days; on++) {
    if (head.lastOn !== undefined && head.lastOn > on - head.everyDays) continue;
    const since = own.filter((bowl) => bowl.on <= on && bowl.on > on - head.everyDays);
    if (since.length === 0) continue;
    const late = draft.pay('late', POINTS.late, 1);
    draft.row(1, Infinity, [...since.map(({ column }): Entry => [column, 1]), [late, 1]]);
  }
  for (const { rhythm, from } of head.due) {
    const meets = own.filter(({ option, on }) => on >= from && option.rhythms.includes(rhythm));
    if (meets.length === 0) continue;
    const missed = draft.pay('due', POINTS.due, 1);
    draft.row(1, Infinity, [...meets.map(({ column }): Entry => [column, 1]), [missed, 1]]);
  }
}

/** A plan that was there before is changed as little as can be. */
function asBefore({ former }: PlanProblem, bowls: readonly BowlColumn[], draft: ModelDraft): void {
  for (const { optionId, on } of former) {
    const same = bowls.find((bowl) => bowl.option.id === optionId && bowl.on === on);
    if (!same) continue;
    const gone = draft.pay('changed', POINTS.changed, 1);
    draft.row(1, Infinity, [
      [same.column, 1],
      [gone, 1],
    ]);
  }
}

/** What heads may wear, what they are owed, and what was planned before. */
export function careRows(problem: PlanProblem, bowls: readonly BowlColumn[], draft: ModelDraft): void {
  const days = problem.days.length;
  for (const head of problem.heads) {
    const own = bowls.filter(({ option }) => option.headIds.includes(head.id));
    cadence(head, own, days, draft);
    owed(head, own, days, draft);
  }
  asBefore(problem, bowls, draft);
}
