import { cannot } from '../../message';
import { MINUTE } from '../../time';
import { lengthOf, type PlanStep } from '../steps/step';
import { endRow, rowOf, START, type DayProblem, type Task } from './problem';
import { shortestDay, shortestMinutes, type Answer } from './search';

/** A new order of steps must save at least this much before it is put to somebody in the middle of her day. Assumption of this project. */
export const WORTH_A_NEW_ORDER_MINUTES = 4;

/** What the kitchen has. */
export interface Kitchen {
  /** Rings of the stove that may be used, 1 or more. */
  readonly rings: number;
}

/** When the day is wanted: begun at a moment, or everything rinsed by one. Milliseconds since 1970. */
export type DayWish =
  { readonly kind: 'start-at'; readonly at: number } | { readonly kind: 'rinsed-by'; readonly at: number };

/** How far a step has come, as moments. Nothing for one that has not begun. */
export interface StepProgress {
  readonly startedAt: number;
  /** From here it runs by itself. */
  readonly handsFreeAt?: number;
  readonly endedAt?: number;
  /** Minutes that it was given on top. */
  readonly moreMinutes?: number;
}

export interface PlannedStep {
  readonly stepId: string;
  readonly startsAt: number;
  readonly handsFreeAt: number;
  readonly endsAt: number;
  readonly isDone: boolean;
  readonly isRunning: boolean;
  /** It runs by itself: the hands are off. */
  readonly isWaiting: boolean;
  /** Later here is later at the end. */
  readonly isCritical: boolean;
  /** Minutes it could start later, the order of hands kept, without a later end. */
  readonly slackMinutes: number;
}

/** A limit of waiting that can no longer be kept. */
export interface MissedLimit {
  readonly stepId: string;
  readonly afterStepId: string;
  readonly withinMinutes: number;
}

export interface DayPlan {
  /** In the order of their starts, those that are done among them. */
  readonly steps: readonly PlannedStep[];
  readonly startsAt: number;
  readonly endsAt: number;
  /** Stretches without anything for the hands, while something runs. */
  readonly idle: readonly { readonly from: number; readonly to: number }[];
  readonly idleMinutes: number;
  readonly handsOnMinutes: number;
  /** False where the wish cannot be kept; the plan then is the earliest there is. */
  readonly isAsWished: boolean;
  /** Latest moment to begin (or go on) so that a wish to be rinsed by some time is kept. */
  readonly latestStart?: number;
  readonly missed: readonly MissedLimit[];
  /** True when there is no shorter day, and none with the fresh steps later. */
  readonly isProven: boolean;
}

export interface PlanOptions {
  readonly kitchen: Kitchen;
  readonly wish: DayWish;
  readonly now: number;
  readonly progress?: ReadonlyMap<string, StepProgress>;
  /** Steps of the plan before, in its order: kept unless a new order saves enough. */
  readonly order?: readonly string[];
}

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

/** The steps that are left, as tasks from now on. */
function asProblem(left: readonly PlanStep[], all: readonly PlanStep[], options: PlanOptions): DayProblem {
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

interface Solved {
  readonly problem: DayProblem;
  readonly answer: Answer;
  readonly missed: readonly MissedLimit[];
}

/**
 * Solves with every limit; where what is done already makes that impossible, what is overdue comes as soon as it can and
 * is named, and only then are the other limits let go.
 */
function solved(problem: DayProblem, order: readonly string[] = []): Solved {
  const strict = kept(problem, order);
  if (strict) return { problem, answer: strict, missed: [] };
  const dueless = { ...problem, tasks: problem.tasks.map(({ notAfter: _notAfter, ...task }) => task) };
  const limitless = { ...dueless, links: problem.links.map(({ before, after }) => ({ before, after })) };
  for (const loose of [dueless, limitless]) {
    const answer = kept(loose, order);
    if (answer) return { problem: loose, answer, missed: missedIn(problem, answer) };
  }
  throw cannot('steps-in-a-circle');
}

/** The best answer, or the one in the order of before where a new order would save next to nothing. */
function kept(problem: DayProblem, order: readonly string[]): Answer | undefined {
  const best = shortestDay(problem, order);
  if (!best || order.length === 0) return best;
  const hands = new Map(problem.tasks.map((task) => [task.id, task.handsOnMinutes > 0]));
  const row = order.filter((id) => hands.get(id));
  const orders = row.slice(1).map((id, i) => [row[i] as string, id] as const);
  const asBefore = shortestDay({ ...problem, orders }, order);
  return asBefore && asBefore.endsAt < best.endsAt + WORTH_A_NEW_ORDER_MINUTES ? asBefore : best;
}

function missedIn({ tasks, links }: DayProblem, { starts }: Answer): MissedLimit[] {
  const start = new Map(tasks.map(({ id }, i) => [id, starts[i] as number]));
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const late = tasks.flatMap(({ id, notAfter }) =>
    notAfter !== undefined && (start.get(id) as number) > notAfter
      ? [{ stepId: id, afterStepId: '', withinMinutes: 0 }]
      : [],
  );
  const long = links.flatMap(({ before, after, withinMinutes }) => {
    const first = byId.get(before) as Task;
    const stood =
      (start.get(after) as number) - (start.get(before) as number) - first.handsOnMinutes - first.waitMinutes;
    return withinMinutes !== undefined && stood > withinMinutes
      ? [{ stepId: after, afterStepId: before, withinMinutes }]
      : [];
  });
  return [...late, ...long];
}

/** The answer as moments, with slack and what is critical, the order of hands and rings settled as it came out. */
function answered(
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
  for (const uses of [(task: Task) => task.handsOnMinutes > 0]) {
    const users = order.filter((i) => uses(tasks[i] as Task));
    for (const [k, i] of users.slice(1).entries()) {
      const before = users[k] as number;
      lags.add(rowOf(before), rowOf(i), (tasks[before] as Task).handsOnMinutes);
    }
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

function donePlan(step: PlanStep, far: StepProgress | undefined): PlannedStep[] {
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
function idleIn(steps: readonly PlannedStep[], from: number, to: number): { from: number; to: number }[] {
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
