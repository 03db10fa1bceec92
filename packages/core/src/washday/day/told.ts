import type { StepEdit } from '../../mask';
import { message } from '../../message';
import { lastsOf, readyStepOf, step, withEdit, withoutSteps, type PlanStep, type StepKind } from '../steps';
import { effective, type DayEvent } from './event';
import { progressOf, type Progress } from './progress';

/** Without these a bowl's story would have a hole: what goes on a head comes off it. */
const ALWAYS: ReadonlySet<StepKind> = new Set(['apply', 'wear', 'rinse']);

/** True for a step that may still be left out of a day: it has not begun, and nobody's mask hangs on it. */
export const mayLeaveOut = (steps: readonly PlanStep[], progress: Progress, { id, kind, bowlId }: PlanStep): boolean =>
  !progress.has(id) && !ALWAYS.has(kind) && id !== readyStepOf(steps.filter((one) => one.bowlId === bowlId));

/**
 * The steps of a day as they are after what was told of it: added ones in, changed ones with their minutes and words, and
 * without those that are left out. What followed one of these follows what came before it. One that was begun meanwhile,
 * on another device, stays.
 * @param steps as the day began; asking again with what came out changes nothing
 * @example
 * const steps = aDay('rice-silk', 1, {}, true);
 * const { id: stepId } = steps.find(({ kind }) => kind === 'soak');
 * const leftOut = { id: 'e', pressId: 'p', at: '2026-03-14T09:00:00Z', kind: 'edit', stepId, edit: { isLeftOut: true } };
 * steps.length - stepsAsTold(steps, [leftOut]).length // 1
 */
export function stepsAsTold(steps: readonly PlanStep[], events: readonly DayEvent[]): readonly PlanStep[] {
  const told = effective(events);
  const edits = new Map<string, StepEdit>();
  for (const { kind, stepId, edit } of told) if (kind === 'edit') edits.set(stepId, { ...edits.get(stepId), ...edit });
  const all = withAddedSteps(steps, told);
  const progress = progressOf(all, told);
  const isOut = (one: PlanStep): boolean => edits.get(one.id)?.isLeftOut === true && mayLeaveOut(all, progress, one);
  return withoutSteps(all, isOut).map((one) => {
    const { waitMinutes, ...edit } = edits.get(one.id) ?? {};
    // How long hair is worn is the mask's, with its limit, and the clock's.
    return withEdit(one, { ...edit, ...(waitMinutes === undefined || one.kind === 'wear' ? {} : { waitMinutes }) });
  });
}

/** All steps that a day ever had: those it began with and those that were added. */
export const withAddedSteps = (steps: readonly PlanStep[], events: readonly DayEvent[]): readonly PlanStep[] =>
  effective(events).reduce(withAdded, steps);

/** Before the step that it was added to, or behind all. */
function withAdded(steps: readonly PlanStep[], { kind, stepId, added }: DayEvent): readonly PlanStep[] {
  if (kind !== 'add' || !added || steps.some(({ id }) => id === stepId)) return steps;
  const { title, handsOnMinutes, waitMinutes, beforeId } = added;
  const before = steps.find(({ id }) => id === beforeId);
  const bowlId = (before ?? steps[0])?.bowlId;
  const row = step({
    id: stepId,
    kind: 'own',
    title: message('said', { text: title }),
    handsOnMinutes,
    waitMinutes,
    after: before
      ? before.after.map((link) => ({ stepId: link.stepId }))
      : lastsOf(steps).map((id) => ({ stepId: id })),
    ...(bowlId === undefined ? {} : { bowlId }),
  });
  if (!before) return [...steps, row];
  return steps.flatMap((one) =>
    one === before ? [row, { ...one, after: [...one.after, { stepId: row.id }] }] : [one],
  );
}
