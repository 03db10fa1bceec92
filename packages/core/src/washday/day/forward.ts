import { MINUTE } from '../../time';
import { planDay, type DayPlan, type PlannedStep, type PlanOptions } from '../schedule';
import type { PlanStep } from '../steps';
import { type DayEvent, type DayMove } from './event';
import { progressOf, type Progress } from './progress';

/** What the plan has for this soon is for now. */
export const NOW_WITHIN_MINUTES = 1.5;

/** A day under way. */
export interface RunningDay {
  readonly steps: readonly PlanStep[];
  readonly events: readonly DayEvent[];
  /** Least minutes under the cap, by head. */
  readonly leastWear: Readonly<Record<string, number>>;
}

/** What the one pair of hands is about, and so what the screen shows. */
export type Focus =
  /** This is in hand. */
  | { readonly kind: 'hands'; readonly stepId: string }
  /** A pot or the clock calls. */
  | { readonly kind: 'due'; readonly stepId: string }
  /** This comes next, and now. */
  | { readonly kind: 'next'; readonly stepId: string }
  /** Nothing for the hands yet. */
  | { readonly kind: 'waiting'; readonly stepId?: string }
  | { readonly kind: 'finished' };

/** The options of a plan, without what follows from the events. */
export type DayOptions = Omit<PlanOptions, 'progress'>;

/** The plan of a day as it stands. @throws RangeError as `planDay` */
export const planOf = (day: RunningDay, options: DayOptions): DayPlan =>
  planDay(day.steps, { ...options, progress: progressOf(day.steps, day.events) });

/** What the hands are about now. */
export function focusOf({ steps }: RunningDay, progress: Progress, plan: DayPlan, now: number): Focus {
  const inHand = steps.find(({ id }) => isInHand(progress, id));
  if (inHand) return { kind: 'hands', stepId: inHand.id };
  const waits = waitsIn(plan);
  const due = waits.find(({ endsAt }) => endsAt <= now);
  if (due) return { kind: 'due', stepId: due.stepId };
  const next = nextIn(steps, progress, plan);
  if (next && (next.startsAt <= now + NOW_WITHIN_MINUTES * MINUTE || waits.length === 0))
    return { kind: 'next', stepId: next.stepId };
  const [wait] = waits;
  if (wait) return { kind: 'waiting', stepId: wait.stepId };
  return next ? { kind: 'next', stepId: next.stepId } : { kind: 'finished' };
}

/**
 * The one thing that the big button does: hands off what is in hand, take what is due, begin what is next; where there
 * is nothing to do but wait, the first thing that waits is taken for done. With it, what comes next begins by itself.
 * Hair is never counted as worn before the mask's least time.
 * @returns what to tell, nothing where there is nothing to do but wait; and the plan after it
 */
export function forward(day: RunningDay, options: DayOptions): { moves: readonly DayMove[]; plan: DayPlan } {
  const { now } = options;
  const before = planOf(day, options);
  const first = pressed(day, progressOf(day.steps, day.events), before, now);
  if (!first) return { moves: [], plan: before };
  const moves: DayMove[] = [first];
  for (;;) {
    const { then, plan } = following(day, moves, options);
    if (!then) return { moves, plan };
    moves.push(then);
  }
}

/** True for a wait that may be counted as over before its time. */
export function mayEnd({ steps, leastWear }: RunningDay, progress: Progress, stepId: string, now: number): boolean {
  const step = steps.find(({ id }) => id === stepId);
  const free = progress.get(stepId)?.handsFreeAt;
  if (!step || free === undefined) return false;
  return step.kind !== 'wear' || now >= free + (leastWear[step.headId ?? ''] ?? 0) * MINUTE;
}

function pressed(day: RunningDay, progress: Progress, plan: DayPlan, now: number): DayMove | undefined {
  const focus = focusOf(day, progress, plan, now);
  switch (focus.kind) {
    case 'hands':
      return leaving(day.steps, focus.stepId);
    case 'due':
      return { kind: 'done', stepId: focus.stepId };
    case 'next':
      return { kind: 'begin', stepId: focus.stepId };
    case 'waiting': {
      const over = waitsIn(plan).find(({ stepId }) => mayEnd(day, progress, stepId, now));
      return over && { kind: 'done', stepId: over.stepId };
    }
    case 'finished':
      return undefined;
  }
}

/** Out of the hands: done, or left to itself. */
function leaving(steps: readonly PlanStep[], stepId: string): DayMove {
  const waits = (steps.find(({ id }) => id === stepId)?.waitMinutes ?? 0) > 0;
  return { kind: waits ? 'hands-off' : 'done', stepId };
}

/** What begins by itself once these moves are made. */
function following(day: RunningDay, moves: readonly DayMove[], options: DayOptions): { then?: DayMove; plan: DayPlan } {
  const { now } = options;
  const at = new Date(now).toISOString();
  const told = moves.map((move, i): DayEvent => ({ ...move, id: `now.${i}`, pressId: 'now', at }));
  const after = { ...day, events: [...day.events, ...told] };
  const progress = progressOf(after.steps, after.events);
  const plan = planOf(after, options);
  if (day.steps.some(({ id }) => isInHand(progress, id))) return { plan };
  // A pot that calls is looked at first.
  if (waitsIn(plan).some(({ endsAt }) => endsAt <= now)) return { plan };
  const next = nextIn(day.steps, progress, plan);
  const isNow = next !== undefined && next.startsAt <= now + NOW_WITHIN_MINUTES * MINUTE;
  return isNow ? { then: { kind: 'begin', stepId: next.stepId }, plan } : { plan };
}

const isInHand = (progress: Progress, stepId: string): boolean => {
  const far = progress.get(stepId);
  return far !== undefined && far.endedAt === undefined && far.handsFreeAt === undefined;
};

/** What runs by itself, the first to end first. */
export const waitsIn = (plan: DayPlan): readonly PlannedStep[] =>
  plan.steps.filter(({ isWaiting }) => isWaiting).sort((a, b) => a.endsAt - b.endsAt);

/** The first step of the plan whose forerunners are all over. */
function nextIn(steps: readonly PlanStep[], progress: Progress, plan: DayPlan): PlannedStep | undefined {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const isOver = (id: string): boolean => !byId.has(id) || progress.get(id)?.endedAt !== undefined;
  return plan.steps.find(
    ({ stepId, isDone, isRunning }) =>
      !isDone && !isRunning && (byId.get(stepId)?.after.every((link) => isOver(link.stepId)) ?? false),
  );
}
