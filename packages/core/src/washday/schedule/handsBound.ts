/** A stretch of work for one pair of hands: not before, how long, and what must still pass after it. */
export interface HandsJob {
  readonly notBefore: number;
  readonly minutes: number;
  readonly tail: number;
}

/**
 * The least time at which work for one pair of hands, and what follows each piece of it, can be over, if work could be
 * interrupted at will: among what is there, the longest tail goes first (Jackson's preemptive schedule; Carlier 1982,
 * "The one-machine sequencing problem", from memory). Never more than the real least.
 */
export function handsBound(jobs: readonly HandsJob[]): number {
  const waiting = jobs
    .filter(({ minutes }) => minutes > 0)
    .map((job) => ({ ...job, left: job.minutes }))
    .sort((a, b) => a.notBefore - b.notBefore);
  let least = 0;
  let now = 0;
  let arrived = 0;
  const there: (typeof waiting)[number][] = [];
  while (arrived < waiting.length || there.length > 0) {
    if (there.length === 0) now = Math.max(now, (waiting[arrived] as HandsJob).notBefore);
    for (let next = waiting[arrived]; next && next.notBefore <= now; next = waiting[++arrived]) there.push(next);
    const job = there.reduce((most, one) => (one.tail > most.tail ? one : most));
    const until = Math.min(now + job.left, waiting[arrived]?.notBefore ?? Infinity);
    job.left -= until - now;
    now = until;
    if (job.left > 0) continue;
    there.splice(there.indexOf(job), 1);
    least = Math.max(least, now + job.tail);
  }
  return least;
}
