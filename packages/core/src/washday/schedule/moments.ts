import { MINUTE } from '../../time';
import { lengthOf, type PlanStep } from '../steps/step';
import type { PlannedStep, StepProgress } from './dayPlan';
import { endRow, rowOf, START, type DayProblem, type Task } from './problem';
import type { Answer } from './search';

/** The answer as moments, with slack and what is critical, the order of hands settled as it came out. */
export function answered(
  left: readonly PlanStep[],
  { tasks }: DayProblem,
  answer: Answer,
  zero: number,
  progress: ReadonlyMap<string, StepProgress>,
): PlannedStep[] {
  const lags = answer.lags.copy();
  const end = endRow(tasks);
  lags.add(end, START, -answer.endsAt);
  const order = tasks.map((_, i) => i).sort((a, b) => (answer.starts[a] as number) - (answer.starts[b] as number));
  const users = order.filter((i) => (tasks[i] as Task).handsOnMinutes > 0);
  for (const [k, i] of users.slice(1).entries()) {
    const before = users[k] as number;
    lags.add(rowOf(before), rowOf(i), (tasks[before] as Task).handsOnMinutes);
  }
  return left.map((step, i): PlannedStep => {
    const { handsOnMinutes, waitMinutes } = tasks[i] as Task;
    const start = answer.starts[i] as number;
    const far = progress.get(step.id);
    const slackMinutes = -lags.at(rowOf(i), START) - lags.at(START, rowOf(i));
    const handsFreeAt = far?.handsFreeAt ?? zero + (start + handsOnMinutes) * MINUTE;
    return {
      stepId: step.id,
      startsAt: far?.startedAt ?? zero + start * MINUTE,
      handsFreeAt,
      // A pot that is on ends at its own moment, not at a whole minute of the plan.
      endsAt:
        far?.handsFreeAt === undefined
          ? handsFreeAt + waitMinutes * MINUTE
          : far.handsFreeAt + (step.waitMinutes + (far.moreMinutes ?? 0)) * MINUTE,
      isDone: false,
      isRunning: far !== undefined,
      isWaiting: far?.handsFreeAt !== undefined,
      isCritical: slackMinutes === 0,
      slackMinutes,
    };
  });
}

export function donePlan(step: PlanStep, far: StepProgress | undefined): PlannedStep[] {
  if (far?.endedAt === undefined) return [];
  return [
    {
      stepId: step.id,
      startsAt: far.startedAt,
      handsFreeAt: far.handsFreeAt ?? Math.min(far.endedAt, far.startedAt + lengthOf(step) * MINUTE),
      endsAt: far.endedAt,
      isDone: true,
      isRunning: false,
      isWaiting: false,
      isCritical: false,
      slackMinutes: 0,
    },
  ];
}

/** Where no step wants the hands, between two moments. */
export function idleIn(steps: readonly PlannedStep[], from: number, to: number): { from: number; to: number }[] {
  const gaps: { from: number; to: number }[] = [];
  let free = from;
  for (const { startsAt, handsFreeAt, isDone } of steps) {
    if (isDone || handsFreeAt === startsAt) continue;
    if (startsAt > free) gaps.push({ from: free, to: startsAt });
    free = Math.max(free, handsFreeAt);
  }
  if (to > free) gaps.push({ from: free, to });
  return gaps;
}
