import { MINUTE } from '../../time';
import { bareMinutes, planDay, type PlanOptions } from '../schedule';
import type { PlanStep } from '../steps';

/** A change that makes a day shorter. */
export interface Help {
  readonly kind: 'no-soak' | 'least-wear' | 'second-ring' | 'other-mask';
  /** What it is about: the step, or the mask. */
  readonly subject: string;
  /** Minutes that the whole day gets shorter, 1 or more. */
  readonly savesMinutes: number;
  /** True where that alone keeps the wish. */
  readonly isEnough: boolean;
}

/** Another mask that could be made instead. */
export interface OtherDay {
  readonly maskId: string;
  readonly steps: readonly PlanStep[];
}

/**
 * What would help where a day does not fit its wish: no soak, the least time under the cap, a second ring, another mask.
 * Each by itself, the one that saves most first; nothing that saves nothing.
 * @param leastWear least minutes under the cap, by head
 */
export function whatHelps(
  steps: readonly PlanStep[],
  options: PlanOptions,
  leastWear: Readonly<Record<string, number>>,
  others: readonly OtherDay[] = [],
): readonly Help[] {
  const plan = planDay(steps, options);
  const minutes = bareMinutes(steps, options.kitchen);
  const missing = options.wish.kind === 'rinsed-by' ? (plan.endsAt - options.wish.at) / MINUTE : 0;
  const help = (kind: Help['kind'], subject: string, changed: readonly PlanStep[], rings = options.kitchen.rings) => {
    const savesMinutes = minutes - bareMinutes(changed, { rings });
    return savesMinutes >= 1 ? [{ kind, subject, savesMinutes, isEnough: savesMinutes >= missing }] : [];
  };
  const waiting = (is: (step: PlanStep) => boolean, to: (step: PlanStep) => number): readonly PlanStep[] =>
    steps.map((step) => (is(step) ? { ...step, waitMinutes: Math.min(step.waitMinutes, to(step)) } : step));
  const soaks = steps.filter(({ kind }) => kind === 'soak');
  const worn = steps.filter(({ kind }) => kind === 'wear');
  const found = [
    ...soaks.flatMap((soak) =>
      help(
        'no-soak',
        soak.id,
        waiting(
          ({ id }) => id === soak.id,
          () => 0,
        ),
      ),
    ),
    ...(worn.length > 0
      ? help(
          'least-wear',
          worn.map(({ id }) => id).join(' '),
          waiting(
            ({ kind }) => kind === 'wear',
            ({ headId, waitMinutes }) => leastWear[headId ?? ''] ?? waitMinutes,
          ),
        )
      : []),
    ...help('second-ring', '', steps, options.kitchen.rings + 1),
    ...others.flatMap(({ maskId, steps: other }) => help('other-mask', maskId, other)),
  ];
  return found.sort((a, b) => b.savesMinutes - a.savesMinutes);
}
