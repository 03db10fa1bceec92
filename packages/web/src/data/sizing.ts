import type { Remote } from 'comlink';
import { jobsOf } from './beside';
import type { Sizing } from './sizing.worker';

let shared: Remote<Sizing> | undefined;

/** The worker that fits bowls; one for all screens. */
export function sizing(): Remote<Sizing> {
  shared ??= jobsOf<Sizing>(new Worker(new URL('./sizing.worker.ts', import.meta.url), { type: 'module' }));
  return shared;
}
