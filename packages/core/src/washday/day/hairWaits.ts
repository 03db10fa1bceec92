import { MINUTE } from '../../time';
import type { PlanStep } from '../steps';
import type { Progress } from './progress';

/** How long a head that is wet already waits for its mask, milliseconds since 1970. */
export interface HairWaits {
  readonly since: number;
  readonly until: number;
}

/**
 * Hair dries: washed or wetted, it waits for its mask only so long.
 * @returns nothing before the hair is wet, where it keeps, and once the mask is on its way over the head
 */
export function hairWaits(steps: readonly PlanStep[], progress: Progress, headId: string): HairWaits | undefined {
  const own = steps.filter((step) => step.headId === headId);
  const apply = own.find(({ kind }) => kind === 'apply');
  if (!apply || progress.has(apply.id)) return undefined;
  const waits = own.flatMap(({ id, after }): HairWaits[] =>
    progress.has(id)
      ? []
      : after.flatMap(({ stepId, withinMinutes }) => {
          const since = progress.get(stepId)?.endedAt;
          const isOwn = own.some((step) => step.id === stepId);
          return isOwn && since !== undefined && withinMinutes !== undefined
            ? [{ since, until: since + withinMinutes * MINUTE }]
            : [];
        }),
  );
  return waits.sort((a, b) => a.until - b.until)[0];
}
