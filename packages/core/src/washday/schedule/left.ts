import { MINUTE } from '../../time';
import type { PlanStep } from '../steps/step';
import type { PlanOptions, StepProgress } from './dayPlan';
import type { DayProblem, Task } from './problem';

/** The steps that are left, as tasks from now on. */
export function asProblem(left: readonly PlanStep[], all: readonly PlanStep[], options: PlanOptions): DayProblem {
  const { now, progress, kitchen } = options;
  const isLeft = new Set(left.map(({ id }) => id));
  const byId = new Map(all.map((step) => [step.id, step]));
  // What has begun waits for nothing any more, in whatever order it was begun.
  const links = left.flatMap(({ id, after }) =>
    (progress?.has(id) ? [] : after)
      .filter(({ stepId }) => isLeft.has(stepId))
      .map(({ stepId, withinMinutes }) => ({
        before: stepId,
        after: id,
        ...(withinMinutes === undefined ? {} : { withinMinutes }),
      })),
  );
  /** Of two things that were begun at once, on two devices, one is in hand and the other waits for it. */
  const inHand = left.find(({ id, handsOnMinutes }) => handsOnMinutes > 0 && isInHand(progress?.get(id)))?.id;
  const tasks = left.map((step): Task => {
    const { id, handsOnMinutes, waitMinutes, usesRing, isFresh, after } = step;
    const far = progress?.get(id);
    if (far) {
      const isSecond = far.handsFreeAt === undefined && inHand !== undefined && inHand !== id;
      return { id, ...remaining(step, far, now), usesRing, isFresh: false, ...(isSecond ? {} : { fixedStart: 0 }) };
    }
    const dues = after.flatMap(({ stepId, withinMinutes }) => {
      const ended = progress?.get(stepId)?.endedAt;
      return withinMinutes === undefined || ended === undefined || !byId.has(stepId)
        ? []
        : [(ended - now) / MINUTE + withinMinutes];
    });
    return {
      id,
      handsOnMinutes,
      waitMinutes,
      usesRing,
      isFresh,
      ...(dues.length > 0 ? { notAfter: Math.floor(Math.min(...dues)) } : {}),
    };
  });
  // Pots that are on are on, however many rings were said to be free.
  const on = tasks.filter(({ fixedStart, usesRing }) => usesRing && fixedStart !== undefined).length;
  return { tasks, links, rings: Math.max(Math.floor(kitchen.rings), on) };
}

const isInHand = (far: StepProgress | undefined): boolean => far !== undefined && far.handsFreeAt === undefined;

/** What is still to come of a step under way, whole minutes. A step that should be over takes another minute. */
function remaining(step: PlanStep, far: StepProgress, now: number): Pick<Task, 'handsOnMinutes' | 'waitMinutes'> {
  const more = far.moreMinutes ?? 0;
  const upTo = (end: number): number => Math.max(0, Math.ceil((end - now) / MINUTE));
  if (far.handsFreeAt !== undefined)
    return { handsOnMinutes: 0, waitMinutes: upTo(far.handsFreeAt + (step.waitMinutes + more) * MINUTE) };
  const handsOnMinutes = Math.max(
    step.handsOnMinutes > 0 ? 1 : 0,
    upTo(far.startedAt + (step.handsOnMinutes + (step.waitMinutes === 0 ? more : 0)) * MINUTE),
  );
  return { handsOnMinutes, waitMinutes: step.waitMinutes + (step.waitMinutes > 0 ? more : 0) };
}
