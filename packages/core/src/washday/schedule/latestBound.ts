/** A fresh piece of work, seen backwards from the end of the day. */
export interface LateJob {
  /** Minutes before the end at which it can be over at the latest. */
  readonly overBeforeEnd: number;
  readonly minutes: number;
}

/**
 * The least sum of minutes from the starts of fresh work to the end of the day, if the hands could break off at will:
 * backwards, what has least left to do goes first (shortest remaining processing time, optimal for the sum of
 * completion times with release dates and interruptions; Schrage 1968, from memory). Never more than the real least.
 */
export function latestBound(jobs: readonly LateJob[]): number {
  const byRelease = jobs
    .map((job) => ({ ...job, left: job.minutes }))
    .sort((a, b) => a.overBeforeEnd - b.overBeforeEnd);
  const there: (typeof byRelease)[number][] = [];
  let arrived = 0;
  let now = 0;
  let sum = 0;
  while (arrived < byRelease.length || there.length > 0) {
    if (there.length === 0) now = Math.max(now, (byRelease[arrived] as LateJob).overBeforeEnd);
    for (let next = byRelease[arrived]; next && next.overBeforeEnd <= now; next = byRelease[++arrived])
      there.push(next);
    const job = there.reduce((least, one) => (one.left < least.left ? one : least));
    const until = Math.min(now + job.left, byRelease[arrived]?.overBeforeEnd ?? Infinity);
    job.left -= until - now;
    now = until;
    if (job.left > 0) continue;
    there.splice(there.indexOf(job), 1);
    sum += now;
  }
  return sum;
}
