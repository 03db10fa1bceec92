import type { StepEdit } from '../../mask';
import { MINUTE } from '../../time';
import { lengthOf, type PlanStep } from '../steps';
import { effective, type DayEvent, type EventKind } from './event';
import { progressOf } from './progress';
import { stepsAsTold, withAddedSteps } from './told';

/** A line of what happened. */
export interface RecordLine {
  readonly at: string;
  readonly kind: Exclude<EventKind, 'undo'>;
  readonly step: PlanStep;
  readonly ingredientId?: string;
  readonly grams?: number;
  /** By spoon or piece as written, not weighed. */
  readonly isJudged?: boolean;
  readonly minutes?: number;
  /** What was changed about the step for this day. */
  readonly edit?: StepEdit;
  /** Of a step that is done: whole minutes it took, and took beyond what was planned (less: below 0). */
  readonly tookMinutes?: number;
  readonly overMinutes?: number;
}

const ONCE: ReadonlySet<EventKind> = new Set(['begin', 'hands-off', 'done']);

/**
 * What happened, in order, without what was taken back. A step that began and ended in one press is one line.
 * @param steps as the day began
 */
export function recordOf(steps: readonly PlanStep[], events: readonly DayEvent[]): readonly RecordLine[] {
  const all = withAddedSteps(steps, events);
  const byId = new Map([...all, ...stepsAsTold(all, events)].map((step) => [step.id, step]));
  const progress = progressOf(all, events);
  const told = new Set<string>();
  return effective(events).flatMap((event): readonly RecordLine[] => {
    const step = byId.get(event.stepId);
    if (!step || event.kind === 'undo' || event.isImplied) return [];
    // Told once more, on another screen, it happened once.
    const key = `${event.kind} ${event.stepId}`;
    if (ONCE.has(event.kind) && told.has(key)) return [];
    told.add(key);
    const { at, kind, ingredientId, grams, isJudged, minutes, edit } = event;
    const far = progress.get(step.id);
    const took = far?.endedAt === undefined ? undefined : Math.round((far.endedAt - far.startedAt) / MINUTE);
    return [
      {
        at,
        kind,
        step,
        ...(ingredientId === undefined ? {} : { ingredientId }),
        ...(grams === undefined ? {} : { grams }),
        ...(isJudged === undefined ? {} : { isJudged }),
        ...(minutes === undefined ? {} : { minutes }),
        ...(edit === undefined ? {} : { edit }),
        ...(kind === 'done' && took !== undefined ? { tookMinutes: took, overMinutes: took - lengthOf(step) } : {}),
      },
    ];
  });
}
