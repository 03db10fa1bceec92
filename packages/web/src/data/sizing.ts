import { wrap, type Remote } from 'comlink';
import type { Sizing } from './sizing.worker';

let shared: Remote<Sizing> | undefined;

/** The worker that fits bowls; one for all screens. */
export function sizing(): Remote<Sizing> {
  shared ??= wrap<Sizing>(new Worker(new URL('./sizing.worker.ts', import.meta.url), { type: 'module' }));
  return shared;
}

/** Plain data that a worker can be sent: reactive proxies cannot. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
