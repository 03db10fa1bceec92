import { cannot } from '../../message';
import { MINUTE } from '../../time';
import type { PlanStep } from '../steps/step';
import type { DayPlan, DayWish, Kitchen, PlanOptions, StepProgress } from './dayPlan';
import { asProblem } from './left';
import { answered, donePlan, idleIn } from './moments';
import { shortestMinutes } from './shortest';
import { solved } from './solved';

/**
 * Plans a wash day, or what is left of it: no two steps want the hands at once, no more pots than rings, nothing waits
 * longer than it keeps, the day is as short as it can be and fresh things come as late as that allows.
 *
 * @throws RangeError for links that go round in a circle, limits that no order can keep, or a kitchen without a ring
 */
export function planDay(steps: readonly PlanStep[], options: PlanOptions): DayPlan {
  const { wish, now, kitchen, progress = new Map<string, StepProgress>() } = options;
  if (!(kitchen.rings >= 1)) throw cannot('no-ring');
  const left = steps.filter(({ id }) => progress.get(id)?.endedAt === undefined);
  const hasBegun = progress.size > 0;
  const asked = asProblem(left, steps, options);
  const { problem, answer, missed } = solved(asked, options.order);

  const zero = hasBegun ? now : startOf(wish, now, answer.endsAt);
  const planned = answered(left, problem, answer, zero, progress);
  const done = steps.flatMap((step) => donePlan(step, progress.get(step.id)));
  const all = [...done, ...planned].sort(
    // What needs no hands goes first: it only wants to be begun.
    (a, b) => a.startsAt - b.startsAt || a.handsFreeAt - b.handsFreeAt || a.endsAt - b.endsAt,
  );
  const endsAt = Math.max(zero, ...all.map((one) => one.endsAt));
  const startsAt = Math.min(endsAt, ...all.map((one) => one.startsAt));
  const idle = idleIn(all, Math.max(zero, startsAt), endsAt);
  return {
    steps: all,
    startsAt,
    endsAt,
    idle,
    idleMinutes: idle.reduce((sum, { from, to }) => sum + (to - from) / MINUTE, 0),
    handsOnMinutes: left.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0),
    isAsWished: wish.kind === 'rinsed-by' ? endsAt <= wish.at : hasBegun || wish.at >= now,
    ...(wish.kind === 'rinsed-by' ? { latestStart: wish.at - answer.endsAt * MINUTE } : {}),
    missed,
    isProven: answer.isProven,
  };
}

/**
 * Minutes that a day takes at the least, from nothing begun.
 * @throws RangeError as `planDay`, and where no order keeps its limits
 * @example bareMinutes(aDay('rice-silk'), { rings: 2 }) // 138
 */
export function bareMinutes(steps: readonly PlanStep[], kitchen: Kitchen): number {
  const problem = asProblem(steps, steps, { kitchen, wish: { kind: 'start-at', at: 0 }, now: 0 });
  const minutes = shortestMinutes(problem);
  if (minutes === undefined) throw cannot('limits-of-steps');
  return minutes;
}

function startOf(wish: DayWish, now: number, minutes: number): number {
  return Math.max(now, wish.kind === 'start-at' ? wish.at : wish.at - minutes * MINUTE);
}
