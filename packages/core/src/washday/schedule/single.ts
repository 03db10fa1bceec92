import { forcedAfter, forcedBefore } from './edges';
import type { Lags } from './lags';
import { durationOf, rowOf, START, type DayProblem, type Task } from './problem';

/** A thing of which there is one: whoever wants it, wants it alone. Tasks by their number. */
export interface Single {
  readonly rows: readonly number[];
  /** For how long a task wants it. */
  readonly minutesOf: (task: number) => number;
}

/** The one pair of hands, and the ring where there is only one. */
export function oneAtATime({ tasks, rings }: DayProblem): readonly Single[] {
  const at = (i: number): Task => tasks[i] as Task;
  const all = tasks.map((_, i) => i);
  const hands = { rows: all.filter((i) => at(i).handsOnMinutes > 0), minutesOf: (i: number) => at(i).handsOnMinutes };
  if (rings > 1) return [hands];
  const pots = all.filter((i) => at(i).usesRing && durationOf(at(i)) > 0);
  return [hands, { rows: pots, minutesOf: (i: number) => durationOf(at(i)) }];
}

/** Puts in every order that the windows leave only one way. @returns false where no way is left */
export function settleForced(lags: Lags, singles: readonly Single[]): boolean {
  for (let isChanged = true; isChanged;) {
    isChanged = false;
    for (const single of singles) {
      if (!settlePairs(lags, single)) return false;
      const settled = settleSets(lags, single);
      if (settled === undefined) return false;
      isChanged ||= settled;
    }
  }
  return true;
}

function settlePairs(lags: Lags, { rows, minutesOf }: Single): boolean {
  for (let isChanged = true; isChanged;) {
    isChanged = false;
    for (const [k, i] of rows.entries())
      for (const j of rows.slice(k + 1)) {
        const [a, b, one, other] = [rowOf(i), rowOf(j), minutesOf(i), minutesOf(j)];
        if (lags.at(a, b) >= one || lags.at(b, a) >= other) continue;
        const canOne = lags.allows(a, b, one);
        if (canOne && lags.allows(b, a, other)) continue;
        if (!(canOne ? lags.add(a, b, one) : lags.add(b, a, other))) return false;
        isChanged = true;
      }
  }
  return true;
}

/** Orders of one task and several others. @returns true where one was put in, nothing where no way is left */
function settleSets(lags: Lags, { rows, minutesOf }: Single): boolean | undefined {
  const at = (k: number): number => rows[k] as number;
  const jobs = rows.map((i) => ({
    notBefore: lags.at(START, rowOf(i)),
    minutes: minutesOf(i),
    overBy: minutesOf(i) - lags.at(rowOf(i), START),
  }));
  const after = forcedAfter(jobs);
  const before = forcedBefore(jobs);
  if (!after || !before) return undefined;
  let isChanged = false;
  const put = (from: number, to: number, minutes: number): boolean => {
    if (lags.at(from, to) >= minutes) return true;
    isChanged = true;
    return lags.add(from, to, minutes);
  };
  for (const { job, others, notBefore } of after) {
    if (!put(START, rowOf(at(job)), notBefore)) return undefined;
    for (const k of others) if (!put(rowOf(at(k)), rowOf(at(job)), minutesOf(at(k)))) return undefined;
  }
  for (const { job, others } of before)
    for (const k of others) if (!put(rowOf(at(job)), rowOf(at(k)), minutesOf(at(job)))) return undefined;
  return isChanged;
}
