/** A job on the one pair of hands with its window, minutes. */
export interface Job {
  readonly notBefore: number;
  readonly minutes: number;
  /** It must be over by then; Infinity where nothing says so. */
  readonly overBy: number;
}

/** A job that can only come after a set of others. */
export interface After {
  readonly job: number;
  readonly others: readonly number[];
  /** The others are over no earlier than this. */
  readonly notBefore: number;
}

/**
 * What windows leave no choice about: where a job and a set of others do not fit into the others' window unless it comes
 * after all of them (edge finding on one machine: Carlier and Pinson 1989, from memory).
 * @returns nothing where a set of jobs does not fit into its own window
 */
export function forcedAfter(jobs: readonly Job[]): readonly After[] | undefined {
  const forced: After[] = [];
  const byStart = jobs.map((_, i) => i).sort((a, b) => at(jobs, b).notBefore - at(jobs, a).notBefore);
  const ends = [...new Set(jobs.map(({ overBy }) => overBy))].filter(Number.isFinite);
  for (const end of ends) {
    let minutes = 0;
    let earliestEnd = -Infinity;
    const set: number[] = [];
    // The set grows from its latest start backwards: every set that matters is a beginning of this row.
    const sets: { start: number; minutes: number; earliestEnd: number; size: number }[] = [];
    for (const i of byStart) {
      const job = at(jobs, i);
      if (job.overBy > end) continue;
      set.push(i);
      minutes += job.minutes;
      earliestEnd = Math.max(earliestEnd, job.notBefore + minutes);
      if (job.notBefore + minutes > end) return undefined;
      sets.push({ start: job.notBefore, minutes, earliestEnd, size: set.length });
    }
    for (const [k, job] of jobs.entries()) {
      if (job.overBy <= end) continue;
      const found = sets.findLast((one) => Math.min(one.start, job.notBefore) + one.minutes + job.minutes > end);
      if (found) forced.push({ job: k, others: set.slice(0, found.size), notBefore: found.earliestEnd });
    }
  }
  return forced;
}

/** The same the other way round: jobs that can only come before a set of others. @returns as `forcedAfter` */
export function forcedBefore(jobs: readonly Job[]): readonly Omit<After, 'notBefore'>[] | undefined {
  return forcedAfter(
    jobs.map(({ notBefore, minutes, overBy }) => ({ notBefore: -overBy, minutes, overBy: -notBefore })),
  );
}

const at = (jobs: readonly Job[], i: number): Job => jobs[i] as Job;
