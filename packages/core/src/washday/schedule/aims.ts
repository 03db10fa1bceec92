import { handsBound } from './handsBound';
import { latestBound } from './latestBound';
import type { Lags } from './lags';
import { endRow, rowOf, START, type Task } from './problem';
import type { Aim } from './search';

/** As short as a day can be, whatever is fresh in it. */
export function shortAim(tasks: readonly Task[]): Aim {
  const end = endRow(tasks);
  return {
    starts: (lags) => tasks.map((_, i) => lags.at(START, rowOf(i))),
    cost: (lags) => Math.max(lags.at(START, end), handsBound(jobsOf(tasks, lags, end))),
    tighten: (lags, below) => lags.add(end, START, 1 - below),
  };
}

const jobsOf = (tasks: readonly Task[], lags: Lags, end: number) =>
  tasks.map(({ handsOnMinutes }, i) => ({
    notBefore: lags.at(START, rowOf(i)),
    minutes: handsOnMinutes,
    tail: lags.at(rowOf(i), end) - handsOnMinutes,
  }));

/** As late as fresh tasks can be within a day that is so long; nothing else is moved for it. */
export function lateAim(tasks: readonly Task[], endsAt: number): Aim {
  const fresh = tasks.flatMap(({ isFresh, fixedStart }, i) => (isFresh && fixedStart === undefined ? [rowOf(i)] : []));
  return {
    isForFresh: true,
    starts: (lags) => {
      const latest = fresh.map((row) => [row, -lags.at(row, START)] as const);
      return tasks.map((_, i) =>
        latest.reduce((least, [row, at]) => Math.max(least, at + lags.at(row, rowOf(i))), lags.at(START, rowOf(i))),
      );
    },
    cost: (lags) =>
      latestBound(
        fresh.map((row) => {
          const minutes = (tasks[row - 1] as Task).handsOnMinutes;
          return { overBeforeEnd: endsAt + lags.at(row, START) - minutes, minutes };
        }),
      ),
    // If all others are as late as they can be, this one must at least make up the rest.
    tighten: (lags, below) => {
      const early = fresh.map((row) => endsAt + lags.at(row, START));
      const all = early.reduce((sum, one) => sum + one, 0);
      return fresh.every((row, k) => lags.add(START, row, endsAt - (below - 1 - (all - (early[k] as number)))));
    },
  };
}
