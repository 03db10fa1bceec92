import type { Remote } from 'comlink';
import { jobsOf } from './beside';
import type { Planning } from './planning.worker';

let shared: Remote<Planning> | undefined;

/** The worker that plans wash days; one for all screens. */
export function planning(): Remote<Planning> {
  shared ??= jobsOf<Planning>(new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }));
  return shared;
}
