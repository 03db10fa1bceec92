import type { PlannedWeeks } from '@amber-ladle/core/plan';
import { useEventListener } from '@vueuse/core';
import { proxy, type Remote } from 'comlink';
import { jobsOf } from './beside';
import type { SentHousehold, WeeksJobs } from './weeks.worker';

const start = (): Worker => new Worker(new URL('./weeks.worker.ts', import.meta.url), { type: 'module' });

let asked: Remote<WeeksJobs> | undefined;
/** The worker that answers questions about a plan, while another may still search for a better one. */
export function weeksAsked(): Remote<WeeksJobs> {
  asked ??= jobsOf<WeeksJobs>(start());
  return asked;
}

interface Search {
  readonly worker: Worker;
  readonly jobs: Remote<WeeksJobs>;
  isBusy: boolean;
}
let search: Search | undefined;

/**
 * Searches for the weeks of a household beside the page. A search that is under way is given up: who wishes something new does
 * not want the old answer.
 * @param onBetter told of the first answer, and of each better one
 * @returns the best that was found in so many seconds; nothing where it was given up
 */
export async function searchWeeks(
  household: SentHousehold,
  seconds: number,
  onBetter: (better: PlannedWeeks) => void,
): Promise<PlannedWeeks | undefined> {
  if (search?.isBusy) stopSearch();
  if (!search) {
    const worker = start();
    search = { worker, jobs: jobsOf<WeeksJobs>(worker), isBusy: false };
  }
  const mine = search;
  mine.isBusy = true;
  const isMine = (): boolean => search === mine;
  return new Promise((resolve, reject) => {
    given.set(mine, () => {
      resolve(undefined);
    });
    mine.jobs
      .plan(
        household,
        seconds,
        proxy((better) => {
          if (isMine()) onBetter(better);
        }),
      )
      .then((best) => {
        mine.isBusy = false;
        resolve(isMine() ? best : undefined);
      }, reject);
  });
}
/** What lets go of a search that was given up: its worker answers no more. */
const given = new WeakMap<Search, () => void>();

/** Gives up the search that is under way. */
export function stopSearch(): void {
  if (!search) return;
  search.worker.terminate();
  given.get(search)?.();
  search = undefined;
}

// A page that is left may be kept asleep by the browser; one with a solver at work in it is not to be (Chromium falls over it).
useEventListener('pagehide', stopSearch);
