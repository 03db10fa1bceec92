import type { StepProgress } from '../schedule';
import type { PlanStep } from '../steps';
import { effective, type DayEvent } from './event';

export type Progress = ReadonlyMap<string, StepProgress>;

/**
 * How far each step has come, from what was told. The same thing told twice (two devices, a lost answer) counts once:
 * the first time.
 */
export function progressOf(steps: readonly PlanStep[], events: readonly DayEvent[]): Progress {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const progress = new Map<string, StepProgress>();
  for (const event of effective(events)) {
    const step = byId.get(event.stepId);
    if (!step) continue;
    const next = after(step, progress.get(step.id), event);
    if (next) progress.set(step.id, next);
  }
  return progress;
}

function after(step: PlanStep, far: StepProgress | undefined, event: DayEvent): StepProgress | undefined {
  const at = Date.parse(event.at);
  switch (event.kind) {
    case 'begin':
      return far ?? { startedAt: at, ...(step.handsOnMinutes === 0 ? { handsFreeAt: at } : {}) };
    case 'hands-off':
      return { startedAt: at, ...far, handsFreeAt: far?.handsFreeAt ?? at };
    case 'done':
      return { startedAt: at, ...far, handsFreeAt: far?.handsFreeAt ?? at, endedAt: far?.endedAt ?? at };
    case 'more':
      return far && far.endedAt === undefined
        ? { ...far, moreMinutes: (far.moreMinutes ?? 0) + (event.minutes ?? 0) }
        : far;
    default:
      return far;
  }
}

/** What went into the bowl, grams by ingredient, weighed or by spoon as written; the last word on each counts. */
export function gramsIn(events: readonly DayEvent[]): Readonly<Record<string, number>> {
  const grams: Record<string, number> = {};
  for (const event of effective(events))
    if (event.kind === 'weigh' && event.ingredientId && event.grams !== undefined)
      grams[event.ingredientId] = event.grams;
  return grams;
}

/**
 * What can no longer be changed, grams by ingredient: what is in, and what is cracked, cut or cooking in the amount that
 * was planned for it.
 * @param planned grams by ingredient
 * @param openStepId the step whose ingredients still go in one by one
 */
export function settledGrams(
  steps: readonly PlanStep[],
  events: readonly DayEvent[],
  planned: Readonly<Record<string, number>>,
  openStepId: string | undefined,
): Readonly<Record<string, number>> {
  const progress = progressOf(steps, events);
  const begun = steps
    .filter(({ id }) => id !== openStepId && progress.has(id))
    .flatMap(({ ingredientIds }) => ingredientIds.flatMap((id) => (id in planned ? [[id, planned[id]] as const] : [])));
  return { ...Object.fromEntries(begun), ...gramsIn(events) } as Record<string, number>;
}

/** The ingredients of a step that are in, weighed or by spoon. */
export const pouredIn = (events: readonly DayEvent[], stepId: string): ReadonlySet<string> =>
  new Set(
    effective(events).flatMap((event) =>
      event.kind === 'weigh' && event.stepId === stepId && event.ingredientId ? [event.ingredientId] : [],
    ),
  );
